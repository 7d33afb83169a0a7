package tanah.web.svg;

import tanah.core.scene.Scene;

/** Rulers in cm: ticks at 1, 5 and 10; zero at the inner base and the inner left wall. */
final class Rulers {
    private static final double FINE = 400; // px for a metre from which single centimetres are marked
    private static final double MIDDLE = 200;

    private Rulers() {}

    static void section(Svg svg, Viewport view, Scene scene) {
        svg.open("g", "class", "ruler", "aria-hidden", "true");
        double x = view.x(0) - 6;
        for (int cm = 0; cm <= scene.height() * 100 + 0.01; cm++) {
            double tick = tick(cm, view.scale());
            if (tick > 0) {
                svg.empty("path", "d", "M" + Svg.n(x) + " " + Svg.n(view.z(cm / 100.0)) + "h" + Svg.n(-tick));
            }
            if (cm % 10 == 0) {
                svg.text("text", String.valueOf(cm), "x", x - 10, "y", view.z(cm / 100.0) + 4, "text-anchor", "end");
            }
        }
        across(svg, view, scene, view.z(0) + 7);
        svg.close("g");
    }

    static void plan(Svg svg, Viewport view, Scene scene) {
        svg.open("g", "class", "ruler", "aria-hidden", "true");
        double x = view.x(0) - 6;
        for (int cm = 0; cm <= scene.width() * 100 + 0.01; cm++) {
            double y = view.y(cm / 100.0, scene.width());
            double tick = tick(cm, view.scale());
            if (tick > 0) {
                svg.empty("path", "d", "M" + Svg.n(x) + " " + Svg.n(y) + "h" + Svg.n(-tick));
            }
            if (cm % 10 == 0) {
                svg.text("text", String.valueOf(cm), "x", x - 10, "y", y + 4, "text-anchor", "end");
            }
        }
        if (!view.hasSection()) {
            across(svg, view, scene, view.y(0, scene.width()) + 7);
        }
        svg.close("g");
    }

    private static void across(Svg svg, Viewport view, Scene scene, double y) {
        for (int cm = 0; cm <= scene.length() * 100 + 0.01; cm++) {
            double x = view.x(cm / 100.0);
            double tick = tick(cm, view.scale());
            if (tick > 0) {
                svg.empty("path", "d", "M" + Svg.n(x) + " " + Svg.n(y) + "v" + Svg.n(tick));
            }
            if (cm % 10 == 0) {
                svg.text("text", String.valueOf(cm), "x", x, "y", y + 19, "text-anchor", "middle");
            }
        }
    }

    private static double tick(int cm, double scale) {
        if (cm % 10 == 0) {
            return 8;
        }
        if (cm % 5 == 0) {
            return scale >= MIDDLE ? 6 : 0;
        }
        return scale >= FINE ? 3.5 : 0;
    }
}
