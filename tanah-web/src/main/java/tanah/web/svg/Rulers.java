package tanah.web.svg;

import tanah.core.scene.Scene;
import tanah.core.units.Unit;
import tanah.web.forms.Presentation;

/** Rulers in the keeper's unit, zero at the inner base and the inner left wall: 1, 5 and 10 cm, or 1/4, 1 and 6 in. */
final class Rulers {
    private static final double FINE = 4; // px between two of the smallest ticks from which they are drawn
    private static final double MIDDLE = 8;

    private Rulers() {}

    /**
     * A system of ticks.
     *
     * @param step   the smallest (m)
     * @param middle every so many of them a longer one
     * @param number every so many of them a number
     * @param worth  of one step in the unit of the numbers
     */
    private record Ticks(double step, int middle, int number, double worth) {
        static Ticks current() {
            return Presentation.current().isUs()
                    ? new Ticks(Unit.INCH.toSi(0.25), 4, 24, 0.25)
                    : new Ticks(Unit.CENTIMETRE.toSi(1), 5, 10, 1);
        }

        int count(double length) {
            return (int) Math.floor(length / step + 1e-6);
        }

        String label(int i) {
            return String.valueOf(Math.round(i * worth));
        }

        double size(int i, double scale) {
            if (i % number == 0) {
                return 8;
            }
            if (i % middle == 0) {
                return step * middle * scale >= MIDDLE ? 6 : 0;
            }
            return step * scale >= FINE ? 3.5 : 0;
        }
    }

    static void section(Svg svg, Viewport view, Scene scene) {
        svg.open("g", "class", "ruler", "aria-hidden", "true");
        Ticks ticks = Ticks.current();
        for (int i = 0; i <= ticks.count(scene.height()); i++) {
            upright(svg, view, ticks, i, view.z(i * ticks.step()));
        }
        across(svg, view, scene, view.z(0) + 7);
        svg.close("g");
    }

    static void plan(Svg svg, Viewport view, Scene scene) {
        svg.open("g", "class", "ruler", "aria-hidden", "true");
        Ticks ticks = Ticks.current();
        for (int i = 0; i <= ticks.count(scene.width()); i++) {
            upright(svg, view, ticks, i, view.y(i * ticks.step(), scene.width()));
        }
        if (!view.hasSection()) {
            across(svg, view, scene, view.y(0, scene.width()) + 7);
        }
        svg.close("g");
    }

    private static void upright(Svg svg, Viewport view, Ticks ticks, int i, double y) {
        double x = view.x(0) - 6;
        double tick = ticks.size(i, view.scale());
        if (tick > 0) {
            svg.empty("path", "d", "M" + Svg.n(x) + " " + Svg.n(y) + "h" + Svg.n(-tick));
        }
        if (i % ticks.number() == 0) {
            svg.text("text", ticks.label(i), "x", x - 10, "y", y + 4, "text-anchor", "end");
        }
    }

    private static void across(Svg svg, Viewport view, Scene scene, double y) {
        Ticks ticks = Ticks.current();
        for (int i = 0; i <= ticks.count(scene.length()); i++) {
            double x = view.x(i * ticks.step());
            double tick = ticks.size(i, view.scale());
            if (tick > 0) {
                svg.empty("path", "d", "M" + Svg.n(x) + " " + Svg.n(y) + "v" + Svg.n(tick));
            }
            if (i % ticks.number() == 0) {
                svg.text("text", ticks.label(i), "x", x, "y", y + 19, "text-anchor", "middle");
            }
        }
    }
}
