package tanah.web.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Patterns for materials. Marks are strewn by dart throwing with a least distance that wraps at the tile's edges, from
 * a fixed start, so they look strewn and never change. Colours come from classes.
 */
final class TextureDefs {
    private static final String DEFS = build();

    private TextureDefs() {}

    /** An invisible drawing that holds all patterns, once for each page. */
    static String markup() {
        return DEFS;
    }

    private static String build() {
        Svg svg = new Svg();
        svg.open("svg", "width", 0, "height", 0, "class", "defs", "aria-hidden", "true", "focusable", "false")
                .open("defs");
        litter(svg);
        crumbs(svg, "humus", 64, 60, 5, 0.6, 1.7);
        grains(svg, "arid", 56, 80, 4, 0.5, 1.2, 7);
        grains(svg, "sand", 44, 70, 3.2, 0.4, 1.0, 0);
        balls(svg);
        ellipses(svg);
        strokes(svg, "rock", 60, 6, 12);
        strokes(svg, "wood", 40, 7, 16);
        lenses(svg);
        rings(svg);
        sprigs(svg);
        waves(svg);
        hairs(svg, "void", 12);
        drops(svg);
        hairs(svg, "dry", 9);
        svg.close("defs").close("svg");
        return svg.toString();
    }

    private static void start(Svg svg, String id, double size) {
        svg.open("pattern", "id", "tx-" + id, "width", size, "height", size, "patternUnits", "userSpaceOnUse")
                .empty("rect", "width", size, "height", size, "class", "t0-" + id);
    }

    /** Drops on clear ground, which the ground shows through. */
    private static void drops(Svg svg) {
        start(svg, "damp", 22);
        for (double[] p : new double[][] {{6, 7}, {17, 18}}) {
            String drop = "M" + p[0] + " " + (p[1] - 4) + "c3 4 3 7 0 7s-3 -3 0 -7Z";
            svg.empty("path", "d", drop, "class", "t1-damp");
        }
        svg.close("pattern");
    }

    /** Places with a least distance, measured across the tile's edges too. */
    private static List<double[]> strew(double size, int most, double least, long seed) {
        Random random = new Random(seed);
        List<double[]> places = new ArrayList<>();
        for (int tries = 0; tries < 4000 && places.size() < most; tries++) {
            double x = random.nextDouble() * size;
            double y = random.nextDouble() * size;
            boolean free = true;
            for (double[] p : places) {
                double dx = Math.abs(p[0] - x);
                double dy = Math.abs(p[1] - y);
                free &= Math.hypot(Math.min(dx, size - dx), Math.min(dy, size - dy)) >= least;
            }
            if (free) {
                places.add(new double[] {x, y, random.nextDouble()});
            }
        }
        return places;
    }

    /** Repeats a mark that reaches over an edge on the other side. */
    private static List<double[]> wrapped(List<double[]> places, double size, double reach) {
        List<double[]> all = new ArrayList<>();
        for (double[] p : places) {
            for (int i = -1; i <= 1; i++) {
                for (int j = -1; j <= 1; j++) {
                    double x = p[0] + i * size;
                    double y = p[1] + j * size;
                    if (x > -reach && x < size + reach && y > -reach && y < size + reach) {
                        all.add(new double[] {x, y, p[2]});
                    }
                }
            }
        }
        return all;
    }

    private static void litter(Svg svg) {
        start(svg, "litter", 52);
        for (double[] p : wrapped(strew(52, 34, 6.4, 11), 52, 8)) {
            double length = 8 + 6 * p[2];
            String turn = "translate(" + Svg.n(p[0]) + " " + Svg.n(p[1]) + ") rotate(" + Svg.n(p[2] * 997 % 180) + ")";
            double h = length / 2;
            String leaf = "M" + Svg.n(-h) + " 0Q0 " + Svg.n(-length / 4) + " " + Svg.n(h) + " 0Q0 " + Svg.n(length / 4)
                    + " " + Svg.n(-h) + " 0Z";
            svg.open("g", "transform", turn)
                    .empty("path", "d", leaf, "class", p[2] > 0.6 ? "t2-litter" : "t1-litter")
                    .empty("path", "d", "M" + Svg.n(-h) + " 0H" + Svg.n(h), "class", "ts-litter")
                    .close("g");
        }
        svg.close("pattern");
    }

    private static void crumbs(Svg svg, String id, double size, int most, double least, double small, double large) {
        start(svg, id, size);
        for (double[] p : wrapped(strew(size, most, least, 23), size, 4)) {
            if (p[2] > 0.75) {
                svg.empty(
                        "path",
                        "d",
                        "M" + Svg.n(p[0]) + " " + Svg.n(p[1]) + "l" + Svg.n(5 * p[2]) + " " + Svg.n(6 * (p[2] - 0.87)),
                        "class",
                        "ts-" + id);
            } else {
                dot(svg, p, small, large, p[2] > 0.4 ? "t1-" + id : "t2-" + id);
            }
        }
        svg.close("pattern");
    }

    private static void dot(Svg svg, double[] p, double small, double large, String css) {
        svg.empty("circle", "cx", p[0], "cy", p[1], "r", small + (large - small) * p[2], "class", css);
    }

    private static void grains(
            Svg svg, String id, double size, int most, double least, double small, double large, int crackEvery) {
        start(svg, id, size);
        int i = 0;
        for (double[] p : wrapped(strew(size, most, least, 31), size, 4)) {
            i++;
            if (crackEvery > 0 && i % crackEvery == 0) {
                svg.empty(
                        "path",
                        "d",
                        "M" + Svg.n(p[0]) + " " + Svg.n(p[1]) + "l3 " + Svg.n(2 * p[2]) + "l2 " + Svg.n(-2 * p[2]),
                        "class",
                        "ts-" + id);
            } else {
                dot(svg, p, small, large, crackEvery > 0 && p[2] > 0.7 ? "t2-" + id : "t1-" + id);
            }
        }
        svg.close("pattern");
    }

    private static void balls(Svg svg) {
        start(svg, "clay", 46);
        for (double[] p : wrapped(strew(46, 60, 6.1, 41), 46, 5)) {
            double r = 3 + 0.9 * p[2];
            svg.empty("circle", "cx", p[0], "cy", p[1], "r", r, "class", "t1-clay")
                    .empty("circle", "cx", p[0] - 0.9, "cy", p[1] - 0.9, "r", r * 0.35, "class", "t2-clay");
        }
        svg.close("pattern");
    }

    private static void ellipses(Svg svg) {
        start(svg, "gravel", 48);
        for (double[] p : wrapped(strew(48, 48, 6.6, 53), 48, 5)) {
            String turn = "rotate(" + Svg.n(p[2] * 360) + " " + Svg.n(p[0]) + " " + Svg.n(p[1]) + ")";
            svg.empty(
                    "ellipse",
                    "cx",
                    p[0],
                    "cy",
                    p[1],
                    "rx",
                    2.4 + p[2],
                    "ry",
                    1.7 + 0.6 * p[2],
                    "transform",
                    turn,
                    "class",
                    p[2] > 0.5 ? "t1-gravel" : "t2-gravel");
        }
        svg.close("pattern");
    }

    private static void strokes(Svg svg, String id, double size, int most, double length) {
        start(svg, id, size);
        for (double[] p : wrapped(strew(size, most, size / 4, 61), size, length)) {
            svg.empty(
                    "path",
                    "d",
                    "M" + Svg.n(p[0]) + " " + Svg.n(p[1]) + "q" + Svg.n(length / 2) + " " + Svg.n(-1.5 + 3 * p[2]) + " "
                            + Svg.n(length) + " 0",
                    "class",
                    "ts-" + id);
        }
        svg.close("pattern");
    }

    private static void lenses(Svg svg) {
        start(svg, "cork", 40);
        for (double[] p : wrapped(strew(40, 22, 7, 71), 40, 5)) {
            svg.empty("ellipse", "cx", p[0], "cy", p[1], "rx", 2.6, "ry", 0.8, "class", "t1-cork");
        }
        svg.close("pattern");
    }

    private static void rings(Svg svg) {
        start(svg, "foam", 34);
        for (double[] p : wrapped(strew(34, 18, 6, 73), 34, 4)) {
            svg.empty("circle", "cx", p[0], "cy", p[1], "r", 1.2 + p[2], "class", "ts-foam");
        }
        svg.close("pattern");
    }

    private static void sprigs(Svg svg) {
        start(svg, "moss", 30);
        for (double[] p : wrapped(strew(30, 30, 4.4, 79), 30, 4)) {
            String at = "M" + Svg.n(p[0]) + " " + Svg.n(p[1]);
            svg.empty("path", "d", at + "v-3" + at + "l-1.8 -2.2" + at + "l1.8 -2.2", "class", "ts-moss");
        }
        svg.close("pattern");
    }

    private static void waves(Svg svg) {
        start(svg, "water", 56);
        for (double[] p : wrapped(strew(56, 9, 14, 83), 56, 12)) {
            svg.empty("path", "d", "M" + Svg.n(p[0]) + " " + Svg.n(p[1]) + "q2.5 -2.4 5 0t5 0", "class", "ts-water");
        }
        svg.close("pattern");
    }

    private static void hairs(Svg svg, String id, double size) {
        start(svg, id, size);
        svg.empty("path", "d", "M0 " + Svg.n(size) + "L" + Svg.n(size) + " 0", "class", "ts-" + id)
                .close("pattern");
    }
}
