package tanah.web.svg;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tanah.web.forms.Numbers;

/**
 * A whole day of some places against what is wanted, with lanes of what runs. Values in the unit shown.
 *
 * @param courses  lines
 * @param bands    what is wanted
 * @param lanes    below: lamps, fogging
 * @param marks    at the head: mistings
 * @param hour     shown in the drawing; negative: none
 * @param length   hours from left to right
 * @param unit     of the values
 * @param most     value that the axis never passes; empty: none
 * @param sentence for screen readers
 */
public record DayChart(
        List<Course> courses,
        List<Band> bands,
        List<Lane> lanes,
        List<Mark> marks,
        double hour,
        double length,
        String unit,
        Optional<Double> most,
        String sentence) {
    private static final double WIDTH = 720;
    private static final double LEFT = 52;
    private static final double TOP = 18;
    private static final double PLOT = 128;
    private static final double LANE = 12;
    private static final double APART = 8; // between plot and lanes
    private static final double FOOT = 18;

    public DayChart {
        courses = List.copyOf(courses);
        bands = List.copyOf(bands);
        lanes = List.copyOf(lanes);
        marks = List.copyOf(marks);
    }

    /**
     * A line.
     *
     * @param name  of the place
     * @param css   word of its stroke
     * @param half  of its band; 0: none
     * @param points hour and value
     */
    public record Course(String name, String css, double half, List<double[]> points) {
        public Course {
            points = List.copyOf(points);
        }
    }

    /** What is wanted from one hour to another. */
    public record Band(double from, double to, double low, double high) {}

    /**
     * A strip below.
     *
     * @param name  of what runs
     * @param css   word of its fill
     * @param spans from, to and how strongly, 0 to 1
     */
    public record Lane(String name, String css, List<double[]> spans) {
        public Lane {
            spans = List.copyOf(spans);
        }
    }

    /** A moment with a word. */
    public record Mark(double hour, String words) {}

    public String draw() {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Course c : courses) {
            for (double[] p : c.points()) {
                low = Math.min(low, p[1] - c.half());
                high = Math.max(high, p[1] + c.half());
            }
        }
        for (Band b : bands) {
            low = Math.min(low, b.low());
            high = Math.max(high, b.high());
        }
        if (low > high) {
            return "";
        }
        double step = step(high - low);
        double min = Math.floor(low / step) * step;
        double max = Math.max(min + step, Math.ceil(high / step) * step);
        max = Math.min(max, most.orElse(max));
        double height = TOP + PLOT + (lanes.isEmpty() ? 0 : APART) + lanes.size() * LANE + FOOT;
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "day-chart",
                "viewBox",
                "0 0 " + Svg.n(WIDTH) + " " + Svg.n(height),
                "role",
                "img",
                "aria-label",
                sentence);
        Scale scale = new Scale(min, max);
        bands.forEach(b -> wanted(svg, b, scale));
        rules(svg, scale, step, height);
        courses.forEach(c -> course(svg, c, scale));
        for (int i = 0; i < lanes.size(); i++) {
            lane(svg, lanes.get(i), TOP + PLOT + APART + i * LANE + 2);
        }
        for (Mark m : marks) {
            svg.empty("path", "d", "M" + Svg.n(x(m.hour())) + " 4V" + Svg.n(TOP) + "m-3 -4l3 4l3 -4", "class", "mark")
                    .text("text", m.words(), "x", x(m.hour()) + 5, "y", 13, "class", "mark-word");
        }
        if (hour >= 0) {
            svg.empty("path", "d", "M" + Svg.n(x(hour)) + " " + TOP + "V" + Svg.n(height - FOOT), "class", "now");
        }
        return svg.close("svg").toString();
    }

    private void wanted(Svg svg, Band b, Scale scale) {
        svg.empty(
                "rect",
                "x",
                x(b.from()),
                "y",
                scale.y(b.high()),
                "width",
                x(b.to()) - x(b.from()),
                "height",
                scale.y(b.low()) - scale.y(b.high()),
                "class",
                "wanted");
    }

    /** Lines of values and of hours with their numbers. */
    private void rules(Svg svg, Scale scale, double step, double height) {
        for (double v = scale.min(); v <= scale.max() + step / 1000; v += step) {
            double y = scale.y(v);
            svg.empty("path", "d", "M" + LEFT + " " + Svg.n(y) + "H" + WIDTH, "class", "rule")
                    .text(
                            "text",
                            Numbers.upTo(v, 1) + "\u2009" + unit,
                            "x",
                            LEFT - 6,
                            "y",
                            y + 4,
                            "text-anchor",
                            "end");
        }
        int every = length <= 24 ? 3 : length <= 60 ? 6 : 12;
        for (int h = 0; h <= length; h += every) {
            svg.empty("path", "d", "M" + Svg.n(x(h)) + " " + TOP + "V" + Svg.n(height - FOOT), "class", "rule")
                    .text(
                            "text",
                            (length > 24 ? h + "\u2009h" : h + ":00"),
                            "x",
                            x(h),
                            "y",
                            height - 4,
                            "text-anchor",
                            h + every > length ? "end" : "middle");
        }
    }

    private void course(Svg svg, Course c, Scale scale) {
        List<double[]> p = c.points();
        if (p.isEmpty()) {
            return;
        }
        if (c.half() > 0) {
            StringBuilder band = new StringBuilder("M");
            for (double[] q : p) {
                band.append(Svg.n(x(q[0])))
                        .append(' ')
                        .append(Svg.n(scale.y(q[1] + c.half())))
                        .append('L');
            }
            for (int i = p.size() - 1; i >= 0; i--) {
                band.append(Svg.n(x(p.get(i)[0]))).append(' ').append(Svg.n(scale.y(p.get(i)[1] - c.half())));
                band.append(i > 0 ? 'L' : 'Z');
            }
            svg.empty("path", "d", band, "class", "spread " + c.css());
        }
        String d = p.stream()
                .map(q -> Svg.n(x(q[0])) + " " + Svg.n(scale.y(q[1])))
                .collect(Collectors.joining("L", "M", ""));
        svg.open("path", "d", d, "class", "course " + c.css())
                .text("title", c.name())
                .close("path");
    }

    private void lane(Svg svg, Lane lane, double y) {
        svg.text(
                "text",
                lane.name().length() > 9 ? lane.name().substring(0, 8) + "…" : lane.name(),
                "x",
                LEFT - 6,
                "y",
                y + 8,
                "text-anchor",
                "end",
                "class",
                "lane-name");
        for (double[] s : lane.spans()) {
            double tall = Math.max(1, 9 * Math.min(1, s[2]));
            svg.empty(
                    "rect",
                    "x",
                    x(s[0]),
                    "y",
                    y + 9 - tall,
                    "width",
                    Math.max(0.6, x(s[1]) - x(s[0])),
                    "height",
                    tall,
                    "class",
                    "lane " + lane.css());
        }
    }

    private double x(double hour) {
        return LEFT + hour / length * (WIDTH - LEFT - 4);
    }

    private record Scale(double min, double max) {
        double y(double value) {
            double kept = Math.max(min, Math.min(max, value));
            return TOP + (max - kept) / (max - min) * PLOT;
        }
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
