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
import tanah.core.design.Envelope;
import tanah.core.design.Lining;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.WallEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.LayerResult;
import tanah.core.scene.Scene;
import tanah.core.scene.SceneBuilder;
import tanah.core.scene.SideView;
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
        assertThat(Lining.of(lined(MILLIPEDE, Envelope.Face.LID, 0.06, true)).isEmpty())
                .isTrue();
        assertThat(Lining.of(Design.named("empty"))).isEqualTo(Lining.NONE);
    }

    /** 1219 × 457 mm with 6 cm of foam at the back and 10 cm of soil: 48.4 L where the glass would hold 55.7. */
    @Test
    void theFloorIsWhatIsLeft() {
        Lining foam = new Lining(0, 0, 0, 0.06);
        var glass = tanah.core.geometry.ConvexPolygon.rectangle(0, 0, 1.219, 0.457);
        assertThat(glass.area() * 0.10).isCloseTo(0.0557, within(1e-5));
        assertThat(foam.floor(glass, 1.219, 0.457).area() * 0.10).isCloseTo(0.0484, within(1e-5));
        assertThat(foam.length(1.219)).isEqualTo(1.219);
        assertThat(foam.width(0.457)).isCloseTo(0.397, within(1e-12));
    }

    @Test
    void theAnimalHasWhatIsLeft() {
        Evaluation bare = evaluate(MILLIPEDE);
        Evaluation foam = evaluate(lined(MILLIPEDE, Envelope.Face.BACK, 0.06, true));
        String animal = MILLIPEDE.animals().get(0).id();
        assertThat(foam.space().get(animal)).isNotEqualTo(bare.space().get(animal));
    }

    /** Sheets thicker than the box are a mistake that rules speak of, not a floor of nothing. */
    @ParameterizedTest
    @CsvSource({"0.44, 0.44", "0.43, 0.02", "0.5, 0.45"})
    void aFloorOfNothingIsTheWholeFloor(double back, double left) {
        Lining lining = new Lining(0, 0, 0, back);
        assertThat(lining.width(0.45)).isCloseTo(back <= 0.43 ? 0.45 - back : 0.45, within(1e-12));
        assertThat(left).isPositive();
    }

    @Test
    void itIsDrawnWhereItStands() {
        Design design = lined(lined(MILLIPEDE, Envelope.Face.LEFT, 0.05, true), Envelope.Face.BACK, 0.03, true);
        Evaluation e = evaluate(design);
        Vessel v = e.vessel().orElseThrow();
        Scene front = SceneBuilder.build(
                design, v, e.ground().orElseThrow(), Optional.empty(), e.animals(), 0, OptionalDouble.empty());
        assertThat(front.plan()).extracting(Scene.Area::part).contains("sheet-left", "sheet-back");
        assertThat(front.section())
                .extracting(Scene.Area::part)
                .contains("sheet-left")
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
