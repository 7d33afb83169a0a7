package tanah.core.numeric;

/** Small dense systems, by elimination with exchange of rows. */
public final class DenseSystem {
    private DenseSystem() {}

    /** Solves a system whose right side is the last column; the matrix is used up. */
    public static double[] solve(double[][] m) {
        int n = m.length;
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(m[i][k]) > Math.abs(m[pivot][k]) ? i : pivot;
            }
            double[] swap = m[k];
            m[k] = m[pivot];
            m[pivot] = swap;
            for (int i = k + 1; i < n; i++) {
                double f = m[i][k] / m[k][k];
                for (int j = k; j <= n; j++) {
                    m[i][j] -= f * m[k][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double sum = m[i][n];
            for (int j = i + 1; j < n; j++) {
                sum -= m[i][j] * x[j];
            }
            x[i] = sum / m[i][i];
        }
        return x;
    }

    /** Inverse of a square matrix, which is left as it is: Gauss and Jordan, with exchange of rows. */
    public static double[][] inverse(double[][] a) {
        int n = a.length;
        double[][] m = new double[n][];
        double[][] result = new double[n][n];
        for (int i = 0; i < n; i++) {
            m[i] = a[i].clone();
            result[i][i] = 1;
        }
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(m[i][k]) > Math.abs(m[pivot][k]) ? i : pivot;
            }
            exchange(m, k, pivot);
            exchange(result, k, pivot);
            scale(m[k], result[k], 1 / m[k][k]);
            for (int i = 0; i < n; i++) {
                double f = m[i][k];
                for (int j = 0; i != k && f != 0 && j < n; j++) {
                    m[i][j] -= f * m[k][j];
                    result[i][j] -= f * result[k][j];
                }
            }
        }
        return result;
    }

    private static void exchange(double[][] m, int a, int b) {
        double[] row = m[a];
        m[a] = m[b];
        m[b] = row;
    }

    private static void scale(double[] one, double[] other, double by) {
        for (int j = 0; j < one.length; j++) {
            one[j] *= by;
            other[j] *= by;
        }
    }
}
