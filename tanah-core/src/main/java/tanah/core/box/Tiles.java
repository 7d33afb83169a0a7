package tanah.core.box;

/**
 * The tiles that a floor falls into.
 *
 * @param length along the front (m)
 * @param width  front to back (m)
 * @param along  how many along the front
 * @param deep   how many front to back
 */
public record Tiles(double length, double width, int along, int deep) {
    private static final double ZONE = 0.15; // m, wanted size of a zone of air
    private static final double TILE = 0.0375; // m, wanted size of a tile

    public static Tiles of(double length, double width) {
        return new Tiles(length, width, tilesAlong(length), tilesDeep(width));
    }

    /** Middle of a column of tiles (m). */
    public double x(int i) {
        return (i + 0.5) * length / along;
    }

    /** Middle of a row of tiles (m). */
    public double y(int j) {
        return (j + 0.5) * width / deep;
    }

    /** Left, right, front, back of tiles of one column from a row up to before another (m). */
    public double[] run(int i, int from, int to) {
        return new double[] {i * length / along, (i + 1) * length / along, from * width / deep, to * width / deep};
    }

    /** Whether a rectangle (left, right, front, back) holds the middle of a tile. */
    public boolean holdsMiddle(double[] b) {
        return first(b[0], length / along) < Math.min(along, first(b[1], length / along))
                && first(b[2], width / deep) < Math.min(deep, first(b[3], width / deep));
    }

    /** Index of the first tile whose middle is not before a place. */
    private static int first(double at, double size) {
        return (int) Math.ceil(at / size - 0.5 - 1e-12);
    }

    /** Zones of air along a box of this length. */
    public static int zonesAlong(double length) {
        return zonesAcross(length, 8, 2);
    }

    /** Zones of air, front to back, of a box of this width. */
    public static int zonesDeep(double width) {
        return zonesAcross(width, 3, 1);
    }

    /** Tiles of a floor of this length along the front; a whole number in each zone. */
    public static int tilesAlong(double length) {
        return tilesAcross(length, zonesAlong(length));
    }

    /** Tiles of a floor of this width, front to back; a whole number in each zone. */
    public static int tilesDeep(double width) {
        return tilesAcross(width, zonesDeep(width));
    }

    private static int zonesAcross(double size, int most, int least) {
        return clamp((int) Math.rint(size / ZONE), least, most);
    }

    private static int tilesAcross(double size, int zones) {
        return zones * clamp((int) Math.rint(size / zones / TILE), 2, 6);
    }

    private static int clamp(int v, int low, int high) {
        return Math.max(low, Math.min(high, v));
    }
}
