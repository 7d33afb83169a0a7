package tanah.core.water;

import static tanah.core.physics.Constants.GRAVITY;

/**
 * Water in flight while a pump runs, and what comes back when it stops.
 *
 * @param area       open area of the basin that the pump draws from (m²), greater than 0; of porous fill only the
 *                   share that drains
 * @param transit    water under way in channels and films (m³)
 * @param tube       water in the line (m³)
 * @param checkValve whether the line stays full on a stop
 */
public record Sump(double area, double transit, double tube, boolean checkValve) {
    /** Water over an inlet, at the least (m), common practice. */
    public static final double LEAST_COVER = 0.02;

    /** Level while running (m), from the level at rest. */
    public double running(double rest) {
        return rest - (transit + tube) / area;
    }

    /** Rise of the running level when the pump stops (m). */
    public double riseOnStop() {
        return (transit + (checkValve ? 0 : tube)) / area;
    }

    /**
     * Water that has to stand over an intake so that it draws no air (m): D (1 + 2.3 Fr), the form of ANSI/HI 9.8 for
     * pump intakes (from memory), never under 2 cm.
     *
     * @param flow m³/s
     * @param openArea of the strainer (m²), greater than 0
     */
    public static double cover(double flow, double openArea) {
        double diameter = Math.sqrt(4 * openArea / Math.PI);
        double froude = flow / openArea / Math.sqrt(GRAVITY * diameter);
        return Math.max(LEAST_COVER, diameter * (1 + 2.3 * froude));
    }
}
