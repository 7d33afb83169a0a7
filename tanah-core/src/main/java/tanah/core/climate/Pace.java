package tanah.core.climate;

import java.util.Arrays;
import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;

/** How long a step of a day may be: three usual ones at once while nothing is switched, nothing sprays and hardly anything moves. */
final class Pace {
    /** Usual steps in a long one. */
    private static final int TOGETHER = 3;

    private static final double LONGEST = 900; // s, at which the explicit conduction between ground cells is stable
    private static final double STILL = 0.2; // K in the longest step: what it lags behind is a third of that
    private static final double STILL_DAMP = 1e-4; // kg/kg in the longest step

    private final ClimateCase c;
    private final Weather weather;
    private double kelvin = Double.MAX_VALUE; // in the longest step
    private double damp = Double.MAX_VALUE;

    Pace(ClimateCase c, Weather weather) {
        this.c = c;
        this.weather = weather;
    }

    /** What the last step did. */
    void moved(Network net, ThermalState before, ThermalState after, double step) {
        kelvin = DayLedger.moved(net, before, after) * LONGEST / step;
        double most = 0;
        for (int n = 0; n < before.humidity.length; n++) {
            most = Math.max(most, Math.abs(after.humidity[n] - before.humidity[n]));
        }
        damp = most * LONGEST / step;
    }

    /**
     * @param from     step that begins
     * @param all      steps of the run
     * @param step     s
     * @param switched whether relays are followed
     */
    int steps(int from, int all, double step, Drill drill, boolean switched) {
        boolean fits = TOGETHER * step <= LONGEST && from + TOGETHER <= all;
        boolean still = kelvin <= STILL && damp <= STILL_DAMP;
        return fits && still && !switched && !happens(from, step, drill) ? TOGETHER : 1;
    }

    /** Whether something was switched just now, or is switched or sprays within a long step. */
    private boolean happens(int from, double step, Drill drill) {
        double begins = from * step / 3600;
        double first = (from + 0.5) * step / 3600;
        double last = (from + TOGETHER - 0.5) * step / 3600;
        boolean fails = drill.holds(first);
        if (Sprayed.in(c.mist(), begins, TOGETHER * step, fails && drill.misting())
                        .water()
                > 0) {
            return true;
        }
        double[] available = weather.available(first, drill);
        for (int i = -1; i < TOGETHER; i++) {
            double hour = (from + i + 0.5) * step / 3600;
            if (c.isLit(hour) != c.isLit(first)
                    || drill.holds(hour) != fails
                    || !Arrays.equals(available, weather.available(hour, drill))) {
                return true;
            }
        }
        return Math.abs(weather.room(last, drill).celsius()
                        - weather.room(first, drill).celsius())
                > STILL;
    }
}
