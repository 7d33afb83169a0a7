package tanah.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.light.PlantLight;
import tanah.core.physics.Films;
import tanah.core.physics.Instrument;
import tanah.core.physics.MoistAir;
import tanah.core.physics.Openings;
import tanah.core.testing.Row;

/** Moist air, films, openings and instruments against published values; provenance in the tables. */
class ClimateTablesTest {
    private static final double OUTSIDE = 295; // K, in the rows of the openings

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvFileSource(
            resources = {"/checks/climate/saturation.csv", "/checks/climate/moist_air.csv"},
            numLinesToSkip = 1)
    void moistAirAgreesWithTheHandbooks(
            String id, String quantity, String inputs, String expected, double tolerance, String unit, String from) {
        assertThat(air(quantity, Row.of(inputs)))
                .as(from)
                .isCloseTo(Double.parseDouble(expected), within(Row.tolerance(expected, tolerance)));
    }

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvFileSource(
            resources = {"/checks/climate/heat.csv", "/checks/climate/light_and_water.csv", "/checks/climate/probe.csv"
            },
            numLinesToSkip = 1)
    void formulasAgree(
            String id, String quantity, String inputs, String expected, double tolerance, String unit, String from) {
        double got = formula(quantity, inputs);
        Assumptions.assumeFalse(Double.isNaN(got), "computed by the whole model, which has its own tests");
        assertThat(got).as(from).isCloseTo(Double.parseDouble(expected), within(Row.tolerance(expected, tolerance)));
    }

    private static double air(String quantity, Row in) {
        return switch (quantity) {
            case "saturation_vapour_pressure" -> MoistAir.saturation(in.number("temp_c"));
            case "actual_vapour_pressure_psychrometer" ->
                MoistAir.saturation(in.number("temp_wet_c"))
                        - in.number("coefficient")
                                * in.number("pressure_pa")
                                * (in.number("temp_dry_c") - in.number("temp_wet_c"));
            case "dew_point" -> MoistAir.dewPoint(in.number("rh_pct") / 100 * MoistAir.saturation(in.number("temp_c")));
            case "humidity_ratio" ->
                MoistAir.humidity(
                        in.number("rh_pct") / 100 * MoistAir.saturation(in.number("temp_c")), in.number("pressure_pa"));
            case "wet_bulb" ->
                MoistAir.wetBulb(in.number("temp_c"), in.number("rh_pct") / 100, in.number("pressure_pa"));
            case "rh_after_cooling" ->
                100
                        * MoistAir.relative(
                                MoistAir.humidity(
                                        in.number("rh_from_pct") / 100 * MoistAir.saturation(in.number("temp_from_c")),
                                        MoistAir.SEA_LEVEL),
                                in.number("temp_to_c"),
                                MoistAir.SEA_LEVEL);
            default -> throw new IllegalArgumentException(quantity);
        };
    }

    private static double formula(String quantity, String inputs) {
        Row in = Row.of(inputs);
        return switch (quantity) {
            case "convection_up_hot" -> Films.level(in.number("dt_k"), in.number("h_min"));
            case "convection_stable" -> Films.level(-in.number("dt_k"), in.number("h_min"));
            case "convection_vertical" -> Films.upright(in.number("dt_k"), in.number("h_min"));
            case "churchill_chu_cross_check" -> Films.upright(in.number("dt_k"), 1);
            case "radiative_coefficient" -> Films.radiation(in.number("temp1_c"), in.number("temp2_c"));
            case "screen_flow_factor" -> Openings.screen(in.number("open_fraction"));
            case "mesh_lid_exchange" ->
                Openings.lid(
                        in.number("area_m2"),
                        in.number("area_m2"),
                        in.number("open_fraction"),
                        inputs.contains("excess_k=5") ? 5 : 2,
                        OUTSIDE,
                        in.number("u_room"));
            case "stack_flow" ->
                inputs.contains("0.02")
                        ? Openings.stack(0.004, 0.02, 0.4, 3, OUTSIDE)
                        : Openings.stack(0.0006, 0.0006, 0.08, 1, OUTSIDE);
            case "dli" -> PlantLight.daily(in.number("ppfd_umol_m2_s") * 1e-6, in.number("hours"));
            case "ppf_from_lumens" -> PlantLight.output(in.number("lumens"), in.number("lm_per_umol"));
            case "probe_reading" ->
                new Instrument(in.number("d_m"), in.number("alpha"))
                        .shows(
                                in.number("t_air_c"),
                                in.number("t_star_c"),
                                in.number("e_aimed_w_m2"),
                                in.number("u_m_s"));
            default -> Double.NaN;
        };
    }
}
