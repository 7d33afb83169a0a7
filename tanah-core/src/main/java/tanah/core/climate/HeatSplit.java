package tanah.core.climate;

import java.util.Arrays;

/**
 * Where the power of a device goes (W).
 *
 * @param ground   onto the ground
 * @param cells    into the ground
 * @param base     under it
 * @param panes    into panes
 * @param platform onto platforms
 * @param foliage  onto leaves
 * @param air      into the air
 * @param diffuse  to all faces as long waves, by section along the box
 * @param water    into the water
 * @param room     never enters
 */
public record HeatSplit(
        double ground,
        double cells,
        double base,
        double panes,
        double platform,
        double foliage,
        double air,
        double[] diffuse,
        double water,
        double room) {
    /** Long waves over all sections. */
    public double all() {
        return Arrays.stream(diffuse).sum();
    }

    public double sum() {
        return ground + cells + base + panes + platform + foliage + air + all() + water + room;
    }
}
