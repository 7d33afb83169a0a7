package tanah.core.numeric;

import java.util.Arrays;

/**
 * A banded matrix, factored without exchange of rows: the systems of the air are dominated by their diagonals, so
 * elements do not grow.
 */
public final class BandedSystem {
    private final int size;
    private final int half;
    private final double[] rows;

    public BandedSystem(int size, int half) {
        this.size = size;
        this.half = half;
        this.rows = new double[size * (2 * half + 1)];
    }

    /** All zero again, to be filled anew. */
    public void clear() {
        Arrays.fill(rows, 0);
    }

    public void add(int row, int column, double value) {
        rows[row * (2 * half + 1) + column - row + half] += value;
    }

    /** Adds a conductance between two unknowns. */
    public void join(int a, int b, double g) {
        int wide = 2 * half + 1;
        rows[a * wide + half] += g;
        rows[b * wide + half] += g;
        rows[a * wide + b - a + half] -= g;
        rows[b * wide + a - b + half] -= g;
    }

    double get(int row, int column) {
        return rows[row * (2 * half + 1) + column - row + half];
    }

    /** Replaces the matrix by its factors. */
    public void factor() {
        int wide = 2 * half + 1;
        for (int k = 0; k < size; k++) {
            double pivot = rows[k * wide + half];
            int end = Math.min(size - 1, k + half);
            for (int i = k + 1; i <= end; i++) {
                int at = i * wide + k - i + half;
                double f = rows[at] / pivot;
                rows[at] = f;
                if (f != 0) {
                    int from = k * wide + half;
                    for (int j = 1; j <= end - k; j++) {
                        rows[at + j] -= f * rows[from + j];
                    }
                }
            }
        }
    }

    /** Solves in place after {@link #factor()}. */
    public void solve(double[] x) {
        int wide = 2 * half + 1;
        for (int i = 0; i < size; i++) {
            double sum = x[i];
            for (int j = Math.max(0, i - half); j < i; j++) {
                sum -= rows[i * wide + j - i + half] * x[j];
            }
            x[i] = sum;
        }
        for (int i = size - 1; i >= 0; i--) {
            double sum = x[i];
            for (int j = i + 1; j <= Math.min(size - 1, i + half); j++) {
                sum -= rows[i * wide + j - i + half] * x[j];
            }
            x[i] = sum / rows[i * wide + half];
        }
    }

    /**
     * Solves several right sides in place after {@link #factor()}, all of a row together.
     *
     * @param x     by unknown, then by right side
     * @param sides how many
     */
    public void solve(double[] x, int sides) {
        int wide = 2 * half + 1;
        for (int i = 0; i < size; i++) {
            for (int j = Math.max(0, i - half); j < i; j++) {
                subtract(x, i * sides, rows[i * wide + j - i + half], j * sides, sides);
            }
        }
        for (int i = size - 1; i >= 0; i--) {
            for (int j = i + 1; j <= Math.min(size - 1, i + half); j++) {
                subtract(x, i * sides, rows[i * wide + j - i + half], j * sides, sides);
            }
            double pivot = rows[i * wide + half];
            for (int s = 0; s < sides; s++) {
                x[i * sides + s] /= pivot;
            }
        }
    }

    private static void subtract(double[] x, int to, double times, int what, int sides) {
        if (times != 0) {
            for (int s = 0; s < sides; s++) {
                x[to + s] -= times * x[what + s];
            }
        }
    }
}
