package tanah.web.svg;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.web.forms.Numbers;

/**
 * A range bar: what is wanted as a bracket, what is expected as a bar, what was read as lozenges, on one axis. All
 * values in the unit shown.
 *
 * @param low      lower end of what is wanted; empty: open
 * @param high     upper end of what is wanted; empty: open
 * @param axisMin  left end of the axis
 * @param axisMax  right end of the axis
 * @param value    expected or offered; empty: none
 * @param span     from the lowest to the highest that is expected, with the ends of their bands outside; nothing: only a value
 * @param readings newest first
 * @param sentence for screen readers
 */
public record RangeBar(
        OptionalDouble low,
        OptionalDouble high,
        double axisMin,
        double axisMax,
        OptionalDouble value,
        Optional<Span> span,
        List<Double> readings,
        String sentence) {
    private static final double WIDTH = 242;
    private static final double EDGE = 4;
    private static final double MIDDLE = 10;
    private static final double ROOM = 16; // that a number takes to either side

    public RangeBar {
        readings = List.copyOf(readings);
    }

    /** A bar with one value. */
    public RangeBar(
            OptionalDouble low,
            OptionalDouble high,
            double axisMin,
            double axisMax,
            OptionalDouble value,
            List<Double> readings,
            String sentence) {
        this(low, high, axisMin, axisMax, value, Optional.empty(), readings, sentence);
    }

    /**
     * @param from lowest expected
     * @param to   highest expected
     * @param low  where the band ends below
     * @param high where the band ends above
     */
    public record Span(double from, double to, double low, double high) {}

    /** A bar from the lowest to the highest expected value on the axis of what is wanted. */
    public static RangeBar spanning(double low, double high, Span span, String sentence) {
        double wide = Math.max(high - low, 1e-6);
        return new RangeBar(
                OptionalDouble.of(low),
                OptionalDouble.of(high),
                low - 0.6 * wide,
                high + 0.6 * wide,
                OptionalDouble.empty(),
                Optional.of(span),
                List.of(),
                sentence);
    }

    /** A bar whose axis is the wanted span with 60 % on each side. */
    public static RangeBar around(
            double low, double high, OptionalDouble value, List<Double> readings, String sentence) {
        double span = Math.max(high - low, 1e-6);
        return new RangeBar(
                OptionalDouble.of(low),
                OptionalDouble.of(high),
                low - 0.6 * span,
                high + 0.6 * span,
                value,
                readings,
                sentence);
    }

    public String draw() {
        Svg svg = new Svg();
        svg.open("svg", "class", "range-bar", "viewBox", "0 0 242 34", "role", "img", "aria-label", sentence);
        svg.empty("path", "d", "M" + EDGE + " " + MIDDLE + "H" + (WIDTH - EDGE), "class", "axis");
        bracket(svg);
        value.ifPresent(v -> bar(svg, v));
        span.ifPresent(s -> span(svg, s));
        for (int i = Math.min(2, readings.size() - 1); i >= 0; i--) {
            double x = x(readings.get(i));
            svg.empty(
                    "path",
                    "d",
                    "M" + Svg.n(x) + " 3.5l5 6.5l-5 6.5l-5 -6.5Z",
                    "class",
                    i == 0 ? "read" : "read older");
        }
        low.ifPresent(v -> limit(svg, v));
        high.ifPresent(v -> limit(svg, v));
        return svg.close("svg").toString();
    }

    /** A limit under its bracket; near an edge it stands inside. */
    private void limit(Svg svg, double v) {
        double x = x(v);
        String anchor = x < ROOM ? "start" : x > WIDTH - ROOM ? "end" : "middle";
        double at = anchor.equals("start") ? EDGE : anchor.equals("end") ? WIDTH - EDGE : x;
        svg.text("text", number(v), "x", at, "y", 31, "text-anchor", anchor);
    }

    private void bracket(Svg svg) {
        double from = low.isPresent() ? x(low.getAsDouble()) : EDGE;
        double to = high.isPresent() ? x(high.getAsDouble()) : WIDTH - EDGE;
        svg.empty("rect", "x", from, "y", 2, "width", Math.max(0, to - from), "height", 16, "class", "wanted");
        if (low.isPresent()) {
            svg.empty("path", "d", "M" + Svg.n(from + 4) + " 2h-4v16h4", "class", "bracket");
        }
        if (high.isPresent()) {
            svg.empty("path", "d", "M" + Svg.n(to - 4) + " 2h4v16h-4", "class", "bracket");
        }
    }

    private void bar(Svg svg, double v) {
        boolean outside = v < low.orElse(-Double.MAX_VALUE) || v > high.orElse(Double.MAX_VALUE);
        if (outside) {
            svg.empty("rect", "x", x(v) - 5, "y", 5, "width", 10, "height", 10, "class", "over");
        } else {
            svg.empty("rect", "x", x(v) - 3.5, "y", 6.5, "width", 7, "height", 7, "class", "expected");
        }
        if (v < axisMin) {
            svg.empty("path", "d", "M2 10l6 -4v8Z", "class", "off");
        } else if (v > axisMax) {
            svg.empty("path", "d", "M240 10l-6 -4v8Z", "class", "off");
        }
    }

    private void span(Svg svg, Span s) {
        double from = x(s.from());
        double to = Math.max(from + 2, x(s.to()));
        svg.empty(
                "path",
                "d",
                "M" + Svg.n(x(s.low())) + " 6v8m0 -4H" + Svg.n(x(s.high())) + "m0 -4v8",
                "class",
                "whisker");
        svg.empty("rect", "x", from, "y", 6.5, "width", to - from, "height", 7, "class", "expected");
        over(svg, from, Math.min(to, x(low.orElse(axisMin))), s.from() < low.orElse(-Double.MAX_VALUE));
        over(svg, Math.max(from, x(high.orElse(axisMax))), to, s.to() > high.orElse(Double.MAX_VALUE));
        if (s.from() < axisMin) {
            svg.empty("path", "d", "M2 10l6 -4v8Z", "class", "off");
        }
        if (s.to() > axisMax) {
            svg.empty("path", "d", "M240 10l-6 -4v8Z", "class", "off");
        }
    }

    private static void over(Svg svg, double from, double to, boolean outside) {
        if (outside) {
            svg.empty("rect", "x", from, "y", 5, "width", Math.max(4, to - from), "height", 10, "class", "over");
        }
    }

    private double x(double value) {
        double share = (value - axisMin) / (axisMax - axisMin);
        return EDGE + Math.max(0, Math.min(1, share)) * (WIDTH - 2 * EDGE);
    }

    private static String number(double value) {
        return Numbers.upTo(value, 1);
    }
}
