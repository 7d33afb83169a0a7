package tanah.core.climate;

import java.util.List;
import java.util.OptionalInt;

/**
 * The weeks after a planting was watered.
 *
 * @param means   mean humidity of each day, as a share of saturation, the first day first
 * @param drained into the drainage in all of them (kg)
 */
public record AfterPlanting(List<Double> means, double drained) {
    private static final double NEAR = 0.03;

    public AfterPlanting {
        means = List.copyOf(means);
    }

    /** First day, counted from 1, whose mean is within 3 points of the last day's; empty for no day. */
    public OptionalInt settled() {
        for (int i = 0; i < means.size(); i++) {
            if (Math.abs(means.get(i) - means.get(means.size() - 1)) <= NEAR) {
                return OptionalInt.of(i + 1);
            }
        }
        return OptionalInt.empty();
    }

    /** Whether it still dries at the end: the last three days differ by more than a point. */
    public boolean isOpen() {
        int n = means.size();
        return n >= 4 && Math.abs(means.get(n - 1) - means.get(n - 4)) > NEAR / 3;
    }
}
