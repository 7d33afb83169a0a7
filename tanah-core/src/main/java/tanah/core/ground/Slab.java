package tanah.core.ground;

import tanah.core.geometry.Plane;

/**
 * One layer within one cell.
 *
 * @param layer id
 * @param lower underside
 * @param upper top
 */
public record Slab(String layer, Plane lower, Plane upper) {
    /** Height of the layer as a plane. */
    public Plane depth() {
        return upper.minus(lower);
    }
}
