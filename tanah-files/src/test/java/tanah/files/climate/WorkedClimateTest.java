package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.climate.Balance;
import tanah.core.climate.ClimateCase;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.Factors;
import tanah.core.climate.HeatSplit;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.climate.Steady;
import tanah.core.climate.Uncertainty;

/**
 * Three worked enclosures against another implementation of the same equations: agreement of two programs, not truth.
 * Temperatures within 0.05 K, humidity within half a point, heat within a per cent.
 */
class WorkedClimateTest {
    private static final Map<String, ClimateModel> MODELS = new HashMap<>();
    private static final Map<String, Steady> STATES = new HashMap<>();
    private static final Map<String, DayCourse> DAYS = new HashMap<>();
    private static final Map<String, Uncertainty> BANDS = new HashMap<>();
    private static final double TOLERANCE = 1e-4;

    @ParameterizedTest(name = "{0} {2} {1}")
    @CsvFileSource(resources = "/climate/worked_examples.csv", numLinesToSkip = 1)
    void agrees(
            String id, String quantity, String inputs, double expected, double tolerance, String unit, String from) {
        String letter = inputs.substring("example=".length());
        Optional<Double> got = value(letter, quantity);
        Assumptions.assumeTrue(got.isPresent(), "not computed here");
        assertThat(got.get()).as(letter + " " + quantity).isCloseTo(expected, within(tolerance));
    }

    private static Optional<Double> value(String letter, String quantity) {
        return switch (quantity.split("[._]")[0]) {
            case "steady" -> Optional.of(steady(letter, quantity));
            case "device" -> Optional.of(device(letter, quantity));
            case "light" -> Optional.of(light(letter, quantity.substring(6)));
            case "day" -> Optional.of(day(letter, quantity));
            case "band90" -> Optional.of(band(letter, quantity));
            default -> Optional.empty();
        };
    }

    private static ClimateModel model(String letter) {
        return MODELS.computeIfAbsent(
                letter, l -> ClimateModel.of(CaseJson.of(l).read(), Factors.ONE));
    }

    private static double day(String letter, String quantity) {
        String[] parts = quantity.split("\\.");
        String season = parts[0].substring(4);
        DayCourse d = DAYS.computeIfAbsent(
                letter + season,
                key -> DayRun.of(model(letter), CaseJson.of(letter).season(season)));
        assertThat(d.worstGap()).as("heat that is not accounted for").isLessThan(1e-8);
        assertThat(d.water().gap()).as("water that is not accounted for").isCloseTo(0, within(1e-9));
        if (parts[1].equals("total") || parts[1].equals("evaporated")) {
            return total(d, parts[2]);
        }
        ToDoubleFunction<DayCourse.Sample> value =
                s -> parts[1].equals("room_c") ? s.room() : place(s.places(), parts[1]);
        return switch (parts[2]) {
            case "min" -> d.min(value);
            case "max" -> d.max(value);
            case "day_mean" -> d.mean(true, value);
            default -> d.mean(false, value);
        };
    }

    private static double total(DayCourse d, String what) {
        return switch (what) {
            case "kwh" -> d.energy() / 3.6e6;
            case "mist_kg" -> d.water().sprayed();
            case "vent_loss_kg" -> d.water().carried();
            case "drained_kg" -> d.water().drained();
            case "fog_hours_front_25pct" -> d.wetHours();
            case "condensing_hours_front_25pct" -> d.fogHours();
            case "fog_max_film_mm" -> d.thickest();
            case "soil" -> d.water().soil();
            case "water" -> d.water().water();
            case "film" -> d.water().films();
            case "transp" -> d.water().plants();
            case "cond_front" -> d.water().front();
            default -> throw new IllegalArgumentException(what);
        };
    }

    private static double band(String letter, String quantity) {
        int dot = quantity.indexOf('.');
        String[] when = quantity.substring(0, dot).split("_");
        Uncertainty u = BANDS.computeIfAbsent(letter + when[1] + when[2], key -> {
            ClimateCase.Season season = CaseJson.of(letter).season(when[1]);
            boolean day = when[2].equals("day");
            return Uncertainty.of(
                    CaseJson.of(letter).read(), Factors.ONE, day ? season.day() : season.night(), day, TOLERANCE);
        });
        LightMap.Reach reach = letter.equals("B") ? new LightMap.Reach(true, 0.03, 0.05, 0) : LightMap.Reach.GROUND;
        return switch (quantity.substring(dot + 1)) {
            case "basking_surface_c" ->
                u.half(v -> v.steady().places().baskingSurface().orElseThrow(), Uncertainty.SURFACE);
            case "warm_air_c" -> u.half(v -> v.steady().places().warmAir(), Uncertainty.AIR);
            case "cool_air_c" -> u.half(v -> v.steady().places().coolAir(), Uncertainty.AIR);
            case "mean_rh_pct" -> 100 * u.half(v -> v.steady().places().meanHumidity(), Uncertainty.HUMIDITY);
            default -> {
                double peak = LightMap.of(u.plain().model()).uvPeak(reach);
                yield u.half(v -> LightMap.of(v.model()).uvPeak(reach), Uncertainty.LIGHT * peak);
            }
        };
    }

    private static double light(String letter, String what) {
        LightMap map = LightMap.of(model(letter));
        LightMap.Reach reach = letter.equals("B") ? new LightMap.Reach(true, 0.03, 0.05, 0) : LightMap.Reach.GROUND;
        return switch (what) {
            case "uvi_peak" -> map.uvPeak(reach);
            case "uvi_ground_mean" -> map.uvOnGround(0.03).mean();
            case "uvi_ground_max" -> map.uvOnGround(0.03).most();
            case "shade_share_uvi_below_0_3" -> map.uvOnGround(0.03).shade();
            case "uvi_basking" -> map.uvOnPlatform(0, 0.03);
            case "zone_of_ground_mean" -> map.zone(0.03);
            case "ppfd_ground_mean" -> 1e6 * map.photonsOnGround().mean();
            case "ppfd_ground_max" -> 1e6 * map.photonsOnGround().most();
            case "dli_ground_mean" -> map.dailyOnGround();
            default -> throw new IllegalArgumentException(what);
        };
    }

    private static double device(String letter, String quantity) {
        String[] parts = quantity.split("\\.");
        ClimateCase c = CaseJson.of(letter).read();
        int index = 0;
        while (!c.fixtures().get(index).name().equals(parts[1])) {
            index++;
        }
        HeatSplit s = model(letter).split(index);
        return switch (parts[2]) {
            case "tile_w" -> s.ground();
            case "cell_w" -> s.cells();
            case "base_w" -> s.base();
            case "pin_w", "pout_w" -> s.panes();
            case "pl_w" -> s.platform();
            case "fol_w" -> s.foliage();
            case "zone_w" -> s.air();
            case "star_w" -> s.diffuse();
            case "water_w" -> s.water();
            case "room_w" -> s.room();
            default -> throw new IllegalArgumentException(quantity);
        };
    }

    private static double steady(String letter, String quantity) {
        int dot = quantity.indexOf('.');
        String[] when = quantity.substring(0, dot).split("_");
        String what = quantity.substring(dot + 1);
        Steady s = STATES.computeIfAbsent(letter + when[1] + when[2], key -> {
            ClimateCase.Season season = CaseJson.of(letter).season(when[1]);
            boolean day = when[2].equals("day");
            return model(letter).steady(day ? season.day() : season.night(), day, Optional.empty(), TOLERANCE);
        });
        assertThat(s.isConverged())
                .as("converged, last change " + s.lastChange())
                .isTrue();
        assertThat(s.balance().gap()).as("what is given is what leaves").isCloseTo(0, within(0.001));
        if (what.startsWith("duty[")) {
            return s.duty(Integer.parseInt(what.substring(5, what.length() - 1)));
        }
        return what.startsWith("balance.") ? balance(s.balance(), what) : place(s, what);
    }

    private static double balance(Balance b, String what) {
        return switch (what.substring("balance.".length())) {
            case "power_w" -> b.power();
            case "direct_to_room_w" -> b.direct();
            case "panes_w" -> b.panes();
            case "base_w" -> b.base();
            case "edge_w" -> b.edge();
            case "vent_w" -> b.vent();
            case "mesh_rad_w" -> b.mesh();
            case "latent_w" -> b.latent();
            case "storage_w" -> b.stored();
            default -> throw new IllegalArgumentException(what);
        };
    }

    private static double place(Steady s, String what) {
        return switch (what) {
            case "mixing_velocity_m_s" -> s.mixingSpeed();
            case "stack_flow_m3_s" -> s.throughFlow();
            case "air_changes_per_h" -> 3600 * s.airChanges();
            default -> place(s.places(), what);
        };
    }

    private static double place(Places p, String what) {
        return switch (what) {
            case "warm_air_c" -> p.warmAir();
            case "cool_air_c" -> p.coolAir();
            case "warm_rh_pct" -> 100 * p.warmHumidity();
            case "cool_rh_pct" -> 100 * p.coolHumidity();
            case "mid_air_c" -> p.midAir();
            case "top_air_c" -> p.topAir();
            case "mean_air_c" -> p.meanAir();
            case "mean_rh_pct" -> 100 * p.meanHumidity();
            case "mean_w_g_kg" -> 1000 * p.meanVapour();
            case "ground_max_c" -> p.groundMax().orElseThrow();
            case "ground_min_c" -> p.groundMin().orElseThrow();
            case "cool_ground_c" -> p.groundOf(false).orElseThrow();
            case "warm_ground_c" -> p.groundOf(true).orElseThrow();
            case "basking_surface_c" -> p.baskingSurface().orElseThrow();
            case "basking_air_c" -> p.baskingAir().orElseThrow();
            case "front_glass_min_c" -> p.frontMin();
            case "front_margin_k" -> p.frontMargin();
            case "water_0_c" -> p.water(0);
            default -> {
                if (what.startsWith("platform_")) {
                    yield p.platform(0);
                }
                throw new IllegalArgumentException(what);
            }
        };
    }
}
