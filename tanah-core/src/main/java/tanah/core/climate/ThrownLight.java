package tanah.core.climate;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.box.Floor;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.climate.engine.Grid;
import tanah.core.light.Band;
import tanah.core.light.Emitter;
import tanah.core.light.Interior;
import tanah.core.light.Leaves;
import tanah.core.light.Lid;
import tanah.core.light.Space;
import tanah.core.light.Vec;

/**
 * Plant light that panes, backgrounds, lid and ground throw back: mirrors of bare panes followed over four faces, the rest as a pool that
 * is the same everywhere (an integrating box). Reflectances as {@link tanah.core.box.Matter} has them.
 */
final class ThrownLight {
    private static final double WATER = 0.07; // from memory
    private static final double CLEAR = 0.15; // of a bare pane for light from all sides
    private static final double MESH = 0.3; // of its wire
    private static final double LEAVES = 0.10;
    static final double OVER = 0.01; // m over the ground

    private final Grid grid;
    private final Space space;
    private final Interior inside;
    private final Map<Lid.Side, Interior.Wall> walls = new EnumMap<>(Lid.Side.class);
    private final double ground; // reflectance
    private final double floor; // m²
    private final double all; // m²
    private final double mean; // reflectance

    ThrownLight(Grid grid, Space space) {
        this.grid = grid;
        this.space = space;
        Shell shell = grid.enclosure.shell();
        inside = new Interior(shell.length(), shell.width(), grid.ground, shell.height());
        floor = shell.length() * shell.width();
        double given = 0;
        for (int t = 0; t < grid.tiles; t++) {
            given += (1 - absorbed(t)) / grid.tiles;
        }
        ground = given;
        double area = 2 * floor;
        double sum = floor * ground + lid(shell);
        for (Lid.Side side : Lid.Side.values()) {
            Pane pane = java.util.Objects.requireNonNull(shell.sides().get(side));
            boolean clear = pane.glazing().isClear();
            walls.put(side, new Interior.Wall(clear, pane.reflects()));
            boolean across = side == Lid.Side.LEFT || side == Lid.Side.RIGHT;
            double here = (across ? shell.width() : shell.length()) * grid.air;
            area += here;
            sum += here * (clear ? CLEAR : pane.reflects());
        }
        double leaves = 0;
        for (Leaves l : grid.enclosure.plants()) {
            leaves += 2 * l.leafArea() * l.box().floorArea();
        }
        all = area + leaves;
        mean = (sum + leaves * LEAVES) / all;
    }

    private static double lid(Shell shell) {
        Lid lid = shell.lid();
        double mesh = lid.meshArea();
        double solid = shell.length() * shell.width() - mesh;
        double cover =
                lid.top().isClear() ? CLEAR : shell.cover().map(Pane::reflects).orElse(CLEAR);
        return mesh * MESH * (1 - lid.open()) + solid * cover;
    }

    private double absorbed(int tile) {
        return grid.enclosure.floor().get(grid.region[tile]) instanceof Floor.Land land
                ? land.absorptance()
                : 1 - WATER;
    }

    /** Straight from a lamp by tile, just over it, by unit of its light (1/m²). */
    double[] direct(Emitter lamp, Emitter.Part part, List<Emitter.Sample> samples) {
        double[] all = new double[grid.tiles];
        for (int t = 0; t < all.length; t++) {
            Vec at = grid.over(t, OVER);
            all[t] = space.irradiance(lamp, part, samples, Band.LIGHT, at, Optional.of(Vec.UP), Space.Shade.ALL);
        }
        return all;
    }

    /**
     * Thrown back, at any place alike, by unit of a lamp's light (1/m²).
     *
     * @param direct of the lamp
     */
    double of(Emitter lamp, Emitter.Part part, double[] direct) {
        Interior.Thrown thrown = inside.thrown(lamp, part, Band.LIGHT, space, walls);
        double pool = thrown.scattered() + thrown.floor() * ground;
        for (int t = 0; t < grid.tiles; t++) {
            pool += direct[t] * grid.tileArea * (1 - absorbed(t));
        }
        return thrown.floor() / floor + pool / (all * (1 - mean));
    }
}
