package tanah.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.box.Fixture;
import tanah.core.light.PlantLight;
import tanah.core.physics.Films;
import tanah.core.physics.Instrument;
import tanah.core.physics.MoistAir;
import tanah.core.physics.NeutralLevel;
import tanah.core.physics.Openings;
import tanah.core.physics.ViewFactor;
import tanah.core.testing.Row;

/** Moist air, films, openings and instruments against published values; provenance in the tables. */
class ClimateTablesTest {
    /** The tables were made with a gravity of 9.81 m/s²; a temperature that divides it takes up the difference. */
    private static final double GRAVITY = 9.80665 / 9.81;

    private static final double OUTSIDE = 295 * GRAVITY; // K, in the rows of the openings

    /** Rows that no formula of its own answers: of the ground and the thermostats in the engine's tests, of whole days in the worked examples. */
    private static final Set<String> WHOLE_MODEL = Set.of(
            "pane_u_value",
            "ground_steady_flux",
            "lumped_cooling_backward_euler",
            "semi_infinite_step",
            "implicit_duty",
            "mist_mass",
            "mist_split",
            "mist_split_ground",
            "evaporation_rate",
            "reservoir_capacity",
            "days_to_barrier",
            "drain_share",
            "skin_capacity",
            "latent_power",
            "energy_kwh_day",
            "vent_dry_out",
            "probe_air",
            "probe_radiant");

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
        Assumptions.assumeFalse(WHOLE_MODEL.contains(quantity), "computed by the whole model, which has its own tests");
        double got = formula(quantity, inputs);
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
            case "convection_up_hot" -> level(in, 1);
            case "convection_stable" -> level(in, -1);
            case "convection_vertical" ->
                face(in.number("length_m"), in.number("h_min"))
                        .upright(in.number("dtv_k"), in.number("temp_k") * GRAVITY);
            case "churchill_chu_cross_check" -> face(in.number("height_m"), 1).upright(in.number("dt_k"), 298.15);
            case "convection_fan" -> Films.forced(in.number("speed_m_s"), in.number("length_m"));
            case "leaf_film" -> Films.leaf(in.number("h_leaf"), in.number("speed_m_s"));
            case "virtual_difference" -> lighter(in);
            case "parallel_rectangles_view_factor" ->
                ViewFactor.parallel(in.number("a_m"), in.number("b_m"), in.number("distance_m"));
            case "section_exchange_area" -> sections(inputs);
            case "opening_net_flow[0]",
                    "opening_net_flow[1]",
                    "opening_net_flow[2]",
                    "opening_net_flow[3]",
                    "opening_net_flow[4]" ->
                opening(Integer.parseInt(quantity.replaceAll("\\D", "")), inputs.contains("low vent"));
            case "radiative_coefficient" -> Films.radiation(in.number("temp1_c"), in.number("temp2_c"));
            case "screen_flow_factor" -> Openings.screen(in.number("open_fraction"));
            case "mesh_lid_exchange" -> mesh(inputs);
            case "stack_flow" -> inputs.contains("0.02") ? stack(0.004, 0.02, 0.4, 3) : stack(0.0006, 0.0006, 0.08, 1);
            case "mist_uptake_limit" -> uptake(in);
            case "percentile" -> percentile(inputs);
            case "preview_available" -> available(in);
            case "dli" -> PlantLight.daily(in.number("ppfd_umol_m2_s") * 1e-6, in.number("hours"));
            case "ppf_from_lumens" -> PlantLight.output(in.number("lumens"), in.number("lm_per_umol"));
            case "probe_reading" ->
                new Instrument(in.number("d_m"), in.number("alpha"))
                        .shows(
                                in.number("t_air_c"),
                                in.number("t_star_c"),
                                in.number("e_aimed_w_m2"),
                                in.number("u_m_s"));
            case "room_day_share" ->
                Weather.roomDay(in.number("hour"), in.number("day_start_h"), in.number("day_end_h"));
            default -> throw new IllegalArgumentException(quantity);
        };
    }

    private static Films.Face face(double length, double least) {
        return Films.Face.of(length, least, 0, length);
    }

    private static double level(Row in, int sign) {
        return face(in.number("length_m"), in.number("h_min"))
                .level(sign * in.number("dtv_k"), in.number("temp_k") * GRAVITY);
    }

    /** Air at a face that is so wet, against the air before it (K). */
    private static double lighter(Row in) {
        double air = in.number("w_air");
        double full = MoistAir.saturated(in.number("surface_c"), MoistAir.SEA_LEVEL);
        double wet = full > air ? in.number("wetness") : 1;
        return MoistAir.virtual(in.number("surface_c"), air + wet * (full - air))
                - MoistAir.virtual(in.number("air_c"), air);
    }

    private static double sections(String inputs) {
        int[] pair = inputs.contains("section 1 and section 2")
                ? new int[] {1, 2}
                : inputs.contains("section 1 and section 3")
                        ? new int[] {1, 3}
                        : inputs.contains("end section 5") ? new int[] {0, 5} : new int[] {0, 1};
        return ViewFactor.sections(0.45, 0.39, 0.15, 6, pair[0], pair[1]);
    }

    private static double lift(double height, double excess) {
        return tanah.core.physics.Constants.GRAVITY * height * excess / OUTSIDE;
    }

    private static double opening(int index, boolean vent) {
        double[] areas = vent ? new double[] {0.02, 0.02, 0.02, 0.02, 0.003} : new double[] {0.02, 0.02, 0.02, 0.02};
        double[] lifts = new double[areas.length];
        double[] excess = {3, 2, 1, 0.5, 3};
        for (int i = 0; i < lifts.length; i++) {
            lifts[i] = lift(i < 4 ? 0.4 : 0.05, excess[i]);
        }
        return NeutralLevel.flows(areas, lifts)[index];
    }

    private static double stack(double low, double high, double height, double excess) {
        return NeutralLevel.flows(new double[] {low, high}, new double[] {0, lift(height, excess)})[1];
    }

    private static double mesh(String inputs) {
        double area = inputs.contains("0.405") ? 0.405 : 0.2;
        double excess = inputs.contains("excess_k=5") ? 5 : 2;
        double across = Math.sqrt(4 * area / Math.PI);
        return Openings.twoWay(area * Openings.screen(0.65), Openings.level(across, excess, OUTSIDE), 0, 0.07);
    }

    /** Water that air takes up until it is as cool as its wet bulb (kg). */
    private static double uptake(Row in) {
        double celsius = in.number("temp_c");
        double share = in.number("rh_pct") / 100;
        double bulb = MoistAir.wetBulb(celsius, share, MoistAir.SEA_LEVEL);
        double now = MoistAir.humidity(share * MoistAir.saturation(celsius), MoistAir.SEA_LEVEL);
        return MoistAir.DENSITY * in.number("zone_m3") * (MoistAir.saturated(bulb, MoistAir.SEA_LEVEL) - now);
    }

    private static double percentile(String inputs) {
        double[] values = java.util.Arrays.stream(inputs.substring(inputs.indexOf('[') + 1, inputs.indexOf(']'))
                        .split(","))
                .mapToDouble(v -> Double.parseDouble(v.trim()))
                .toArray();
        double share = Double.parseDouble(inputs.substring(inputs.lastIndexOf('=') + 1));
        List<DayCourse.Sample> samples = new ArrayList<>();
        for (double v : values) {
            samples.add(new DayCourse.Sample(v, true, v, 0, org.mockito.Mockito.mock(Places.class), List.of()));
        }
        DayCourse day = new DayCourse(samples, new WaterLedger(0, 0, 0, 0, 0, 0, 0, 0, 0, 0), 0, 0, 0, 0, 0, 0);
        return day.quantile(true, share, DayCourse.Sample::room).orElseThrow();
    }

    private static double available(Row in) {
        Fixture f = new Fixture(
                "lamp",
                1,
                new Fixture.Hours.From(in.number("on_h"), in.number("hours")),
                1,
                java.util.Optional.empty(),
                new Fixture.Outside());
        return f.availableIn(in.text("phase").equals("day"), in.number("day_start_h"), in.number("photoperiod_h"));
    }
}
