package tanah.web.svg;

import java.util.OptionalDouble;

/** Warmth, damp, UV and length of an animal on one line, so that a list can be looked at instead of read. */
public final class NeedStrip {
    private static final double CELL = 62;
    private static final double GAP = 10;
    private static final double HIGH = 14;

    private NeedStrip() {}

    /**
     * A quantity.
     *
     * @param css  word of its colour
     * @param low  as a share of the axis; empty: not known
     * @param high the same
     */
    public record Part(String css, OptionalDouble low, OptionalDouble high) {}

    /** @param sentence for screen readers */
    public static String draw(java.util.List<Part> parts, String sentence) {
        Svg svg = new Svg();
        double wide = parts.size() * (CELL + GAP) - GAP;
        svg.open(
                "svg",
                "class",
                "need-strip",
                "viewBox",
                "0 0 " + Svg.n(wide) + " " + Svg.n(HIGH),
                "role",
                "img",
                "aria-label",
                sentence);
        for (int i = 0; i < parts.size(); i++) {
            Part p = parts.get(i);
            double x = i * (CELL + GAP);
            svg.empty("path", "d", "M" + Svg.n(x) + " 7h" + Svg.n(CELL), "class", "axis");
            if (p.low().isPresent() && p.high().isPresent()) {
                double from = kept(p.low().getAsDouble());
                double to = Math.max(from + 0.04, kept(p.high().getAsDouble()));
                svg.empty(
                        "rect",
                        "x",
                        x + from * CELL,
                        "y",
                        2,
                        "width",
                        (Math.min(1, to) - from) * CELL,
                        "height",
                        10,
                        "class",
                        "strip-" + p.css());
            }
        }
        return svg.close("svg").toString();
    }

    private static double kept(double share) {
        return Math.max(0, Math.min(0.96, share));
    }
}
