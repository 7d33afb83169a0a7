package tanah.core.calibrate;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import tanah.core.box.ClimateCase;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.Places;

/**
 * One thing changed so that a place comes to a target: lamp power or height, mesh, set point, insulation. What is changed must
 * move the place in one direction only.
 */
public final class Correction {
    private static final int HALVINGS = 24;
    private static final double TOLERANCE = 1e-3; // K

    private Correction() {}

    /**
     * What was found.
     *
     * @param setting that comes to the target, or the end that comes nearest
     * @param value   of the place there
     * @param reached whether the target lies between the ends
     * @param atLow   value of the place at the lower end
     * @param atHigh  value of the place at the upper end
     */
    public record Found(double setting, double value, boolean reached, double atLow, double atHigh) {}

    /**
     * By bisection of steady states.
     *
     * @param made  the enclosure at a setting
     * @param room  around it
     * @param lit   whether the lamps' day holds
     * @param place that is to come to the target
     * @param low   least setting that can be
     * @param high  greatest setting that can be
     */
    public static Found find(
            DoubleFunction<ClimateModel> made,
            ClimateCase.Outside room,
            boolean lit,
            ToDoubleFunction<Places> place,
            double target,
            double low,
            double high) {
        double atLow = value(made, room, lit, place, low);
        double atHigh = value(made, room, lit, place, high);
        if ((atLow - target) * (atHigh - target) > 0) {
            boolean lower = Math.abs(atLow - target) < Math.abs(atHigh - target);
            return new Found(lower ? low : high, lower ? atLow : atHigh, false, atLow, atHigh);
        }
        boolean rises = atHigh > atLow;
        double from = low;
        double to = high;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (from + to) / 2;
            if (value(made, room, lit, place, middle) < target == rises) {
                from = middle;
            } else {
                to = middle;
            }
        }
        double setting = (from + to) / 2;
        return new Found(setting, value(made, room, lit, place, setting), true, atLow, atHigh);
    }

    private static double value(
            DoubleFunction<ClimateModel> made,
            ClimateCase.Outside room,
            boolean lit,
            ToDoubleFunction<Places> place,
            double setting) {
        return place.applyAsDouble(made.apply(setting)
                .steady(room, lit, Optional.empty(), TOLERANCE)
                .places());
    }
}
