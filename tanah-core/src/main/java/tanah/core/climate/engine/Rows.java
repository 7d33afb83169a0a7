package tanah.core.climate.engine;

import java.util.Arrays;

/** Sums over rows of numbers. */
final class Rows {
    private Rows() {}

    static void clear(double[][] rows) {
        for (double[] row : rows) {
            Arrays.fill(row, 0);
        }
    }

    static void add(double[] to, double[] what, double times) {
        for (int i = 0; i < to.length; i++) {
            to[i] += times * what[i];
        }
    }

    static double dot(double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += x[i] * y[i];
        }
        return sum;
    }
}
