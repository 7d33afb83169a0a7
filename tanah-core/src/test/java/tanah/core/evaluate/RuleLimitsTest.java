package tanah.core.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.animal.BaskingPlaceRule;
import tanah.core.animal.Company;
import tanah.core.animal.GapRule;
import tanah.core.animal.GroupRule;
import tanah.core.animal.HideRule;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.WayOutRule;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.Resident;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.geometry.Point;
import tanah.core.ground.MinDepthRule;
import tanah.core.structure.FloorRule;
import tanah.core.structure.MassResult;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.testing.TestSpecies;
import tanah.core.vessel.Vessel;

/** Rules whose constant decides a verdict, each below, at and above it. */
class RuleLimitsTest {
    private static final OptionalDouble UNSAID = OptionalDouble.empty();

    private static Inhabitant animal(Species s) {
        return new Inhabitant(Resident.one("a", s.id()), s, s);
    }

    private static HardscapeItem piece(String id, double x0, double y0, double x1, double y1, OtherFields kept) {
        return new HardscapeItem(
                id,
                Optional.empty(),
                Optional.of("stone"),
                Optional.empty(),
                List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)),
                OptionalDouble.of(0),
                0.1,
                UNSAID,
                UNSAID,
                UNSAID,
                Optional.of(true),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                kept);
    }

    private static Design box() {
        return TestDesigns.box(1.2, 0.6, 0.6, TestDesigns.soil("sand_play", 0.1));
    }

    private static Design vented(double height, double open) {
        Envelope.Vent vent = new Envelope.Vent(
                "v",
                Envelope.Face.LEFT,
                UNSAID,
                UNSAID,
                UNSAID,
                UNSAID,
                UNSAID,
                OptionalDouble.of(0.002),
                OptionalDouble.of(height),
                OptionalDouble.of(open));
        Design d = box();
        VesselPlan plan = d.vessel().orElseThrow();
        return d.withVessel(plan.withEnvelope(new Envelope(
                List.of(vent), plan.envelope().insulation(), plan.envelope().panes(), UNSAID)));
    }

    private static Optional<Severity> worst(List<Finding> findings, Object rule) {
        return findings.stream()
                .filter(f -> f.rule().equals(rule))
                .map(Finding::severity)
                .min(Collections.reverseOrder(Collections.reverseOrder()));
    }

    // ---- ways out: 12 mm is the limit of a grown one, 0.6 of it of a young reptile

    @ParameterizedTest
    @CsvSource({
        "0.0119, 1, 1, ",
        "0.0120, 1, 1, STOP",
        "0.0121, 1, 1, STOP",
        "0.0121, 0.98, 1, CAUTION",
        "0.0121, 0.99, 1, STOP",
        "0.0071, 1, 0.59, ",
        "0.0073, 1, 0.59, STOP",
        "0.0073, 1, 0.60, "
    })
    void anOpeningLetsOutWhatFitsThrough(double height, double open, double grown, Severity severity) {
        Species s = TestSpecies.lizard().with("gap_limit_mm", 12);
        Resident r = new Resident(
                "a",
                s.id(),
                1,
                OptionalInt.empty(),
                UNSAID,
                OptionalDouble.of(grown * s.growthLengthAdult()),
                UNSAID,
                Optional.empty(),
                List.of());
        Design d = vented(height, open);
        List<Finding> findings = WayOutRule.judge(new Inhabitant(r, s, s), d, TestMedia.catalogue());
        assertThat(worst(findings, WayOutRule.LETS_OUT)).isEqualTo(Optional.ofNullable(severity));
    }

    // ---- gaps: an animal is held in one of 0.7 to 1.15 of its rigid width that is longer than half its body

    @ParameterizedTest
    @CsvSource({
        "0.69, 0.1, , ",
        "0.71, 0.1, -1, CAUTION",
        "1.14, 0.1, -1, CAUTION",
        "1.16, 0.1, -1, ",
        "1.0, 0.049, -1, ",
        "1.0, 0.051, -1, CAUTION",
        "1.0, 0.1, 0.05, STOP"
    })
    void aGapHoldsWhatIsAboutAsWide(double widths, double along, Double water, Severity severity) {
        Species s = TestSpecies.lizard(); // 10 cm long
        double rigid = tanah.core.animal.BodyMeasures.of(s, 1).rigid();
        Design d = box().withHardscape(List.of(
                piece("one", 0.3, 0.2, 0.4, 0.2 + along, OtherFields.NONE),
                piece("two", 0.4 + widths * rigid, 0.2, 0.6, 0.2 + along, OtherFields.NONE)));
        OptionalDouble level = water == null || water < 0 ? UNSAID : OptionalDouble.of(water);
        assertThat(worst(GapRule.judge(animal(s), d, TestDesigns.vessel(d), level), GapRule.TRAPS))
                .isEqualTo(Optional.ofNullable(severity));
    }

    /** One stone near each pane in turn, the gap as wide as the animal; and one beside another from front to back. */
    @ParameterizedTest
    @CsvSource({"left", "right", "front", "back", "behind", "before"})
    void aGapIsFoundOnEachSide(String side) {
        Species s = TestSpecies.lizard();
        double wide = tanah.core.animal.BodyMeasures.of(s, 1).rigid();
        double x = side.equals("left") ? wide : side.equals("right") ? 1.2 - wide - 0.2 : 0.4;
        double y = side.equals("front") ? wide : side.equals("back") ? 0.6 - wide - 0.1 : 0.25;
        List<HardscapeItem> pieces = new java.util.ArrayList<>();
        pieces.add(piece("one", x, y, x + 0.2, y + 0.1, OtherFields.NONE));
        if (side.equals("behind")) {
            pieces.add(piece("two", x, y + 0.1 + wide, x + 0.2, y + 0.15 + wide, OtherFields.NONE));
        } else if (side.equals("before")) {
            pieces.add(piece("two", x, y - wide - 0.05, x + 0.2, y - wide, OtherFields.NONE));
        }
        Design d = box().withHardscape(pieces);
        Finding f = GapRule.judge(animal(s), d, TestDesigns.vessel(d), UNSAID).get(0);
        assertThat(f.measure("gap").value()).isCloseTo(wide, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(f.measure("narrow").value()).isCloseTo(0.7 * wide, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(f.measure("wide").value()).isCloseTo(1.15 * wide, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(f.variant()).isEmpty();
    }

    @Test
    void nothingRigidIsHeldInAGap() {
        Design d = box().withHardscape(List.of(piece("one", 0.3, 0.2, 0.4, 0.3, OtherFields.NONE)));
        Inhabitant millipede = animal(TestSpecies.millipede());
        assertThat(GapRule.judge(millipede, d, TestDesigns.vessel(d), UNSAID)).isEmpty();
    }

    // ---- hides, basking place

    @ParameterizedTest
    @CsvSource({"0, CAUTION", "1, CAUTION", "2, GOOD", "3, GOOD"})
    void hidesAreCounted(int there, Severity severity) {
        Species s = TestSpecies.lizard().with("hides_cool", 2);
        List<HardscapeItem> pieces = java.util.stream.IntStream.range(0, there)
                .mapToObj(i -> piece("h" + i, 0.1 * i, 0, 0.1 * i + 0.05, 0.1, OtherFields.NONE)
                        .asHide(Optional.of(new HardscapeItem.Hide("cool", OtherFields.NONE))))
                .toList();
        List<Finding> findings = HideRule.judge(animal(s), box().withHardscape(pieces));
        assertThat(findings).hasSize(1);
        assertThat(findings.get(0).severity()).isEqualTo(severity);
        assertThat(findings.get(0).measure("there").value()).isEqualTo(there);
    }

    @ParameterizedTest
    @CsvSource({"-0.001, 0, CAUTION", "0, 0, GOOD", "0.001, 0, GOOD", "0, -0.001, CAUTION", "0, 0.001, GOOD"})
    void aBaskingPlaceHoldsTheAnimal(double longer, double wider, Severity severity) {
        Species s = TestSpecies.lizard();
        double patch = tanah.core.animal.BodyMeasures.of(s, 1).patch();
        double wide = tanah.core.animal.BodyMeasures.PATCH_WIDTH * patch;
        HardscapeItem slab =
                piece("slab", 0, 0, patch + longer, wide + wider, new OtherFields(Map.of("basking", true)));
        assertThat(BaskingPlaceRule.judge(animal(s), box().withHardscape(List.of(slab)))
                        .orElseThrow()
                        .severity())
                .isEqualTo(severity);
        assertThat(BaskingPlaceRule.judge(animal(s), box()))
                .as("none is planned")
                .isEmpty();
    }

    // ---- groups without a number of males

    @Test
    void whoHasNotSaidHowManyMalesThereAreIsNotToldHowManyAreLeft() {
        Species frog = TestSpecies.frog();
        Finding many = GroupRule.judge(new Company(List.of(TestSpecies.inhabitant(frog, 20)))).stream()
                .filter(f -> f.rule().equals(GroupRule.GROUP))
                .findFirst()
                .orElseThrow();
        Design d = box().withAnimals(List.of(TestSpecies.inhabitant(frog, 20).resident()));
        Design fewer = tanah.core.design.edit.Edit.take(
                many.remedies().get(0),
                d,
                new tanah.core.design.edit.EditContext(
                        tanah.core.testing.TestMedia.catalogue(), java.time.LocalDate.of(2026, 1, 1)));
        assertThat(fewer.animals().get(0).count()).isLessThan(20);
        assertThat(fewer.animals().get(0).males()).isEmpty();
    }

    // ---- depth that a layer needs

    @ParameterizedTest
    @CsvSource({"0.099, CAUTION", "0.100, GOOD", "0.101, GOOD"})
    void aLayerIsAsDeepAsItNeeds(double depth, Severity severity) {
        tanah.core.design.Layer soil = TestDesigns.soil("sand_play", depth);
        tanah.core.design.Layer needing = soil.withOptions(soil.options().withNeedsMinDepth(OptionalDouble.of(0.1)));
        Design d = TestDesigns.box(1.2, 0.6, 0.6, needing);
        assertThat(MinDepthRule.judge(needing, TestDesigns.ground(d))
                        .orElseThrow()
                        .severity())
                .isEqualTo(severity);
    }

    // ---- floor of a house: over 2 kN and over 1.5 kPa, a hint to 4 kN, a caution to 8 kN, then a stop

    @ParameterizedTest
    @CsvSource({
        "203.9, 0.10, GOOD",
        "204.0, 0.10, HINT",
        "204.0, 2.00, GOOD",
        "407.8, 0.10, HINT",
        "408.0, 0.10, CAUTION",
        "815.7, 0.10, CAUTION",
        "815.9, 0.10, STOP"
    })
    void aFloorBearsSoMuch(double mass, double area, Severity severity) {
        Design d = TestDesigns.box(area / 0.5, 0.5, 0.5, TestDesigns.soil("sand_play", 0.1));
        Vessel vessel = TestDesigns.vessel(d);
        MassResult m =
                new MassResult(0, 0, 0, 0, 0, 0, 0, 0, mass, new Range(mass, mass), OptionalDouble.empty(), List.of());
        assertThat(FloorRule.judge(d, vessel, m).orElseThrow().severity()).isEqualTo(severity);
    }
}
