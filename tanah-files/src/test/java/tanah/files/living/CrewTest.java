package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.crew.CrewKind;
import tanah.core.crew.CrewPlan;
import tanah.core.crew.CrewYear;
import tanah.core.crew.LitterDecay;
import tanah.core.crew.Mould;
import tanah.core.crew.Protein;

/** A crew through a year, by tables of another implementation ("derived": agreement, not truth), and laws. */
class CrewTest {
    private static final double GRAM = 1e-3;
    private static final Map<String, CrewKind> KINDS = LivingTables.crew();
    private static final List<CSVRecord> ACTIVITY = LivingTables.table("crew_activity.csv");
    private static final List<CSVRecord> MOULD = LivingTables.table("mould.csv");
    private static final List<CSVRecord> PROTEIN = LivingTables.table("protein.csv");
    private static final List<CSVRecord> YEARS = LivingTables.table("crew_simulation.csv");

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    static IntStream activity() {
        return IntStream.range(0, ACTIVITY.size());
    }

    static IntStream years() {
        return IntStream.range(0, YEARS.size());
    }

    @ParameterizedTest
    @MethodSource("activity")
    void livesAsFastAsTheTableSays(int index) {
        CSVRecord row = ACTIVITY.get(index);
        CrewKind kind = KINDS.get(row.get("crew_id"));
        double near = number(row, "tolerance_abs");
        assertThat(kind.warmth(number(row, "temp_c"))).isCloseTo(number(row, "expected_temp_activity"), within(near));
        assertThat(kind.ground(number(row, "w_ffc"), number(row, "w_pocket_ffc"), number(row, "pocket_frac")))
                .isCloseTo(number(row, "expected_moist_activity"), within(near));
    }

    private static CrewPlan plan(CSVRecord row) {
        List<CrewPlan.Group> crew = Arrays.stream(row.get("crew").split(";"))
                .map(g -> g.split(":"))
                .map(g -> new CrewPlan.Group(
                        KINDS.get(g[0]), Double.parseDouble(g[1]), Double.parseDouble(g[2]), Double.parseDouble(g[3])))
                .toList();
        return new CrewPlan(
                number(row, "area_m2"),
                number(row, "temp_c"),
                number(row, "w"),
                number(row, "w_pocket"),
                number(row, "pocket_frac"),
                number(row, "litter0_g") * GRAM,
                number(row, "litter_in_g_d") * GRAM,
                number(row, "k_leaf_per_yr"),
                number(row, "waste_g_d") * GRAM,
                number(row, "frass_g_d") * GRAM,
                number(row, "litter_eaten_g_d") * GRAM,
                number(row, "spot_frac"),
                number(row, "intake_g_d") * GRAM,
                crew);
    }

    private static void near(double got, double wanted, double relative, double rounding) {
        assertThat(got).isCloseTo(wanted, within(Math.max(relative * Math.abs(wanted), rounding)));
    }

    @ParameterizedTest
    @MethodSource("years")
    void goesThroughTheYearAsTheTable(int index) {
        CSVRecord row = YEARS.get(index);
        CrewYear year = CrewYear.of(plan(row));
        CrewYear.Day day = year.days().get(Integer.parseInt(row.get("day")));
        double near = number(row, "tolerance_rel");
        near(day.litter(), number(row, "expected_litter_g") * GRAM, near, 0.001 * GRAM);
        near(day.waste(), number(row, "expected_waste_g") * GRAM, near, 0.0001 * GRAM);
        near(day.frass(), number(row, "expected_frass_g") * GRAM, near, 0.001 * GRAM);
        String[] counts = row.get("expected_counts").split(";");
        for (int i = 0; i < counts.length; i++) {
            near(day.counts().get(i), Double.parseDouble(counts[i]), near, 0.1);
        }
        String balance = row.get("expected_balance_day");
        assertThat(year.balance())
                .isEqualTo(balance.isEmpty() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(balance)));
        assertThat(year.verdicts())
                .isEqualTo(Arrays.stream(row.get("expected_verdicts").split(";"))
                        .map(v -> CrewYear.Verdict.valueOf(v.toUpperCase(Locale.ROOT)))
                        .toList());
        if (row.get("day").equals("365")) {
            assertThat(CrewYear.spotCleaning(plan(row))).isEqualTo(number(row, "expected_spot_frac"));
        }
    }

    /** Without anybody, leaves rot as {@link LitterDecay} says, day by day. */
    @Test
    void aFloorWithoutACrewOnlyRots() {
        CrewPlan empty = new CrewPlan(0.3, 24, 0.8, 0.8, 0, 0.1, 0, 1.2, 0, 0, 0, 0, 0, List.of());
        CrewYear year = CrewYear.of(empty);
        for (int d = 0; d <= CrewYear.DAYS; d++) {
            assertThat(year.days().get(d).litter()).isCloseTo(0.1 * Math.pow(1 - 1.2 / 365, d), within(1e-12));
        }
        assertThat(year.verdicts()).isEmpty();
    }

    @Test
    void nothingIsEverLessThanNothing() {
        Random random = new Random(44);
        List<CrewKind> kinds = KINDS.values().stream()
                .sorted(Comparator.comparing(CrewKind::id))
                .toList();
        for (int i = 0; i < 100; i++) {
            CrewPlan plan = new CrewPlan(
                    0.05 + random.nextDouble(),
                    5 + 35 * random.nextDouble(),
                    1.6 * random.nextDouble(),
                    1.6 * random.nextDouble(),
                    random.nextDouble(),
                    0.5 * random.nextDouble(),
                    0.001 * random.nextDouble(),
                    4 * random.nextDouble(),
                    0.003 * random.nextDouble(),
                    0.001 * random.nextDouble(),
                    0.001 * random.nextDouble(),
                    random.nextDouble(),
                    0.003 * random.nextDouble(),
                    List.of(
                            new CrewPlan.Group(
                                    kinds.get(random.nextInt(kinds.size())),
                                    5000 * random.nextDouble(),
                                    0.3 * random.nextDouble(),
                                    random.nextDouble()),
                            new CrewPlan.Group(
                                    kinds.get(random.nextInt(kinds.size())), 10, 0.3 * random.nextDouble(), 0.5)));
            for (CrewYear.Day day : CrewYear.of(plan).days()) {
                assertThat(Math.min(day.litter(), Math.min(day.waste(), day.frass())))
                        .isGreaterThanOrEqualTo(0);
                assertThat(day.counts()).allMatch(c -> c >= 0 && Double.isFinite(c));
            }
        }
    }

    static IntStream mould() {
        return IntStream.range(0, MOULD.size());
    }

    private static void maybe(OptionalDouble got, CSVRecord row, String column) {
        assertThat(got.isPresent()).as(column).isEqualTo(!row.get(column).isEmpty());
        got.ifPresent(
                v -> assertThat(v).as(column).isCloseTo(number(row, column), within(number(row, "tolerance_abs"))));
    }

    @ParameterizedTest
    @MethodSource("mould")
    void mouldComesAndGoesAsTheTableSays(int index) {
        CSVRecord row = MOULD.get(index);
        Mould mould = Mould.of(
                number(row, "sugar_g_m2") * GRAM,
                number(row, "temp_c"),
                number(row, "w_ffc"),
                number(row, "springtails_per_m2"));
        maybe(mould.peak(), row, "expected_peak_day");
        double most = mould.peak().isPresent() ? mould.at(mould.peak().getAsDouble()) : 0;
        assertThat(most / GRAM).isCloseTo(number(row, "expected_peak_g_m2"), within(number(row, "tolerance_abs")));
        maybe(
                mould.seen().map(s -> OptionalDouble.of(s.from())).orElse(OptionalDouble.empty()),
                row,
                "expected_visible_from_day");
        maybe(
                mould.seen().map(s -> OptionalDouble.of(s.to())).orElse(OptionalDouble.empty()),
                row,
                "expected_visible_to_day");
    }

    static IntStream protein() {
        return IntStream.range(0, PROTEIN.size());
    }

    @ParameterizedTest
    @MethodSource("protein")
    void proteinIsEnoughOrNotAsTheTableSays(int index) {
        CSVRecord row = PROTEIN.get(index);
        Protein p = Protein.of(
                List.of(new CrewPlan.Group(KINDS.get(row.get("crew_id")), number(row, "count"), 0, 1)),
                number(row, "waste_g_d") * GRAM,
                0);
        double near = number(row, "tolerance_rel");
        near(p.supply(), number(row, "expected_supply_g_d") * GRAM, near, 1e-9);
        near(p.demand(), number(row, "expected_demand_g_d") * GRAM, near, 1e-9);
        near(p.ratio(), number(row, "expected_ratio"), near, 1e-4);
        near(p.weekly(), number(row, "expected_feed_g_week") * GRAM, near, 1e-9);
        assertThat(p.level().name().toLowerCase(Locale.ROOT))
                .isEqualTo(row.get("expected_level").replace("stop_if_soft_animals", "stop_if_soft"));
    }

    /** Sixty swift isopods want 0.0252 g a day; 0.15 of the waste is protein. */
    @ParameterizedTest
    @CsvSource({"0.0671, STOP_IF_SOFT", "0.0673, CAUTION", "0.1679, CAUTION", "0.1681, OK"})
    void proteinAtItsLimits(double grams, Protein.Level level) {
        CrewPlan.Group swift = new CrewPlan.Group(KINDS.get("porcellio-laevis"), 60, 0, 1);
        assertThat(Protein.of(List.of(swift), grams * GRAM, 0).level()).isEqualTo(level);
        Protein fed = Protein.of(
                List.of(swift),
                grams * GRAM,
                Protein.of(List.of(swift), grams * GRAM, 0).weekly() / 7);
        assertThat(fed.ratio()).as("what is said to feed is enough").isGreaterThanOrEqualTo(1 - 1e-12);
        assertThat(Protein.of(List.of(), 0, 0).level()).isEqualTo(Protein.Level.OK);
    }
}
