package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.climate.Balance;
import tanah.core.climate.ClimateCase;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.Factors;
import tanah.core.climate.HeatSplit;
import tanah.core.climate.Places;
import tanah.core.climate.Steady;

/**
 * Three worked enclosures against another implementation of the same equations: agreement of two programs, not truth.
 * Temperatures within 0.05 K, humidity within half a point, heat within a per cent.
 */
class WorkedClimateTest {
    private static final Map<String, ClimateModel> MODELS = new HashMap<>();
    private static final Map<String, Steady> STATES = new HashMap<>();
    private static final double TOLERANCE = 1e-4;

    @ParameterizedTest(name = "{0} {2} {1}")
    @CsvFileSource(resources = "/climate/worked_examples.csv", numLinesToSkip = 1)
    void agrees(
            String id, String quantity, String inputs, double expected, double tolerance, String unit, String from) {
        String letter = inputs.substring("example=".length());
        Optional<Double> got = quantity.startsWith("steady_")
                ? Optional.of(steady(letter, quantity))
                : quantity.startsWith("device.") ? Optional.of(device(letter, quantity)) : Optional.empty();
        Assumptions.assumeTrue(got.isPresent(), "not computed here");
        assertThat(got.get()).as(letter + " " + quantity).isCloseTo(expected, within(tolerance));
    }

    private static ClimateModel model(String letter) {
        return MODELS.computeIfAbsent(
                letter, l -> ClimateModel.of(CaseJson.of(l).read(), Factors.ONE));
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
        Places p = s.places();
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
            case "mixing_velocity_m_s" -> s.mixingSpeed();
            case "stack_flow_m3_s" -> s.throughFlow();
            case "air_changes_per_h" -> 3600 * s.airChanges();
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
