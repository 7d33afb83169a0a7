package tanah.web.svg;

import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Handle;

/** Tabs in the gutters at the ends of the edges that they move. */
final class HandleSvg {
    private HandleSvg() {}

    /** Those of the section. */
    static void section(Svg svg, Viewport view, Scene scene, SheetText text) {
        for (Handle handle : text.handles()) {
            double right = view.x(scene.length());
            switch (handle.axis()) {
                case LEFT ->
                    scene.strata().stream()
                            .filter(s -> s.part().equals(handle.part()))
                            .findFirst()
                            .ifPresent(s ->
                                    level(svg, handle, view.z(s.top()), 0, view.x(0) - 31, new Span(view.x(0), right)));
                case RIGHT -> level(svg, handle, view.z(handle.at()), 0, right + 7, new Span(view.x(0), right));
                case ALONG ->
                    along(
                            svg,
                            handle,
                            view.x(handle.at()),
                            0,
                            view.z(0) + 4,
                            new Span(view.z(0), view.z(scene.height())));
                case PLAN_LEFT, PLAN_RIGHT, PLAN_FRONT, PLAN_BACK -> {}
            }
        }
    }

    /** Those of the plan: the tabs of two near edges stand apart from each other. */
    static void plan(Svg svg, Viewport view, Scene scene, SheetText text) {
        Span deep = new Span(view.y(0, scene.width()), view.y(scene.width(), scene.width()));
        Span wide = new Span(view.x(0), view.x(scene.length()));
        for (Handle handle : text.handles()) {
            switch (handle.axis()) {
                case PLAN_LEFT -> along(svg, handle, view.x(handle.at()), -12, deep.from() + 3, deep);
                case PLAN_RIGHT -> along(svg, handle, view.x(handle.at()), 12, deep.from() + 3, deep);
                case PLAN_FRONT -> level(svg, handle, view.y(handle.at(), scene.width()), 12, wide.to() + 7, wide);
                case PLAN_BACK -> level(svg, handle, view.y(handle.at(), scene.width()), -12, wide.to() + 7, wide);
                case LEFT, RIGHT, ALONG -> {}
            }
        }
    }

    /** From one end of the drawing to the other (px). */
    private record Span(double from, double to) {}

    private static void level(Svg svg, Handle handle, double at, double aside, double x, Span across) {
        double y = at + aside;
        open(svg, handle, "vertical")
                .empty("rect", "x", x - 10, "y", y - 22, "width", 44, "height", 44, "class", "hit")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(across.from()) + " " + Svg.n(at) + "H" + Svg.n(across.to()),
                        "class",
                        "guide")
                .empty("rect", "x", x, "y", y - 11, "width", 24, "height", 22, "rx", 2, "class", "tab")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(x + 7) + " " + Svg.n(y - 2) + "l5 -5l5 5M" + Svg.n(x + 7) + " " + Svg.n(y + 2)
                                + "l5 5l5 -5",
                        "class",
                        "chevrons")
                .close("g");
    }

    private static void along(Svg svg, Handle handle, double at, double aside, double y, Span deep) {
        double x = at + aside;
        open(svg, handle, "horizontal")
                .empty("rect", "x", x - 22, "y", y - 6, "width", 44, "height", 36, "class", "hit")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(at) + " " + Svg.n(deep.from()) + "V" + Svg.n(deep.to()),
                        "class",
                        "guide")
                .empty("rect", "x", x - 11, "y", y, "width", 22, "height", 24, "rx", 2, "class", "tab")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(x - 2) + " " + Svg.n(y + 7) + "l-5 5l5 5M" + Svg.n(x + 2) + " " + Svg.n(y + 7)
                                + "l5 5l-5 5",
                        "class",
                        "chevrons")
                .close("g");
    }

    private static Svg open(Svg svg, Handle handle, String orientation) {
        return svg.open(
                "g",
                "class",
                "handle " + orientation,
                "tabindex",
                0,
                "role",
                "slider",
                "aria-label",
                handle.label(),
                "aria-orientation",
                orientation,
                "aria-valuemin",
                Svg.n(handle.least()),
                "aria-valuemax",
                Svg.n(handle.most()),
                "aria-valuenow",
                Svg.n(handle.value()),
                "aria-valuetext",
                handle.words(),
                "data-handle",
                handle.part(),
                "data-op",
                handle.op(),
                "data-value",
                Svg.n(handle.value()),
                "data-least",
                Svg.n(handle.least()),
                "data-most",
                Svg.n(handle.most()));
    }
}
