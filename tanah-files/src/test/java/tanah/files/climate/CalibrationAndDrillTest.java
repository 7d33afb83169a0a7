package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.calibrate.Calibration;
import tanah.core.calibrate.CalibrationReading;
import tanah.core.calibrate.Correction;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.Drill;
import tanah.core.climate.DrillCourse;
import tanah.core.light.Vec;

/**
 * Calibration on seven readings and a power cut, against another program with the same equations (derived: agreement of
 * two programs, not truth).
 */
class CalibrationAndDrillTest {
    private static final List<String> NAMES = List.of("f_lamp", "f_mesh", "f_env", "f_vent", "f_mix", "f_wet", "f_uv");
    private static final ClimateCase A = CaseJson.of("A").read();
    private static final ClimateCase.Outside ROOM =
            CaseJson.of("A").season("winter").day();
    private static final Calibration.Fit FIT = Calibration.fit(ClimateModel.of(A, Factors.ONE), readings());
    private static final DrillCourse CUT = powerCut();

    private static List<CalibrationReading> readings() {
        List<CalibrationReading> all = new ArrayList<>();
        all.add(heat(CalibrationReading.Kind.PLATFORM, 0, 0, 0, 34.3));
        all.add(heat(CalibrationReading.Kind.AIR, 0.2, 0.2, 0.12, 23.4));
        all.add(heat(CalibrationReading.Kind.AIR, 0.8, 0.2, 0.12, 22.6));
        all.add(heat(CalibrationReading.Kind.AIR, 0.45, 0.2, 0.40, 25.2));
        all.add(heat(CalibrationReading.Kind.SURFACE, 0.45, 0.2, 0, 26.3));
        all.add(new CalibrationReading(
                CalibrationReading.Kind.UV,
                new Vec(0.4, 0.25, 0.16),
                0,
                true,
                2.28,
                CalibrationReading.Kind.UV.usual(2.28),
                Optional.empty(),
                Optional.empty()));
        all.add(heat(CalibrationReading.Kind.HUMIDITY, 0.5, 0.2, 0.12, 0.424));
        return all;
    }

    private static CalibrationReading heat(CalibrationReading.Kind kind, double x, double y, double z, double value) {
        return new CalibrationReading(
                kind, new Vec(x, y, z), 0, true, value, kind.usual(value), Optional.of(ROOM), Optional.empty());
    }

    private static DrillCourse powerCut() {
        ClimateCase c = CaseJson.of("C").read();
        ClimateModel model = ClimateModel.of(c, Factors.ONE);
        Drill cut = Drill.quiet(0, 24).withOff(Drill.all(c.fixtures()));
        return DayRun.drill(model, CaseJson.of("C").season("winter"), cut, 24);
    }

    @ParameterizedTest(name = "{1}")
    @CsvFileSource(resources = "/climate/calibration_and_drill.csv", numLinesToSkip = 1)
    void agrees(
            String id, String quantity, String inputs, double expected, double tolerance, String unit, String from) {
        assertThat(value(quantity)).as(quantity).isCloseTo(expected, within(tolerance));
    }

    private static double value(String quantity) {
        if (quantity.startsWith("calibration.multiplier.")) {
            return FIT.factors().get(NAMES.indexOf(quantity.substring(23)));
        }
        if (quantity.startsWith("calibration.log_sd.")) {
            return FIT.deviation(NAMES.indexOf(quantity.substring(19)));
        }
        if (quantity.startsWith("calibration.before") || quantity.startsWith("calibration.after")) {
            int index = quantity.charAt(quantity.indexOf('[') + 1) - '0';
            double v = (quantity.contains("before") ? FIT.before() : FIT.after()).get(index);
            return index == 6 ? 100 * v : v;
        }
        if (quantity.equals("calibration.lamp_power_for_38c")) {
            return Correction.find(
                            p -> ClimateModel.of(lamp(p), FIT.factors()),
                            ROOM,
                            true,
                            places -> places.baskingSurface().orElseThrow(),
                            38,
                            20,
                            200)
                    .setting();
        }
        boolean water = quantity.endsWith("water_0_c");
        if (quantity.contains("first_crossing")) {
            double limit = water ? 22 : 18.5;
            DayCourse.Sample first = CUT.samples().stream()
                    .filter(s -> read(s, water) < limit)
                    .findFirst()
                    .orElseThrow();
            return first.hour();
        }
        return CUT.samples().stream().mapToDouble(s -> read(s, water)).min().orElseThrow();
    }

    private static double read(DayCourse.Sample s, boolean water) {
        return water ? s.places().water(0) : s.places().meanAir();
    }

    private static ClimateCase lamp(double power) {
        List<Fixture> fixtures = A.fixtures().stream()
                .map(f -> f.name().equals("flood")
                        ? new Fixture(f.name(), power, f.hours(), f.dim(), f.thermostat(), f.part())
                        : f)
                .toList();
        return new ClimateCase(
                A.shell(),
                A.floor(),
                A.platforms(),
                A.obstacles(),
                A.plants(),
                fixtures,
                A.lightsOn(),
                A.photoperiod(),
                A.mist(),
                A.fanSpeed(),
                A.exchange(),
                A.pressure());
    }

    @Test
    void theCutKeepsItsLedgers() {
        assertThat(CUT.worstGap()).isLessThan(1e-8);
        assertThat(CUT.water().gap()).isCloseTo(0, within(1e-9));
        assertThat(FIT.cost()).isLessThan(FIT.costBefore()).isCloseTo(1.182, within(0.02));
        assertThat(FIT.isLearned(0)).isTrue();
        assertThat(FIT.isLearned(5)).as("nothing is wet").isFalse();
    }
}
