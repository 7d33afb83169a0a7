package tanah.core.numeric;

import java.util.OptionalDouble;

/**
 * 1 on a plateau, half at an edge on either side of it, 0 beyond; straight between. Where two of its corners are one the upper holds.
 *
 * @param none     nothing at or below; empty where the lower edge goes on for ever
 * @param edge     half
 * @param from     whole from here
 * @param to       whole up to here
 * @param farEdge  half
 * @param noneOver nothing at or over
 */
public record Trapezoid(OptionalDouble none, double edge, double from, double to, double farEdge, double noneOver) {
    /** An edge that is not there: whole for ever. */
    public static final double OPEN = Double.POSITIVE_INFINITY;

    public double at(double x) {
        return x > to ? above(x) : below(x);
    }

    private double below(double x) {
        if (x >= from) {
            return 1;
        }
        if (x >= edge) {
            return 0.5 + 0.5 * (x - edge) / (from - edge);
        }
        if (none.isEmpty()) {
            return 0.5;
        }
        return x > none.getAsDouble() ? 0.5 * (x - none.getAsDouble()) / (edge - none.getAsDouble()) : 0;
    }

    private double above(double x) {
        if (to == OPEN) {
            return 1;
        }
        if (x <= farEdge) {
            return 1 - 0.5 * (x - to) / (farEdge - to);
        }
        return x < noneOver ? 0.5 * (noneOver - x) / (noneOver - farEdge) : 0;
    }
}
