package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Envelope.Face;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Soil;
import tanah.core.ground.Terrain;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.testing.WaterStub;

/** Stresses against working stress and limit, boxes that are no tanks, outside taken for inside, loose walls. */
class PaneRulesTest {
    private static final double WORKING = 6e6;
    private static final double LIMIT = 15e6;
    private static final double PANE = 0.006;
    private static final OptionalDouble UNSAID = OptionalDouble.empty();

    private static PaneResult panes(double front, double side, double bow, OptionalDouble base) {
        return panes(front, side, bow, base, new Allowed(WORKING, LIMIT));
    }

    private static PaneResult panes(double front, double side, double bow, OptionalDouble base, Allowed allowed) {
        PaneResult.Held across = held(front, bow, allowed);
        PaneResult.Held deep = held(side, 0, allowed);
        return new PaneResult(
                1000,
                0.3,
                Map.of(Face.FRONT, across, Face.BACK, across, Face.LEFT, deep, Face.RIGHT, deep),
                Optional.empty(),
                base.isPresent() ? Optional.of(new PaneResult.Base(base.getAsDouble(), allowed)) : Optional.empty());
    }

    private static PaneResult.Held held(double stress, double bow, Allowed allowed) {
        return new PaneResult.Held(new PanePlate.Result(stress, bow), PANE, allowed);
    }

    private static List<Finding> judge(Design d, GroundResult ground, PaneResult panes) {
        return PaneRules.judge(d, TestDesigns.vessel(d), ground, Optional.of(panes), TestMedia.catalogue());
    }

    private static Optional<Finding> of(List<Finding> all, RuleId rule, String variant) {
        return all.stream()
                .filter(f -> f.rule().equals(rule) && f.variant().equals(variant))
                .findFirst();
    }

    private static Design box() {
        return TestDesigns.box(0.9, 0.45, 0.5);
    }

    @ParameterizedTest
    @CsvSource({"6e6, GW-064, GOOD", "6.001e6, GW-063, CAUTION", "15e6, GW-063, CAUTION", "15.001e6, GW-063, STOP"})
    void aPaneIsNotStressedPastItsLimit(double stress, String rule, Severity severity) {
        for (boolean front : new boolean[] {true, false}) {
            PaneResult p = panes(front ? stress : 1e6, front ? 1e6 : stress, 0, UNSAID);
            Finding f = of(
                            judge(box(), new WaterStub().ground(), p),
                            new RuleId(rule),
                            front ? "front-pane" : "side-pane")
                    .orElseThrow();
            assertThat(f.severity()).isEqualTo(severity);
            assertThat(f.measure("stress").value()).isEqualTo(stress);
            assertThat(f.measure("working").value()).isEqualTo(WORKING);
            assertThat(f.measure("limit").value()).isEqualTo(LIMIT);
        }
    }

    /** Half of 6 mm is where small deflections end. */
    @ParameterizedTest
    @CsvSource({"0.00299, false", "0.003, false", "0.00301, true"})
    void aPaneThatBowsByMoreThanHalfItsThicknessIsNoPlateOfTheTheory(double bow, boolean said) {
        Design d = box();
        Design thick = d.withVessel(d.vessel().orElseThrow().withPane(OptionalDouble.of(0.006)));
        Optional<Finding> f = of(judge(thick, new WaterStub().ground(), panes(1, 1, bow, UNSAID)), PaneRules.THIN, "");
        assertThat(f.isPresent()).isEqualTo(said);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.HINT);
            assertThat(x.measure("half").value()).isCloseTo(0.003, within(1e-12));
        });
    }

    @ParameterizedTest
    @CsvSource({"6e6, GOOD", "6.001e6, CAUTION", "15.001e6, STOP"})
    void theBaseIsNotStressedPastItsLimit(double stress, Severity severity) {
        Finding f = of(
                        judge(box(), new WaterStub().ground(), panes(1, 1, 0, OptionalDouble.of(stress))),
                        PaneRules.BASE,
                        "")
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.remedies().isEmpty()).isEqualTo(severity == Severity.GOOD);
    }

    /** Glass may bow by a three-hundredth of its length of 90 cm, plastic by a hundredth. */
    @ParameterizedTest
    @CsvSource({"6e6, 0.003, false", "6e6, 0.00301, true", "3e6, 0.009, false", "3e6, 0.00901, true"})
    void aFrontDoesNotBow(double working, double bow, boolean said) {
        PaneResult of = panes(1, 1, bow, UNSAID, new Allowed(working, working * 2.5));
        assertThat(of(judge(box(), new WaterStub().ground(), of), PaneRules.BOWS, "")
                        .isPresent())
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"6e6, GOOD", "6.001e6, CAUTION", "15.001e6, STOP"})
    void aDividerIsNotStressedPastItsLimit(double stress, Severity severity) {
        Dam glass = new Dam(
                "divider",
                "glass",
                new Layer.Region(ConvexPolygon.rectangle(0.4, 0, 0.406, 0.45), true),
                0.3,
                Optional.of(true),
                UNSAID);
        Design d = box().withGround(new Ground(List.of(), List.of(glass)));
        PaneResult p = panes(1, 1, 0, UNSAID);
        PaneResult with = new PaneResult(
                p.pressure(),
                p.loaded(),
                p.panes(),
                Optional.of(held(stress, 0, new Allowed(WORKING, LIMIT))),
                Optional.empty());
        Finding f = of(judge(d, new WaterStub().ground(), with), PaneRules.DIVIDER, "")
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.place().part()).contains("divider");
    }

    @ParameterizedTest
    @CsvSource({"0.10, 0.10, false", "0.1001, 0.10, true", "0.05, 0, true"})
    void aBoxThatIsNoTankHoldsWaterToItsDepth(double level, double depth, boolean stops) {
        Design d = box();
        VesselPlan plan = d.vessel().orElseThrow();
        Design tight = d.withVessel(plan.withWaterproofDepth(OptionalDouble.of(depth)));
        Optional<Finding> f =
                of(judge(tight, new WaterStub().level(level).ground(), panes(1, 1, 0, UNSAID)), PaneRules.NO_TANK, "");
        assertThat(f.isPresent()).isEqualTo(stops);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.STOP);
            assertThat(x.remedies())
                    .extracting(Remedy::key)
                    .isEqualTo(
                            depth > 0
                                    ? List.of("lower-water", "choose-larger-vessel")
                                    : List.of("choose-larger-vessel"));
        });
    }

    @Test
    void aFrontThatOpensIsALimitToo() {
        Design d = TestDesigns.withLip(box(), 0.08);
        assertThat(of(judge(d, new WaterStub().level(0.081).ground(), panes(1, 1, 0, UNSAID)), PaneRules.NO_TANK, ""))
                .isPresent();
        assertThat(of(judge(d, new WaterStub().level(0.08).ground(), panes(1, 1, 0, UNSAID)), PaneRules.NO_TANK, ""))
                .isEmpty();
    }

    // ---- outside measures for inside ones

    private static Catalogue sold() {
        Catalogue c = TestMedia.catalogue();
        VesselModel model = new VesselModel(
                "tank",
                "tank",
                "rectangle",
                "top",
                "glass",
                0.9,
                0.45,
                0.5,
                0.008,
                0.008,
                0.884,
                0.434,
                0.492,
                0.18,
                "yes",
                UNSAID,
                UNSAID,
                "none",
                0,
                40,
                new Range(38, 42),
                "annealed",
                Optional.empty(),
                "",
                new Medium.Sources("memory", "memory", "memory"));
        return new Catalogue(
                List.of(),
                List.copyOf(c.allMedia()),
                List.of(),
                List.of(model),
                List.of(),
                Catalogue.Air.NONE,
                Catalogue.Living.NONE,
                List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "0.9, 0.434, true",
        "0.9019, 0.434, true",
        "0.9021, 0.434, false",
        "0.884, 0.45, true",
        "0.884, 0.434, false",
        "0.8979, 0.434, false",
        "0.8981, 0.434, true"
    })
    void outsideTakenForInsideIsAskedAbout(double length, double width, boolean said) {
        VesselPlan plan =
                TestDesigns.box(length, width, 0.5).vessel().orElseThrow().withCatalogue(Optional.of("tank"));
        Optional<Finding> f = OutsideRule.judge(plan, sold());
        assertThat(f.isPresent()).isEqualTo(said);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.HINT);
            assertThat(x.measure("inside").value()).isEqualTo(0.884);
            assertThat(x.measure("written").value()).isEqualTo(length);
        });
        assertThat(OutsideRule.judge(plan.withCatalogue(Optional.empty()), sold()))
                .isEmpty();
    }

    // ---- loose stones that hold a step of soil

    private static Dam stones(double thickness) {
        return new Dam(
                "terrace",
                "stones",
                new Layer.Region(ConvexPolygon.rectangle(0.4, 0, 0.4 + thickness, 0.5), true),
                0.3,
                Optional.of(false),
                UNSAID);
    }

    private static GroundResult step(double before, double behind) {
        Design soil = TestDesigns.box(1, 0.5, 0.5, TestDesigns.soil("sand_play", 0.1));
        GroundResult real = TestDesigns.ground(soil);
        Soil sand = real.soil("soil").orElseThrow();
        GroundResult ground = mock(GroundResult.class);
        Terrain terrain = mock(Terrain.class);
        when(ground.terrain()).thenReturn(terrain);
        when(terrain.surfaceAt(anyDouble(), anyDouble()))
                .thenAnswer(call -> call.<Double>getArgument(0) < 0.4 ? before : behind);
        when(terrain.cells()).thenReturn(real.terrain().cells());
        when(ground.soil("soil")).thenReturn(Optional.of(sand));
        when(ground.layer("soil")).thenReturn(real.layer("soil"));
        return ground;
    }

    private static Optional<Finding> terrace(double thickness, double before, double behind) {
        Design d = box().withGround(new Ground(List.of(), List.of(stones(thickness))));
        return TerraceRule.judge(d, step(before, behind)).stream().findFirst();
    }

    @Test
    void aDryWallIsAsThickAsItsStepNeeds() {
        Finding f = terrace(0.05, 0.1, 0.25).orElseThrow();
        double needs = f.measure("needs").value();
        assertThat(f.measure("step").value()).isCloseTo(0.15, within(1e-9));
        assertThat(f.measure("thickness").value()).isCloseTo(0.05, within(1e-9));
        // derived: Rankine's thrust of damp sand (1510 + 0.1 x 1000 kg/m3, 33 degrees) on dry stone of 2600 x 0.75
        // kg/m3
        double ka = Math.pow(Math.tan(Math.toRadians(45 - 33 / 2.0)), 2);
        assertThat(new RetainingWall(0.15, 1610, Math.toRadians(33), 2600, 0.25, 0).leastThickness())
                .isCloseTo(needs, within(1e-9));
        assertThat(needs).isBetween(0.15 * Math.sqrt(ka * 1610 / (3 * 1950)), 0.15);
        assertThat(terrace(needs + 1e-6, 0.1, 0.25).orElseThrow().severity()).isEqualTo(Severity.GOOD);
        assertThat(terrace(needs - 1e-4, 0.1, 0.25).orElseThrow().severity()).isEqualTo(Severity.CAUTION);
    }

    @ParameterizedTest
    @CsvSource({"0.1, 0.119, false", "0.1, 0.121, true", "0.121, 0.1, true"})
    void aLowStepStandsByItself(double before, double behind, boolean said) {
        assertThat(terrace(0.05, before, behind).isPresent()).isEqualTo(said);
    }

    @Test
    void onlyLooseStonesAreJudged() {
        Dam wood = new Dam("terrace", "wood", stones(0.05).region(), 0.3, Optional.of(false), UNSAID);
        Design d = box().withGround(new Ground(List.of(), List.of(wood)));
        assertThat(TerraceRule.judge(d, step(0.1, 0.3))).isEmpty();
    }

    /** The same wall turned about its middle, and the ground with it, needs the same. */
    @ParameterizedTest
    @CsvSource({"0", "45", "90", "135", "180", "270"})
    void aWallIsJudgedInAnyDirection(double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        List<Point> corners = ConvexPolygon.rectangle(-0.025, -0.1, 0.025, 0.1).corners().stream()
                .map(p -> new Point(0.5 + p.x() * cos - p.y() * sin, 0.25 + p.x() * sin + p.y() * cos))
                .toList();
        Dam dam = new Dam(
                "terrace",
                "stones",
                new Layer.Region(new ConvexPolygon(corners), true),
                0.3,
                Optional.of(false),
                UNSAID);
        GroundResult ground = step(0, 0);
        Terrain terrain = ground.terrain();
        when(terrain.surfaceAt(anyDouble(), anyDouble())).thenAnswer(call -> {
            double x = call.<Double>getArgument(0) - 0.5;
            double y = call.<Double>getArgument(1) - 0.25;
            return x * cos + y * sin < 0 ? 0.1 : 0.25;
        });
        Design d = box().withGround(new Ground(List.of(), List.of(dam)));
        Finding f = TerraceRule.judge(d, ground).stream().findFirst().orElseThrow();
        assertThat(f.measure("step").value()).isCloseTo(0.15, within(1e-9));
        assertThat(f.measure("thickness").value()).isCloseTo(0.05, within(1e-9));
        assertThat(f.severity()).isEqualTo(Severity.CAUTION);
    }
}
