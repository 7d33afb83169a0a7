package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.GroundResult;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.testing.WaterStub;

/** Pieces on soil, on glass, in water and between panes; stacks that tip. Limits below, at and above. */
class PieceRulesTest {
    private static final OptionalDouble UNSAID = OptionalDouble.empty();

    private static HardscapeItem piece(String id, double base, double height, double mass, Fixing fixing) {
        return new HardscapeItem(
                id,
                Optional.empty(),
                Optional.of("stone"),
                Optional.empty(),
                ConvexPolygon.rectangle(0.2, 0.2, 0.4, 0.3).corners(),
                OptionalDouble.of(base),
                height,
                UNSAID,
                UNSAID,
                OptionalDouble.of(mass),
                Optional.of(false),
                fixing,
                Optional.empty(),
                OtherFields.NONE);
    }

    private static Design plan(HardscapeItem... pieces) {
        return TestDesigns.box(1, 0.5, 0.5, TestDesigns.soil("sand_play", 0.1)).withHardscape(List.of(pieces));
    }

    private static Optional<Finding> of(Design d, GroundResult ground, boolean digs, RuleId rule) {
        return PieceRules.judge(d, ground, digs, TestMedia.catalogue()).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    private static Optional<Finding> of(HardscapeItem piece, RuleId rule) {
        Design d = plan(piece);
        return of(d, TestDesigns.ground(d), true, rule);
    }

    // ---- half a kilogram on soil hurts what digs under it

    @ParameterizedTest
    @CsvSource({"0.499, false", "0.5, true", "0.501, true"})
    void aHeavyStoneOnSoilIsAStopForDiggers(double mass, boolean stops) {
        Optional<Finding> f = of(piece("s", 0.1, 0.1, mass, Fixing.UNSAID), PieceRules.ON_SOIL);
        assertThat(f.isPresent()).isEqualTo(stops);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.STOP);
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("stand-on-base", "fixed-plate");
        });
    }

    @Test
    void whatDoesNotDigOrIsNoStoneIsSpared() {
        Design d = plan(piece("s", 0.1, 0.1, 5, Fixing.UNSAID));
        assertThat(of(d, TestDesigns.ground(d), false, PieceRules.ON_SOIL)).isEmpty();
        Design wood = plan(piece("s", 0.1, 0.1, 5, Fixing.UNSAID).madeOf("wood", "cork_bark"));
        assertThat(of(wood, TestDesigns.ground(wood), true, PieceRules.ON_SOIL)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.0049, BASE", "0.0051, SOIL", "0.119, SOIL", "0.121, PLATE"})
    void whereAPieceStands(double base, Fixing.Support support) {
        Design d = plan();
        assertThat(PieceRules.support(piece("s", base, 0.1, 1, Fixing.UNSAID), TestDesigns.ground(d)))
                .isEqualTo(support);
        assertThat(PieceRules.support(
                        piece("s", base, 0.1, 1, Fixing.UNSAID.withSupport(Fixing.Support.PLATE)),
                        TestDesigns.ground(d)))
                .as("what is said holds")
                .isEqualTo(Fixing.Support.PLATE);
    }

    // ---- 20 kPa on bare glass: on 4 cm² that is 0.816 kg

    @ParameterizedTest
    @CsvSource({"0.815, GOOD", "0.817, CAUTION"})
    void aStoneOnBareGlassIsPadded(double mass, Severity severity) {
        Finding f = of(piece("s", 0, 0.2, mass, Fixing.UNSAID), PieceRules.BARE_GLASS)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("pressure").value()).isCloseTo(mass * 9.81 / 4e-4, within(20.0));
        if (severity == Severity.CAUTION) {
            assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(0.001, within(1e-9));
        }
    }

    @Test
    void aPadOrAGivenContactCounts() {
        double mass = 5;
        assertThat(of(piece("s", 0, 0.2, mass, Fixing.UNSAID.withPad(OptionalDouble.of(0.0025))), PieceRules.BARE_GLASS)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
        assertThat(of(piece("s", 0, 0.2, mass, Fixing.UNSAID.withPad(OptionalDouble.of(0.0024))), PieceRules.BARE_GLASS)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.CAUTION);
        Fixing contact = new Fixing(
                Optional.of(Fixing.Support.BASE), UNSAID, OptionalDouble.of(0.0025), UNSAID, UNSAID, UNSAID, UNSAID);
        assertThat(of(piece("s", 0.1, 0.2, mass, contact), PieceRules.BARE_GLASS)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
    }

    // ---- what floats; a piece of 2 l of which the part under water lifts

    private static Optional<Finding> floating(double base, double mass, OptionalDouble anchor) {
        HardscapeItem p =
                piece("s", base, 0.1, mass, Fixing.UNSAID.withAnchor(anchor)).inWater(true);
        return of(plan(p), new WaterStub().level(0.1).ground(), false, PieceRules.FLOATS);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1.99, true", "0, 2.01, false",
        // half under water: 1 l
        "0.05, 0.99, true", "0.05, 1.01, false",
        // above the water
        "0.1, 0.01, false"
    })
    void aPieceLighterThanItsWaterFloats(double base, double mass, boolean floats) {
        assertThat(floating(base, mass, UNSAID).isPresent()).isEqualTo(floats);
    }

    @Test
    void anAnchorHoldsWhatItMust() {
        Finding f = floating(0, 1, UNSAID).orElseThrow();
        double needed = f.measure("anchor").value();
        assertThat(needed).isGreaterThan(1);
        assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(Math.ceil(needed * 10) / 10, within(1e-9));
        assertThat(floating(0, 1, OptionalDouble.of(needed))).isEmpty();
        assertThat(floating(0, 1, OptionalDouble.of(needed - 0.01))).isPresent();
    }

    // ---- wood that swells by 3 % between panes

    private static Fixing wedged(double gap, double length, OptionalDouble swelling) {
        return new Fixing(
                Optional.empty(), UNSAID, UNSAID, UNSAID, OptionalDouble.of(gap), OptionalDouble.of(length), swelling);
    }

    @ParameterizedTest
    @CsvSource({"0.31, 0.30, , false", "0.309, 0.3001, , true", "0.31, 0.30, 0.04, true", "0.31, 0.30, 0.03, false"})
    void woodBetweenPanesHasRoomToSwell(double gap, double length, Double swelling, boolean stops) {
        OptionalDouble own = swelling == null ? UNSAID : OptionalDouble.of(swelling);
        Optional<Finding> f = of(piece("s", 0.2, 0.1, 1, wedged(gap, length, own)), PieceRules.WEDGED);
        assertThat(f.isPresent()).isEqualTo(stops);
        f.ifPresent(x -> assertThat(x.severity()).isEqualTo(Severity.STOP));
    }

    // ---- a piece on a piece

    private static HardscapeItem on(String id, double x0, double x1, double base, double height, double mass) {
        return piece(id, base, height, mass, Fixing.UNSAID)
                .shaped(ConvexPolygon.rectangle(x0, 0.2, x1, 0.4).corners(), height);
    }

    private static Optional<Finding> rests(double animal, HardscapeItem... pieces) {
        return RestRule.judge(plan(pieces), animal, TestMedia.catalogue()).stream()
                .findFirst();
    }

    /** A slab of 20 cm on a block of which more and more is drawn away from under it. */
    @ParameterizedTest
    @CsvSource({
        // right edge of the block under a slab from 0.2 to 0.4 with its middle at 0.3
        "0.299, STOP",
        "0.300, STOP",
        "0.302, CAUTION",
        "0.304, GOOD",
        "0.4, GOOD"
    })
    void aSlabLiesOnMoreThanItsMiddle(double edge, Severity severity) {
        Finding f = rests(0, on("block", 0.1, edge, 0.1, 0.1, 5), on("slab", 0.2, 0.4, 0.2, 0.04, 2))
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.rule()).isEqualTo(severity == Severity.GOOD ? RestRule.STAYS : RestRule.TIPS);
        double e = Math.min(edge - 0.3, 0.1);
        if (severity == Severity.STOP) {
            assertThat(f.variant()).isEqualTo("off");
            assertThat(f.measure("out").value()).isCloseTo(Math.max(0, -e), within(1e-9));
        } else {
            assertThat(f.measure("edge").value()).isCloseTo(e, within(1e-9));
            assertThat(f.measure("tilt").value()).isCloseTo(Math.atan2(e, 0.02), within(1e-9));
        }
    }

    /**
     * derived: lever of 2 kg at 5 cm inside the edge against an animal at the end 5 cm outside, with a push of half its weight at a
     * height of 4 cm: 2 x 0.05 / (m x (0.05 + 0.02)).
     */
    @ParameterizedTest
    @CsvSource({"1.43, STOP", "1.42, CAUTION", "0.953, CAUTION", "0.952, GOOD"})
    void anAnimalOnTheEdgeDoesNotTipIt(double animal, Severity severity) {
        Finding f = rests(animal, on("block", 0.1, 0.35, 0.1, 0.1, 5), on("slab", 0.2, 0.4, 0.2, 0.04, 2))
                .orElseThrow();
        if (severity != Severity.GOOD) {
            assertThat(f.measure("safety").value()).isCloseTo(2 * 0.05 / (animal * 0.07), within(1e-9));
        }
        assertThat(f.severity()).isEqualTo(severity);
    }

    @ParameterizedTest
    @CsvSource({"0.191, true", "0.189, false", "0.209, true", "0.211, false"})
    void aPieceRestsOnWhatItTouches(double base, boolean rests) {
        assertThat(rests(0, on("block", 0.1, 0.4, 0.1, 0.1, 5), on("slab", 0.2, 0.4, base, 0.04, 2))
                        .isPresent())
                .isEqualTo(rests);
    }

    @Test
    void twoFeetCarryWhatNeitherCarriesAlone() {
        Finding f = rests(
                        0,
                        on("left", 0.1, 0.22, 0.1, 0.1, 5),
                        on("right", 0.38, 0.5, 0.1, 0.1, 5),
                        on("slab", 0.2, 0.4, 0.2, 0.04, 2))
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.GOOD);
        assertThat(f.measure("edge").value()).isCloseTo(0.1, within(1e-9));
    }

    @Test
    void aPieceOnTheGroundRestsOnNothingElse() {
        assertThat(rests(0, on("a", 0.1, 0.3, 0, 0.005, 5), on("b", 0.2, 0.4, 0.005, 0.04, 2)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({", true", "WALL, false", "PLATE, true"})
    void aPieceHeldByAWallDoesNotTipOverWhatItTouches(Fixing.Support support, boolean judged) {
        Fixing fixing = support == null ? Fixing.UNSAID : Fixing.UNSAID.withSupport(support);
        HardscapeItem slab = piece("slab", 0.2, 0.04, 2, fixing);
        assertThat(rests(0, on("block", 0.1, 0.25, 0.1, 0.1, 5), slab).isPresent())
                .isEqualTo(judged);
    }

    // ---- what lies on a piece that would float holds it down

    /** derived: 4 l of foam of 60 g lift 3.94 kg; 1.5 times that holds it. */
    private static Optional<Finding> under(double rock, double share) {
        HardscapeItem foam = on("foam", 0.2, 0.4, 0, 0.1, 0.06);
        HardscapeItem other = on("other", 0.4, 0.6, 0, 0.1, 9);
        HardscapeItem above = on("rock", 0.4 - 0.2 * share, 0.6 - 0.2 * share, 0.1, 0.1, rock);
        Design d = plan(foam.inWater(true), other, above);
        return of(d, new WaterStub().level(0.1).ground(), false, PieceRules.FLOATS)
                .filter(f -> f.place().part().equals("foam"));
    }

    @ParameterizedTest
    @CsvSource({
        // the whole rock on the foam, above the water: 1.5 x 3.94
        "5.90, 1, true", "5.92, 1, false",
        // half of it beside
        "11.81, 0.5, true", "11.83, 0.5, false",
        // beside it
        "9, 0, true"
    })
    void aRockHoldsFoamDown(double rock, double share, boolean floats) {
        assertThat(under(rock, share).isPresent()).isEqualTo(floats);
    }

    // ---- pieces out of the box; it is 1 m by 50 cm by 50 cm

    private static List<Finding> fit(HardscapeItem piece, String lid) {
        Design d = plan(piece);
        Design covered =
                d.withVessel(d.vessel().orElseThrow().withLid(VesselPlan.Lid.UNSAID.withMaterial(Optional.of(lid))));
        return FitRule.judge(covered, TestDesigns.vessel(covered));
    }

    @ParameterizedTest
    @CsvSource({
        "0.2, 0.1, 0.399, ",
        "0.2, 0.1, 0.4, ",
        "0.2, 0.1, 0.4015, lid",
        "0.9, 0.1, 0.1, ",
        "0.9015, 0.1, 0.1, side",
        "-0.0015, 0.1, 0.1, side"
    })
    void aPieceIsInTheBox(double left, double height, double base, String out) {
        HardscapeItem p = piece("s", base, height, 1, Fixing.UNSAID)
                .shaped(ConvexPolygon.rectangle(left, 0.2, left + 0.1, 0.3).corners(), height);
        List<Finding> found = fit(p, "glass");
        assertThat(found).hasSize(out == null ? 0 : 1);
        found.forEach(f -> {
            assertThat(f.severity()).isEqualTo(Severity.STOP);
            assertThat(f.measure("over").value()).isCloseTo(0.0015, within(1e-9));
            assertThat(f.variant()).isEqualTo(out.equals("lid") ? "lid" : "");
        });
        assertThat(fit(p, "none")).hasSize("side".equals(out) ? 1 : 0);
    }

    @Test
    void aPieceThroughTheLidIsSetLowerIfItCan() {
        HardscapeItem high = piece("s", 0.45, 0.1, 1, Fixing.UNSAID);
        Finding f = fit(high, "glass").get(0);
        assertThat(f.remedies()).extracting(Remedy::key).containsExactly("set-lower", "move-inside");
        HardscapeItem tall = piece("s", 0.01, 0.6, 1, Fixing.UNSAID);
        assertThat(fit(tall, "glass").get(0).remedies()).extracting(Remedy::key).containsExactly("move-inside");
    }
}
