package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.Basin;
import tanah.core.ground.Displacement;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Reservoir;
import tanah.core.ground.WaterVolumes;
import tanah.core.testing.Row;
import tanah.core.testing.TestDesigns;

/** Water on and in a beach, ramps and the reservoir against closed forms; provenance in the table's last column. */
class LandWaterTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(resources = "/checks/land-water.csv", numLinesToSkip = 1)
    void agreesWithClosedForms(
            String id,
            String quantity,
            String inputs,
            String expected,
            String unit,
            Double abs,
            Double rel,
            String from) {
        Assumptions.assumeFalse(inputs.contains("worked_example"), "the file's own test reads the worked example");
        double wanted = Double.parseDouble(expected);
        double within = Math.max(abs == null ? 0 : abs, rel == null ? 0 : rel * Math.abs(wanted));
        assertThat(value(quantity, inputs)).as(from).isCloseTo(wanted, within(Row.tolerance(expected, within)));
    }

    private static double value(String quantity, String inputs) {
        return switch (quantity) {
            case "displaced_l" ->
                1000
                        * body(
                                        number(inputs, "volume_l") / 1000,
                                        number(inputs, "base_z_cm") / 100,
                                        number(inputs, "height_cm") / 100)
                                .below(number(inputs, "level_cm") / 100);
            case "ramp_length_cm" ->
                new Way(Math.toRadians(number(inputs, "max_slope_deg")), 0.01, 0.03, 0.01)
                        .rampFor(number(inputs, "rise_cm"));
            case "days_to_full" -> days(inputs);
            case "level_from_volume_cm" ->
                100
                        * WaterVolumes.level(
                                        beach().terrain(),
                                        beach().layers(),
                                        number(inputs, "total_l") / 1000,
                                        false,
                                        0.5,
                                        Basin.EVERYWHERE,
                                        Displacement.NONE)
                                .orElseThrow();
            case "beach_free_water_l" -> 1000 * water(inputs).free();
            case "beach_pore_water_l" -> 1000 * water(inputs).pore();
            case "beach_water_area_cm2" -> 1e4 * water(inputs).surface();
            default -> throw new IllegalArgumentException(quantity);
        };
    }

    private static Displacement.Piece body(double volume, double base, double height) {
        ConvexPolygon plan = ConvexPolygon.rectangle(0, 0, 0.2, 0.2);
        return new Displacement.Piece(plan, base, base + height, volume / (plan.area() * height), true, true);
    }

    private static double days(String inputs) {
        double store = Reservoir.store(
                number(inputs, "floor_cm2") / 1e4,
                number(inputs, "depth_cm") / 100,
                number(inputs, "reserve_cm") / 100,
                number(inputs, "capillary_cm") / 100,
                number(inputs, "theta_sat") - number(inputs, "field_capacity"));
        return new Reservoir("drainage", true, store, 0.42, 0.2596)
                .days(number(inputs, "net_l_per_day") / 1000)
                .orElseThrow();
    }

    private static WaterVolumes water(String inputs) {
        return WaterVolumes.at(
                beach().terrain(),
                beach().layers(),
                number(inputs, "level_cm") / 100,
                Basin.EVERYWHERE,
                Displacement.NONE);
    }

    private static GroundResult beach() {
        Surface beach = new Surface.Profile(
                Surface.Axis.X,
                List.of(
                        new Surface.Node(0, 0.20),
                        new Surface.Node(0.30, 0.20),
                        new Surface.Node(0.60, 0.04),
                        new Surface.Node(0.80, 0.04)));
        return TestDesigns.ground(TestDesigns.box(
                0.8, 0.4, 0.5, TestDesigns.layer("gravel", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", beach)));
    }

    private static double number(String in, String name) {
        Matcher m = Pattern.compile("\"" + name + "\":(-?[\\d.]+)").matcher(in);
        return m.find() ? Double.parseDouble(m.group(1)) : 0;
    }
}
