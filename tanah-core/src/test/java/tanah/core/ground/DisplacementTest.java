package tanah.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.Surface;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.testing.TestDesigns;

/** What a piece of hardscape takes of the ground and the water that it stands in. */
class DisplacementTest {
    private static final double LITRE = 1e-3;
    private static final Layer GRAVEL =
            TestDesigns.layer("gravel", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", new Surface.Thickness(0.05));
    private static final Design TANK =
            TestDesigns.box(0.9, 0.45, 0.4, GRAVEL).withWater(Optional.of(WaterPart.upTo(0.2)));

    private static HardscapeItem rock(
            ConvexPolygon plan, double base, double height, OptionalDouble volume, Optional<Boolean> inWater) {
        return new HardscapeItem(
                "rock",
                Optional.empty(),
                Optional.of("stone"),
                Optional.of("granite"),
                plan.corners(),
                OptionalDouble.of(base),
                height,
                volume,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                inWater,
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }

    private static GroundResult with(HardscapeItem... items) {
        return TestDesigns.ground(TANK.withHardscape(List.of(items)));
    }

    /** A block of 9 L, 15 cm high, through 5 cm of gravel: 3 L of it stand in the gravel, 6 L in the water over it. */
    @Test
    void aRockThroughTheGravelTakesFromBoth() {
        ConvexPolygon plan = ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3);
        GroundResult bare = with();
        GroundResult g = with(rock(plan, 0, 0.15, OptionalDouble.of(9 * LITRE), Optional.of(true)));
        LayerResult gravel = g.layer("gravel").orElseThrow();
        assertThat(gravel.shape().volume()).isCloseTo(20.25 * LITRE, within(1e-9));
        assertThat(gravel.shape().netVolume()).isCloseTo(17.25 * LITRE, within(1e-9));
        assertThat(g.water().orElseThrow().free()).isCloseTo(54.75 * LITRE, within(1e-9));
        assertThat(g.water().orElseThrow().displaced()).isCloseTo(6 * LITRE, within(1e-9));
        // what is bought and what it weighs follow
        LayerResult before = bare.layer("gravel").orElseThrow();
        assertThat(gravel.loose() / before.loose()).isCloseTo(17.25 / 20.25, within(1e-9));
        assertThat(gravel.wetMass() / before.wetMass()).isCloseTo(17.25 / 20.25, within(1e-9));
        assertThat(g.water().orElseThrow().pore() / bare.water().orElseThrow().pore())
                .isCloseTo(17.25 / 20.25, within(1e-9));
    }

    @Test
    void aMeasuredVolumeIsSpreadOverItsBox() {
        ConvexPolygon plan = ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3);
        GroundResult g = with(rock(plan, 0, 0.15, OptionalDouble.of(4.5 * LITRE), Optional.of(true)));
        assertThat(g.layer("gravel").orElseThrow().shape().netVolume()).isCloseTo(18.75 * LITRE, within(1e-9));
        assertThat(g.water().orElseThrow().free()).isCloseTo(57.75 * LITRE, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "0.05, 0.10, 0, 6",
        "0.10, 0.05, 0, 3",
        "0.19, 0.10, 0, 0.6",
        "0.20, 0.10, 0, 0",
        "0.30, 0.10, 0, 0",
        "0.02, 0.03, 1.8, 0",
        "0.02, 0.02, 1.2, 0",
        "0, 0.5, 3, 9"
    })
    void onlyWhatStandsInSomethingTakesFromIt(double base, double height, double ofGravel, double ofWater) {
        ConvexPolygon plan = ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3);
        GroundResult g = with(rock(plan, base, height, OptionalDouble.empty(), Optional.of(true)));
        assertThat(g.layer("gravel").orElseThrow().shape().netVolume())
                .isCloseTo((20.25 - ofGravel) * LITRE, within(1e-9));
        assertThat(g.water().orElseThrow().displaced()).isCloseTo(ofWater * LITRE, within(1e-9));
    }

    @Test
    void whatItsKeeperLeavesOutOfTheWaterTakesFromTheGroundAlone() {
        ConvexPolygon plan = ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3);
        GroundResult g = with(rock(plan, 0, 0.15, OptionalDouble.empty(), Optional.of(false)));
        assertThat(g.layer("gravel").orElseThrow().shape().netVolume()).isCloseTo(17.25 * LITRE, within(1e-9));
        assertThat(g.water().orElseThrow().displaced()).isZero();
        GroundResult unsaid = with(rock(plan, 0, 0.15, OptionalDouble.empty(), Optional.empty()));
        assertThat(unsaid.water().orElseThrow().displaced()).isCloseTo(6 * LITRE, within(1e-9));
    }

    @Test
    void whatTheKeeperSaysIsBuriedStandsForWhatIsComputed() {
        Layer said = GRAVEL.withOptions(GRAVEL.options().withDisplaced(OptionalDouble.of(1 * LITRE)));
        Design design = TestDesigns.box(0.9, 0.45, 0.4, said)
                .withHardscape(List.of(rock(
                        ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3),
                        0,
                        0.15,
                        OptionalDouble.empty(),
                        Optional.empty())));
        assertThat(TestDesigns.ground(design)
                        .layer("gravel")
                        .orElseThrow()
                        .shape()
                        .netVolume())
                .isCloseTo(19.25 * LITRE, within(1e-9));
    }

    @Test
    void aPieceTakesFromEachLayerThatItPasses() {
        Design design = TestDesigns.box(
                        0.9, 0.45, 0.4, TestDesigns.drainage(0.06), TestDesigns.soil("arid_burrow_clay_sand", 0.10))
                .withHardscape(List.of(rock(
                        ConvexPolygon.rectangle(0.2, 0.1, 0.4, 0.2),
                        0.03,
                        0.30,
                        OptionalDouble.empty(),
                        Optional.empty())));
        GroundResult g = TestDesigns.ground(design);
        double area = 0.02;
        LayerResult drainage = g.layer("drainage").orElseThrow();
        LayerResult soil = g.layer("soil").orElseThrow();
        assertThat(drainage.shape().volume() - drainage.shape().netVolume()).isCloseTo(area * 0.03, within(1e-9));
        assertThat(soil.shape().volume() - soil.shape().netVolume()).isCloseTo(area * 0.10, within(1e-9));
    }

    /** Under a slope, against counting points. */
    @Test
    void underASlopeItTakesWhatAPointCountFinds() {
        Design design = TestDesigns.box(0.9, 0.45, 0.4, TestDesigns.slope("arid_burrow_clay_sand", 0.04, 0.16))
                .withWater(Optional.of(WaterPart.upTo(0.11)));
        ConvexPolygon plan = ConvexPolygon.rectangle(0.3, 0.05, 0.6, 0.40);
        GroundResult g = TestDesigns.ground(
                design.withHardscape(List.of(rock(plan, 0.05, 0.08, OptionalDouble.empty(), Optional.empty()))));
        Random random = new Random(4);
        int n = 400_000;
        int inSoil = 0;
        int inWater = 0;
        for (int i = 0; i < n; i++) {
            double y = 0.05 + 0.35 * random.nextDouble();
            double z = 0.05 + 0.08 * random.nextDouble();
            double surface = 0.04 + 0.12 * y / 0.45;
            inSoil += z < surface ? 1 : 0;
            inWater += z >= surface && z < 0.11 ? 1 : 0;
        }
        double prism = plan.area() * 0.08;
        LayerResult soil = g.layer("soil").orElseThrow();
        assertThat(soil.shape().volume() - soil.shape().netVolume())
                .isCloseTo(prism * inSoil / n, within(0.01 * prism));
        assertThat(g.water().orElseThrow().displaced()).isCloseTo(prism * inWater / n, within(0.01 * prism));
    }

    /** Whatever stands where: nothing is taken twice, and no more than there is. */
    @Test
    void partsAddUpToTheWhole() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            double x = 0.6 * random.nextDouble();
            double y = 0.25 * random.nextDouble();
            double base = 0.3 * random.nextDouble();
            double height = 0.01 + 0.2 * random.nextDouble();
            ConvexPolygon plan = ConvexPolygon.rectangle(x, y, x + 0.2, y + 0.15);
            HardscapeItem item = rock(plan, base, height, OptionalDouble.empty(), Optional.empty());
            GroundResult bare = with();
            GroundResult g = with(item);
            LayerResult gravel = g.layer("gravel").orElseThrow();
            double ofGravel = gravel.shape().volume() - gravel.shape().netVolume();
            double ofWater = g.water().orElseThrow().displaced();
            double under = plan.area() * Math.max(0, Math.min(base + height, 0.2) - base);
            assertThat(ofGravel + ofWater).isCloseTo(under, within(1e-9));
            assertThat(g.water().orElseThrow().free() + ofWater)
                    .isCloseTo(bare.water().orElseThrow().free(), within(1e-9));
            assertThat(gravel.shape().netVolume()).isGreaterThanOrEqualTo(0);
        }
    }

    private static double[] taken(HardscapeItem... items) {
        GroundResult g = with(items);
        LayerResult gravel = g.layer("gravel").orElseThrow();
        return new double[] {
            (gravel.shape().volume() - gravel.shape().netVolume()) / LITRE,
            g.water().orElseThrow().displaced() / LITRE
        };
    }

    @Test
    void piecesInOneAnotherTakeAPlaceOnce() {
        ConvexPolygon plan = ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3);
        HardscapeItem block = rock(plan, 0, 0.15, OptionalDouble.empty(), Optional.of(true));
        HardscapeItem half = rock(plan, 0, 0.15, OptionalDouble.of(4.5 * LITRE), Optional.of(true));
        HardscapeItem dry = rock(plan, 0, 0.15, OptionalDouble.empty(), Optional.of(false));
        HardscapeItem beside =
                rock(ConvexPolygon.rectangle(0.35, 0.1, 0.65, 0.3), 0, 0.10, OptionalDouble.empty(), Optional.of(true));
        assertThat(taken(block, block)).as("two").containsExactly(new double[] {3, 6}, within(1e-9));
        assertThat(taken(block, block, block)).as("three").containsExactly(new double[] {3, 6}, within(1e-9));
        assertThat(taken(dry, block)).as("a dry one first").containsExactly(new double[] {3, 6}, within(1e-9));
        assertThat(taken(half, half)).as("two that were measured").containsExactly(new double[] {3, 6}, within(1e-9));
        assertThat(taken(block, half)).as("one that was measured").containsExactly(new double[] {4.5, 9}, within(1e-9));
        assertThat(taken(block, beside)).as("half beside").containsExactly(new double[] {4.5, 7.5}, within(1e-9));
        assertThat(taken(beside, block)).as("the other way").containsExactly(new double[] {4.5, 7.5}, within(1e-9));
    }

    /** Any heap of pieces, turned and partly hollow, against counting points. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aHeapTakesWhatAPointCountFinds(long seed) {
        Random random = new Random(seed);
        int many = 2 + random.nextInt(5);
        List<Displacement.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            double turn = random.nextDouble() * Math.PI;
            double x = 0.35 + 0.2 * random.nextDouble();
            double y = 0.17 + 0.1 * random.nextDouble();
            List<Point> corners = new ArrayList<>();
            for (int c = 0; c < 4; c++) {
                double at = turn + Math.PI / 2 * c + 0.3 * (c % 2);
                corners.add(new Point(x + 0.12 * Math.cos(at), y + 0.12 * Math.sin(at)));
            }
            double base = 0.04 * random.nextDouble();
            pieces.add(new Displacement.Piece(
                    new ConvexPolygon(corners),
                    base,
                    base + 0.02 + 0.1 * random.nextDouble(),
                    0.3 + 0.7 * random.nextDouble(),
                    true,
                    false));
        }
        Cell cell = with().terrain().cells().get(0);
        Slab gravel = cell.slab("gravel").orElseThrow();
        ConvexPolygon floor = ConvexPolygon.rectangle(0, 0, 0.9, 0.45);
        double ofGravel = Displacement.of(pieces).ofSlab(floor, gravel, Double.MAX_VALUE);
        double ofWater = Displacement.of(pieces).ofWater(floor, cell, 0.12);
        int n = 400_000;
        double[] counted = new double[2];
        for (int i = 0; i < n; i++) {
            double x = 0.9 * random.nextDouble();
            double y = 0.45 * random.nextDouble();
            double z = 0.12 * random.nextDouble();
            double filled = pieces.stream()
                    .filter(p -> z >= p.base() && z < p.top() && p.plan().contains(x, y))
                    .mapToDouble(Displacement.Piece::solid)
                    .sum();
            counted[z < 0.05 ? 0 : 1] += Math.min(1, filled) * 0.9 * 0.45 * 0.12 / n;
        }
        assertThat(ofGravel).isCloseTo(counted[0], within(0.05 * LITRE));
        assertThat(ofWater).isCloseTo(counted[1], within(0.05 * LITRE));
    }

    /** However many stand at one place, no more is taken than there is. */
    @Test
    void aHeapOfEightyIsStillOnePlace() {
        HardscapeItem[] all = new HardscapeItem[80];
        Arrays.fill(
                all,
                rock(ConvexPolygon.rectangle(0.2, 0.1, 0.5, 0.3), 0, 0.15, OptionalDouble.empty(), Optional.of(true)));
        assertThat(taken(all)).containsExactly(new double[] {3, 6}, within(1e-9));
    }
}
