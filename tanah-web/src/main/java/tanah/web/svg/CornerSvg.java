package tanah.web.svg;

import java.util.List;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;

/**
 * The corners of a piece's outline, to be dragged, stepped by keys, doubled and taken out.
 *
 * @param width of the box (m)
 */
record CornerSvg(Svg svg, Viewport view, double width) {
    private static final double RADIUS = 4;
    private static final double HOLD = 9;

    /**
     * @param drawn the outline as it is seen
     * @param above the same piece from above, whose box is the piece's own
     */
    void draw(Scene.Area drawn, Scene.Area above, String name) {
        boolean plan = drawn.frame().equals(above.frame());
        double left = least(above.frame());
        double right = most(above.frame());
        double from = least(drawn.frame());
        double to = most(drawn.frame());
        int number = 0;
        for (Point p : drawn.points()) {
            // a cut through a turned piece is narrower than its box: the place of a corner is said in the box
            double x = plan ? p.x() : left + (p.x() - from) / (to - from) * (right - left);
            corner((plan ? "corner-plan-" : "corner-front-") + number, drawn.part(), p, plan, x, name);
            number++;
        }
    }

    private void corner(String move, String part, Point p, boolean plan, double x, String name) {
        double cx = view.x(p.x());
        double cy = plan ? view.y(p.y(), width) : view.z(p.y());
        svg.open(
                        "g",
                        "id",
                        "piece-" + move + "-" + part,
                        "class",
                        "corner movable",
                        "tabindex",
                        0,
                        "role",
                        "button",
                        "aria-label",
                        name + ", " + Svg.n(x * 100) + ", " + Svg.n(p.y() * 100),
                        "data-part",
                        part,
                        "data-of",
                        "hardscape",
                        "data-move",
                        move,
                        "data-x",
                        Svg.n(x * 100),
                        "data-other",
                        Svg.n(p.y() * 100))
                .empty("circle", "cx", cx, "cy", cy, "r", HOLD, "class", "hold")
                .empty("circle", "cx", cx, "cy", cy, "r", RADIUS)
                .close("g");
    }

    private static double least(List<Point> frame) {
        return frame.stream().mapToDouble(Point::x).min().orElse(0);
    }

    private static double most(List<Point> frame) {
        return frame.stream().mapToDouble(Point::x).max().orElse(0);
    }
}
