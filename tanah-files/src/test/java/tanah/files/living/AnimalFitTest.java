package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.plant.AnimalFit;
import tanah.core.plant.Plant;
import tanah.core.plant.Reach;

/** A plant and an animal at one place, by a table of another implementation ("derived": agreement, not truth), and at the limits. */
class AnimalFitTest {
    private static final Map<String, Plant> PLANTS = LivingTables.plants();
    private static final Map<String, CSVRecord> CASES =
            LivingTables.table("animal_fit.csv").stream().collect(Collectors.toMap(r -> r.get("case_id"), r -> r));

    static List<String> cases() {
        return CASES.keySet().stream().sorted().toList();
    }

    private static <T extends Enum<T>> Set<T> words(Class<T> type, String text) {
        return Arrays.stream(text.split(";"))
                .filter(w -> !w.isEmpty())
                .map(w -> Enum.valueOf(type, w.toUpperCase(Locale.ROOT)))
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @MethodSource("cases")
    void agreesWithTheTable(String id) {
        CSVRecord row = CASES.get(id);
        AnimalFit.Animal animal = new AnimalFit.Animal(
                Double.parseDouble(row.get("mass_g")) / 1000,
                row.get("climbs").equals("1"),
                Integer.parseInt(row.get("digs")),
                Double.parseDouble(row.get("plant_diet_frac")),
                Set.of(row.get("regions").split(";")));
        AnimalFit fit = AnimalFit.of(
                PLANTS.get(row.get("plant_id")),
                animal,
                Reach.valueOf(row.get("reach").toUpperCase(Locale.ROOT)));
        double near = Double.parseDouble(row.get("tolerance_abs"));
        assertThat(animal.tramples()).isEqualTo(Integer.parseInt(row.get("expected_trample_class")));
        assertThat(animal.climbing()).isEqualTo(Integer.parseInt(row.get("expected_climb_class")));
        assertThat(fit.factor()).isCloseTo(Double.parseDouble(row.get("expected_factor")), within(near));
        assertThat(fit.nativeTo()).isCloseTo(Double.parseDouble(row.get("expected_native")), within(near));
        assertThat(fit.refused()).isEqualTo(words(AnimalFit.Refused.class, row.get("expected_hard")));
        assertThat(fit.reasons()).isEqualTo(words(AnimalFit.Reason.class, row.get("expected_reasons")));
    }

    private static AnimalFit.Animal animal(double grams, double plants) {
        return new AnimalFit.Animal(grams / 1000, true, 0, plants, Set.of("84"));
    }

    @ParameterizedTest
    @CsvSource({
        "14.9, 0, 1",
        "15, 1, 1",
        "99.9, 1, 2",
        "100, 2, 2",
        "599, 2, 3",
        "600, 3, 3",
        "9.9, 0, 0",
        "10, 0, 1",
        "59.9, 1, 1",
        "60, 1, 2",
        "399, 2, 2",
        "400, 2, 3"
    })
    void heavierAnimalsTrampleAndClimbInClasses(double grams, int tramples, int climbs) {
        assertThat(animal(grams, 0).tramples()).isEqualTo(tramples);
        assertThat(animal(grams, 0).climbing()).isEqualTo(climbs);
    }

    /** A toxic plant: a warning for whoever eats none of it, a stop for whoever eats a fiftieth of plants. */
    @ParameterizedTest
    @CsvSource({
        "0, OPEN, false, true",
        "0.019, OPEN, false, true",
        "0.02, OPEN, true, false",
        "0.02, UNREACHABLE, false, false"
    })
    void toxicPlants(double share, Reach reach, boolean refused, boolean noted) {
        AnimalFit fit = AnimalFit.of(PLANTS.get("kalanchoe-tomentosa"), animal(5, share), reach);
        assertThat(fit.refused().contains(AnimalFit.Refused.TOXIC_TO_GRAZER)).isEqualTo(refused);
        assertThat(fit.reasons().contains(AnimalFit.Reason.TOXIC_NOTE)).isEqualTo(noted);
    }

    @ParameterizedTest
    @CsvSource({"0.299, false", "0.3, true"})
    void irritantPlants(double share, boolean refused) {
        AnimalFit fit = AnimalFit.of(PLANTS.get("begonia-rex"), animal(5, share), Reach.OPEN);
        assertThat(fit.refused().contains(AnimalFit.Refused.IRRITANT_TO_GRAZER)).isEqualTo(refused);
        assertThat(fit.factor()).isCloseTo(refused ? 0 : 1 - 0.6 * 0.598, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"14.9, OPEN, false", "15, OPEN, true", "15, PATH, true", "15, PROTECTED, false"})
    void spinesInReach(double grams, Reach reach, boolean refused) {
        AnimalFit fit = AnimalFit.of(PLANTS.get("agave-lechuguilla"), animal(grams, 0), reach);
        assertThat(fit.refused().contains(AnimalFit.Refused.SPINES_IN_REACH)).isEqualTo(refused);
    }

    @Test
    void whatIsMuchTooWeakIsCrushedInAPath() {
        Plant weak = PLANTS.get("begonia-rex");
        assertThat(AnimalFit.of(weak, animal(600, 0), Reach.PATH).refused())
                .containsExactly(AnimalFit.Refused.CRUSHED_IN_PATH);
        AnimalFit open = AnimalFit.of(weak, animal(600, 0), Reach.OPEN);
        assertThat(open.refused()).isEmpty();
        assertThat(open.factor()).isCloseTo(1 - 0.6 * 0.95, within(1e-9));
        AnimalFit.Animal walks = new AnimalFit.Animal(0.599, false, 0, 0, Set.of("84"));
        assertThat(AnimalFit.of(weak, walks, Reach.PATH).refused()).isEmpty();
    }

    @Test
    void oneContinentIsNearerThanAnother() {
        AnimalFit.Animal here = new AnimalFit.Animal(0.005, false, 0, 0, Set.of("85"));
        assertThat(AnimalFit.of(PLANTS.get("fittonia-albivenis"), here, Reach.OPEN)
                        .nativeTo())
                .isEqualTo(0.6);
    }
}
