package tanah.core.ground;

import java.util.List;

/**
 * Water in a soil by the retention curve of G. S. Campbell, "A simple method for determining unsaturated conductivity
 * from moisture retention data", Soil Science 117 (1974): θ(h) = θs (ha/h)^(1/b) above the air entry head ha, never
 * below the wilting point.
 *
 * @param saturated   share of the volume, 0 to 1
 * @param airEntry    height of the saturated zone above a water table (m)
 * @param exponent    Campbell's b; 0 where the curve is not defined and {@code flat} holds above the air entry
 * @param flat        content where there is no curve
 * @param wilting     least content
 * @param parts       of a mix: each holds at a suction what it holds alone, and the fine fill the gaps of the coarse; one curve through
 *                    two points would miss what a mix holds in its lowest 20 cm
 */
public record SoilWater(
        double saturated, double airEntry, double exponent, double flat, double wilting, List<Share> parts) {
    private static final int STEPS = 200; // of a column of a mix

    public SoilWater {
        parts = List.copyOf(parts);
    }

    /**
     * A component of a mix.
     *
     * @param share of the volume of the mix, by which its content counts
     * @param water its own curve
     */
    public record Share(double share, SoilWater water) {}

    /** The curve of one medium. */
    public SoilWater(double saturated, double airEntry, double exponent, double flat, double wilting) {
        this(saturated, airEntry, exponent, flat, wilting, List.of());
    }

    /** A curve through saturation and field capacity, as media are described. Heads in m. */
    public static SoilWater through(
            double saturated, double airEntry, double fieldCapacity, double fieldSuction, double wilting) {
        boolean noCurve = fieldCapacity >= 0.999 * saturated || fieldCapacity <= 0 || airEntry <= 0;
        double b = noCurve ? 0 : Math.log(fieldSuction / airEntry) / Math.log(saturated / fieldCapacity);
        return new SoilWater(saturated, airEntry, b, fieldCapacity, wilting);
    }

    /**
     * Water content at a suction (share).
     *
     * @param head suction (m of water), 0 or more
     */
    public double content(double head) {
        if (!parts.isEmpty()) {
            double sum = 0;
            for (Share p : parts) {
                sum += p.share() * p.water().content(head);
            }
            return Math.min(saturated, sum);
        }
        if (head <= airEntry) {
            return saturated;
        }
        if (exponent <= 0) {
            return flat;
        }
        return Math.max(wilting, saturated * Math.pow(airEntry / head, 1 / exponent));
    }

    /**
     * Mean content of a column drained to its base, the container capacity: its lowest part stays saturated (the
     * perched water table), so a thin soil over coarse grains is wetter than a deep one.
     *
     * @param height of the column (m), greater than 0
     */
    public double columnMean(double height) {
        if (!parts.isEmpty()) {
            double sum = 0;
            for (int i = 0; i < STEPS; i++) {
                sum += content(height * (i + 0.5) / STEPS);
            }
            return sum / STEPS;
        }
        if (exponent <= 0) {
            return airEntry > 0
                    ? (saturated * Math.min(airEntry, height) + flat * Math.max(0, height - airEntry)) / height
                    : flat;
        }
        if (height <= airEntry) {
            return saturated;
        }
        double k = 1 / exponent;
        double wiltingHead = wilting > 0 ? airEntry * Math.pow(saturated / wilting, exponent) : Double.MAX_VALUE;
        double upTo = Math.min(height, wiltingHead);
        double middle = Math.abs(1 - k) < 1e-9
                ? saturated * airEntry * Math.log(upTo / airEntry)
                : saturated * Math.pow(airEntry, k) * (Math.pow(upTo, 1 - k) - Math.pow(airEntry, 1 - k)) / (1 - k);
        return (saturated * airEntry + middle + wilting * Math.max(0, height - wiltingHead)) / height;
    }
}
