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
    /** One over the diagonal of each factored row. */
    private final double[] inverse;

    public BandedSystem(int size, int half) {
        this.size = size;
        this.half = half;
        this.rows = new double[size * (2 * half + 1)];
        this.inverse = new double[size];
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

    /** Replaces the matrix by its factors: row by row, four of the rows above at once, so that a row is read and written a quarter as often. */
    public void factor() {
        int wide = 2 * half + 1;
        double[] a = rows;
        for (int i = 0; i < size; i++) {
            // of a row: where its column 0 would stand
            int row = i * wide + half - i;
            int k = Math.max(0, i - half);
            for (; k + 3 < i; k += 4) {
                four(row, k);
            }
            for (; k < i; k++) {
                int above = k * wide + half - k;
                double f = a[row + k] * inverse[k];
                a[row + k] = f;
                int end = Math.min(size - 1, k + half);
                for (int j = k + 1; j <= end; j++) {
                    a[row + j] -= f * a[above + j];
                }
            }
            inverse[i] = 1 / a[row + i];
        }
    }

    /** Takes the rows k to k + 3 out of a row below them. */
    private void four(int row, int k) {
        double[] a = rows;
        int one = k * (2 * half + 1) + half - k;
        int two = one + 2 * half;
        int three = two + 2 * half;
        int last = three + 2 * half;
        double f = a[row + k] * inverse[k];
        double g = (a[row + k + 1] - f * a[one + k + 1]) * inverse[k + 1];
        double h = (a[row + k + 2] - f * a[one + k + 2] - g * a[two + k + 2]) * inverse[k + 2];
        double i = (a[row + k + 3] - f * a[one + k + 3] - g * a[two + k + 3] - h * a[three + k + 3]) * inverse[k + 3];
        a[row + k] = f;
        a[row + k + 1] = g;
        a[row + k + 2] = h;
        a[row + k + 3] = i;
        int end = Math.min(size - 1, k + half);
        for (int j = k + 4; j <= end; j++) {
            a[row + j] -= f * a[one + j] + g * a[two + j] + h * a[three + j] + i * a[last + j];
        }
        // beyond the band of the first of them
        for (int j = end + 1; j <= Math.min(size - 1, end + 3); j++) {
            int over = j - k - half;
            double sum = i * a[last + j];
            sum += over <= 2 ? h * a[three + j] : 0;
            sum += over <= 1 ? g * a[two + j] : 0;
            a[row + j] -= sum;
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
            x[i] = sum * inverse[i];
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
            subtract(x, i, i * wide + half - i, Math.max(0, i - half), i, sides);
        }
        for (int i = size - 1; i >= 0; i--) {
            subtract(x, i, i * wide + half - i, i + 1, Math.min(size, i + half + 1), sides);
            for (int s = i * sides; s < (i + 1) * sides; s++) {
                x[s] *= inverse[i];
            }
        }
    }

    /** Takes the unknowns from one to before another, times what stands in a row, out of that row's right sides. */
    private void subtract(double[] x, int i, int row, int from, int to, int sides) {
        int own = i * sides;
        int j = from;
        for (; j + 3 < to; j += 4) {
            double f = rows[row + j];
            double g = rows[row + j + 1];
            double h = rows[row + j + 2];
            double k = rows[row + j + 3];
            int one = j * sides;
            int two = one + sides;
            int three = two + sides;
            int four = three + sides;
            for (int s = 0; s < sides; s++) {
                x[own + s] -= f * x[one + s] + g * x[two + s] + h * x[three + s] + k * x[four + s];
            }
        }
        for (; j < to; j++) {
            double f = rows[row + j];
            for (int s = 0; s < sides; s++) {
                x[own + s] -= f * x[j * sides + s];
            }
        }
    }
}
