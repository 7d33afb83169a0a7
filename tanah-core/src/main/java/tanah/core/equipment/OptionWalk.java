package tanah.core.equipment;

import java.util.Comparator;
import java.util.Objects;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Looks for the best combination of one entry of each of some lists: by trying all, or by steps along one list at a time from
 * several starts.
 *
 * @param sizes  entries of each list
 * @param answer what a combination comes to; asked twice, it is computed once
 * @param order  the better first
 * @param isOver asked between two combinations
 * @param <A>    an answer
 */
record OptionWalk<A>(int[] sizes, Function<int[], A> answer, Comparator<A> order, BooleanSupplier isOver) {
    private static final int[] STEPS = {1, -1, 2, -2, 5, -5};

    /** Every combination. */
    void all() {
        all(new int[sizes.length], 0);
    }

    private void all(int[] at, int dimension) {
        if (isOver.getAsBoolean()) {
            return;
        }
        if (dimension == sizes.length) {
            visit(at);
            return;
        }
        for (int i = 0; i < sizes[dimension]; i++) {
            all(with(at, dimension, i), dimension + 1);
        }
    }

    /** From the first, the middle and the last of every list along one list at a time, until no neighbour is better. */
    void climb() {
        for (int start = 0; start < 3; start++) {
            int[] at = new int[sizes.length];
            for (int d = 0; d < at.length; d++) {
                at[d] = (sizes[d] - 1) * start / 2;
            }
            climb(at);
        }
    }

    private void climb(int[] from) {
        int[] at = from;
        A here = answer.apply(at);
        boolean moved = true;
        while (moved && !isOver.getAsBoolean()) {
            moved = false;
            for (int d = 0; d < at.length; d++) {
                for (int step : STEPS) {
                    int to = at[d] + step;
                    if (to < 0 || to >= sizes[d] || isOver.getAsBoolean()) {
                        continue;
                    }
                    int[] next = with(at, d, to);
                    A there = answer.apply(next);
                    if (order.compare(there, here) < 0) {
                        at = next;
                        here = there;
                        moved = true;
                    }
                }
            }
        }
    }

    /**
     * Every entry of every list around the best, and two lists together, until nothing is better.
     *
     * @param best     the best known
     * @param position of an answer in the lists
     * @param one      of the two lists that are tried together
     * @param other    of the two
     */
    void polish(Supplier<A> best, Function<A, int[]> position, int one, int other) {
        A before = null;
        while (!isOver.getAsBoolean()) {
            A now = best.get();
            if (now == before) {
                return;
            }
            before = now;
            int[] at = position.apply(now);
            for (int d = 0; d < at.length; d++) {
                for (int i = 0; i < sizes[d] && !isOver.getAsBoolean(); i++) {
                    visit(with(at, d, i));
                }
            }
            for (int i = 0; i < sizes[one]; i++) {
                for (int j = 0; j < sizes[other] && !isOver.getAsBoolean(); j++) {
                    visit(with(with(at, one, i), other, j));
                }
            }
        }
    }

    /** Computes it, to be compared later: whoever answers keeps it. */
    private void visit(int[] at) {
        Objects.requireNonNull(answer.apply(at));
    }

    private static int[] with(int[] at, int dimension, int to) {
        int[] next = at.clone();
        next[dimension] = to;
        return next;
    }
}
