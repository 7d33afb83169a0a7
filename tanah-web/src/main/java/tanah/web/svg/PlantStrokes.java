package tanah.web.svg;

/** What plants are drawn with: leaves that are filled and stems that are lines, as path data. */
class PlantStrokes {
    /** The angle by which leaves follow one another (rad; Vogel 1979). */
    static final double TURN = 2.399963;

    final StringBuilder leaves = new StringBuilder();
    final StringBuilder stems = new StringBuilder();
    private int seed;

    PlantStrokes(int seed) {
        this.seed = 31 * seed + 17;
    }

    String leaves() {
        return leaves.toString();
    }

    String stems() {
        return stems.toString();
    }

    /** A number from 0 to 1 that is the same for the same seed (a linear congruential generator). */
    double next() {
        seed = seed * 1103515245 + 12345;
        return (seed >>> 8 & 0xffff) / 65536.0;
    }

    static String at(double x, double y) {
        return Svg.n(x) + " " + Svg.n(y);
    }

    /** A leaf from a place to its tip, wide by a share of its length. */
    void leaf(double x, double y, double tipX, double tipY, double wide) {
        double dx = tipX - x;
        double dy = tipY - y;
        double mx = x + 0.5 * dx;
        double my = y + 0.5 * dy;
        leaves.append('M').append(at(x, y));
        leaves.append('Q')
                .append(at(mx - wide * dy, my + wide * dx))
                .append(' ')
                .append(at(tipX, tipY));
        leaves.append('Q')
                .append(at(mx + wide * dy, my - wide * dx))
                .append(' ')
                .append(at(x, y))
                .append('Z');
    }

    void curve(double x, double y, double bendX, double bendY, double endX, double endY) {
        stems.append('M')
                .append(at(x, y))
                .append('Q')
                .append(at(bendX, bendY))
                .append(' ')
                .append(at(endX, endY));
    }
}
