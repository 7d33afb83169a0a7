package tanah.core.structure;

import tanah.core.numeric.Memo;

/**
 * A flat pane under a pressure that changes linearly with height: M. Lévy's series for a plate whose sides and bottom
 * are simply supported and whose top is free or supported (S. Timoshenko, S. Woinowsky-Krieger, Theory of Plates and
 * Shells, chapter 5). Small deflections: over half the thickness the stress is overstated, and the bow is that of
 * {@link LargeBow}.
 *
 * @param width     between the side supports (m)
 * @param height    m
 * @param thickness m
 * @param topHeld   whether the top edge is supported
 * @param elasticity Young's modulus (Pa)
 * @param poisson   ratio
 */
public record PanePlate(
        double width, double height, double thickness, boolean topHeld, double elasticity, double poisson) {
    private static final int TERMS = 39;
    private static final int ROWS = 40;
    private static final int COLUMNS = 20;

    /** Sines and cosines at the columns, which lie at the same shares of any width. */
    private static final double[][] SIN = waves(false);

    private static final double[][] COS = waves(true);

    private static double[][] waves(boolean cosine) {
        double[][] table = new double[TERMS + 1][COLUMNS];
        for (int m = 1; m <= TERMS; m++) {
            for (int j = 0; j < COLUMNS; j++) {
                double x = m * Math.PI * (j + 1) / (2 * COLUMNS);
                table[m][j] = cosine ? Math.cos(x) : Math.sin(x);
            }
        }
        return table;
    }

    /**
     * Pressure on the pane.
     *
     * @param bottom at the base (Pa)
     * @param top    at the loaded height (Pa)
     * @param loaded height to which it acts (m), greater than 0; cut at the pane's height
     */
    public record Load(double bottom, double top, double loaded) {}

    /**
     * @param stress     largest bending stress (Pa)
     * @param deflection largest (m), by small deflections
     * @param bow        how far it bows (m): the same up to half the thickness, beyond it less, as the pane stretches too
     */
    public record Result(double stress, double deflection, double bow) {
        /** One that bends so little that both are the same. */
        public Result(double stress, double deflection) {
            this(stress, deflection, deflection);
        }
    }

    /** A pane and what presses on it. */
    private record Pressed(PanePlate plate, Load load) {}

    /** Most edits of a plan leave its panes and its water as they are. */
    private static final Memo<Pressed, Result> KNOWN = new Memo<>(512);

    /** Stress and deflection on a grid of 40 by 20 over half the pane. */
    public Result under(Load load) {
        return KNOWN.of(new Pressed(this, load), p -> p.plate().computed(p.load()));
    }

    private Result computed(Load load) {
        double loaded = Math.min(load.loaded(), height);
        Grid grid = new Grid();
        for (int m = 1; m <= TERMS; m += 2) {
            new Term(m, load, loaded).addTo(grid);
        }
        return grid.result(load);
    }

    private double stiffness() {
        return elasticity * Math.pow(thickness, 3) / (12 * (1 - poisson * poisson));
    }

    /** Sums over the terms at the points of the grid. */
    private final class Grid {
        private final double[][] w = new double[ROWS + 1][COLUMNS];
        private final double[][] wxx = new double[ROWS + 1][COLUMNS];
        private final double[][] wyy = new double[ROWS + 1][COLUMNS];
        private final double[][] wxy = new double[ROWS + 1][COLUMNS];

        Result result(Load load) {
            double moment = 0;
            double deflection = 0;
            double d = stiffness();
            for (int i = 0; i <= ROWS; i++) {
                for (int j = 0; j < COLUMNS; j++) {
                    double mx = -d * (wxx[i][j] + poisson * wyy[i][j]);
                    double my = -d * (wyy[i][j] + poisson * wxx[i][j]);
                    double mxy = d * (1 - poisson) * wxy[i][j];
                    double principal = Math.abs(mx + my) / 2 + Math.sqrt((mx - my) * (mx - my) / 4 + mxy * mxy);
                    moment = Math.max(moment, principal);
                    deflection = Math.max(deflection, Math.abs(w[i][j]));
                }
            }
            double stress = 6 * moment / (thickness * thickness);
            return deflection <= thickness / 2
                    ? new Result(stress, deflection)
                    : new Result(stress, deflection, bow(load, deflection));
        }

        private double bow(Load load, double deflection) {
            double work = 0;
            double cell = width / (2 * COLUMNS) * height / ROWS;
            for (int i = 0; i <= ROWS; i++) {
                double y = height * i / ROWS;
                double p = y > load.loaded() ? 0 : load.bottom() + (load.top() - load.bottom()) * y / load.loaded();
                for (int j = 0; j < COLUMNS; j++) {
                    // the middle column stands once, all others on either side, and the rows at the edges half
                    double times = (j == COLUMNS - 1 ? 1 : 2) * (i == 0 || i == ROWS ? 0.5 : 1);
                    work += times * p * w[i][j] * cell;
                }
            }
            return LargeBow.of(
                    (column, row) -> {
                        int j = Math.min(2 * column, 2 * COLUMNS - 2 * column) - 1;
                        int i = 2 * row;
                        return wxy[i][j] * wxy[i][j] - wxx[i][j] * wyy[i][j];
                    },
                    deflection,
                    work,
                    width,
                    height,
                    elasticity * thickness);
        }
    }

    /** One sine term: bases that die away from each end of a segment, so that nothing large is subtracted. */
    private final class Term {
        private final int m;
        private final double alpha;
        private final double loaded;
        private final double atBase;
        private final double perHeight;
        private final boolean two;
        private final double[] c;

        Term(int m, Load load, double loaded) {
            this.m = m;
            this.alpha = m * Math.PI / width;
            this.loaded = loaded;
            this.two = height - loaded > 1e-9 * height;
            double factor = 4 / (m * Math.PI * stiffness() * Math.pow(alpha, 4));
            this.atBase = factor * load.bottom();
            this.perHeight = factor * (load.top() - load.bottom()) / load.loaded();
            this.c = solve();
        }

        /** Scaled derivative of order n of basis function b at s in a segment of this length. */
        private double basis(int b, int n, double s, double length) {
            double u = alpha * s;
            double v = alpha * (length - s);
            double sign = n % 2 == 0 ? 1 : -1;
            return switch (b) {
                case 0 -> sign * Math.exp(-u);
                case 1 -> sign * (u - n) * Math.exp(-u);
                case 2 -> Math.exp(-v);
                default -> (v - n) * Math.exp(-v);
            };
        }

        private double[] solve() {
            int n = two ? 8 : 4;
            double first = two ? loaded : height;
            double last = two ? height - loaded : height;
            int off = two ? 4 : 0;
            double[][] a = new double[n][n + 1];
            double slope = perHeight / alpha;
            double topLoad = two ? 0 : atBase + perHeight * height;
            double topSlope = two ? 0 : slope;
            for (int b = 0; b < 4; b++) {
                a[0][b] = basis(b, 0, 0, first);
                a[1][b] = basis(b, 2, 0, first) - poisson * basis(b, 0, 0, first);
                a[2][off + b] = basis(b, 2, last, last) - poisson * basis(b, 0, last, last);
                a[3][off + b] = topHeld
                        ? basis(b, 0, last, last)
                        : basis(b, 3, last, last) - (2 - poisson) * basis(b, 1, last, last);
                for (int order = 0; two && order < 4; order++) {
                    a[4 + order][b] = basis(b, order, first, first);
                    a[4 + order][4 + b] = -basis(b, order, 0, last);
                }
            }
            a[0][n] = -atBase;
            a[1][n] = poisson * atBase;
            a[2][n] = poisson * topLoad;
            a[3][n] = topHeld ? -topLoad : (2 - poisson) * topSlope;
            if (two) {
                a[4][n] = -(atBase + perHeight * loaded);
                a[5][n] = -slope;
            }
            return gauss(a);
        }

        void addTo(Grid grid) {
            for (int i = 0; i <= ROWS; i++) {
                double y = height * i / ROWS;
                boolean upper = two && y > loaded;
                double s = upper ? y - loaded : y;
                double length = upper ? height - loaded : (two ? loaded : height);
                double u = alpha * s;
                double v = alpha * (length - s);
                double down = Math.exp(-u);
                double up = Math.exp(-v);
                int k = upper ? 4 : 0;
                double[] d = new double[3];
                for (int order = 0; order < 3; order++) {
                    double sign = order == 1 ? -1 : 1;
                    d[order] = sign * down * (c[k] + c[k + 1] * (u - order)) + up * (c[k + 2] + c[k + 3] * (v - order));
                }
                double f = d[0] + (upper ? 0 : atBase + perHeight * y);
                double fy = d[1] * alpha + (upper ? 0 : perHeight);
                double fyy = d[2] * alpha * alpha;
                double fxx = f * alpha * alpha;
                double fxy = fy * alpha;
                for (int j = 0; j < COLUMNS; j++) {
                    double sin = SIN[m][j];
                    grid.w[i][j] += f * sin;
                    grid.wxx[i][j] -= fxx * sin;
                    grid.wyy[i][j] += fyy * sin;
                    grid.wxy[i][j] += fxy * COS[m][j];
                }
            }
        }
    }

    /** Elimination with partial pivoting; the right side is the last column. */
    private static double[] gauss(double[][] a) {
        int n = a.length;
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(a[i][k]) > Math.abs(a[pivot][k]) ? i : pivot;
            }
            double[] row = a[k];
            a[k] = a[pivot];
            a[pivot] = row;
            for (int i = k + 1; i < n; i++) {
                double f = a[i][k] / a[k][k];
                for (int j = k; j <= n; j++) {
                    a[i][j] -= f * a[k][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double sum = a[i][n];
            for (int j = i + 1; j < n; j++) {
                sum -= a[i][j] * x[j];
            }
            x[i] = sum / a[i][i];
        }
        return x;
    }
}
