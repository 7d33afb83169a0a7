package tanah.core.climate;

/**
 * The tiles that a floor falls into.
 *
 * @param length along the front (m)
 * @param width  front to back (m)
 * @param along  how many along the front
 * @param deep   how many front to back
 */
public record Tiles(double length, double width, int along, int deep) {
    public static Tiles of(double length, double width) {
        return new Tiles(length, width, Grid.tilesAlong(length), Grid.tilesDeep(width));
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
}
