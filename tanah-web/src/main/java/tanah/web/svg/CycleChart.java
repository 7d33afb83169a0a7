package tanah.web.svg;

import java.util.List;
import tanah.web.forms.Numbers;

/**
 * Ammonia and nitrite over nitrate, by days. Each course has its own stroke; readings lie over it as lozenges.
 *
 * @param sentence for screen readers
 * @param days     shown along the bottom
 * @param ready    days between which readings should show it safe, or empty
 * @param upper    courses of the upper field
 * @param lower    courses of the lower field
 */
public record CycleChart(String sentence, int days, List<Double> ready, List<Course> upper, List<Course> lower) {
    private static final double WIDTH = 720;
    private static final double LEFT = 52;
    private static final double TOP = 14;
    private static final double FIELD = 150;
    private static final double GAP = 30;
    private static final double BESIDE = 86;

    public CycleChart {
        ready = List.copyOf(ready);
        upper = List.copyOf(upper);
        lower = List.copyOf(lower);
    }

    /**
     * One substance.
     *
     * @param label  behind its line
     * @param style  css word
     * @param values one for each day from 0 (mg/l)
     * @param read   readings
     */
    public record Course(String label, String style, List<Double> values, List<Dot> read) {
        public Course {
            values = List.copyOf(values);
            read = List.copyOf(read);
        }
    }

    /**
     * A reading.
     *
     * @param day   from the first, in days and parts
     * @param value mg/l
     * @param words for pointing
     */
    public record Dot(double day, double value, String words) {}

    public String draw() {
        Svg svg = new Svg();
        double height = TOP + FIELD + GAP + FIELD + 26;
        svg.open(
                "svg",
                "class",
                "chart cycle",
                "viewBox",
                "0 0 " + Svg.n(WIDTH) + " " + Svg.n(height),
                "role",
                "img",
                "aria-label",
                sentence);
        field(svg, upper, TOP);
        field(svg, lower, TOP + FIELD + GAP);
        int step = days <= 45 ? 7 : 14;
        for (int d = 0; d <= days; d += step) {
            svg.text("text", String.valueOf(d), "x", x(d), "y", height - 8, "text-anchor", "middle");
        }
        return svg.close("svg").toString();
    }

    private void field(Svg svg, List<Course> courses, double top) {
        double most = courses.stream()
                .flatMapToDouble(c -> java.util.stream.DoubleStream.concat(
                        c.values().stream().limit(days + 1L).mapToDouble(v -> v),
                        c.read().stream().mapToDouble(Dot::value)))
                .max()
                .orElse(1);
        double step = step(most);
        double high = Math.max(step, Math.ceil(most / step) * step);
        if (ready.size() == 2) {
            double from = x(Math.min(days, ready.get(0)));
            double to = x(Math.min(days, ready.get(1)));
            svg.empty("rect", "x", from, "y", top, "width", Math.max(1, to - from), "height", FIELD, "class", "wanted");
        }
        for (double v = 0; v <= high + step / 1000; v += step) {
            double y = y(v, high, top);
            svg.empty("path", "d", "M" + LEFT + " " + Svg.n(y) + "H" + Svg.n(WIDTH - BESIDE), "class", "rule")
                    .text("text", Numbers.upTo(v, 2), "x", LEFT - 6, "y", y + 4, "text-anchor", "end");
        }
        double last = -100;
        for (Course c : courses) {
            StringBuilder d = new StringBuilder();
            for (int i = 0; i <= Math.min(days, c.values().size() - 1); i++) {
                d.append(i == 0 ? 'M' : 'L')
                        .append(Svg.n(x(i)))
                        .append(' ')
                        .append(Svg.n(y(c.values().get(i), high, top)));
            }
            svg.empty("path", "d", d, "class", "course " + c.style());
            double end = y(c.values().get(Math.min(days, c.values().size() - 1)), high, top) + 4;
            // labels of two lines that end together stand one over the other
            double at = Math.abs(end - last) < 14 ? last - 14 : end;
            last = at;
            svg.text("text", c.label(), "x", WIDTH - BESIDE + 6, "y", at, "class", "label");
            c.read().forEach(dot -> dot(svg, dot, high, top));
        }
    }

    private void dot(Svg svg, Dot dot, double high, double top) {
        double r = 4.5;
        svg.open(
                        "path",
                        "d",
                        "M" + Svg.n(x(dot.day())) + " " + Svg.n(y(dot.value(), high, top) - r) + "l" + r + " " + r + "l"
                                + -r + " " + r + "l" + -r + " " + -r + "Z",
                        "class",
                        "read")
                .text("title", dot.words())
                .close("path");
    }

    private double x(double day) {
        return LEFT + Math.max(0, Math.min(1, day / days)) * (WIDTH - LEFT - BESIDE);
    }

    private static double y(double value, double high, double top) {
        return top + (1 - Math.min(1, value / high)) * FIELD;
    }

    private static double step(double most) {
        for (double s : new double[] {0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100}) {
            if (most / s <= 5) {
                return s;
            }
        }
        return 200;
    }
}
