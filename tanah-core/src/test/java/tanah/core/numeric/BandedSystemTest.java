package tanah.core.numeric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.junit.jupiter.api.Test;

/** The banded solver against the LU decomposition with pivots of the Hipparchus library on the same systems. */
class BandedSystemTest {
    @Test
    void solvesAsAGeneralLibraryDoes() {
        Random random = new Random(11);
        for (int n = 0; n < 60; n++) {
            int size = 4 + random.nextInt(60);
            int half = 1 + random.nextInt(Math.min(12, size - 1));
            BandedSystem banded = new BandedSystem(size, half);
            double[][] full = new double[size][size];
            for (int i = 0; i < size; i++) {
                double own = 0.05 + random.nextDouble();
                banded.add(i, i, own);
                full[i][i] += own;
                for (int j = i + 1; j <= Math.min(size - 1, i + half); j++) {
                    double g = random.nextDouble() < 0.4 ? random.nextDouble() * 5 : 0;
                    banded.join(i, j, g);
                    full[i][i] += g;
                    full[j][j] += g;
                    full[i][j] -= g;
                    full[j][i] -= g;
                }
            }
            double[] right = random.doubles(size, -20, 20).toArray();
            double[] wanted = new LUDecomposition(new Array2DRowRealMatrix(full))
                    .getSolver()
                    .solve(new ArrayRealVector(right))
                    .toArray();
            double[] x = right.clone();
            banded.factor();
            banded.solve(x);
            for (int i = 0; i < size; i++) {
                assertThat(x[i]).isCloseTo(wanted[i], within(1e-8 * (1 + Math.abs(wanted[i]))));
            }
        }
    }

    /** Air that flows one way makes it lopsided; several right sides at once are as each by itself. */
    @Test
    void severalRightSidesAreAsEachByItself() {
        Random random = new Random(12);
        for (int n = 0; n < 40; n++) {
            int size = 3 + random.nextInt(50);
            int half = 1 + random.nextInt(Math.min(14, size - 1));
            int sides = 1 + random.nextInt(9);
            BandedSystem banded = new BandedSystem(size, half);
            double[][] full = new double[size][size];
            for (int i = 0; i < size; i++) {
                for (int j = Math.max(0, i - half); j <= Math.min(size - 1, i + half); j++) {
                    double g = i == j ? 3 * half : -random.nextDouble();
                    banded.add(i, j, g);
                    full[i][j] += g;
                }
            }
            banded.factor();
            double[] all = random.doubles((long) size * sides, -20, 20).toArray();
            double[] solved = all.clone();
            banded.solve(solved, sides);
            for (int s = 0; s < sides; s++) {
                double[] right = new double[size];
                for (int i = 0; i < size; i++) {
                    right[i] = all[i * sides + s];
                }
                double[] wanted = new LUDecomposition(new Array2DRowRealMatrix(full))
                        .getSolver()
                        .solve(new ArrayRealVector(right))
                        .toArray();
                for (int i = 0; i < size; i++) {
                    assertThat(solved[i * sides + s]).isCloseTo(wanted[i], within(1e-9 * (1 + Math.abs(wanted[i]))));
                }
            }
        }
    }
}
