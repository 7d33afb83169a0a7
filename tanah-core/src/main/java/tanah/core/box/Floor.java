package tanah.core.box;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/** A rectangle of the floor: land or water. Together they tile it; where two overlap the later one holds. */
public sealed interface Floor {
    /** Left, right, front, back (m). */
    double[] bounds();

    default boolean holds(double x, double y) {
        double[] b = bounds();
        return x >= b[0] && x < b[1] && y >= b[2] && y < b[3];
    }

    /**
     * Soil in layers.
     *
     * @param bounds      left, right, front, back (m)
     * @param layers      from the top down
     * @param slopeX      rise by run along the front, about the middle; the top layer takes it, at least 5 mm
     * @param slopeY      rise by run front to back
     * @param base        height of the lowest layer's underside (m)
     * @param absorptance for light, usually 0.85
     * @param cover       litter, moss and plants over the soil, 0 to 1; 1 halves its evaporation
     * @param soil        its water
     */
    record Land(
            double[] bounds,
            List<Sheet> layers,
            double slopeX,
            double slopeY,
            double base,
            double absorptance,
            double cover,
            Soil soil)
            implements Floor {
        public Land {
            bounds = bounds.clone();
            layers = List.copyOf(layers);
        }

        @Override
        public double[] bounds() {
            return bounds.clone();
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Land l && Arrays.equals(bounds, l.bounds) && rest().equals(l.rest());
        }

        @Override
        public int hashCode() {
            return 31 * Arrays.hashCode(bounds) + rest().hashCode();
        }

        /** Everything but the bounds, which an array does not compare by value. */
        private List<Object> rest() {
            return List.of(layers, slopeX, slopeY, base, absorptance, cover, soil);
        }
    }

    /**
     * Open water, well mixed.
     *
     * @param bounds  left, right, front, back (m)
     * @param surface height of its face (m)
     * @param depth   m
     * @param body    which water it belongs to, from 0: rectangles of one body have one temperature
     */
    record Water(double[] bounds, double surface, double depth, int body) implements Floor {
        public Water {
            bounds = bounds.clone();
        }

        @Override
        public double[] bounds() {
            return bounds.clone();
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Water w && Arrays.equals(bounds, w.bounds) && rest().equals(w.rest());
        }

        @Override
        public int hashCode() {
            return 31 * Arrays.hashCode(bounds) + rest().hashCode();
        }

        private List<Object> rest() {
            return List.of(surface, depth, body);
        }
    }

    /**
     * Water that the soil holds.
     *
     * @param depth         rooted, water-holding (m)
     * @param fieldCapacity share of the volume
     * @param skin          that dries first (m)
     * @param wet           share of field capacity at the start
     * @param wetSkin       the same of the skin; empty: as the rest
     * @param reservoir     height of the drainage under it (m)
     * @param voids         share of the drainage that water fills
     * @param standing      in the reservoir at the start (kg)
     */
    record Soil(
            double depth,
            double fieldCapacity,
            double skin,
            double wet,
            OptionalDouble wetSkin,
            double reservoir,
            double voids,
            double standing) {}
}
