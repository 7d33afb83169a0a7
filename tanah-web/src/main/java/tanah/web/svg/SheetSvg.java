package tanah.web.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.svg.SheetText.Caption;

/** Draws the section and the plan of one enclosure with rulers, leaders, pegs and handles. */
public final class SheetSvg {
    private static final double LEVEL_RUN = 12;
    private static final double LEAST_DRAWN = 2.4; // px; thinner layers are drawn so thick, their label tells the truth

    private final Scene scene;
    private final SheetText text;
    private final Viewport view;
    private final Svg svg = new Svg();

    private final Optional<SheetClimate> climate;

    private SheetSvg(Scene scene, SheetText text, Viewport view, Optional<SheetClimate> climate) {
        this.climate = climate;
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
            Scene scene, SheetText text, double width, double height, String which, Optional<SheetClimate> climate) {
        Viewport.View view = switch (which) {
            case "section", "side" -> Viewport.View.SECTION;
            case "plan" -> Viewport.View.PLAN;
            default -> Viewport.View.BOTH;
        };
        double over = climate.map(SheetClimate::over).orElse(0.0);
        return new SheetSvg(
                        scene, text, Viewport.fit(scene, over, width, height, view, text.hasRightHandles()), climate)
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
            plan();
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
        scene.animals().forEach(this::animal);
        walls();
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).overSection());
        Rulers.section(svg, view, scene);
        scene.marks().forEach(this::mark);
        leaders();
        pegs();
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

    private void leaders() {
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
                List<Point> p = solid.points();
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

    private void pegs() {
        int shift = 0;
        for (SheetText.Peg peg : text.pegs()) {
            Optional<double[]> place = place(peg.part());
            // what concerns the whole box stands in a row above it
            double x = place.map(p -> p[0]).orElse(view.x(scene.length()) - 38);
            double y = place.map(p -> p[1]).orElse(16.0);
            x += place.isPresent() ? 44 * samePlaceBefore(peg) : -40.0 * shift++;
            svg.open(
                            "g",
                            "class",
                            "peg",
                            "transform",
                            "translate(" + Svg.n(x) + " " + Svg.n(y - 10) + ")",
                            "role",
                            "img",
                            "aria-label",
                            peg.words())
                    .empty("rect", "width", 36, "height", 20, "rx", 2, "class", "flag")
                    .open("g", "transform", "translate(5 4)");
            Verdicts.draw(svg, peg.severity());
            svg.close("g")
                    .text("text", peg.letter(), "x", 23, "y", 15, "class", "key")
                    .close("g");
        }
    }

    private int samePlaceBefore(SheetText.Peg peg) {
        int before = 0;
        for (SheetText.Peg other : text.pegs()) {
            if (other.equals(peg)) {
                return before;
            }
            before += other.part().equals(peg.part()) ? 1 : 0;
        }
        return before;
    }

    private Optional<double[]> place(String part) {
        for (Scene.Stratum s : scene.strata()) {
            if (s.part().equals(part)) {
                double toCentre = s.anchorX() < scene.length() / 2 ? 40 : -90;
                return Optional.of(new double[] {view.x(s.anchorX()) + toCentre, view.z(s.anchorZ())});
            }
        }
        for (List<Scene.Area> areas : List.of(scene.solids(), scene.behind(), scene.section(), scene.water())) {
            for (Scene.Area area : areas) {
                if (area.part().equals(part)) {
                    return Optional.of(onTop(area.points()));
                }
            }
        }
        for (Scene.Device d : scene.devices()) {
            if (d.part().equals(part)) {
                return Optional.of(new double[] {view.x(d.x()) + 14, view.z(d.z()) - 12});
            }
        }
        for (Scene.Area flow : scene.flows()) {
            if (flow.part().equals(part)) {
                return Optional.of(onTop(flow.points()));
            }
        }
        Optional<double[]> lamp = climate.flatMap(c -> new ClimateSvg(svg, view, scene, text, c).place(part));
        if (lamp.isPresent()) {
            return lamp;
        }
        return scene.ramps().stream()
                .filter(r -> r.part().equals(part))
                .map(r -> onTop(r.points()))
                .findFirst();
    }

    private double[] onTop(List<Point> points) {
        double x = points.stream().mapToDouble(Point::x).average().orElse(0);
        double z = points.stream().mapToDouble(Point::y).max().orElse(0);
        return new double[] {view.x(x) - 18, view.z(z) - 4};
    }

    private void plan() {
        for (Scene.Area area : scene.plan()) {
            boolean selected = area.part().equals(text.selected());
            String points = area.points().stream()
                    .map(p -> Svg.n(view.x(p.x())) + "," + Svg.n(view.y(p.y(), scene.width())))
                    .collect(Collectors.joining(" "));
            svg.empty(
                    "polygon",
                    "points",
                    points,
                    "fill",
                    "url(#tx-" + area.texture().name().toLowerCase(Locale.ROOT) + ")",
                    "class",
                    "plan-part" + (selected ? " selected" : ""));
        }
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).underPlan());
        new PieceSvg(svg, view, scene, text).plan();
        new DeviceSvg(svg, view, scene, text).plan();
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).overPlan());
        String outline = scene.outline().stream()
                .map(p -> Svg.n(view.x(p.x())) + "," + Svg.n(view.y(p.y(), scene.width())))
                .collect(Collectors.joining(" "));
        svg.empty("polygon", "points", outline, "class", "plan-outline");
        double cut = view.y(scene.cut(), scene.width());
        double left = view.x(0);
        double right = view.x(scene.length());
        svg.empty("path", "d", "M" + Svg.n(left - 4) + " " + Svg.n(cut) + "H" + Svg.n(right + 4), "class", "cut-line");
        Rulers.plan(svg, view, scene);
        if (view.labels()) {
            svg.text("text", "A", "x", left - 44, "y", cut + 4, "class", "first", "text-anchor", "middle")
                    .empty("path", "d", "M" + Svg.n(left - 38) + " " + Svg.n(cut + 4) + "l5 -8l5 8Z", "class", "arrow")
                    .empty("path", "d", "M" + Svg.n(right + 8) + " " + Svg.n(cut + 4) + "l5 -8l5 8Z", "class", "arrow")
                    .text("text", "A′", "x", right + 24, "y", cut + 4, "class", "first", "text-anchor", "middle")
                    .text("text", text.plan(), "x", 14, "y", view.planTop() + 16, "class", "heading");
        }
        for (Scene.Mark mark : scene.marks()) {
            double x = view.x(mark.x());
            double y = view.y(mark.y(), scene.width());
            svg.empty("circle", "cx", x, "cy", y, "r", 3.5, "class", "plan-mark");
        }
        HandleSvg.plan(svg, view, scene, text);
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).probe(false));
    }
}
