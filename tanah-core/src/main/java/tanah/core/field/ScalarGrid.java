package tanah.core.field;

import java.util.function.DoubleBinaryOperator;

/**
 * A number at each point of a regular grid; linear between the points.
 *
 * @param left    first column (m)
 * @param low     first row (m)
 * @param stepX   between columns (m)
 * @param stepY   between rows (m)
 * @param columns at least 2
 * @param rows    at least 2
 * @param values  row by row from the lowest; not a number where the field is not valid
 */
public record ScalarGrid(double left, double low, double stepX, double stepY, int columns, int rows, double[] values) {
    /** @throws IllegalArgumentException for fewer than two points along an axis, or a count that does not fit */
    public ScalarGrid {
        if (columns < 2 || rows < 2 || values.length != columns * rows) {
            throw new IllegalArgumentException("grid of " + columns + " by " + rows + " with " + values.length);
        }
        values = values.clone();
    }

    /** A field sampled over a rectangle from its lower left corner, edges included. */
    public static ScalarGrid of(double length, double height, int columns, int rows, DoubleBinaryOperator field) {
        double[] values = new double[columns * rows];
        double stepX = length / (columns - 1);
        double stepY = height / (rows - 1);
        for (int j = 0; j < rows; j++) {
            for (int i = 0; i < columns; i++) {
                values[j * columns + i] = field.applyAsDouble(i * stepX, j * stepY);
            }
        }
        return new ScalarGrid(0, 0, stepX, stepY, columns, rows, values);
    }

    public double at(int column, int row) {
        return values[row * columns + column];
    }

    public double x(double column) {
        return left + column * stepX;
    }

    public double y(double row) {
        return low + row * stepY;
    }

    @Override
    public double[] values() {
        return values.clone();
    }
}
