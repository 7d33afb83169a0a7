package tanah.web.svg;

import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Handle;

/** Tabs in the gutters at the ends of the edges that they move. */
final class HandleSvg {
    private HandleSvg() {}

    static void draw(Svg svg, Viewport view, Scene scene, SheetText text) {
        for (Handle handle : text.handles()) {
            switch (handle.axis()) {
                case LEFT ->
                    scene.strata().stream()
                            .filter(s -> s.part().equals(handle.part()))
                            .findFirst()
                            .ifPresent(s -> level(svg, view, scene, handle, view.z(s.top()), view.x(0) - 31));
                case RIGHT -> level(svg, view, scene, handle, view.z(handle.at()), view.x(scene.length()) + 7);
                case ALONG -> along(svg, view, scene, handle);
            }
        }
    }

    private static void level(Svg svg, Viewport view, Scene scene, Handle handle, double y, double x) {
        open(svg, handle, "vertical")
                .empty("rect", "x", x - 10, "y", y - 22, "width", 44, "height", 44, "class", "hit")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(view.x(0)) + " " + Svg.n(y) + "H" + Svg.n(view.x(scene.length())),
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

    private static void along(Svg svg, Viewport view, Scene scene, Handle handle) {
        double x = view.x(handle.at());
        double y = view.z(0) + 4;
        open(svg, handle, "horizontal")
                .empty("rect", "x", x - 22, "y", y - 6, "width", 44, "height", 36, "class", "hit")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(x) + " " + Svg.n(view.z(0)) + "V" + Svg.n(view.z(scene.height())),
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
