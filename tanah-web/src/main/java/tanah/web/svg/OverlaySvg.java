package tanah.web.svg;

import java.util.List;
import java.util.Optional;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;

/** Two sections laid over each other to one scale: the new one drawn full, the old one as dashed outlines on top. */
public final class OverlaySvg {
    private static final double UNITS = 600; // drawing units for a metre
    private static final double EDGE = 12;

    private OverlaySvg() {}

    public static String draw(Scene now, Optional<Scene> before, String label) {
        double length = Math.max(now.length(), before.map(Scene::length).orElse(0.0));
        double tall = Math.max(now.height(), before.map(Scene::height).orElse(0.0));
        double width = length * UNITS + 2 * EDGE;
        double height = tall * UNITS + 2 * EDGE;
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "overlay-drawing",
                "viewBox",
                "0 0 " + Svg.n(width) + " " + Svg.n(height),
                "role",
                "img",
                "aria-label",
                label);
        box(svg, now, height, "air");
        fill(svg, now.water(), height);
        fill(svg, now.section(), height);
        fill(svg, now.solids(), height);
        box(svg, now, height, "box-wall");
        before.ifPresent(old -> {
            outlines(svg, old.section(), height);
            outlines(svg, old.solids(), height);
            old.waterLevel()
                    .ifPresent(level -> old.water()
                            .forEach(a -> path(
                                    svg, List.of(a.points().get(2), a.points().get(3)), height, "before", false)));
            box(svg, old, height, "before");
        });
        return svg.close("svg").toString();
    }

    private static void box(Svg svg, Scene scene, double height, String kind) {
        svg.empty(
                "rect",
                "x",
                EDGE,
                "y",
                height - EDGE - scene.height() * UNITS,
                "width",
                scene.length() * UNITS,
                "height",
                scene.height() * UNITS,
                "class",
                kind);
    }

    private static void fill(Svg svg, List<Scene.Area> areas, double height) {
        for (Scene.Area area : areas) {
            svg.empty(
                    "path",
                    "d",
                    d(area.points(), height, true),
                    "fill",
                    "url(#tx-" + area.texture().name().toLowerCase(java.util.Locale.ROOT) + ")",
                    "class",
                    "cut");
        }
    }

    private static void outlines(Svg svg, List<Scene.Area> areas, double height) {
        areas.forEach(a -> path(svg, a.points(), height, "before", true));
    }

    private static void path(Svg svg, List<Point> points, double height, String kind, boolean closed) {
        svg.empty("path", "d", d(points, height, closed), "class", kind + "-casing")
                .empty("path", "d", d(points, height, closed), "class", kind);
    }

    private static String d(List<Point> points, double height, boolean closed) {
        StringBuilder d = new StringBuilder();
        for (Point p : points) {
            d.append(d.isEmpty() ? 'M' : 'L')
                    .append(Svg.n(EDGE + p.x() * UNITS))
                    .append(' ')
                    .append(Svg.n(height - EDGE - p.y() * UNITS));
        }
        return closed ? d.append('Z').toString() : d.toString();
    }
}
