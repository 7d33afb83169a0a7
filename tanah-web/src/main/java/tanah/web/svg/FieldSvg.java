package tanah.web.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import tanah.core.field.Contours;
import tanah.core.field.ScalarGrid;
import tanah.core.geometry.Point;

/** Draws a field as filled bands or as lines with their values. */
final class FieldSvg {
    private static final double LABELS_APART = 40; // px

    private final Svg svg;
    private final DoubleUnaryOperator x;
    private final DoubleUnaryOperator y;
    private final List<double[]> labels = new ArrayList<>();

    FieldSvg(Svg svg, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        this.svg = svg;
        this.x = x;
        this.y = y;
    }

    /** Bands from the lowest up, each over the one before. */
    void fill(ScalarGrid grid, FieldScale scale) {
        svg.open("g", "class", "field f-" + scale.css(), "aria-hidden", "true");
        bands(grid, scale, -Double.MAX_VALUE, 0);
        for (int i = 0; i < scale.edges().size(); i++) {
            bands(grid, scale, scale.edges().get(i), i + 1);
        }
        svg.close("g");
        contours(grid, scale, "iso");
    }

    private void bands(ScalarGrid grid, FieldScale scale, double level, int band) {
        StringBuilder d = new StringBuilder();
        for (List<Point> polygon : Contours.region(grid, level)) {
            path(d, polygon);
            d.append('Z');
        }
        if (!d.isEmpty()) {
            svg.empty("path", "d", d, "class", "band " + scale.colour(band));
        }
    }

    /** Lines of a field that fills nothing. */
    void lines(ScalarGrid grid, FieldScale scale) {
        contours(grid, scale, "line");
    }

    private void contours(ScalarGrid grid, FieldScale scale, String kind) {
        svg.open("g", "class", "contours " + kind + " l-" + scale.css());
        List<Runnable> tags = new ArrayList<>();
        for (double edge : scale.edges()) {
            List<List<Point>> lines = Contours.lines(grid, edge);
            if (lines.isEmpty()) {
                continue;
            }
            StringBuilder d = new StringBuilder();
            lines.forEach(l -> path(d, l));
            if (kind.equals("line")) {
                svg.empty("path", "d", d, "class", "casing");
            }
            svg.empty("path", "d", d, "class", "stroke");
            place(lines.get(0))
                    .ifPresent(p -> tags.add(() -> tag(p, scale.shows().apply(edge))));
        }
        tags.forEach(Runnable::run);
        svg.close("g");
    }

    /** A place on a line that is free of other labels: the middle, else a quarter from an end. */
    private java.util.Optional<double[]> place(List<Point> line) {
        if (length(line) < LABELS_APART) {
            return java.util.Optional.empty();
        }
        for (double share : new double[] {0.5, 0.3, 0.7, 0.15, 0.85}) {
            Point p = line.get((int) Math.round(share * (line.size() - 1)));
            double[] at = {x.applyAsDouble(p.x()), y.applyAsDouble(p.y())};
            if (labels.stream().allMatch(l -> Math.hypot(l[0] - at[0], l[1] - at[1]) >= LABELS_APART)) {
                labels.add(at);
                return java.util.Optional.of(at);
            }
        }
        return java.util.Optional.empty();
    }

    private double length(List<Point> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += Math.hypot(
                    x.applyAsDouble(line.get(i).x())
                            - x.applyAsDouble(line.get(i - 1).x()),
                    y.applyAsDouble(line.get(i).y())
                            - y.applyAsDouble(line.get(i - 1).y()));
        }
        return sum;
    }

    private void tag(double[] at, String words) {
        double wide = 10 + 6.4 * words.length();
        svg.open("g", "class", "iso-tag", "transform", "translate(" + Svg.n(at[0]) + " " + Svg.n(at[1]) + ")")
                .empty("rect", "x", -wide / 2, "y", -8, "width", wide, "height", 16, "rx", 8)
                .text("text", words, "y", 4, "text-anchor", "middle")
                .close("g");
    }

    private void path(StringBuilder d, List<Point> points) {
        for (int i = 0; i < points.size(); i++) {
            d.append(i == 0 ? 'M' : 'L')
                    .append(Svg.n(x.applyAsDouble(points.get(i).x())))
                    .append(' ')
                    .append(Svg.n(y.applyAsDouble(points.get(i).y())));
        }
    }
}
