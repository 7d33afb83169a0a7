package tanah.web.svg;

import java.util.List;
import tanah.web.forms.Numbers;

/**
 * Readings over time with what is wanted behind them. Values in the unit shown, times as epoch seconds.
 *
 * @param points   oldest first
 * @param bands    what is wanted, one for each stretch of time
 * @param from     left edge (s)
 * @param to       right edge (s)
 * @param days     labels of the axis
 * @param unit     of the values
 * @param sentence for screen readers
 */
public record ReadingChart(
        List<Dot> points, List<Band> bands, double from, double to, List<Day> days, String unit, String sentence) {
    private static final double WIDTH = 720;
    private static final double HEIGHT = 260;
    private static final double LEFT = 46;
    private static final double FOOT = 26;
    private static final double TOP = 10;
    private static final double GAP = 3 * 86_400.0; // a longer pause breaks the line

    public ReadingChart {
        points = List.copyOf(points);
        bands = List.copyOf(bands);
        days = List.copyOf(days);
    }

    /**
     * @param at s
     * @param value
     * @param outside whether it lies outside what is wanted
     * @param words for pointing
     */
    public record Dot(double at, double value, boolean outside, String words) {}

    /**
     * @param from s
     * @param to s
     * @param low
     * @param high
     */
    public record Band(double from, double to, double low, double high) {}

    /**
     * @param at s
     * @param label
     */
    public record Day(double at, String label) {}

    public String draw() {
        double low = Math.min(
                points.stream().mapToDouble(Dot::value).min().orElse(0),
                bands.stream().mapToDouble(Band::low).min().orElse(Double.MAX_VALUE));
        double high = Math.max(
                points.stream().mapToDouble(Dot::value).max().orElse(1),
                bands.stream().mapToDouble(Band::high).max().orElse(-Double.MAX_VALUE));
        // what is wanted keeps its edges in sight
        double air = Math.max(0.5, 0.08 * (high - low));
        low -= air;
        high += air;
        double step = step(high - low);
        double min = Math.floor(low / step) * step;
        double max = Math.max(min + step, Math.ceil(high / step) * step);
        Svg svg = new Svg();
        svg.open("svg", "class", "chart", "viewBox", "0 0 720 260", "role", "img", "aria-label", sentence);
        for (Band b : bands) {
            double x = x(b.from());
            svg.empty(
                    "rect",
                    "x",
                    x,
                    "y",
                    y(b.high(), min, max),
                    "width",
                    Math.max(0.5, x(b.to()) - x),
                    "height",
                    Math.max(0.5, y(b.low(), min, max) - y(b.high(), min, max)),
                    "class",
                    "wanted");
        }
        for (double v = min; v <= max + step / 1000; v += step) {
            double y = y(v, min, max);
            svg.empty("path", "d", "M" + LEFT + " " + Svg.n(y) + "H" + WIDTH, "class", "rule")
                    .text("text", Numbers.upTo(v, 1) + " " + unit, "x", LEFT - 6, "y", y + 4, "text-anchor", "end");
        }
        for (Day day : days) {
            svg.empty("path", "d", "M" + Svg.n(x(day.at())) + " " + TOP + "V" + (HEIGHT - FOOT), "class", "rule")
                    .text("text", day.label(), "x", x(day.at()), "y", HEIGHT - 8, "text-anchor", "middle");
        }
        line(svg, min, max);
        for (Dot d : points) {
            double cx = x(d.at());
            double cy = y(d.value(), min, max);
            double r = points.size() > 90 ? 2.6 : 4.5;
            svg.open(
                            "path",
                            "d",
                            "M" + Svg.n(cx) + " " + Svg.n(cy - r) + "l" + r + " " + r + "l" + -r + " " + r + "l" + -r
                                    + " " + -r + "Z",
                            "class",
                            d.outside() ? "read outside" : "read")
                    .text("title", d.words())
                    .close("path");
        }
        return svg.close("svg").toString();
    }

    private void line(Svg svg, double min, double max) {
        StringBuilder d = new StringBuilder();
        double last = -GAP;
        for (Dot p : points) {
            d.append(d.isEmpty() || p.at() - last > GAP ? 'M' : 'L')
                    .append(Svg.n(x(p.at())))
                    .append(' ')
                    .append(Svg.n(y(p.value(), min, max)));
            last = p.at();
        }
        if (!d.isEmpty()) {
            svg.empty("path", "d", d, "class", "course");
        }
    }

    private double x(double at) {
        return LEFT + Math.max(0, Math.min(1, (at - from) / Math.max(1, to - from))) * (WIDTH - LEFT - 8);
    }

    private static double y(double value, double min, double max) {
        return TOP + (max - value) / (max - min) * (HEIGHT - FOOT - TOP);
    }

    private static double step(double span) {
        for (double s : new double[] {0.5, 1, 2, 5, 10, 20, 50}) {
            if (span / s <= 6) {
                return s;
            }
        }
        return 100;
    }
}
