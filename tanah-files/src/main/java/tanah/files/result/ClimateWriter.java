package tanah.files.result;

import java.util.Locale;
import tanah.core.box.Factors;
import tanah.core.calibrate.Calibration;
import tanah.core.climate.Balance;
import tanah.core.climate.DayCourse;
import tanah.core.climate.SteadyState;
import tanah.core.climate.WaterLedger;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.LightForecast;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a forecast of the climate with units in the names. */
final class ClimateWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final String[] FACTORS = {"f_lamp", "f_mesh", "f_env", "f_vent", "f_mix", "f_wet", "f_uv"};

    private ClimateWriter() {}

    static ObjectNode climate(Forecast f) {
        ObjectNode node = JSON.objectNode();
        for (SeasonPhase when : SeasonPhase.values()) {
            node.set(when.name().toLowerCase(Locale.ROOT), steady(f, when));
        }
        node.set("light", light(f));
        ObjectNode days = node.putObject("days");
        f.day(Season.WINTER).ifPresent(d -> days.set("winter", day(f, d, Season.WINTER)));
        f.day(Season.SUMMER).ifPresent(d -> days.set("summer", day(f, d, Season.SUMMER)));
        ArrayNode left = node.putArray("computed_without");
        f.mapped()
                .left()
                .forEach(l -> left.addObject().put("device", l.device()).put("why", l.why()));
        return node;
    }

    private static ObjectNode steady(Forecast f, SeasonPhase when) {
        ObjectNode node = JSON.objectNode();
        SteadyState s = f.at(when);
        node.put("converged", s.isConverged());
        node.put("iterations", s.rounds());
        ObjectNode places = node.putObject("places");
        for (ClimatePlace spot : ClimatePlace.values()) {
            f.expected(spot, when).ifPresent(e -> places.set(name(spot), expected(e, spot)));
        }
        number(node, "mean_air_c", s.places().meanAir());
        number(node, "mean_rh_pct", 100 * s.places().meanHumidity());
        number(node, "front_glass_min_c", s.places().frontMin());
        number(node, "front_margin_k", s.places().frontMargin());
        number(node, "air_changes_per_h", 3600 * s.airChanges());
        ObjectNode duties = node.putObject("duties");
        for (int i = 0; i < f.mapped().devices().size(); i++) {
            number(duties, f.mapped().devices().get(i).id(), s.duty(i));
        }
        node.set("balance_w", balance(s.balance()));
        return node;
    }

    private static String name(ClimatePlace spot) {
        String word = spot.name().toLowerCase(Locale.ROOT);
        return word + (spot.kind() == ClimatePlace.Kind.TEMPERATURE ? "_c" : "_pct");
    }

    private static ObjectNode expected(Expected e, ClimatePlace spot) {
        double factor = spot.kind() == ClimatePlace.Kind.TEMPERATURE ? 1 : 100;
        ObjectNode node = JSON.objectNode();
        number(node, "value", factor * e.value());
        number(node, "band", factor * e.half());
        return node;
    }

    private static ObjectNode balance(Balance b) {
        ObjectNode node = JSON.objectNode();
        number(node, "power", b.power());
        number(node, "direct_to_room", b.direct());
        number(node, "panes", b.panes());
        number(node, "base", b.base());
        number(node, "edge", b.edge());
        number(node, "vent", b.vent());
        number(node, "mesh_radiation", b.mesh());
        number(node, "latent", b.latent());
        return node;
    }

    private static ObjectNode light(Forecast f) {
        LightForecast light = f.light();
        ObjectNode node = JSON.objectNode();
        number(node, "uvi_peak", light.peak());
        number(node, "uvi_peak_band", light.peakBand().half());
        number(node, "uvi_resting", light.resting());
        number(node, "uvi_ground_mean", light.ground().mean());
        number(node, "uvi_ground_max", light.ground().most());
        number(node, "shade_share_uvi_below_0_3", light.ground().shade());
        number(node, "ppfd_ground_mean_umol_m2_s", 1e6 * light.photons().mean());
        number(node, "ppfd_ground_max_umol_m2_s", 1e6 * light.photons().most());
        number(node, "dli_ground_mean_mol_m2_d", light.daily());
        return node;
    }

    private static ObjectNode day(Forecast f, DayCourse d, Season season) {
        ObjectNode node = JSON.objectNode();
        number(node, "kwh", d.energy() / 3.6e6);
        number(node, "front_wet_h", d.wetHours());
        number(node, "front_condensing_h", d.fogHours());
        number(node, "front_film_max_mm", d.thickest());
        number(node, "periodicity_k", d.periodicity());
        WaterLedger w = d.water();
        ObjectNode water = node.putObject("water_kg");
        number(water, "mist", w.sprayed());
        number(water, "carried_out", w.carried());
        number(water, "from_soil", w.soil());
        number(water, "from_water", w.water());
        number(water, "from_films", w.films());
        number(water, "from_plants", w.plants());
        number(water, "drained", w.drained());
        ObjectNode places = node.putObject("places");
        for (ClimatePlace spot : ClimatePlace.values()) {
            double[] values =
                    f.course(spot, season).stream().mapToDouble(p -> p[1]).toArray();
            if (values.length > 0) {
                double factor = spot.kind() == ClimatePlace.Kind.TEMPERATURE ? 1 : 100;
                ObjectNode place = places.putObject(name(spot));
                number(
                        place,
                        "min",
                        factor * java.util.Arrays.stream(values).min().orElse(0));
                number(
                        place,
                        "max",
                        factor * java.util.Arrays.stream(values).max().orElse(0));
            }
        }
        return node;
    }

    /** What readings say of the model. */
    static ObjectNode fit(Calibration.Fit fit) {
        ObjectNode node = JSON.objectNode();
        ObjectNode factors = node.putObject("multipliers");
        for (int k = 0; k < Factors.COUNT; k++) {
            ObjectNode factor = factors.putObject(FACTORS[k]);
            number(factor, "value", fit.factors().get(k));
            number(factor, "log_sd", fit.deviation(k));
            factor.put("learned", fit.isLearned(k));
        }
        number(node, "cost_before", fit.costBefore());
        number(node, "cost", fit.cost());
        ArrayNode rows = node.putArray("readings");
        for (int i = 0; i < fit.after().size(); i++) {
            ObjectNode row = rows.addObject();
            number(row, "before", fit.before().get(i));
            number(row, "after", fit.after().get(i));
            number(row, "residual_sd", fit.residuals().get(i));
            row.put("fits", Math.abs(fit.residuals().get(i)) <= 3);
        }
        return node;
    }

    private static void number(ObjectNode node, String name, double value) {
        EvaluationWriter.number(node, name, value);
    }
}
