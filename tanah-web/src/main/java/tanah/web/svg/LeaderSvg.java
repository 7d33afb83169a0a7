package tanah.web.svg;

import java.util.ArrayList;
import java.util.List;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws the labels beside the section with lines to what they name. */
record LeaderSvg(Svg svg, Viewport view, Scene scene, SheetText text) {
    private static final double LEVEL_RUN = 12;

    void draw() {
        if (!view.labels()) {
            return;
        }
        List<LabelColumn.Label> left = new ArrayList<>();
        List<LabelColumn.Label> right = new ArrayList<>();
        for (Scene.Stratum s : scene.strata()) {
            Caption caption = text.captions().get(s.part());
            if (caption != null) {
                boolean near = s.anchorX() < scene.length() / 2;
                (near ? left : right)
                        .add(new LabelColumn.Label(
                                s.part(), caption.first(), caption.second(), view.x(s.anchorX()), view.z(s.anchorZ())));
            }
        }
        for (Scene.Area solid : scene.solids()) {
            Caption caption = text.captions().get(solid.part());
            if (caption != null) {
                List<Point> p = solid.frame();
                double x = (p.get(0).x() + p.get(1).x()) / 2;
                double z = (p.get(0).y() + p.get(2).y()) / 2;
                (x < scene.length() / 2 ? left : right)
                        .add(new LabelColumn.Label(
                                solid.part(), caption.first(), caption.second(), view.x(x), view.z(z)));
            }
        }
        double bottom = Math.min(view.hasPlan() ? view.planTop() - 12 : view.height() - 4, view.floor() + 26);
        column(LabelColumn.place(left, 50, bottom, text.more()), true);
        column(LabelColumn.place(right, 14, bottom, text.more()), false);
    }

    private void column(List<LabelColumn.Placed> placed, boolean left) {
        // a handle in the right gutter needs its place
        boolean handles = !left && text.handles().stream().anyMatch(h -> h.axis() == SheetText.Handle.Axis.RIGHT);
        for (LabelColumn.Placed p : placed) {
            LabelColumn.Label label = p.label();
            double edge = left ? view.x(0) - Viewport.GUTTER : view.x(scene.length()) + (handles ? 36 : 14);
            double run = left ? LEVEL_RUN : -LEVEL_RUN;
            double start = left ? edge - 4 : edge + 4;
            String d = "M" + Svg.n(start) + " " + Svg.n(p.y()) + "h" + Svg.n(run / 2) + "L" + Svg.n(label.anchorX())
                    + " " + Svg.n(label.anchorY());
            String anchor = left ? "end" : "start";
            double x = left ? start - 4 : start + 4;
            svg.open(
                            "g",
                            "class",
                            "leader" + (label.part().equals(text.selected()) ? " selected" : ""),
                            "data-part",
                            label.part(),
                            "data-of",
                            scene.solids().stream().anyMatch(a -> a.part().equals(label.part()))
                                    ? "hardscape"
                                    : "ground")
                    .empty("path", "d", d, "class", "casing")
                    .empty("path", "d", d)
                    .empty("circle", "cx", label.anchorX(), "cy", label.anchorY(), "r", 2.4);
            boolean two = p.lines() == 2;
            svg.text(
                    "text",
                    ellipsis(label.first(), handles ? 20 : 24),
                    "x",
                    x,
                    "y",
                    p.y() + (two ? -2 : 4),
                    "text-anchor",
                    anchor,
                    "class",
                    "first");
            if (two) {
                svg.text("text", label.second(), "x", x, "y", p.y() + 12, "text-anchor", anchor, "class", "second");
            }
            svg.close("g");
        }
    }

    private static String ellipsis(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }
}
