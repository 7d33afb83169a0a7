package tanah.core.water;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.AggregateWith;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.design.Fitting;
import tanah.core.testing.CheckRow;

/** Water against published values and closed forms; provenance stands in each row of the tables. */
class WaterChecksTest {
    private static final double PER_HOUR = 1e-3 / 3600;
    private static final double CM = 0.01;
    private static final double MG = 1e-3;
    private static final double DAY = 86400;
    private static final double LITRE = 1e-3;

    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(
            resources = {"/checks/ammonia.csv", "/checks/hydraulics.csv", "/checks/water.csv", "/checks/nitrogen.csv"},
            numLinesToSkip = 1)
    void agreesWithTheTables(String id, String quantity, @AggregateWith(CheckRow.Reader.class) CheckRow row) {
        row.holds(compute(row));
    }

    private static double compute(CheckRow r) {
        return switch (r.quantity()) {
            case "nh3_percent_of_tan" -> 100 * Ammonia.unionisedShare(r.number("temp_c"), r.number("ph"));
            case "friction_factor" -> Pipe.friction(r.number("Re"), r.number("rel_roughness"));
            case "water_density" -> WaterProperties.density(r.number("temp_c"));
            case "water_viscosity" -> WaterProperties.viscosity(r.number("temp_c"));
            case "operating_q_l_per_h" -> flow(r) / PER_HOUR;
            case "operating_head_m" -> pipe(r).head(flow(r), r.number("temp_c"));
            case "channel_depth_mm" ->
                1000
                        * OpenFlow.channelDepth(
                                r.number("q_l_per_h") * PER_HOUR,
                                r.number("width_cm") * CM,
                                r.number("slope"),
                                r.number("n"));
            case "film_thickness_mm" ->
                1000
                        * OpenFlow.filmThickness(
                                r.number("q_l_per_h") * PER_HOUR, r.number("width_cm") * CM, r.number("temp_c"));
            case "jet_velocity" ->
                OpenFlow.jetSpeed(
                        r.number("q_l_per_h") * PER_HOUR, 1, r.number("bore_mm") / 1000, r.number("distance_cm") * CM);
            case "fraction_continuous" -> Changes.continuous(r.number("dose_l"), r.number("volume_l"));
            case "fraction_drain_then_fill" -> Changes.drainThenFill(r.number("dose_l"), r.number("volume_l"));
            case "changer_drain_then_fill_per_day" ->
                Changes.repeated(Changes.drainThenFill(dose(r), r.number("actual_l")), (int) r.number("per_day"));
            case "changer_continuous_per_day" ->
                Changes.repeated(Changes.continuous(dose(r), r.number("actual_l")), (int) r.number("per_day"));
            case "nitrate_peak_mg_per_l" -> nitrate(r).peak() / MG;
            case "nitrate_after_mg_per_l" -> nitrate(r).after() / MG;
            case "ro_tap_fraction" ->
                Changes.tapShare(r.number("target"), r.number("tap"), r.number("ro"))
                        .orElseThrow();
            case "thiosulfate_mg" ->
                Changes.thiosulfate(r.number("chlorine_mg_per_l") * MG, r.number("volume_l") * LITRE) * 1e6;
            case "alk_per_dh" -> NitrogenPlan.DEGREE / MG * r.number("dH");
            case "ready_day" -> course(r).ready().orElseThrow();
            case "peak_tan" -> course(r).peakAmmonia() / MG;
            case "peak_no2" -> course(r).peakNitrite() / MG;
            case "peak_nh3" -> course(r).peakUnionised() / MG;
            case "mass_balance_mg_n_per_l" -> {
                List<NitrogenCycle.Day> days = course(r).days();
                NitrogenCycle.Day last = days.get(days.size() - 1);
                yield (last.ammonia() + last.nitrite() + last.nitrate()) / MG;
            }
            default -> heater(r);
        };
    }

    private static double heater(CheckRow r) {
        HeaterModel m = new HeaterModel(
                r.number("volume_l") * LITRE,
                r.number("target_c"),
                r.number("room_c"),
                r.number("air_above_c"),
                r.number("rh_above"),
                r.number("wet_wall_m2"),
                r.number("base_m2"),
                r.number("surface_m2"),
                r.number("pane_mm") / 1000,
                1.0,
                r.number("base_insulation_mm") / 1000,
                r.number("lamp_w") + r.number("pump_w"));
        return switch (r.quantity()) {
            case "heat_UA_room_w_per_k" -> m.toRoom();
            case "heat_UA_air_w_per_k" -> m.toAir();
            case "heat_loss_w" -> m.loss(m.target());
            case "heat_evap_kg_per_day" -> m.evaporation(m.target()) * DAY;
            case "heat_need_w" -> m.need();
            case "heat_unheated_c" -> m.settled(0);
            case "heat_heater_w" -> m.size().orElseThrow();
            case "heat_tau_h" -> m.timeConstant() / 3600;
            case "heat_stuck_on_c" -> m.settled(m.size().orElseThrow());
            case "heat_warmup_h" -> m.warmUp(m.size().orElseThrow()).orElseThrow() / 3600;
            default -> throw new IllegalArgumentException(r.quantity());
        };
    }

    private static Pipe pipe(CheckRow r) {
        double fittings = Fitting.STRAINER.loss()
                + Fitting.ENTRANCE_SHARP.loss()
                + 2 * Fitting.ELBOW_90.loss()
                + Fitting.EXIT.loss();
        return new Pipe(
                r.number("static_m"),
                List.of(new Pipe.Segment(r.number("length_m"), r.number("bore_mm") / 1000, Pipe.SMOOTH, fittings)));
    }

    private static double flow(CheckRow r) {
        PumpCurve pump = new PumpCurve(r.number("h_max_m"), r.number("q_max_l_per_h") * PER_HOUR, 1);
        return pump.flow(pipe(r), r.number("temp_c")).orElseThrow();
    }

    private static double dose(CheckRow r) {
        return r.number("rated_pct") / 100 * r.number("rated_l");
    }

    private static Changes.Nitrate nitrate(CheckRow r) {
        double load = (r.number("load_mg_n_per_day") - r.number("uptake_mg_n_per_day")) * 1e-6 / DAY;
        return Changes.nitrate(
                load,
                r.number("volume_l") * LITRE,
                r.number("fraction"),
                r.number("interval_d") * DAY,
                r.number("tap_no3") * MG);
    }

    private static NitrogenCycle.Course course(CheckRow r) {
        NitrogenPlan.School school = r.says("school", "seeded")
                ? NitrogenPlan.School.SEEDED
                : r.says("school", "single") ? NitrogenPlan.School.SINGLE : NitrogenPlan.School.FISHLESS;
        return NitrogenCycle.run(new NitrogenPlan(
                r.number("volume_l") * LITRE,
                r.number("temp_c"),
                r.number("ph"),
                r.number("kh_dh") * NitrogenPlan.DEGREE,
                r.number("media_area_m2"),
                school,
                r.has("area_m2") ? OptionalDouble.of(r.number("area_m2")) : OptionalDouble.empty(),
                r.number("dose_mg_n_per_l", 0) * MG,
                r.number("load_mg_n_per_day", 0) * 1e-6 / DAY,
                0,
                r.number("plant_uptake_mg_n_per_day", 0) * 1e-6 / DAY,
                0,
                1,
                0,
                (int) r.number("days")));
    }
}
