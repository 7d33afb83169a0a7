package tanah.web.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.svg.SheetText.Caption;

/** Draws the section and the plan of one enclosure with rulers, leaders, pegs and handles. */
public final class SheetSvg {
    private static final double LEAST_DRAWN = 2.4; // px; thinner layers are drawn so thick, their label tells the truth

    private final Scene scene;
    private final SheetText text;
    private final Viewport view;
    private final Svg svg = new Svg();

    private final Optional<SheetClimate> climate;
    private final SheetPlants plants;

    private SheetSvg(Scene scene, SheetText text, Viewport view, Optional<SheetClimate> climate, SheetPlants plants) {
        this.climate = climate;
        this.plants = plants;
        this.scene = scene;
        this.text = text;
        this.view = view;
    }

    /**
     * @param width  of the sheet (px)
     * @param height of the sheet (px)
     * @param which  section, plan, both, or side with the scene of a side
     * @param climate fields and lamps, if they are drawn
     */
    public static String draw(
            Scene scene,
            SheetText text,
            double width,
            double height,
            String which,
            Optional<SheetClimate> climate,
            SheetPlants plants) {
        Viewport.View view = switch (which) {
            case "section", "side" -> Viewport.View.SECTION;
            case "plan" -> Viewport.View.PLAN;
            default -> Viewport.View.BOTH;
        };
        double over = climate.map(SheetClimate::over).orElse(0.0);
        return new SheetSvg(
                        scene,
                        text,
                        Viewport.fit(scene, over, width, height, view, text.hasRightHandles()),
                        climate,
                        plants)
                .markup();
    }

    private String markup() {
        svg.open(
                "svg",
                "class",
                "sheet-drawing",
                "viewBox",
                "0 0 " + Svg.n(view.width()) + " " + Svg.n(view.height()),
                "width",
                view.width(),
                "height",
                view.height(),
                "role",
                "group",
                "aria-labelledby",
                "sheet-title sheet-desc",
                "data-scale",
                view.scale() / 100,
                "data-cut",
                Numbers.lengthUpTo(scene.cut(), 1),
                "data-per-unit",
                Presentation.current().isUs() ? 2.54 : 1,
                "data-unit",
                Numbers.lengthUnit());
        svg.text("title", text.title(), "id", "sheet-title").text("desc", text.description(), "id", "sheet-desc");
        if (view.hasSection()) {
            section();
        }
        if (view.hasPlan()) {
            new PlanSvg(svg, view, scene, text, climate, plants).draw();
        }
        return svg.close("svg").toString();
    }

    private void section() {
        double top = view.z(scene.height());
        if (view.labels()) {
            svg.text("text", text.section(), "x", 14, "y", 22, "class", "heading")
                    .text("text", text.cut(), "x", 14, "y", 38, "class", "second")
                    .text("text", text.ends(), "x", 14, "y", 54, "class", "second");
        }
        svg.empty(
                "rect",
                "x",
                view.x(0),
                "y",
                top,
                "width",
                scene.length() * view.scale(),
                "height",
                scene.height() * view.scale(),
                "class",
                "air");
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).underSection());
        if (climate.flatMap(SheetClimate::fill).isEmpty()) {
            grid();
        }
        new DeviceSvg(svg, view, scene, text).flows();
        areas(scene.water(), "beyond");
        areas(scene.section(), "layer");
        scene.waterLevel().ifPresent(this::waterLine);
        PieceSvg pieces = new PieceSvg(svg, view, scene, text);
        pieces.section();
        barriers();
        new DeviceSvg(svg, view, scene, text).section();
        new PlantSvg(svg, view, scene, text, plants).section();
        scene.animals().forEach(this::animal);
        walls();
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).overSection());
        Rulers.section(svg, view, scene);
        scene.marks().forEach(this::mark);
        new LeaderSvg(svg, view, scene, text).draw();
        new PegSvg(svg, view, scene, text, climate, plants).draw();
        HandleSvg.section(svg, view, scene, text);
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).probe(true));
    }

    private void grid() {
        svg.open("g", "class", "grid", "aria-hidden", "true");
        for (int cm = 5; cm < scene.length() * 100 - 0.01; cm += 5) {
            double x = view.x(cm / 100.0);
            svg.empty("path", "d", "M" + Svg.n(x) + " " + Svg.n(view.z(0)) + "V" + Svg.n(view.z(scene.height())));
        }
        for (int cm = 5; cm < scene.height() * 100 - 0.01; cm += 5) {
            double y = view.z(cm / 100.0);
            svg.empty("path", "d", "M" + Svg.n(view.x(0)) + " " + Svg.n(y) + "H" + Svg.n(view.x(scene.length())));
        }
        svg.close("g");
    }

    private void areas(List<Scene.Area> areas, String kind) {
        for (Scene.Area area : areas) {
            boolean selected = area.part().equals(text.selected());
            Caption caption = text.captions().get(area.part());
            boolean pressable = caption != null;
            String path = path(area);
            List<Object> attributes = new ArrayList<>(List.of(
                    "d",
                    path,
                    "fill",
                    "url(#tx-" + area.texture().name().toLowerCase(Locale.ROOT) + ")",
                    "class",
                    "cut " + kind + (selected ? " selected" : "")));
            if (pressable) {
                attributes.addAll(List.of("data-part", area.part(), "data-of", stageOf(area.part())));
            }
            if (caption == null) {
                svg.empty("path", attributes.toArray());
            } else {
                svg.open("path", attributes.toArray())
                        .text("title", caption.both())
                        .close("path");
            }
        }
    }

    /** The stage in which a part of the section is changed. */
    private String stageOf(String part) {
        return scene.strata().stream().anyMatch(s -> s.part().equals(part)) ? "ground" : "water";
    }

    private String path(Scene.Area area) {
        List<Point> p = area.points();
        double[] y = p.stream().mapToDouble(q -> view.z(q.y())).toArray();
        if (y.length == 4) {
            // a thin layer grows upwards to be seen
            y[2] = Math.min(y[2], y[1] - LEAST_DRAWN);
            y[3] = Math.min(y[3], y[0] - LEAST_DRAWN);
        }
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < y.length; i++) {
            d.append(i == 0 ? 'M' : 'L')
                    .append(Svg.n(view.x(p.get(i).x())))
                    .append(' ')
                    .append(Svg.n(y[i]));
        }
        return d.append('Z').toString();
    }

    private void waterLine(double level) {
        for (Scene.Area area : scene.water()) {
            svg.empty(
                    "path",
                    "d",
                    "M" + Svg.n(view.x(area.points().get(0).x())) + " " + Svg.n(view.z(level)) + "H"
                            + Svg.n(view.x(area.points().get(1).x())),
                    "class",
                    "water-line");
        }
    }

    private void barriers() {
        for (Scene.Line line : scene.barriers()) {
            Point a = line.points().get(0);
            Point b = line.points().get(1);
            String d = "M" + Svg.n(view.x(a.x())) + " " + Svg.n(view.z(a.y())) + "L" + Svg.n(view.x(b.x())) + " "
                    + Svg.n(view.z(b.y()));
            svg.empty("path", "d", d, "class", "mesh-casing").empty("path", "d", d, "class", "mesh");
        }
    }

    private void animal(Scene.Figure figure) {
        double scale = figure.length() * view.scale() / 100;
        double left = Math.min(view.x(figure.x()), view.x(scene.length()) - figure.length() * view.scale() - 2);
        svg.open(
                        "g",
                        "class",
                        "animal",
                        "transform",
                        "translate(" + Svg.n(Math.max(view.x(0) + 1, left)) + " " + Svg.n(view.z(figure.z()))
                                + ") scale(" + Svg.n4(scale) + ")")
                .empty("path", "d", AnimalForms.path(figure.form()))
                .close("g");
    }

    private void walls() {
        double pane = Math.max(2.5, scene.pane() * view.scale());
        double left = view.x(0);
        double right = view.x(scene.length());
        double floor = view.z(0);
        double top = view.z(scene.height());
        svg.empty(
                "path",
                "d",
                "M" + Svg.n(left - pane) + " " + Svg.n(top) + "V" + Svg.n(floor + pane) + "H"
                        + Svg.n(right + pane) + "V" + Svg.n(top) + "H" + Svg.n(right) + "V" + Svg.n(floor) + "H"
                        + Svg.n(left) + "V" + Svg.n(top) + "Z",
                "class",
                "wall");
        double mesh = (right - left) * scene.lidMesh();
        svg.empty("path", "d", "M" + Svg.n(left) + " " + Svg.n(top - 2) + "H" + Svg.n(right - mesh), "class", "lid");
        if (mesh > 0) {
            svg.empty(
                    "path",
                    "d",
                    "M" + Svg.n(right - mesh) + " " + Svg.n(top - 2) + "H" + Svg.n(right),
                    "class",
                    "lid-mesh");
        }
        scene.frontLip()
                .ifPresent(lip -> svg.empty(
                        "path",
                        "d",
                        "M" + Svg.n(left) + " " + Svg.n(view.z(lip)) + "H" + Svg.n(right),
                        "class",
                        "lip"));
    }

    private void mark(Scene.Mark mark) {
        double x = view.x(mark.x());
        double y = view.z(mark.z());
        Caption caption = text.captions().get(mark.part());
        svg.open("g", "class", "probe")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(x - 6) + " " + Svg.n(y) + "H" + Svg.n(x + 6) + "M" + Svg.n(x) + " " + Svg.n(y - 6)
                                + "V" + Svg.n(y + 6),
                        "class",
                        "casing")
                .empty(
                        "path",
                        "d",
                        "M" + Svg.n(x - 6) + " " + Svg.n(y) + "H" + Svg.n(x + 6) + "M" + Svg.n(x) + " " + Svg.n(y - 6)
                                + "V" + Svg.n(y + 6))
                .text("title", caption == null ? mark.part() : caption.first())
                .close("g");
    }
}
