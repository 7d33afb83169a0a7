package tanah.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The search over lists finds what trying everything finds, and stops when it is told to. */
class OptionWalkTest {
    private record Cost(int[] at, double value) {}

    private final Map<String, Cost> seen = new HashMap<>();
    private int asked;

    private OptionWalk<Cost> walk(int[] sizes, ToDoubleFunction<int[]> cost, int most) {
        return new OptionWalk<>(
                sizes,
                at -> {
                    asked++;
                    return seen.computeIfAbsent(Arrays.toString(at), k -> new Cost(at.clone(), cost.applyAsDouble(at)));
                },
                Comparator.comparingDouble(Cost::value),
                () -> seen.size() >= most);
    }

    private Cost best() {
        return seen.values().stream()
                .min(Comparator.comparingDouble(Cost::value))
                .orElseThrow();
    }

    @Test
    void everyCombinationIsTriedOnce() {
        walk(new int[] {3, 1, 4}, at -> 0, Integer.MAX_VALUE).all();
        assertThat(seen).hasSize(12);
        assertThat(asked).isEqualTo(12);
        assertThat(seen).containsKeys("[0, 0, 0]", "[2, 0, 3]");
    }

    /** Bowls with their lowest point anywhere in the lists, one list pulling at another. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void aBowlIsClimbedDownToItsLowestPoint(long seed) {
        java.util.Random random = new java.util.Random(seed);
        int[] sizes = {7, 9, 5, 4};
        int[] low = Arrays.stream(sizes).map(random::nextInt).toArray();
        ToDoubleFunction<int[]> cost = at -> {
            double sum = 0;
            for (int i = 0; i < at.length; i++) {
                sum += (i + 1) * Math.pow(at[i] - low[i], 2);
            }
            return sum + 0.5 * (at[0] - low[0]) * (at[1] - low[1]);
        };
        OptionWalk<Cost> walk = walk(sizes, cost, Integer.MAX_VALUE);
        walk.climb();
        walk.polish(this::best, Cost::at, 2, 3);
        assertThat(best().at()).isEqualTo(low);
        assertThat(seen.size()).as("fewer than all").isLessThan(7 * 9 * 5 * 4);
    }

    /** Two lists that only help together: neither step alone is better, both are. */
    @Test
    void twoListsAreMovedTogether() {
        ToDoubleFunction<int[]> cost = at -> at[1] == 3 && at[2] == 2 ? at[0] - 10 : at[0] + at[1] + at[2];
        OptionWalk<Cost> walk = walk(new int[] {4, 5, 4}, cost, Integer.MAX_VALUE);
        walk.polish(() -> seen.isEmpty() ? new Cost(new int[3], 0) : best(), Cost::at, 1, 2);
        assertThat(best().at()).containsExactly(0, 3, 2);
    }

    @Test
    void itEndsWhereItsTimeIsOver() {
        walk(new int[] {10, 10, 10}, at -> at[0], 25).all();
        assertThat(seen).hasSize(25);
        seen.clear();
        walk(new int[] {50, 50}, at -> -at[0] - at[1], 30).climb();
        assertThat(seen.size()).isBetween(30, 31);
    }
}
