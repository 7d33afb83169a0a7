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

    /** Inverse of a square matrix, which is left as it is. */
    public static double[][] inverse(double[][] a) {
        int n = a.length;
        double[][] result = new double[n][n];
        for (int c = 0; c < n; c++) {
            double[][] m = new double[n][n + 1];
            for (int i = 0; i < n; i++) {
                System.arraycopy(a[i], 0, m[i], 0, n);
                m[i][n] = i == c ? 1 : 0;
            }
            double[] column = solve(m);
            for (int i = 0; i < n; i++) {
                result[i][c] = column[i];
            }
        }
        return result;
    }
}
