package tanah.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.catalogue.Pack;

/** Pack rounding against a table made by another programme and confirmed by full enumeration. */
class PacksTest {
    private static final double STEP = 1e-4;

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/checks/packs.csv", numLinesToSkip = 1)
    void findsTheLeastCost(
            String id,
            String item,
            int need,
            int stock,
            String options,
            long cost,
            int bought,
            int leftOver,
            String counts,
            String problem,
            String from) {
        PackChoice choice =
                Packs.cheapest((need - stock) * STEP, packs(options)).orElseThrow();
        assertThat(choice.price()).as(from).isEqualTo(cost);
        assertThat(Math.round(choice.amount() / STEP)).as(from).isEqualTo(bought);
    }

    @Test
    void buysNothingForNothing() {
        assertThat(Packs.cheapest(0, packs("a=10@100")).orElseThrow().picks()).isEmpty();
    }

    @Test
    void knowsNothingWithoutPacksOrBeyondAllReason() {
        assertThat(Packs.cheapest(0.01, List.of())).isEmpty();
        assertThat(Packs.cheapest(11, packs("a=10@100"))).isEmpty();
    }

    private static List<Pack> packs(String options) {
        List<Pack> packs = new ArrayList<>();
        for (String option : options.split(";")) {
            String[] nameRest = option.split("=");
            String[] sizePrice = nameRest[1].split("@");
            packs.add(new Pack(
                    nameRest[0],
                    "item",
                    Integer.parseInt(sizePrice[0]) * STEP,
                    "l",
                    Long.parseLong(sizePrice[1]),
                    "table",
                    ""));
        }
        return packs;
    }
}
