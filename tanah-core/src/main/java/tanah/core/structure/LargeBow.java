package tanah.core.structure;

import tanah.core.numeric.BandedSystem;
import tanah.core.numeric.Memo;

/**
 * How far a pane bows that bends by more than half its thickness: it has to stretch as well, and the more it bows the stiffer it becomes.
 * The shape is taken from small deflections and its height from the least energy, von Kármán's equation solved for the stretching with
 * edges free in their plane (S. Timoshenko, S. Woinowsky-Krieger, Theory of Plates and Shells, chapter 13). Panes that are glued to others
 * are held in their plane and bow less; the estimate is on the careful side, ±30 %.
 */
final class LargeBow {
    private static final int STEPS = 20; // along each side
    private static final int INSIDE = STEPS - 1;
    private static final int HALVINGS = 60;

    private LargeBow() {}

    /**
     * @param shape       of small deflections
     * @param thin        its largest deflection (m)
     * @param work        of the load on that shape (J)
     * @param width       of the pane (m)
     * @param height      m
     * @param membrane    Young's modulus times thickness (N/m)
     * @return largest deflection (m)
     */
    static double of(Shape shape, double thin, double work, double width, double height, double membrane) {
        double stretch = stretching(shape, thin, width / STEPS, height / STEPS);
        double stiffness = work / (thin * thin);
        double cubic = 2 * membrane * stretch / stiffness;
        double low = 0;
        double high = thin;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (middle + cubic * middle * middle * middle < thin) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Curvatures of the pane (1/m) at shares of its width and height. */
    interface Shape {
        /** Product of both curvatures less the square of the twist, with its sign turned (1/m²). */
        double stretches(int column, int row);
    }

    /** Distances between the points of the grid (m). */
    private record Cells(double dx, double dy) {}

    /** Balance of the stretching, by the size of the pane alone: its factors serve every load on it. */
    private static final Memo<Cells, BandedSystem> FACTORED = new Memo<>(40);

    private static BandedSystem factored(Cells cells) {
        BandedSystem plate = new BandedSystem(INSIDE * INSIDE, 2 * INSIDE);
        double[][] stencil = stencil(cells.dx(), cells.dy());
        for (int row = 0; row < INSIDE; row++) {
            for (int column = 0; column < INSIDE; column++) {
                for (int y = -2; y <= 2; y++) {
                    for (int x = -2; x <= 2; x++) {
                        double c = stencil[y + 2][x + 2];
                        if (c != 0) {
                            clamped(plate, row * INSIDE + column, column + x, row + y, c);
                        }
                    }
                }
            }
        }
        plate.factor();
        return plate;
    }

    /** Energy of stretching for one metre of bow, over half of the membrane's stiffness. */
    private static double stretching(Shape shape, double thin, double dx, double dy) {
        double[] load = new double[INSIDE * INSIDE];
        double[] stress = new double[INSIDE * INSIDE];
        for (int row = 0; row < INSIDE; row++) {
            for (int column = 0; column < INSIDE; column++) {
                int at = row * INSIDE + column;
                load[at] = shape.stretches(column + 1, row + 1) / (thin * thin);
                stress[at] = load[at];
            }
        }
        FACTORED.of(new Cells(dx, dy), LargeBow::factored).solve(stress);
        double sum = 0;
        for (int i = 0; i < load.length; i++) {
            sum += load[i] * stress[i];
        }
        return sum * dx * dy;
    }

    /** At an edge the stress function and its slope are nothing: what lies beyond is what lies before it. */
    private static void clamped(BandedSystem plate, int at, int column, int row, double c) {
        int x = column == -2 ? 0 : column == INSIDE + 1 ? INSIDE - 1 : column;
        int y = row == -2 ? 0 : row == INSIDE + 1 ? INSIDE - 1 : row;
        if (x >= 0 && x < INSIDE && y >= 0 && y < INSIDE) {
            plate.add(at, y * INSIDE + x, c);
        }
    }

    /** Fourth derivatives at a place by its neighbours. */
    private static double[][] stencil(double dx, double dy) {
        double[] fourth = {1, -4, 6, -4, 1};
        double[] second = {1, -2, 1};
        double[][] stencil = new double[5][5];
        for (int i = 0; i < 5; i++) {
            stencil[2][i] += fourth[i] / (dx * dx * dx * dx);
            stencil[i][2] += fourth[i] / (dy * dy * dy * dy);
        }
        for (int y = 0; y < 3; y++) {
            for (int x = 0; x < 3; x++) {
                stencil[y + 1][x + 1] += 2 * second[x] * second[y] / (dx * dx * dy * dy);
            }
        }
        return stencil;
    }
}
