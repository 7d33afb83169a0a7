package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.design.Envelope.Face;
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
                Optional.empty(),
                OtherFields.NONE);
    }

    private static Design plan(HardscapeItem... pieces) {
        return TestDesigns.box(1, 0.5, 0.5, TestDesigns.soil("sand_play", 0.1)).withHardscape(List.of(pieces));
    }

    private static Optional<Finding> of(Design d, GroundResult ground, boolean digs, RuleId rule) {
        return of(d, ground, Optional.empty(), digs, rule);
    }

    private static Optional<Finding> of(
            Design d, GroundResult ground, Optional<PaneResult> panes, boolean digs, RuleId rule) {
        return PieceRules.judge(d, TestDesigns.vessel(d), ground, panes, digs, TestMedia.catalogue()).stream()
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

    private static PaneResult bowing(double front, double side) {
        PaneResult.Held across = held(front);
        PaneResult.Held deep = held(side);
        return new PaneResult(
                1000,
                0.3,
                Map.of(Face.FRONT, across, Face.BACK, across, Face.LEFT, deep, Face.RIGHT, deep),
                Optional.empty(),
                Optional.empty());
    }

    private static PaneResult.Held held(double bow) {
        return new PaneResult.Held(new PanePlate.Result(1e6, bow), 0.006, new Allowed(6e6, 15e6));
    }

    /** Both panes bow: twice the bow is what a wedge that just fits loses. The box is 1 m long and 0.5 m deep. */
    @ParameterizedTest
    @CsvSource({
        "0.5, 0.00024, 0, false",
        "0.5, 0.00026, 0, true",
        "0.5, 0, 0.01, false",
        "1.0, 0.01, 0, false",
        "1.0, 0, 0.00026, true"
    })
    void aWedgeLosesWhatThePanesBow(double gap, double front, double side, boolean said) {
        Design d = plan(piece("s", 0.2, 0.1, 1, wedged(gap, gap - 0.0001, OptionalDouble.of(0))));
        Optional<Finding> f = of(d, TestDesigns.ground(d), Optional.of(bowing(front, side)), true, PieceRules.WEDGED);
        assertThat(f.map(Finding::variant)).isEqualTo(said ? Optional.of("loose") : Optional.empty());
        f.ifPresent(x -> assertThat(x.measure("apart").value()).isCloseTo(2 * Math.max(front, side), within(1e-12)));
    }

    // ---- a piece on a piece

    private static HardscapeItem on(String id, double x0, double x1, double base, double height, double mass) {
        return piece(id, base, height, mass, Fixing.UNSAID)
                .shaped(ConvexPolygon.rectangle(x0, 0.2, x1, 0.4).corners(), height);
    }

    private static Optional<Finding> rests(double animal, HardscapeItem... pieces) {
        String last = pieces[pieces.length - 1].id();
        return judged(animal, pieces).stream()
                .filter(f -> f.place().part().equals(last))
                .findFirst();
    }

    private static List<Finding> judged(double animal, HardscapeItem... pieces) {
        Design d = plan(pieces);
        return RestRule.judge(d, TestDesigns.ground(d), animal, TestMedia.catalogue());
    }

    /**
     * derived: slabs of 2 kg, each 6 cm further out than the one below, on a block from 0.1 to 0.3: one stands 9 cm inside its edge, the
     * middle of two at 0.27 3 cm inside the block's, of three at 0.30 on it, though each slab lies safely on the next.
     */
    @ParameterizedTest
    @CsvSource({"1, GOOD", "2, GOOD", "3, STOP"})
    void aTowerTipsAsAWhole(int slabs, Severity severity) {
        HardscapeItem[] all = new HardscapeItem[slabs + 1];
        all[0] = on("block", 0.1, 0.3, 0.1, 0.1, 50);
        for (int i = 1; i <= slabs; i++) {
            double x = 0.08 + 0.06 * i;
            all[i] = on("slab" + i, x, x + 0.2, 0.2 + 0.04 * (i - 1), 0.04, 2);
        }
        List<Finding> found = judged(0, all);
        Finding lowest = found.stream()
                .filter(f -> f.place().part().equals("slab1"))
                .findFirst()
                .orElseThrow();
        assertThat(lowest.severity()).isEqualTo(severity);
        found.stream()
                .filter(f -> f.place().part().equals("slab" + slabs))
                .forEach(f -> assertThat(f.severity()).isEqualTo(slabs == 1 ? severity : Severity.GOOD));
    }

    /** A tower of stones on soil, 8 cm wide; on the base the same leans by more than 10 degrees before it falls. */
    @ParameterizedTest
    @CsvSource({
        "0.1, 0.08, 5, false",
        "0.1, 0.0801, 5, true",
        "0.1, 0.26, 5, true",
        "0.1, 0.26, 0.499, false",
        "0, 0.26, 5, false"
    })
    void aTowerOnSoilIsNoHigherThanWide(double base, double height, double mass, boolean said) {
        HardscapeItem tower = piece("t", base, height, mass, Fixing.UNSAID)
                .shaped(ConvexPolygon.rectangle(0.2, 0.2, 0.28, 0.28).corners(), height);
        Optional<Finding> f = rests(0, tower);
        assertThat(f.map(Finding::variant)).isEqualTo(said ? Optional.of("soil") : Optional.empty());
        f.ifPresent(x -> assertThat(x.measure("high").value()).isCloseTo(height, within(1e-12)));
    }

    /** derived: 4 cm inside, the middle at 13 cm: 17 degrees; at 46 cm height it is 9.9. */
    @ParameterizedTest
    @CsvSource({"0.45, false", "0.46, true"})
    void aTowerOnTheBaseLeansTenDegrees(double height, boolean said) {
        HardscapeItem tower = piece("t", 0, height, 5, Fixing.UNSAID)
                .shaped(ConvexPolygon.rectangle(0.2, 0.2, 0.28, 0.28).corners(), height);
        assertThat(rests(0, tower).isPresent()).isEqualTo(said);
    }

    // ---- stacks block by block

    private static Finding stack(double out, boolean bonded) {
        Map<String, Object> low = Map.of(
                "x_cm",
                new BigDecimal(20),
                "y_cm",
                new BigDecimal(20),
                "l_cm",
                new BigDecimal(20),
                "w_cm",
                new BigDecimal(20),
                "h_cm",
                new BigDecimal(10),
                "mass_kg",
                new BigDecimal(10));
        Map<String, Object> high = Map.of(
                "x_cm",
                new BigDecimal(20 + out),
                "y_cm",
                new BigDecimal(20),
                "l_cm",
                new BigDecimal(20),
                "w_cm",
                new BigDecimal(20),
                "h_cm",
                new BigDecimal(10),
                "mass_kg",
                new BigDecimal(10));
        Map<String, Object> stack = Map.of("blocks", List.of(low, high), "bonded", bonded);
        Design d = plan().withKept(new OtherFields(Map.of("stacks", List.of(stack))));
        assertThat(StackRule.isIncomplete(d, TestMedia.catalogue())).isFalse();
        return StackRule.judge(d, 0, TestMedia.catalogue()).get(0);
    }

    /** derived: the upper block's middle stands at the edge of the contact when it is 10 cm out; at 9 it is 1 cm inside, 11 degrees. */
    @ParameterizedTest
    @CsvSource({"9, false, GOOD", "9.5, false, CAUTION", "10, false, STOP", "11, false, STOP", "11, true, GOOD"})
    void aStackIsJudgedJointByJoint(double out, boolean bonded, Severity severity) {
        assertThat(stack(out, bonded).severity()).isEqualTo(severity);
    }

    @Test
    void aStackWithABlockOfUnknownMassIsNotJudged() {
        Map<String, Object> block = Map.of("x_cm", new BigDecimal(20), "y_cm", new BigDecimal(20));
        Design d = plan().withKept(new OtherFields(Map.of("stacks", List.of(Map.of("blocks", List.of(block))))));
        assertThat(StackRule.judge(d, 0, TestMedia.catalogue())).isEmpty();
        assertThat(StackRule.isIncomplete(d, TestMedia.catalogue())).isTrue();
    }

    /** A block that names a piece is as large and as heavy as that. */
    @Test
    void aStackOfPieces() {
        Map<String, Object> block = Map.of("hardscape", "t");
        Design d = plan(piece("t", 0, 0.1, 5, Fixing.UNSAID))
                .withKept(new OtherFields(Map.of("stacks", List.of(Map.of("blocks", List.of(block))))));
        Finding f = StackRule.judge(d, 0, TestMedia.catalogue()).get(0);
        assertThat(f.measure("edge").value()).isCloseTo(0.05, within(1e-9));
        assertThat(f.severity()).isEqualTo(Severity.GOOD);
    }

    // ---- what hangs at a wall

    /** derived: 6 kg at 7 kPa take 84.1 cm². */
    @ParameterizedTest
    @CsvSource({"6, , CAUTION", "6, 0.0084, CAUTION", "6, 0.00842, GOOD", "4.5, 0.0063, CAUTION", "4.5, 0.00631, GOOD"})
    void aJointCarriesWhatHangsOnIt(double mass, Double area, Severity severity) {
        Fixing fixing =
                Fixing.UNSAID.withSupport(Fixing.Support.WALL).withPad(area == null ? UNSAID : OptionalDouble.of(area));
        Finding f = JointRule.judge(plan(piece("p", 0.2, 0.1, mass, fixing)), TestMedia.catalogue())
                .get(0);
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("needed").value()).isCloseTo(mass * 9.80665 / 7000, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.499, WALL, 0", "0.5, WALL, 1", "6, BASE, 0"})
    void lightPiecesAndThoseThatStandNeedNoJoint(double mass, Fixing.Support support, int notes) {
        Design d = plan(piece("p", 0.2, 0.1, mass, Fixing.UNSAID.withSupport(support)));
        assertThat(JointRule.judge(d, TestMedia.catalogue())).hasSize(notes);
    }

    // ---- a piece on another

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
