package tanah.web.svg;

import java.util.List;
import java.util.stream.DoubleStream;
import tanah.web.forms.Numbers;

/**
 * Some courses by days over one axis of values: the lines of the axis, what is wanted, each course with its label behind it, readings
 * as lozenges.
 *
 * @param left    of the days (user units, as all places)
 * @param right   of the days; labels stand behind it
 * @param top     of the values
 * @param height  of the values
 * @param days    shown from left to right
 * @param wanted  days between which something is wanted, or empty
 * @param courses from the first day on
 */
public record CourseField(
        double left, double right, double top, double height, int days, List<Double> wanted, List<Course> courses) {
    private static final double FINEST = 0.01; // of the axis
    private static final int MOST_LINES = 5;
    private static final double BESIDE = 6;
    private static final double LINE = 14; // of labels
    private static final double DOT = 4.5;

    public CourseField {
        wanted = List.copyOf(wanted);
        courses = List.copyOf(courses);
    }

    /**
     * One quantity.
     *
     * @param label  behind its line; empty: none
     * @param style  css word
     * @param values one for each day from 0
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
     * @param value in the unit of the courses
     * @param words for pointing
     */
    public record Dot(double day, double value, String words) {}

    void draw(Svg svg) {
        double most = courses.stream()
                .flatMapToDouble(c -> DoubleStream.concat(
                        c.values().stream().limit(days + 1L).mapToDouble(v -> v),
                        c.read().stream().mapToDouble(Dot::value)))
                .max()
                .orElse(1);
        double step = step(most);
        double high = Math.max(step, Math.ceil(most / step) * step);
        if (wanted.size() == 2) {
            double from = x(Math.min(days, wanted.get(0)));
            double to = x(Math.min(days, wanted.get(1)));
            svg.empty(
                    "rect", "x", from, "y", top, "width", Math.max(1, to - from), "height", height, "class", "wanted");
        }
        for (double v = 0; v <= high + step / 1000; v += step) {
            double y = y(v, high);
            svg.empty("path", "d", "M" + Svg.n(left) + " " + Svg.n(y) + "H" + Svg.n(right), "class", "rule")
                    .text("text", Numbers.upTo(v, 2), "x", left - BESIDE, "y", y + 4, "text-anchor", "end");
        }
        double last = -100;
        for (Course c : courses) {
            double end = course(svg, c, high);
            // labels of two lines that end together stand one over the other
            double at = Math.abs(end - last) < LINE ? last - LINE : end;
            if (!c.label().isEmpty()) {
                last = at;
                svg.text("text", c.label(), "x", right + BESIDE, "y", at, "class", "label");
            }
            c.read().forEach(dot -> dot(svg, dot, high));
        }
    }

    /** Draws a course; where its label would stand. */
    private double course(Svg svg, Course c, double high) {
        StringBuilder d = new StringBuilder();
        int last = Math.min(days, c.values().size() - 1);
        for (int i = 0; i <= last; i++) {
            d.append(i == 0 ? 'M' : 'L')
                    .append(Svg.n(x(i)))
                    .append(' ')
                    .append(Svg.n(y(c.values().get(i), high)));
        }
        svg.empty("path", "d", d, "class", "course " + c.style());
        return y(c.values().get(last), high) + 4;
    }

    private void dot(Svg svg, Dot dot, double high) {
        svg.open(
                        "path",
                        "d",
                        "M" + Svg.n(x(dot.day())) + " " + Svg.n(y(dot.value(), high) - DOT) + "l" + DOT + " " + DOT
                                + "l" + -DOT + " " + DOT + "l" + -DOT + " " + -DOT + "Z",
                        "class",
                        "read")
                .text("title", dot.words())
                .close("path");
    }

    /** Where a day stands. */
    double x(double day) {
        return left + Math.max(0, Math.min(1, day / days)) * (right - left);
    }

    private double y(double value, double high) {
        return top + (1 - Math.min(1, value / high)) * height;
    }

    /** One, two or five of a power of ten, so that there are no more than five lines over the lowest. */
    private static double step(double most) {
        double ten = FINEST;
        while (true) {
            for (double s : new double[] {1, 2, 5}) {
                if (most / (s * ten) <= MOST_LINES) {
                    return s * ten;
                }
            }
            ten *= 10;
        }
    }
}
