package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;

/**
 * Two zones of air that touch.
 *
 * @param a        one
 * @param b        the other; where one is above the other, the upper
 * @param area     that they share (m²)
 * @param distance of their middles (m)
 * @param upright  whether one is above the other
 */
record AirLink(int a, int b, double area, double distance, boolean upright) {

    /** All of a grid. */
    static List<AirLink> of(Grid grid) {
        List<AirLink> links = new ArrayList<>();
        for (int i = 0; i < grid.nax; i++) {
            for (int j = 0; j < grid.nay; j++) {
                for (int k = 0; k < grid.naz; k++) {
                    int n = grid.zone(i, j, k);
                    if (k + 1 < grid.naz) {
                        links.add(new AirLink(n, n + 1, grid.zoneX * grid.zoneY, grid.zoneZ, true));
                    }
                    if (j + 1 < grid.nay) {
                        links.add(new AirLink(n, grid.zone(i, j + 1, k), grid.zoneX * grid.zoneZ, grid.zoneY, false));
                    }
                    if (i + 1 < grid.nax) {
                        links.add(new AirLink(n, grid.zone(i + 1, j, k), grid.zoneY * grid.zoneZ, grid.zoneX, false));
                    }
                }
            }
        }
        return links;
    }
}
