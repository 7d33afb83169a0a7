package tanah.core.water;

import java.util.OptionalDouble;

/**
 * What a pump gives: head falls with the square of the flow.
 *
 * @param shutOff head without flow (m)
 * @param free    flow without head (m³/s)
 * @param derate  share of the head that is left, 0 to 1: new 1, dirty 0.7 (common practice)
 */
public record PumpCurve(double shutOff, double free, double derate) {
    private static final int STEPS = 80;

    /** Head at a flow (m), not below 0. */
    public double head(double flow) {
        double share = flow / free;
        return Math.max(0, derate * shutOff * (1 - share * share));
    }

    /**
     * Flow at which the pump balances the line (m³/s); empty if it cannot lift the water to the outlet.
     *
     * @param celsius of the water
     */
    public OptionalDouble flow(Pipe pipe, double celsius) {
        if (head(0) <= pipe.rise()) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = free;
        for (int i = 0; i < STEPS; i++) {
            double middle = (low + high) / 2;
            if (derate * shutOff * (1 - middle * middle / (free * free)) > pipe.head(middle, celsius)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of((low + high) / 2);
    }
}
