package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Planting;
import tanah.core.testing.TestMedia;

/** Wishes of a planting as one change, and the cover that follows from what is stated of it. */
class PlantingEditTest {
    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    private final Design plain = Design.named("box");

    private static PlantingEdit.Wish wish(OptionalDouble low, OptionalDouble high, Map<String, Double> weights) {
        return new PlantingEdit.Wish(low, high, List.of(), List.of(), OptionalDouble.of(40), weights);
    }

    @Test
    void allIsStatedAtOnce() {
        Design wished = wish(OptionalDouble.of(0.3), NONE, Map.of("price", 2.0)).apply(plain, CONTEXT);
        assertThat(wished.planting().budget()).hasValue(40);
        assertThat(wished.planting().weights()).isEqualTo(Map.of("price", 2.0));
        assertThat(wished.planting().cover()).isEqualTo(new Range(0.3, 0.6));
    }

    @Test
    void whatMakesNoSenseIsRefusedAndChangesNothing() {
        PlantingEdit.Wish turned = wish(OptionalDouble.of(0.6), OptionalDouble.of(0.4), Map.of());
        assertThat(turned.refused(plain, CONTEXT)).hasValue(Refusal.COVER_TURNED);
        assertThat(turned.apply(plain, CONTEXT)).isEqualTo(plain);
        assertThat(wish(OptionalDouble.of(0.4), OptionalDouble.of(0.4), Map.of())
                        .refused(plain, CONTEXT))
                .isEmpty();
        for (Map<String, Double> bad : List.of(
                Map.of("price", -0.1), Map.of("price", 1000.1), Map.of("price", Double.NaN), Map.of("luck", 1.0))) {
            assertThat(wish(NONE, NONE, bad).refused(plain, CONTEXT)).hasValue(Refusal.WEIGHT_RANGE);
        }
        assertThat(wish(NONE, NONE, Map.of("price", 1000.0)).refused(plain, CONTEXT))
                .isEmpty();
        PlantingEdit.Wish unknown = new PlantingEdit.Wish(NONE, NONE, List.of("no-such"), List.of(), NONE, Map.of());
        assertThat(unknown.refused(plain, CONTEXT)).hasValue(Refusal.UNKNOWN_PLANT);
    }

    @Test
    void aCoverIsARangeWhateverIsStatedOfIt() {
        assertThat(Planting.UNSAID.cover()).isEqualTo(new Range(0.4, 0.6));
        assertThat(Planting.UNSAID.withCoverMin(OptionalDouble.of(0.8)).cover()).isEqualTo(new Range(0.8, 0.8));
        assertThat(Planting.UNSAID.withCoverMax(OptionalDouble.of(0.2)).cover()).isEqualTo(new Range(0.2, 0.2));
    }
}
