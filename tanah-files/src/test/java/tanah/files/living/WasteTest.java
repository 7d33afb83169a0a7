package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.crew.AnimalWaste;
import tanah.core.crew.AnimalWaste.Group;
import tanah.core.crew.AnimalWaste.Load;
import tanah.core.crew.Diet;
import tanah.core.crew.LitterDecay;

/** Waste by Nagy 2005 and decay by Olson 1963, and by tables of another implementation ("derived": agreement, not truth). */
class WasteTest {
    private static final List<CSVRecord> WASTE = LivingTables.table("waste.csv");
    private static final List<CSVRecord> LITTER = LivingTables.table("litter.csv");
    private static final double GRAM = 1e-3;
    private static final double KILOJOULE_A_DAY = 1000.0 / 86400;

    static IntStream waste() {
        return IntStream.range(0, WASTE.size());
    }

    static IntStream litter() {
        return IntStream.range(0, LITTER.size());
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static void near(double got, CSVRecord row, String column, double unit) {
        double wanted = number(row, column) * unit;
        // tables are rounded to five places
        double close = Math.max(number(row, "tolerance_rel") * Math.abs(wanted), 6e-6 * unit);
        assertThat(got).as(column).isCloseTo(wanted, within(close));
    }

    private static Map<Diet, Double> diet(String text) {
        Map<Diet, Double> diet = new EnumMap<>(Diet.class);
        Arrays.stream(text.split(";"))
                .map(p -> p.split(":"))
                .forEach(p -> diet.put(Diet.valueOf(p[0].toUpperCase(Locale.ROOT)), Double.parseDouble(p[1])));
        return diet;
    }

    @ParameterizedTest
    @MethodSource("waste")
    void animalsLeaveWhatTheTableSays(int index) {
        CSVRecord row = WASTE.get(index);
        double mass = number(row, "mass_g") * GRAM;
        int count = Integer.parseInt(row.get("count"));
        if (row.get("group").equals("detritivore")) {
            AnimalWaste.Eaten eaten = AnimalWaste.ofLitter(mass, count);
            near(eaten.litter(), row, "expected_litter_eaten_g_d", GRAM);
            near(eaten.frass(), row, "expected_frass_g_d", GRAM);
            return;
        }
        Group group = Group.valueOf(row.get("group").toUpperCase(Locale.ROOT));
        AnimalWaste w = AnimalWaste.of(group, mass, count, diet(row.get("diet")), number(row, "kappa"));
        near(w.metabolism(), row, "expected_fmr_kj_d", KILOJOULE_A_DAY);
        near(w.intake(), row, "expected_intake_g_d", GRAM);
        near(w.faeces(), row, "expected_faeces_g_d", GRAM);
        near(w.urate(), row, "expected_urate_g_d", GRAM);
        near(w.waste(), row, "expected_waste_g_d", GRAM);
    }

    @Test
    void aDietIsWhole() {
        assertThatThrownBy(() -> AnimalWaste.of(Group.REPTILE, 0.04, 1, Map.of(Diet.INSECT, 0.9), AnimalWaste.KEPT))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Limits of the flux, just within and just over, by the floor that a gecko's 0.0706 g a day fall on. */
    @ParameterizedTest
    @CsvSource({"0.151, NORMAL", "0.149, LIGHT", "0.501, HEAVY", "0.499, NORMAL", "1.501, OVERLOADED", "1.499, HEAVY"})
    void aFloorIsLoadedByItsFlux(double grams, Load load) {
        AnimalWaste w = AnimalWaste.of(Group.REPTILE, 0.04, 1, diet("insect:0.7;fruit:0.3"), AnimalWaste.KEPT);
        assertThat(w.load(w.waste() / (grams * GRAM))).isEqualTo(load);
    }

    @ParameterizedTest
    @MethodSource("litter")
    void leavesRotAsTheTableSays(int index) {
        CSVRecord row = LITTER.get(index);
        if (row.get("kind").equals("topup")) {
            LitterDecay decay = new LitterDecay(number(row, "k_ref_per_yr"));
            var days = decay.lasts(
                    number(row, "x0_g") * GRAM,
                    number(row, "xmin_g") * GRAM,
                    number(row, "gain_g_d") * GRAM,
                    number(row, "eat_g_d") * GRAM);
            if (row.get("expected_topup_d").equals("never")) {
                assertThat(days).isEmpty();
            } else {
                near(days.orElseThrow(), row, "expected_topup_d", 1);
            }
            return;
        }
        LitterDecay decay = LitterDecay.of(number(row, "k_ref_per_yr"), number(row, "temp_c"), number(row, "w_ffc"));
        near(decay.rate(), row, "expected_k_per_yr", 1);
        near(decay.half(), row, "expected_half_yr", 1);
        near(decay.nearlyAll(), row, "expected_t95_yr", 1);
        near(decay.all(), row, "expected_t99_yr", 1);
    }

    /** The closed form against small steps of its equation. */
    @ParameterizedTest
    @CsvSource({"1.2, 60, 27, 0.06, 0.10", "0.7, 300, 100, 0.0, 0.2", "2.5, 100, 10, 0.05, 0.0"})
    void aLayerLastsAsLongAsSmallStepsSay(double rate, double here, double least, double falls, double eaten) {
        double left = here;
        double days = 0;
        double step = 0.001;
        while (left > least) {
            left += step * (falls - eaten - rate / 365 * left);
            days += step;
        }
        assertThat(new LitterDecay(rate)
                        .lasts(here * GRAM, least * GRAM, falls * GRAM, eaten * GRAM)
                        .orElseThrow())
                .isCloseTo(days, within(0.01 * days));
    }

    @Test
    void whatFallsHeapsUpUntilAsMuchRots() {
        LitterDecay decay = new LitterDecay(1.5);
        double end = decay.steady(0.4 * GRAM);
        assertThat(end * decay.rate() / 365).isCloseTo(0.4 * GRAM, within(1e-12));
        assertThat(decay.lasts(end * 2, end * 0.99, 0.4 * GRAM, 0)).isEmpty();
        assertThat(decay.lasts(end / 2, end / 2, 0, 1).orElseThrow()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"0.05, 0", "0.049, 0", "0.275, 0.5", "0.5, 1", "1.1, 1", "1.35, 0.7", "1.6, 0.4", "1.7, 0.4"})
    void wetAndDryLayersRotSlower(double wetness, double share) {
        assertThat(LitterDecay.of(1, 24, wetness).rate()).isCloseTo(share, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"24, 1", "34, 2", "14, 0.5", "36, 2.2974", "46, 0", "50, 0"})
    void warmLayersRotFasterUntilTheyAreTooHot(double celsius, double times) {
        assertThat(LitterDecay.of(1, celsius, 0.8).rate()).isCloseTo(times, within(1e-4));
    }
}
