package tanah.core.climate;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import tanah.core.time.Phase;

/**
 * A day in steps.
 *
 * @param samples     one by step, at its end
 * @param water       what became of the water
 * @param energy      used (J)
 * @param wetHours    with at least a quarter of the front pane wet or fogged
 * @param fogHours    with water condensing on at least a quarter of it
 * @param thickest    greatest mean film on it (kg/m², which is mm)
 * @param periodicity largest difference of the air between the ends of the day (K)
 * @param worstGap    of the heat ledger of any step (W); nothing but round-off
 */
public record DayCourse(
        List<Sample> samples,
        WaterLedger water,
        double energy,
        double wetHours,
        double fogHours,
        double thickest,
        double periodicity,
        double worstGap) {
    private static final double DRY_AGAIN = 0.05;
    private static final double WARMEST = 4; // h that count as basking where no lamp shines there

    public DayCourse {
        samples = List.copyOf(samples);
    }

    /**
     * One moment.
     *
     * @param hour   of the day, at the middle of the step
     * @param lit    whether the lamps' day holds
     * @param room   of the room (°C)
     * @param damp   humidity of the room as a share of saturation
     * @param places what can be read there
     * @param duties of the devices
     */
    public record Sample(double hour, boolean lit, double room, double damp, Places places, List<Double> duties) {
        public Phase phase() {
            return lit ? Phase.DAY : Phase.NIGHT;
        }
    }

    /** The moment that is nearest to an hour of the day. */
    public Sample at(double hour) {
        double in = ((hour % 24) + 24) % 24;
        int index = (int) Math.min(samples.size() - 1, Math.floor(in / 24 * samples.size()));
        return samples.get(index);
    }

    /**
     * Hours after an hour of the day until the air is as dry again as before it, within 5 points.
     *
     * @return empty where that takes until the next such moment of the day
     */
    public OptionalDouble dryAgain(double hour, ToDoubleFunction<Places> humidity) {
        int n = samples.size();
        int at = (int) Math.floor(((hour % 24) + 24) % 24 / 24 * n);
        double before = humidity.applyAsDouble(samples.get((at + n - 1) % n).places());
        boolean risen = false;
        for (int i = 0; i < n; i++) {
            boolean wetter = humidity.applyAsDouble(samples.get((at + i) % n).places()) > before + DRY_AGAIN;
            if (risen && !wetter) {
                return OptionalDouble.of(i * 24.0 / n);
            }
            if (!risen && i * 24 > n) {
                break; // what rises later is not of this moment
            }
            risen |= wetter;
        }
        return risen ? OptionalDouble.empty() : OptionalDouble.of(0);
    }

    /** Mean over the lit or the unlit part of the day. */
    public double mean(boolean lit, ToDoubleFunction<Sample> value) {
        return samples.stream()
                .filter(s -> s.lit() == lit)
                .mapToDouble(value)
                .average()
                .orElse(0);
    }

    /**
     * What a share of the lit or the unlit steps does not pass: between two of them in proportion.
     *
     * @param share 0 the lowest, 1 the highest
     */
    public OptionalDouble quantile(boolean lit, double share, ToDoubleFunction<Sample> value) {
        double[] all = samples.stream()
                .filter(s -> s.lit() == lit)
                .mapToDouble(value)
                .sorted()
                .toArray();
        if (all.length == 0) {
            return OptionalDouble.empty();
        }
        double rank = share * (all.length - 1);
        int low = (int) Math.floor(rank);
        int high = Math.min(all.length - 1, low + 1);
        return OptionalDouble.of(all[low] + (rank - low) * (all[high] - all[low]));
    }

    /** A mean over some hours and when they begin (hour of the day). */
    public record Block(double mean, double from) {}

    /** The hours in a row, also over midnight, whose mean is highest or lowest. */
    public Block block(double hours, boolean highest, ToDoubleFunction<Sample> value) {
        int n = samples.size();
        int wide = Math.max(1, Math.min(n, (int) Math.round(hours * n / 24)));
        double[] all = samples.stream().mapToDouble(value).toArray();
        double sum = 0;
        for (int i = 0; i < wide; i++) {
            sum += all[i];
        }
        double best = sum;
        int at = 0;
        for (int i = 1; i < n; i++) {
            sum += all[(i + wide - 1) % n] - all[i - 1];
            if (highest ? sum > best : sum < best) {
                best = sum;
                at = i;
            }
        }
        return new Block(best / wide, at * 24.0 / n);
    }

    /**
     * The steps in which a lamp shines on the basking place; where none does, the four warmest lit hours.
     *
     * @param surface of the basking place (°C)
     */
    public List<Sample> basking(ToDoubleFunction<Sample> surface) {
        List<Sample> shone = samples.stream()
                .filter(s -> s.lit() && s.places().isShoneOn(s.duties()))
                .toList();
        if (!shone.isEmpty()) {
            return shone;
        }
        return samples.stream()
                .filter(Sample::lit)
                .sorted(Comparator.comparingDouble(surface).reversed())
                .limit(Math.round(WARMEST * samples.size() / 24))
                .toList();
    }

    public double min(ToDoubleFunction<Sample> value) {
        return samples.stream().mapToDouble(value).min().orElse(0);
    }

    public double max(ToDoubleFunction<Sample> value) {
        return samples.stream().mapToDouble(value).max().orElse(0);
    }
}
