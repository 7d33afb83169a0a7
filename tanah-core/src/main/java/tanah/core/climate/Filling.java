package tanah.core.climate;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.OptionalDouble;
import tanah.core.box.Floor;
import tanah.core.climate.engine.Grid;

/**
 * What a litre that drains does to the water in the enclosure; drainage and open water are taken as joined.
 *
 * @param head  from the water to the top of the shallowest drainage, where the separator lies (m)
 * @param area  that rises: open water and the voids of the drainage (m²)
 */
public record Filling(double head, double area) {
    private static final double LEAST = 1e-6; // m a day

    /** Empty plans have neither. */
    static Filling of(Grid g) {
        double head = Double.MAX_VALUE;
        double area = 0;
        for (int t = 0; t < g.tiles; t++) {
            if (!g.isLand(t)) {
                area += g.tileArea;
                continue;
            }
            Floor.Land land = g.land(t);
            Floor.Soil soil = land.soil();
            if (soil.reservoir() <= 0 || soil.voids() <= 0) {
                continue;
            }
            double[] b = land.bounds();
            double standing = soil.standing() / (WATER_DENSITY * soil.voids() * (b[1] - b[0]) * (b[3] - b[2]));
            head = Math.min(head, Math.max(0, soil.reservoir() - standing));
            area += soil.voids() * g.tileArea;
        }
        return new Filling(head == Double.MAX_VALUE ? 0 : head, area);
    }

    /** By how much the water rises with some more of it (m); negative where it loses. Empty without drainage and water. */
    public OptionalDouble rise(double kilograms) {
        return area > 0 ? OptionalDouble.of(kilograms / WATER_DENSITY / area) : OptionalDouble.empty();
    }

    /** Days until it stands at the separator at so much more a day (kg); empty where it does not rise or has no drainage. */
    public OptionalDouble days(double kilograms) {
        OptionalDouble rise = rise(kilograms);
        return head > 0 && rise.isPresent() && rise.getAsDouble() > LEAST
                ? OptionalDouble.of(head / rise.getAsDouble())
                : OptionalDouble.empty();
    }
}
