package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.plant.Criterion;
import tanah.core.plant.Plant;
import tanah.core.plant.Refusal;
import tanah.core.plant.RootPlace;
import tanah.core.plant.Spot;
import tanah.core.plant.Suitability;

/** Whether a plant would live at a place, by a table of another implementation ("derived": agreement, not truth), and laws. */
class SuitabilityTest {
    private static final Map<String, Plant> PLANTS = LivingTables.plants();
    private static final Map<String, CSVRecord> CASES =
            LivingTables.table("suitability.csv").stream().collect(Collectors.toMap(r -> r.get("case_id"), r -> r));
    private static final Map<String, Criterion> COLUMNS = Map.ofEntries(
            Map.entry("f_airflow", Criterion.AIRFLOW),
            Map.entry("f_drip", Criterion.DRIP),
            Map.entry("f_dry_spell", Criterion.DRY_SPELL),
            Map.entry("f_height", Criterion.HEIGHT),
            Map.entry("f_leaf_wet", Criterion.LEAF_WET),
            Map.entry("f_light", Criterion.LIGHT),
            Map.entry("f_lime", Criterion.LIME),
            Map.entry("f_moisture", Criterion.MOISTURE),
            Map.entry("f_night_drop", Criterion.NIGHT_DROP),
            Map.entry("f_ph", Criterion.PH),
            Map.entry("f_rh", Criterion.HUMIDITY),
            Map.entry("f_temp_day", Criterion.DAY_TEMPERATURE),
            Map.entry("f_temp_night", Criterion.NIGHT_TEMPERATURE),
            Map.entry("f_winter", Criterion.WINTER));

    private static OptionalDouble at(CSVRecord row, String column, double times) {
        return OptionalDouble.of(times * Double.parseDouble(row.get(column)));
    }

    private static OptionalInt level(CSVRecord row, String column) {
        return OptionalInt.of(Integer.parseInt(row.get(column)));
    }

    private static Spot spot(String id) {
        CSVRecord row = CASES.get(id);
        return new Spot(
                RootPlace.valueOf(row.get("medium").toUpperCase(Locale.ROOT)),
                at(row, "dli_mol_m2_d", 1),
                at(row, "ppfd_peak_umol_m2_s", 1e-6),
                at(row, "temp_day_c", 1),
                at(row, "temp_night_c", 1),
                at(row, "temp_min_c", 1),
                at(row, "temp_max_c", 1),
                at(row, "rh_mean_pct", 0.01),
                at(row, "rh_p05_pct", 0.01),
                at(row, "w_mean_ffc", 1),
                at(row, "dry_spell_d", 1),
                at(row, "leaf_wet_h_d", 1),
                level(row, "airflow_class"),
                level(row, "drip_class"),
                level(row, "flood_class"),
                at(row, "flood_depth_cm", 0.01),
                at(row, "soil_depth_cm", 0.01),
                at(row, "headroom_cm", 0.01),
                at(row, "ph", 1),
                Optional.of(row.get("lime_present").equals("1")),
                at(row, "winter_rest_weeks", 1));
    }

    private static Plant plant(String id) {
        return PLANTS.get(id);
    }

    private static Refusal refusal(String code) {
        return code.equals("root_medium") ? Refusal.ROOT_PLACE : Refusal.valueOf(code.toUpperCase(Locale.ROOT));
    }

    static List<String> cases() {
        return CASES.keySet().stream().sorted().toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void agreesWithTheTable(String id) {
        CSVRecord row = CASES.get(id);
        Suitability s = Suitability.of(plant(row.get("plant_id")), spot(id));
        double near = Double.parseDouble(row.get("tolerance_abs"));
        assertThat(s.score().orElseThrow()).isCloseTo(Double.parseDouble(row.get("expected_score")), within(near));
        assertThat(s.scarcest().orElseThrow()).isCloseTo(Double.parseDouble(row.get("expected_f_min")), within(near));
        assertThat(s.mean().orElseThrow()).isCloseTo(Double.parseDouble(row.get("expected_gm")), within(near));
        assertThat(s.grade().orElseThrow().name()).isEqualToIgnoringCase(row.get("expected_band"));
        assertThat(s.refused())
                .isEqualTo(Arrays.stream(row.get("expected_hard").split(";"))
                        .filter(c -> !c.isEmpty())
                        .map(SuitabilityTest::refusal)
                        .collect(Collectors.toSet()));
        assertThat(s.limiting())
                .isEqualTo(Optional.of(row.get("expected_limiting"))
                        .filter(c -> !c.isEmpty())
                        .map(c -> COLUMNS.get("f_" + c)));
        Map<Criterion, Double> expected = new EnumMap<>(Criterion.class);
        COLUMNS.forEach((column, criterion) -> {
            if (!row.get(column).isEmpty()) {
                expected.put(criterion, Double.parseDouble(row.get(column)));
            }
        });
        assertThat(s.factors().keySet()).isEqualTo(expected.keySet());
        expected.forEach((criterion, factor) ->
                assertThat(s.factors().get(criterion)).as(criterion.name()).isCloseTo(factor, within(near)));
        assertThat(s.unknown()).isEmpty();
        assertThat(s.unjudged()).isEmpty();
    }

    /** A nerve plant at the floor of a forest, one measure moved: below, at and above what it bears. */
    @ParameterizedTest
    @CsvSource({
        "coldest, 11.9, TOO_COLD", "coldest, 12, ", "hottest, 35, ", "hottest, 35.1, TOO_HOT",
        "soil, 0.059, SOIL_TOO_SHALLOW", "soil, 0.06, ", "headroom, 0.075, ", "headroom, 0.074, TOO_TALL",
        "flood, 1, ", "flood, 2, FLOODED"
    })
    void whatRulesItOut(String measure, double value, Refusal refused) {
        Spot here = spot("S01");
        Spot moved = switch (measure) {
            case "coldest" -> here.withColdest(OptionalDouble.of(value));
            case "hottest" -> here.withHottest(OptionalDouble.of(value));
            case "soil" -> here.withSoil(OptionalDouble.of(value));
            case "headroom" -> here.withHeadroom(OptionalDouble.of(value));
            default -> here.withFlood(OptionalInt.of((int) value));
        };
        Suitability s = Suitability.of(plant("fittonia-albivenis"), moved);
        assertThat(s.refused()).isEqualTo(Stream.ofNullable(refused).collect(Collectors.toSet()));
        assertThat(s.score().orElseThrow() == 0).isEqualTo(refused != null);
    }

    /** All of it is told, not the first. */
    @Test
    void everyRefusalIsTold() {
        Spot bad = spot("S01")
                .withColdest(OptionalDouble.of(0))
                .withHottest(OptionalDouble.of(50))
                .withSoil(OptionalDouble.of(0))
                .withHeadroom(OptionalDouble.of(0.01))
                .withFlood(OptionalInt.of(3));
        assertThat(Suitability.of(plant("fittonia-albivenis"), bad).refused())
                .isEqualTo(Set.of(
                        Refusal.TOO_COLD,
                        Refusal.TOO_HOT,
                        Refusal.SOIL_TOO_SHALLOW,
                        Refusal.TOO_TALL,
                        Refusal.FLOODED));
    }

    @Test
    void waterThatIsTooDeepIsTold() {
        Plant flooded = plant("spathiphyllum-wallisii");
        double most = flooded.wet().floodDepth();
        Spot here = spot("S12");
        assertThat(Suitability.of(flooded, here.withFloodDepth(OptionalDouble.of(most)))
                        .refused())
                .isEmpty();
        assertThat(Suitability.of(flooded, here.withFloodDepth(OptionalDouble.of(most + 0.001)))
                        .refused())
                .containsExactly(Refusal.WATER_TOO_DEEP);
        assertThat(Suitability.of(
                                flooded,
                                here.withFlood(OptionalInt.of(1)).withFloodDepth(OptionalDouble.of(most + 0.001)))
                        .refused())
                .as("wet for hours only")
                .isEmpty();
    }

    @Test
    void whatIsNotKnownIsNamedAndNeverCountsAsGood() {
        Spot nothing = new Spot(
                RootPlace.SOIL,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty());
        Plant picky = plant("sphagnum-palustre");
        Suitability s = Suitability.of(picky, nothing);
        assertThat(s.score()).isEmpty();
        assertThat(s.grade()).isEmpty();
        assertThat(s.unknown()).contains(Criterion.LIGHT, Criterion.LIME, Criterion.MOISTURE, Criterion.PH);
        assertThat(s.unjudged()).contains(Refusal.TOO_COLD, Refusal.TOO_HOT, Refusal.FLOODED, Refusal.WATER_TOO_DEEP);
        Suitability dark =
                Suitability.of(plant("fittonia-albivenis"), spot("S01").withDaily(OptionalDouble.empty()));
        assertThat(dark.unknown()).containsExactly(Criterion.LIGHT);
        assertThat(dark.factors()).doesNotContainKey(Criterion.LIGHT);
    }

    /** What is nearer to what a plant likes never makes a place worse for it; factors stay between 0 and 1. */
    @Test
    void nearerToWhatItLikesIsNeverWorse() {
        Random random = new Random(15);
        BiFunction<Spot, Double, Spot> daily = (s, v) -> s.withDaily(OptionalDouble.of(v));
        BiFunction<Spot, Double, Spot> humid = (s, v) -> s.withHumidity(OptionalDouble.of(v));
        BiFunction<Spot, Double, Spot> moist = (s, v) -> s.withMoisture(OptionalDouble.of(v));
        for (Plant p : PLANTS.values()) {
            for (int i = 0; i < 40; i++) {
                Spot here = spot("S01");
                approach(p, here, daily, p.light().daily(), random);
                approach(p, here, humid, p.humidity(), random);
                approach(p, here, moist, p.moisture(), random);
            }
        }
    }

    private static void approach(
            Plant p, Spot here, BiFunction<Spot, Double, Spot> with, Plant.Range liked, Random random) {
        double far = 2 * liked.most() * random.nextDouble();
        double near = far + random.nextDouble() * (liked.liked() - far);
        Map<Criterion, Double> one = Suitability.of(p, with.apply(here, far)).factors();
        Map<Criterion, Double> two = Suitability.of(p, with.apply(here, near)).factors();
        one.forEach((c, f) -> {
            assertThat(f).isBetween(0.0, 1.0);
            assertThat(two.get(c)).as(p.id() + " " + c + " " + far + " " + near).isGreaterThanOrEqualTo(f - 1e-12);
        });
    }
}
