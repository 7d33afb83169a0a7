package tanah.web.svg;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;
import tanah.core.geometry.Point;
import tanah.core.scene.PlantFigure;
import tanah.core.scene.Scene;
import tanah.core.scene.Scene.Texture;

/**
 * A section or plan for paper and for files of its own: a true ratio in millimetres, black lines on white, each material
 * told by its hatching, parts numbered, a check bar of 10 cm (4 in) to prove the print.
 */
public final class PaperSvg {
    private static final double EDGE = 2; // mm around the drawing
    private static final double FOOT = 9; // mm for the check bar
    private static final double PAPER_WIDE = 178; // mm, A4 and Letter less their margins
    private static final double PAPER_TALL = 150;

    /** Hatchings, one for each sort of material, told apart in grey. */
    private static final Map<Texture, String> HATCH = Map.ofEntries(
            Map.entry(
                    Texture.LITTER,
                    "<path d=\"M0 3q2 -2 4 0M4 6q2 -2 4 0\" stroke=\"#333\" stroke-width=\".25\" fill=\"none\"/>"),
            Map.entry(
                    Texture.HUMUS,
                    "<rect width=\"8\" height=\"8\" fill=\"#b9b9b9\"/><circle cx=\"2\" cy=\"2\" r=\".7\" fill=\"#333\"/><circle cx=\"6\" cy=\"5.5\" r=\".7\" fill=\"#333\"/>"),
            Map.entry(
                    Texture.ARID,
                    "<rect width=\"8\" height=\"8\" fill=\"#dcdcdc\"/><path d=\"M1 2h1.6M5 6h1.6M5.5 1.5h.8M1.5 5.5h.8\" stroke=\"#333\" stroke-width=\".25\" fill=\"none\"/>"),
            Map.entry(
                    Texture.SAND,
                    "<circle cx=\"1.5\" cy=\"1.5\" r=\".4\" fill=\"#333\"/><circle cx=\"5\" cy=\"3\" r=\".4\" fill=\"#333\"/><circle cx=\"2.5\" cy=\"6\" r=\".4\" fill=\"#333\"/><circle cx=\"6.7\" cy=\"7\" r=\".4\" fill=\"#333\"/>"),
            Map.entry(
                    Texture.CLAY,
                    "<rect width=\"8\" height=\"8\" fill=\"#8f8f8f\"/><circle cx=\"2\" cy=\"2\" r=\"1.6\" fill=\"#fff\" stroke=\"#333\" stroke-width=\".25\"/><circle cx=\"6\" cy=\"6\" r=\"1.6\" fill=\"#fff\" stroke=\"#333\" stroke-width=\".25\"/>"),
            Map.entry(
                    Texture.GRAVEL,
                    "<ellipse cx=\"2.2\" cy=\"2.2\" rx=\"1.8\" ry=\"1.1\" fill=\"#fff\" stroke=\"#333\" stroke-width=\".25\"/><ellipse cx=\"6\" cy=\"6\" rx=\"1.8\" ry=\"1.1\" fill=\"#fff\" stroke=\"#333\" stroke-width=\".25\"/>"),
            Map.entry(
                    Texture.WATER,
                    "<path d=\"M0 2q1 -1 2 0t2 0t2 0t2 0M0 6q1 -1 2 0t2 0t2 0t2 0\" stroke=\"#333\" stroke-width=\".25\" fill=\"none\"/>"),
            Map.entry(Texture.VOID, "<path d=\"M0 8L8 0\" stroke=\"#333\" stroke-width=\".25\" fill=\"none\"/>"));

    /** As attributes: the site's rules allow no style sheet within a page. */
    private static final Map<String, String> PENS = Map.of(
            "line", "stroke=\"#000\" stroke-width=\".3\"",
            "wall", "stroke=\"#000\" stroke-width=\".8\"",
            "mesh", "stroke=\"#000\" stroke-width=\".8\" stroke-dasharray=\"1.4 .7\"",
            "cut-line", "stroke=\"#000\" stroke-width=\".3\" stroke-dasharray=\"4 1 1 1\"");

    private static final String SOLID =
            "<rect width=\"8\" height=\"8\" fill=\"#ececec\"/><path d=\"M0 0L8 8M0 8L8 0\" stroke=\"#333\" stroke-width=\".25\" fill=\"none\"/>";

    private PaperSvg() {}

    /** The ratio that fits a page: 1 to 5, or the next of 10, 20. */
    public static int ratio(Scene scene, boolean plan) {
        double tall = plan ? scene.width() : scene.height();
        for (int ratio : new int[] {5, 10, 20}) {
            if (scene.length() * 1000 / ratio <= PAPER_WIDE && tall * 1000 / ratio <= PAPER_TALL) {
                return ratio;
            }
        }
        return 50;
    }

    /**
     * @param plants  that grow in it
     * @param numbers part to its number in the list beside the drawing
     * @param label   for screen readers
     * @param inches  whether the check bar is in inches
     */
    public static String section(
            Scene scene, SheetPlants plants, Map<String, Integer> numbers, String label, boolean inches) {
        return new Drawing(scene, plants, ratio(scene, false), scene.height(), inches).section(numbers, label);
    }

    /** The same from above. */
    public static String plan(
            Scene scene, SheetPlants plants, Map<String, Integer> numbers, String label, boolean inches) {
        return new Drawing(scene, plants, ratio(scene, true), scene.width(), inches).plan(numbers, label);
    }

    /** One drawing in millimetres of paper. */
    private static final class Drawing {
        private final Scene scene;
        private final SheetPlants plants;
        private final double scale; // mm of paper for a metre
        private final int ratio;
        private final double width;
        private final double height;
        private final double floor;
        private final boolean inches;
        private final StringBuilder out = new StringBuilder();

        Drawing(Scene scene, SheetPlants plants, int ratio, double tall, boolean inches) {
            this.scene = scene;
            this.plants = plants;
            this.ratio = ratio;
            this.scale = 1000.0 / ratio;
            this.width = scene.length() * scale + 2 * EDGE;
            this.height = tall * scale + 2 * EDGE + FOOT;
            this.floor = EDGE + tall * scale;
            this.inches = inches;
        }

        private String section(Map<String, Integer> numbers, String label) {
            open(label);
            areas(scene.water());
            areas(scene.section());
            areas(scene.solids());
            for (Scene.Line line : scene.barriers()) {
                path("M" + x(line.points().get(0)) + "L" + x(line.points().get(1)), "mesh");
            }
            plants.figures().forEach(this::fromTheSide);
            box(scene.height());
            scene.strata().forEach(s -> number(numbers.get(s.part()), s.anchorX(), s.anchorZ()));
            scene.solids().forEach(a -> number(numbers.get(a.part()), middle(a, true), middle(a, false)));
            plants.figures()
                    .forEach(p -> number(
                            numbers.get(p.part()), p.x(), p.z() + p.later().height()));
            return close();
        }

        private String plan(Map<String, Integer> numbers, String label) {
            open(label);
            areas(scene.plan());
            StringBuilder d = new StringBuilder();
            scene.outline().forEach(p -> d.append(d.isEmpty() ? 'M' : 'L').append(x(p)));
            path(d.append('Z').toString(), "wall");
            path("M" + n(0) + " " + n(floor - scene.cut() * scale) + "H" + n(width), "cut-line");
            scene.plan().forEach(a -> number(numbers.get(a.part()), middle(a, true), middle(a, false)));
            plants.figures().forEach(p -> {
                circle(p, p.now().spread(), "line");
                circle(p, p.later().spread(), "mesh");
                number(numbers.get(p.part()), p.x(), p.y());
            });
            return close();
        }

        private void fromTheSide(PlantFigure p) {
            PlantForms.Shape shape = PlantForms.side(
                    p.form(), p.later().spread() * scale / 2, p.later().height() * scale, p.number());
            out.append("<g transform=\"translate(")
                    .append(n(EDGE + p.x() * scale))
                    .append(' ')
                    .append(n(floor - p.z() * scale))
                    .append(")\">");
            path(shape.stems(), "line");
            out.append("<path d=\"")
                    .append(shape.leaves())
                    .append("\" fill=\"#fff\" stroke=\"#000\" stroke-width=\".2\"/></g>");
        }

        private void circle(PlantFigure p, double across, String pen) {
            out.append("<circle cx=\"")
                    .append(n(EDGE + p.x() * scale))
                    .append("\" cy=\"")
                    .append(n(floor - p.y() * scale))
                    .append("\" r=\"")
                    .append(n(across * scale / 2))
                    .append("\" fill=\"none\" ")
                    .append(PENS.get(pen))
                    .append("/>");
        }

        private void open(String label) {
            out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                    .append(n(width))
                    .append(' ')
                    .append(n(height))
                    .append("\" width=\"")
                    .append(n(width))
                    .append("mm\" height=\"")
                    .append(n(height))
                    .append("mm\"><title>")
                    .append(HtmlUtils.htmlEscape(label, "UTF-8"))
                    .append("</title><defs>");
            for (Texture texture : Texture.values()) {
                out.append("<pattern id=\"p-")
                        .append(texture.name().toLowerCase(Locale.ROOT))
                        .append(
                                "\" width=\"8\" height=\"8\" patternUnits=\"userSpaceOnUse\" patternTransform=\"scale(.5)\">")
                        .append("<rect width=\"8\" height=\"8\" fill=\"#fff\"/>")
                        .append(HATCH.getOrDefault(texture, SOLID))
                        .append("</pattern>");
            }
            out.append("</defs>");
        }

        private void areas(List<Scene.Area> areas) {
            for (Scene.Area area : areas) {
                StringBuilder d = new StringBuilder();
                area.points().forEach(p -> d.append(d.isEmpty() ? 'M' : 'L').append(x(p)));
                out.append("<path d=\"")
                        .append(d)
                        .append("Z\" fill=\"url(#p-")
                        .append(area.texture().name().toLowerCase(Locale.ROOT))
                        .append(")\" stroke=\"#000\" stroke-width=\".3\"/>");
            }
        }

        private void box(double tall) {
            double top = floor - tall * scale;
            path("M" + n(EDGE) + " " + n(top) + "V" + n(floor) + "H" + n(width - EDGE) + "V" + n(top), "wall");
            path("M" + n(EDGE) + " " + n(top) + "H" + n(width - EDGE), "line");
        }

        private void number(@Nullable Integer number, double x, double z) {
            if (number == null) {
                return;
            }
            double cx = EDGE + x * scale;
            double cy = floor - z * scale;
            out.append("<circle cx=\"").append(n(cx)).append("\" cy=\"").append(n(cy));
            out.append(
                    "\" r=\"2.6\" fill=\"#fff\" stroke=\"#000\" stroke-width=\".3\"/><text font-family=\"sans-serif\" font-weight=\"bold\" font-size=\"3.2\" text-anchor=\"middle\" x=\"");
            out.append(n(cx))
                    .append("\" y=\"")
                    .append(n(cy + 1.15))
                    .append("\">")
                    .append(number)
                    .append("</text>");
        }

        private static double middle(Scene.Area area, boolean across) {
            return area.points().stream()
                    .mapToDouble(p -> across ? p.x() : p.y())
                    .average()
                    .orElse(0);
        }

        private String close() {
            double bar = (inches ? 4 * 0.0254 : 0.1) * scale;
            double y = height - 6;
            path("M" + n(EDGE) + " " + n(y - 1.5) + "v3m0 -1.5h" + n(bar) + "m0 -1.5v3", "line");
            out.append("<text font-family=\"sans-serif\" font-size=\"3.2\" x=\"")
                    .append(n(EDGE + bar + 3))
                    .append("\" y=\"")
                    .append(n(y + 1.1))
                    .append("\">")
                    .append(inches ? "4 in" : "10 cm")
                    .append(" · 1 : ")
                    .append(ratio)
                    .append("</text>");
            return out.append("</svg>").toString();
        }

        private void path(String d, String kind) {
            out.append("<path d=\"")
                    .append(d)
                    .append("\" fill=\"none\" ")
                    .append(PENS.get(kind))
                    .append("/>");
        }

        private String x(Point p) {
            return n(EDGE + p.x() * scale) + " " + n(floor - p.y() * scale);
        }

        private static String n(double value) {
            return Svg.n(value);
        }
    }
}
