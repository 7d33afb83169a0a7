package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.Basin;
import tanah.core.ground.Displacement;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.testing.TestDesigns;

/** Laws that hold for any water part, tried on drawn ones. */
class WaterPropertiesTest {
    private static final double LITRE = 1e-3;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void aLevelIsFoundAgainFromItsVolumeAndWaterNeverFallsAsTheLevelRises(long seed) {
        Random random = new Random(seed);
        GroundResult ground = TestDesigns.ground(TestDesigns.box(
                0.9,
                0.45,
                0.6,
                TestDesigns.drainage(0.02 + 0.1 * random.nextDouble()),
                TestDesigns.slope(
                        "arid_burrow_clay_sand", 0.1 + 0.1 * random.nextDouble(), 0.2 + 0.1 * random.nextDouble())));
        Displacement bodies = Displacement.of(List.of(new Displacement.Piece(
                ConvexPolygon.rectangle(0.1, 0.1, 0.3, 0.3), 0.05, 0.15, 2 * LITRE / (0.04 * 0.1), true, true)));
        double before = -1;
        for (double h = 0.02; h < 0.58; h += 0.04) {
            WaterVolumes w = WaterVolumes.at(ground.terrain(), ground.layers(), h, Basin.EVERYWHERE, bodies);
            assertThat(w.total()).isGreaterThanOrEqualTo(before - 1e-12);
            before = w.total();
            if (w.total() > 1e-6) {
                double again = WaterVolumes.level(
                                ground.terrain(), ground.layers(), w.total(), false, 0.6, Basin.EVERYWHERE, bodies)
                        .orElseThrow();
                double back = WaterVolumes.at(ground.terrain(), ground.layers(), again, Basin.EVERYWHERE, bodies)
                        .total();
                assertThat(back).isCloseTo(w.total(), within(1e-9));
            }
        }
        assertThat(WaterVolumes.level(ground.terrain(), ground.layers(), 1, false, 0.6, Basin.EVERYWHERE, bodies))
                .as("a cubic metre does not fit")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void aHeaterAnswersInTheRightDirection(long seed) {
        Random random = new Random(seed);
        double room = 5 + 15 * random.nextDouble();
        double target = room + 1 + 8 * random.nextDouble();
        double volume = (10 + 200 * random.nextDouble()) * LITRE;
        HeaterModel base = heater(volume, target, room, 0);
        assertThat(heater(volume, target + 1, room, 0).need()).isGreaterThan(base.need());
        assertThat(heater(volume, target, room - 1, 0).need()).isGreaterThan(base.need());
        assertThat(heater(volume, target, room, 5).need()).isCloseTo(base.need() - 5, within(1e-9));
        // with what it needs the water settles at its target: the balance is one and the same
        assertThat(base.settled(Math.max(0, base.need()))).isCloseTo(target, within(1e-6));
        assertThat(base.settled(60)).isGreaterThan(base.settled(20));
        OptionalDouble slow = base.warmUp(base.need() * 1.3 + 10);
        OptionalDouble fast = base.warmUp(base.need() * 1.3 + 60);
        assertThat(fast.orElseThrow()).isLessThanOrEqualTo(slow.orElseThrow());
        base.size().ifPresent(size -> assertThat(size).isGreaterThanOrEqualTo(base.need()));
    }

    private static HeaterModel heater(double volume, double target, double room, double gains) {
        return new HeaterModel(volume, target, room, room, 0.85, 0.4, 0.2, 0.2, 0.006, 1.0, 0, gains);
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38, 39, 40})
    void aPumpGivesLessHigherUpAndMoreThroughAWiderTube(long seed) {
        Random random = new Random(seed);
        PumpCurve pump = new PumpCurve(1 + 2 * random.nextDouble(), 1e-4 + 3e-4 * random.nextDouble(), 1);
        double rise = 0.8 * random.nextDouble();
        double length = 0.5 + 2 * random.nextDouble();
        double bore = 0.008 + 0.012 * random.nextDouble();
        double flow = pump.flow(pipe(rise, length, bore), 20).orElseThrow();
        assertThat(flow).isPositive().isLessThanOrEqualTo(pump.free());
        assertThat(pump.flow(pipe(rise + 0.1, length, bore), 20).orElse(0)).isLessThan(flow);
        assertThat(pump.flow(pipe(rise, length, bore * 1.3), 20).orElseThrow()).isGreaterThan(flow);
        assertThat(pump.flow(pipe(rise, length * 2, bore), 20).orElse(0)).isLessThan(flow);
        // what the pump gives is what the tube takes
        assertThat(pump.head(flow)).isCloseTo(pipe(rise, length, bore).head(flow, 20), within(1e-6));
        assertThat(pump.flow(pipe(pump.shutOff() + 0.01, length, bore), 20)).isEmpty();
    }

    private static Pipe pipe(double rise, double length, double bore) {
        return new Pipe(rise, List.of(new Pipe.Segment(length, bore, Pipe.SMOOTH, 3)));
    }

    /** Without plants and changes all nitrogen that went in is there, in one form or another. */
    @ParameterizedTest
    @EnumSource(
            value = NitrogenPlan.School.class,
            names = {"FISHLESS", "SEEDED"})
    void nitrogenIsConserved(NitrogenPlan.School school) {
        double dose = 2e-3;
        NitrogenCycle.Course course = NitrogenCycle.run(
                new NitrogenPlan(0.05, 22, 7.6, 0.12, 1.5, school, OptionalDouble.of(0.5), dose, 0, 0, 0, 0, 1, 0, 90));
        NitrogenCycle.Day last = course.days().get(course.days().size() - 1);
        double there = last.ammonia() + last.nitrite() + last.nitrate();
        assertThat(there).isCloseTo(course.doses() * dose, within(1e-6));
    }

    @Test
    void moreMediaNeverTakeLonger() {
        int slow = ready(0.5);
        int fast = ready(3);
        assertThat(fast).isLessThanOrEqualTo(slow);
    }

    private static int ready(double media) {
        return NitrogenCycle.run(new NitrogenPlan(
                        0.05,
                        24,
                        7.6,
                        0.15,
                        media,
                        NitrogenPlan.School.SEEDED,
                        OptionalDouble.of(media / 2),
                        1e-3,
                        0,
                        0,
                        0,
                        0,
                        1,
                        0,
                        200))
                .ready()
                .orElse(999);
    }
}
