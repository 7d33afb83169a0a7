package tanah.core.climate.engine;

import tanah.core.box.ClimateCase;
import tanah.core.box.Floor;
import tanah.core.box.Shell;
import tanah.core.physics.Films;

/** Sizes that count for the films of a box: heights of upright faces, area over perimeter of level ones. */
final class FilmFaces {
    private static final double LEAST = 1.0; // W/m² K of air that never stands quite still, from memory, 0.5 to 2
    private static final double LEAF = 4.0; // W/m² K without a fan, from memory, 2 to 8

    private final Grid grid;
    private final double fan;

    FilmFaces(Grid grid) {
        this.grid = grid;
        this.fan = grid.enclosure.fanSpeed();
    }

    private static double over(double a, double b) {
        return a * b / (2 * (a + b));
    }

    private Films.Face face(double length, double swept) {
        return Films.Face.of(length, LEAST, fan, swept);
    }

    Films.Face level() {
        Shell s = grid.enclosure.shell();
        return face(over(s.length(), s.width()), Math.sqrt(s.length() * s.width()));
    }

    Films.Face panes() {
        return face(grid.air, grid.air);
    }

    /** By region: land as the whole plan, each water as its own rectangle. */
    Films.Face[] tiles() {
        Shell s = grid.enclosure.shell();
        Films.Face land = level();
        Films.Face[] all = new Films.Face[grid.enclosure.floor().size()];
        for (int r = 0; r < all.length; r++) {
            Floor f = grid.enclosure.floor().get(r);
            double[] b = f.bounds();
            double a = Math.min(s.length(), b[1]) - Math.max(0, b[0]);
            double c = Math.min(s.width(), b[3]) - Math.max(0, b[2]);
            all[r] = f instanceof Floor.Water && a > 0 && c > 0
                    ? face(over(a, c), Math.sqrt(s.length() * s.width()))
                    : land;
        }
        return all;
    }

    Films.Face[] platforms() {
        return grid.enclosure.platforms().stream().map(this::of).toArray(Films.Face[]::new);
    }

    private Films.Face of(ClimateCase.Platform p) {
        return face(over(p.sizeX(), p.sizeY()), Math.sqrt(p.area()));
    }

    double leaf() {
        return Films.leaf(LEAF, fan);
    }
}
