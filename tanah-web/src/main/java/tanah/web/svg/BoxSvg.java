package tanah.web.svg;

import java.util.List;
import java.util.Locale;
import tanah.core.geometry.Point;
import tanah.core.scene.PlantFigure;
import tanah.core.scene.Scene;

/** Draws one enclosure without labels, for the shelf, the list of vessels and the phone. */
public final class BoxSvg {
    private static final double UNITS = 400; // drawing units for a metre
    private static final double EDGE = 8;

    private BoxSvg() {}

    /**
     * @param label  for screen readers
     * @param plants that grow in it
     * @param places whether to number the places of readings
     */
    public static String draw(Scene scene, String label, SheetPlants plants, boolean places) {
        double width = scene.length() * UNITS + 2 * EDGE;
        double height = scene.height() * UNITS + 2 * EDGE;
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "box-drawing",
                "viewBox",
                "0 0 " + Svg.n(width) + " " + Svg.n(height),
                "role",
                "img",
                "aria-label",
                label,
                "preserveAspectRatio",
                "xMidYMax meet");
        svg.empty(
                "rect",
                "x",
                EDGE,
                "y",
                EDGE,
                "width",
                scene.length() * UNITS,
                "height",
                scene.height() * UNITS,
                "class",
                "air");
        areas(svg, scene.water(), height);
        areas(svg, scene.section(), height);
        scene.behind().forEach(a -> svg.empty("path", "d", outline(a, height), "class", "beyond"));
        areas(svg, scene.solids(), height);
        plants.figures().forEach(p -> plant(svg, p, height));
        scene.animals().forEach(f -> figure(svg, f, width, height));
        walls(svg, scene, width, height);
        if (places) {
            places(svg, scene, height);
        }
        return svg.close("svg").toString();
    }

    private static void plant(Svg svg, PlantFigure p, double height) {
        PlantForms.Shape shape = PlantForms.side(
                p.form(), p.later().spread() * UNITS / 2, p.later().height() * UNITS, p.number());
        svg.open(
                        "g",
                        "class",
                        "plant",
                        "transform",
                        "translate(" + Svg.n(EDGE + p.x() * UNITS) + " " + Svg.n(y(p.z(), height)) + ")")
                .empty("path", "d", shape.stems(), "class", "stem")
                .empty("path", "d", shape.leaves(), "class", "leaf")
                .close("g");
    }

    private static void figure(Svg svg, Scene.Figure f, double width, double height) {
        double scale = f.length() * UNITS / 100;
        double x = Math.min(EDGE + f.x() * UNITS, width - EDGE - f.length() * UNITS);
        svg.open(
                        "g",
                        "class",
                        "animal",
                        "transform",
                        "translate(" + Svg.n(Math.max(EDGE, x)) + " " + Svg.n(y(f.z(), height)) + ") scale("
                                + Svg.n4(scale) + ")")
                .empty("path", "d", AnimalForms.path(f.form()))
                .close("g");
    }

    private static void walls(Svg svg, Scene scene, double width, double height) {
        svg.empty(
                "path",
                "d",
                "M" + Svg.n(EDGE - 2) + " " + Svg.n(EDGE) + "V" + Svg.n(height - EDGE + 2) + "H"
                        + Svg.n(width - EDGE + 2) + "V" + Svg.n(EDGE),
                "class",
                "box-wall");
        double mesh = scene.length() * UNITS * scene.lidMesh();
        svg.empty(
                "path",
                "d",
                "M" + Svg.n(EDGE) + " " + Svg.n(EDGE - 2) + "H" + Svg.n(width - EDGE - mesh),
                "class",
                "lid");
        if (mesh > 0) {
            svg.empty(
                    "path",
                    "d",
                    "M" + Svg.n(width - EDGE - mesh) + " " + Svg.n(EDGE - 2) + "h" + Svg.n(mesh),
                    "class",
                    "lid-mesh");
        }
    }

    private static void places(Svg svg, Scene scene, double height) {
        int number = 1;
        for (Scene.Mark mark : scene.marks()) {
            svg.open("g", "class", "place", "data-place", mark.part())
                    .empty("circle", "cx", EDGE + mark.x() * UNITS, "cy", y(mark.z(), height), "r", 17)
                    .text(
                            "text",
                            String.valueOf(number++),
                            "x",
                            EDGE + mark.x() * UNITS,
                            "y",
                            y(mark.z(), height) + 7,
                            "text-anchor",
                            "middle")
                    .close("g");
        }
    }

    private static void areas(Svg svg, List<Scene.Area> areas, double height) {
        for (Scene.Area area : areas) {
            svg.empty(
                    "path",
                    "d",
                    outline(area, height),
                    "fill",
                    "url(#tx-" + area.texture().name().toLowerCase(Locale.ROOT) + ")",
                    "class",
                    "cut");
        }
    }

    private static String outline(Scene.Area area, double height) {
        StringBuilder d = new StringBuilder();
        for (Point p : area.points()) {
            d.append(d.isEmpty() ? 'M' : 'L')
                    .append(Svg.n(EDGE + p.x() * UNITS))
                    .append(' ')
                    .append(Svg.n(y(p.y(), height)));
        }
        return d.append('Z').toString();
    }

    private static double y(double z, double height) {
        return height - EDGE - z * UNITS;
    }
}
