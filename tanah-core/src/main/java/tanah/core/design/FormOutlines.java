package tanah.core.design;

import java.util.ArrayList;
import java.util.List;
import tanah.core.geometry.Point;

/**
 * Outlines of the forms of hardscape, from a few numbers and a seed, so that two of a kind differ and one looks the same
 * every time. All in shares of the box around a piece; every outline touches its four sides.
 */
final class FormOutlines {
    private static final int ROUND = 16;

    private int seed;

    private FormOutlines(int seed) {
        this.seed = 31 * seed + 7;
    }

    /**
     * From above.
     *
     * @param across width of the box in shares of its length
     */
    static List<Point> plan(PieceForm form, int seed, double across) {
        FormOutlines f = new FormOutlines(seed);
        boolean deep = across > 1;
        List<Point> points = switch (form) {
            case BOULDER -> f.round(2.4, 0.10);
            case SLAB, STACK -> f.round(4.5, 0.07);
            case BRANCH -> f.branch();
            case ROOT -> f.star();
            case TUBE, FLAT, HALF_SHELL -> f.bark(0.05);
            case BLOCK -> f.bark(0.015);
        };
        return fitted(deep ? swapped(points) : points);
    }

    /**
     * From the front.
     *
     * @param up     height of the box in shares of its length
     * @param across width of the box in shares of its length
     */
    static List<Point> front(PieceForm form, int seed, double up, double across) {
        FormOutlines f = new FormOutlines(seed + 1);
        boolean end = across > 1.2;
        List<Point> points = switch (form) {
            case BOULDER -> f.heap(2.3, 0.06);
            case SLAB -> f.heap(5, 0.04);
            case STACK -> f.ledges();
            case BRANCH -> up > 1 ? swapped(f.branch()) : f.branch();
            case ROOT -> f.legs();
            case TUBE -> end ? f.round(2, 0.03) : up > 1 ? swapped(f.bark(0.05)) : f.bark(0.05);
            case FLAT -> f.arch(0.55, 2.2);
            case HALF_SHELL -> f.arch(0.78, 2);
            case BLOCK -> f.bark(0.015);
        };
        return fitted(points);
    }

    /** A number from 0 to 1 that is the same for the same seed (a linear congruential generator). */
    private double next() {
        seed = seed * 1103515245 + 12345;
        return (seed >>> 8 & 0xffff) / 65536.0;
    }

    private double about(double value, double by) {
        return value + by * (2 * next() - 1);
    }

    /** A rounded outline: a superellipse (Lamé) with uneven radii. */
    private List<Point> round(double power, double rough) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            points.add(onCurve(2 * Math.PI * i / ROUND, power, about(1, rough)));
        }
        return points;
    }

    private static Point onCurve(double angle, double power, double radius) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        double r = radius * Math.pow(Math.pow(Math.abs(c), power) + Math.pow(Math.abs(s), power), -1 / power);
        return new Point(r * c, r * s);
    }

    /** The upper half of a rounded outline on a flat foot a little narrower than its waist. */
    private List<Point> heap(double power, double rough) {
        List<Point> points = new ArrayList<>();
        points.add(new Point(-0.88, -0.35));
        points.add(new Point(0.88, -0.35));
        int half = ROUND * 2 / 3;
        for (int i = 0; i <= half; i++) {
            points.add(onCurve(Math.PI * i / half, power, about(1, rough)));
        }
        return points;
    }

    /** Flat stones on one another, each set back a little otherwise. */
    private List<Point> ledges() {
        int count = 3;
        List<Point> right = new ArrayList<>();
        List<Point> left = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double low = (double) i / count;
            double high = (i + 1.0) / count;
            double in = 0.03 + 0.13 * next() + 0.04 * i;
            double out = 0.03 + 0.13 * next() + 0.04 * i;
            right.add(new Point(1 - in, low));
            right.add(new Point(1 - in + 0.03, (low + high) / 2));
            right.add(new Point(1 - in - 0.01, high));
            left.add(new Point(out, low));
            left.add(new Point(out - 0.03, (low + high) / 2));
            left.add(new Point(out + 0.01, high));
        }
        java.util.Collections.reverse(left);
        right.addAll(left);
        return right;
    }

    /** A bent stem that thins out, with a fork up and one down. */
    private List<Point> branch() {
        List<Point> upper = new ArrayList<>();
        List<Point> lower = new ArrayList<>();
        double bend = about(0.16, 0.05);
        double fork = about(0.42, 0.07);
        double under = about(0.66, 0.06);
        for (int i = 0; i <= 10; i++) {
            double t = i / 10.0;
            double middle = 0.3 + 0.28 * t + bend * Math.sin(Math.PI * t * 1.4);
            double half = 0.15 - 0.09 * t;
            if (t > fork && t - 0.1 <= fork) {
                upper.add(new Point(fork + 0.20, 1));
                upper.add(new Point(fork + 0.27, 0.97));
            }
            upper.add(new Point(t, about(middle + half, 0.015)));
            if (t > under && t - 0.1 <= under) {
                lower.add(new Point(under + 0.16, 0));
                lower.add(new Point(under + 0.22, 0.03));
            }
            lower.add(new Point(t, about(middle - half, 0.015)));
        }
        lower.set(0, new Point(0.02, 0));
        java.util.Collections.reverse(upper);
        lower.addAll(upper);
        return lower;
    }

    /** A stump on arched roots. */
    private List<Point> legs() {
        List<Point> points = new ArrayList<>();
        double[] feet = {0.0, about(0.30, 0.04), about(0.62, 0.04), 0.90};
        for (int i = 0; i < feet.length; i++) {
            points.add(new Point(feet[i], 0));
            points.add(new Point(feet[i] + 0.10, 0));
            if (i < feet.length - 1) {
                double gap = (feet[i] + 0.10 + feet[i + 1]) / 2;
                // the outer arches stay under the flanks of the stump
                double arch = i == 1 ? about(0.36, 0.08) : about(0.13, 0.03);
                points.add(new Point(gap - 0.05, arch));
                points.add(new Point(gap + 0.05, arch));
            }
        }
        points.add(new Point(about(0.80, 0.03), 0.32));
        points.add(new Point(about(0.68, 0.03), 0.62));
        points.add(new Point(0.66, about(0.90, 0.04)));
        points.add(new Point(0.58, 1));
        points.add(new Point(0.50, about(0.90, 0.04)));
        points.add(new Point(0.42, about(0.96, 0.03)));
        points.add(new Point(0.38, 0.62));
        points.add(new Point(about(0.20, 0.03), 0.34));
        return points;
    }

    /** Roots that run out from a stump. */
    private List<Point> star() {
        List<Point> points = new ArrayList<>();
        int arms = 5;
        double turn = next();
        for (int i = 0; i < arms; i++) {
            double angle = 2 * Math.PI * (i + turn) / arms;
            double reach = about(0.85, 0.15);
            points.add(polar(angle - 0.34, 0.44));
            points.add(polar(angle - 0.09, reach));
            points.add(polar(angle + 0.09, reach));
            points.add(polar(angle + 0.34, 0.44));
        }
        return points;
    }

    private static Point polar(double angle, double radius) {
        return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
    }

    /** A long body with uneven edges and ends that are a little rounded. */
    private List<Point> bark(double rough) {
        List<Point> points = new ArrayList<>();
        int steps = 9;
        for (int side = 0; side < 2; side++) {
            for (int i = 0; i <= steps; i++) {
                double t = (double) i / steps;
                double in = (i == 0 || i == steps ? 0.06 : 0) + rough * next();
                points.add(side == 0 ? new Point(t, in) : new Point(1 - t, 1 - in));
            }
        }
        return points;
    }

    /** A curved sheet on two feet, open below up to a share of its height. */
    private List<Point> arch(double open, double power) {
        List<Point> points = new ArrayList<>();
        int half = 12;
        for (int i = 0; i <= half; i++) {
            Point p = onCurve(Math.PI * i / half, power, about(1, 0.02));
            points.add(new Point(p.x(), Math.max(0, p.y())));
        }
        double inner = 0.86;
        for (int i = half; i >= 0; i--) {
            Point p = onCurve(Math.PI * i / half, power, 1);
            points.add(new Point(inner * p.x(), Math.max(0, open * p.y())));
        }
        return points;
    }

    private static List<Point> swapped(List<Point> points) {
        return points.stream().map(p -> new Point(p.y(), p.x())).toList();
    }

    /** Stretched so that it touches the four sides of its box; to a thousandth. */
    private static List<Point> fitted(List<Point> points) {
        double left = points.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = points.stream().mapToDouble(Point::x).max().orElseThrow();
        double low = points.stream().mapToDouble(Point::y).min().orElseThrow();
        double high = points.stream().mapToDouble(Point::y).max().orElseThrow();
        return points.stream()
                .map(p -> new Point(round((p.x() - left) / (right - left)), round((p.y() - low) / (high - low))))
                .toList();
    }

    private static double round(double share) {
        return Math.round(share * 1000) / 1000.0;
    }
}
