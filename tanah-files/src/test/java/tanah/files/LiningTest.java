package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Lining;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.WallEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.LayerResult;
import tanah.core.scene.Scene;
import tanah.core.scene.SceneBuilder;
import tanah.core.scene.SideView;
import tanah.core.structure.LiningRule;
import tanah.core.vessel.Vessel;
import tanah.files.catalogue.CatalogueReader;

/** A background inside a wall takes its floor from soil, water and animal; one outside takes nothing. */
class LiningTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1));
    private static final Design MILLIPEDE = Examples.read("giant-millipede-box");

    private static Design lined(Design design, Envelope.Face face, double thickness, boolean inside) {
        Design with = new WallEdit.AddSheet(face).apply(design, CONTEXT);
        List<Envelope.Insulation> all = with.vessel().orElseThrow().envelope().insulation();
        String id = all.get(all.size() - 1).id();
        Design thick = new WallEdit.ThickenSheet(id, thickness).apply(with, CONTEXT);
        return new WallEdit.TurnSheet(id, inside).apply(thick, CONTEXT);
    }

    private static Evaluation evaluate(Design design) {
        return Evaluator.evaluate(design, CATALOGUE);
    }

    private static LayerResult soil(Evaluation e) {
        return e.ground().orElseThrow().layer("soil").orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"BACK", "FRONT", "LEFT", "RIGHT"})
    void foamInsideTakesFloorAndSoil(Envelope.Face face) {
        Evaluation bare = evaluate(MILLIPEDE);
        Evaluation foam = evaluate(lined(MILLIPEDE, face, 0.06, true));
        Vessel v = bare.vessel().orElseThrow();
        boolean across = face == Envelope.Face.LEFT || face == Envelope.Face.RIGHT;
        double left = across ? (v.length() - 0.06) * v.width() : v.length() * (v.width() - 0.06);
        assertThat(soil(foam).shape().footprint()).isCloseTo(left, within(1e-9));
        assertThat(soil(foam).shape().volume())
                .isCloseTo(soil(bare).shape().volume() * left / (v.length() * v.width()), within(1e-9));
        assertThat(soil(foam).shape().meanDepth()).isCloseTo(soil(bare).shape().meanDepth(), within(1e-9));
        assertThat(foam.mass().orElseThrow().total())
                .isLessThan(bare.mass().orElseThrow().total());
    }

    @Test
    void aSheetOutsideTakesNothing() {
        Evaluation bare = evaluate(MILLIPEDE);
        Evaluation outside = evaluate(lined(MILLIPEDE, Envelope.Face.BACK, 0.06, false));
        assertThat(soil(outside).shape()).isEqualTo(soil(bare).shape());
        assertThat(outside.space()).isEqualTo(bare.space());
        assertThat(Lining.asDrawn(lined(MILLIPEDE, Envelope.Face.LID, 0.06, false))
                        .isEmpty())
                .isTrue();
        assertThat(Lining.asDrawn(Design.named("empty"))).isEqualTo(Lining.NONE);
    }

    /** 1219 × 457 mm with 6 cm of foam at the back and 10 cm of soil: 48.4 L where the glass would hold 55.7. */
    @Test
    void theFloorIsWhatIsLeft() {
        Vessel glass = box(1.219, 0.457, 0.50);
        Lining foam = new Lining(0, 0, 0, 0.06, 0, 0);
        assertThat(glass.outline().area() * 0.10).isCloseTo(0.0557, within(1e-5));
        assertThat(foam.floor(glass).area() * 0.10).isCloseTo(0.0484, within(1e-5));
        assertThat(foam.length(glass)).isEqualTo(1.219);
        assertThat(foam.width(glass)).isCloseTo(0.397, within(1e-12));
        assertThat(foam.room(glass)).isCloseTo(1.219 * 0.06 * 0.50, within(1e-12));
        Lining all = new Lining(0.01, 0.02, 0.03, 0.04, 0.05, 0.06);
        assertThat(all.room(glass)).isCloseTo(1.219 * 0.457 * 0.50 - 1.189 * 0.387 * 0.39, within(1e-12));
    }

    private static Vessel box(double length, double width, double height) {
        Vessel v = evaluate(MILLIPEDE).vessel().orElseThrow();
        ConvexPolygon floor = ConvexPolygon.rectangle(0, 0, length, width);
        return new Vessel(
                floor,
                floor.area(),
                length,
                width,
                height,
                height,
                OptionalDouble.empty(),
                Optional.empty(),
                v.emptyMass(),
                v.massBand(),
                v.massFrom());
    }

    /** A sheet under the ground lifts it: what was 15 cm over the base is the same soil, 4 cm higher. */
    @Test
    void aSheetUnderTheGroundLiftsIt() {
        Evaluation bare = evaluate(MILLIPEDE);
        Evaluation lifted = evaluate(lined(MILLIPEDE, Envelope.Face.BOTTOM, 0.04, true));
        assertThat(soil(lifted).shape().underside())
                .isCloseTo(soil(bare).shape().underside() + 0.04, within(1e-12));
        assertThat(lifted.space().get(MILLIPEDE.animals().get(0).id()))
                .isNotEqualTo(bare.space().get(MILLIPEDE.animals().get(0).id()));
    }

    @Test
    void theAnimalHasWhatIsLeft() {
        Evaluation bare = evaluate(MILLIPEDE);
        Evaluation foam = evaluate(lined(MILLIPEDE, Envelope.Face.BACK, 0.06, true));
        String animal = MILLIPEDE.animals().get(0).id();
        assertThat(foam.space().get(animal)).isNotEqualTo(bare.space().get(animal));
    }

    /** Below, at and above the 2 cm that have to be left. */
    @ParameterizedTest
    @CsvSource({"0.019, true", "0.0200001, false", "0.021, false", "-0.1, true"})
    void sheetsThatLeaveNoFloorStopThePlan(double left, boolean stopped) {
        Vessel v = evaluate(MILLIPEDE).vessel().orElseThrow();
        Design design = lined(MILLIPEDE, Envelope.Face.BACK, v.width() - left, true);
        Evaluation e = evaluate(design);
        assertThat(of(e, LiningRule.FULL)).hasSize(stopped ? 1 : 0);
        assertThat(Lining.of(design, v).isEmpty()).isEqualTo(stopped);
        if (stopped) {
            Finding f = of(e, LiningRule.FULL).get(0);
            assertThat(f.severity()).isEqualTo(Severity.STOP);
            assertThat(f.place().part()).isEqualTo("sheet-back");
            assertThat(f.remedies()).isNotEmpty();
            f.remedies()
                    .forEach(r -> assertThat(of(evaluate(pressed(design, r)), LiningRule.FULL))
                            .isEmpty());
        }
    }

    @Test
    void sheetsThatLeaveNoHeightStopThePlanToo() {
        Vessel v = evaluate(MILLIPEDE).vessel().orElseThrow();
        Design design = lined(MILLIPEDE, Envelope.Face.LID, v.height() - 0.01, true);
        assertThat(of(evaluate(design), LiningRule.FULL))
                .singleElement()
                .satisfies(f -> assertThat(f.place().part()).isEqualTo("sheet-lid"));
    }

    private static Design pressed(Design design, Remedy remedy) {
        return ((Edit) ((Remedy.Action.Press) remedy.action()).change()).apply(design, CONTEXT);
    }

    private static List<Finding> of(Evaluation e, RuleId rule) {
        return e.findings().stream().filter(f -> f.rule().equals(rule)).toList();
    }

    /** 5 mm may be let in; the button sets the piece free. */
    @ParameterizedTest
    @CsvSource({
        "LEFT, 0.004, 0",
        "LEFT, 0.0051, 1",
        "LEFT, 0.03, 1",
        "RIGHT, 0.03, 1",
        "FRONT, 0.03, 1",
        "BACK, 0.03, 1"
    })
    void aPieceInABackgroundIsToldOf(Envelope.Face face, double in, int notes) {
        Vessel v = evaluate(MILLIPEDE).vessel().orElseThrow();
        Design with = lined(withoutPieces(), face, 0.05, true);
        double x0 = face == Envelope.Face.LEFT ? 0.05 - in : face == Envelope.Face.RIGHT ? v.length() - 0.15 + in : 0.2;
        double y0 = face == Envelope.Face.FRONT ? 0.05 - in : face == Envelope.Face.BACK ? v.width() - 0.15 + in : 0.15;
        Design design = with.withHardscape(List.of(bark(x0, y0)));
        List<Finding> found = of(evaluate(design), LiningRule.PIECE);
        assertThat(found).hasSize(notes);
        if (notes > 0) {
            assertThat(found.get(0).measures().get(0).value()).isCloseTo(in, within(1e-9));
            Remedy free = found.get(0).remedies().get(0);
            assertThat(of(evaluate(pressed(design, free)), LiningRule.PIECE)).isEmpty();
        }
    }

    private static Design withoutPieces() {
        return MILLIPEDE.withHardscape(List.of());
    }

    private static HardscapeItem bark(double x, double y) {
        HardscapeItem any = MILLIPEDE.hardscape().get(0);
        return any.shaped(
                List.of(new Point(x, y), new Point(x + 0.1, y), new Point(x + 0.1, y + 0.1), new Point(x, y + 0.1)),
                0.05);
    }

    /** A lamp over the lid is free, the same one drawn in the foam is told of. */
    @Test
    void aDeviceInABackgroundIsToldOf() {
        Design frogs = Examples.read("mossy-frog-paludarium");
        Vessel v = evaluate(frogs).vessel().orElseThrow();
        Device one = frogs.devices().stream()
                .filter(d -> d.at().x().isPresent() && d.at().y().isPresent())
                .findFirst()
                .orElseThrow();
        Design foam = lined(frogs, Envelope.Face.LEFT, 0.05, true);
        for (double x : new double[] {0.02, 0.0551}) {
            for (double z : new double[] {v.height() / 2, v.height() + 0.05}) {
                Device there = one.withAt(Device.Spot.at(x, v.width() / 2, z));
                Evaluation e = evaluate(foam.withDevices(List.of(there)));
                assertThat(of(e, LiningRule.DEVICE)).hasSize(x < 0.05 && z < v.height() ? 1 : 0);
            }
        }
    }

    @Test
    void itIsDrawnWhereItStands() {
        Design walls = lined(lined(MILLIPEDE, Envelope.Face.LEFT, 0.05, true), Envelope.Face.BACK, 0.03, true);
        Design design = lined(walls, Envelope.Face.BOTTOM, 0.02, true);
        Evaluation e = evaluate(design);
        Vessel v = e.vessel().orElseThrow();
        Scene front = SceneBuilder.build(
                design, v, e.ground().orElseThrow(), Optional.empty(), e.animals(), 0, OptionalDouble.empty());
        assertThat(front.plan()).extracting(Scene.Area::part).contains("sheet-left", "sheet-back");
        assertThat(front.section())
                .extracting(Scene.Area::part)
                .contains("sheet-left", "sheet-bottom")
                .doesNotContain("sheet-back");
        Scene side = SideView.build(
                design, v, e.ground().orElseThrow(), Optional.empty(), e.animals(), 0, OptionalDouble.empty());
        assertThat(side.section())
                .extracting(Scene.Area::part)
                .contains("sheet-back")
                .doesNotContain("sheet-left");
        Scene.Area left = front.section().stream()
                .filter(a -> a.part().equals("sheet-left"))
                .findFirst()
                .orElseThrow();
        assertThat(left.points()).allMatch(p -> p.x() <= 0.05 + 1e-12);
        // nothing of the ground is drawn where the sheet stands
        front.section().stream()
                .filter(a -> a.part().equals("soil"))
                .flatMap(a -> a.points().stream())
                .forEach(p -> assertThat(p.x()).isGreaterThanOrEqualTo(0.05 - 1e-9));
    }
}
