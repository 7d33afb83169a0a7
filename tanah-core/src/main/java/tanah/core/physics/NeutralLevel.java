package tanah.core.physics;

import java.util.Arrays;

/**
 * Air that flows through several openings of a box at once: inside, the air is at one pressure at the floor, and as much leaves as
 * comes in (neutral level of several openings, ASHRAE Fundamentals).
 */
public final class NeutralLevel {
    private static final int HALVINGS = 50;

    private NeutralLevel() {}

    /**
     * Net flow of each opening (m³/s), outwards where positive; their sum is nothing. Without two openings nothing flows.
     *
     * @param areas effective (m²)
     * @param lifts g times height times relative excess of virtual temperature under each (m²/s²)
     */
    public static double[] flows(double[] areas, double[] lifts) {
        double[] flows = new double[areas.length];
        if (areas.length < 2) {
            return flows;
        }
        // the pressure lies between the two at which all would go one way
        double from = -Arrays.stream(lifts).max().orElseThrow();
        double to = -Arrays.stream(lifts).min().orElseThrow();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (from + to) / 2;
            if (fill(flows, areas, lifts, middle) > 0) {
                to = middle;
            } else {
                from = middle;
            }
        }
        double left = fill(flows, areas, lifts, (from + to) / 2);
        double all = Arrays.stream(areas).sum();
        for (int o = 0; o < flows.length; o++) {
            flows[o] -= left * areas[o] / all;
        }
        return flows;
    }

    private static double fill(double[] flows, double[] areas, double[] lifts, double pressure) {
        double sum = 0;
        for (int o = 0; o < flows.length; o++) {
            flows[o] = Openings.net(areas[o], pressure + lifts[o]);
            sum += flows[o];
        }
        return sum;
    }
}
