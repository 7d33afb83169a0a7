package tanah.web.svg;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws hardscape and ramps in the section and in the plan; in their own stage they can be moved in both. */
final class PieceSvg {
    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;

    PieceSvg(Svg svg, Viewport view, Scene scene, SheetText text) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
    }

    /** What the cut passes, cut; the rest as outlines, so that nothing is lost from sight. */
    void section() {
        Map<String, Scene.Area> plans =
                scene.pieces().stream().collect(Collectors.toMap(Scene.Area::part, a -> a, (a, b) -> a));
        for (Scene.Area area : scene.behind()) {
            boolean selected = area.part().equals(text.selected());
            if (text.stage().equals("hardscape") || selected) {
                piece(area, plans.get(area.part()), "beyond-piece", "lift", points(area.points(), false));
            }
        }
        for (Scene.Area area : scene.solids()) {
            piece(area, plans.get(area.part()), "cut solid", "lift", points(area.points(), false));
        }
        for (Scene.Line ramp : scene.ramps()) {
            ramp(ramp);
        }
    }

    /** Every piece from above. */
    void plan() {
        for (Scene.Area area : scene.walls()) {
            wall(area);
        }
        for (Scene.Area area : scene.pieces()) {
            piece(area, area, "plan-piece", "move", points(area.points(), true));
        }
    }

    private void piece(Scene.Area drawn, Scene.Area fromAbove, String style, String move, String points) {
        Caption caption = text.captions().get(drawn.part());
        double other = least(move.equals("move") ? fromAbove.frame() : drawn.frame(), false);
        Move moves = new Move(move, least(fromAbove.frame(), true), other);
        String name = caption == null ? drawn.part() : caption.both();
        thing(drawn, style, "hardscape", name, points, moves);
        if (drawn.part().equals(text.selected())
                && text.movable()
                && text.stage().equals("hardscape")) {
            new CornerSvg(svg, view, scene.width()).draw(drawn, fromAbove, name);
        }
    }

    /** A wall between land and water; in the water stage it is dragged as a whole. */
    private void wall(Scene.Area area) {
        Caption caption = text.captions().get(area.part());
        Move moves = new Move("dam-move", least(area.points(), true), least(area.points(), false));
        thing(
                area,
                "plan-piece",
                "water",
                caption == null ? area.part() : caption.first(),
                points(area.points(), true),
                moves);
    }

    /** How a thing is moved: the edit, and its place now (m). */
    private record Move(String op, double x, double other) {}

    private void thing(Scene.Area drawn, String style, String stage, String name, String points, Move move) {
        boolean selected = drawn.part().equals(text.selected());
        boolean movable = text.movable() && text.stage().equals(stage);
        String fill = "url(#tx-" + drawn.texture().name().toLowerCase(Locale.ROOT) + ")";
        List<Object> attributes = new java.util.ArrayList<>(List.of(
                "class",
                style + (selected ? " selected" : "") + (movable ? " movable" : ""),
                "data-part",
                drawn.part(),
                "data-of",
                stage));
        if (movable) {
            attributes.addAll(List.of(
                    "id",
                    "piece-" + move.op() + "-" + drawn.part(),
                    "tabindex",
                    0,
                    "role",
                    "button",
                    "aria-label",
                    name,
                    "aria-pressed",
                    String.valueOf(selected),
                    "data-move",
                    move.op(),
                    "data-x",
                    Svg.n(move.x() * 100),
                    "data-other",
                    Svg.n(move.other() * 100)));
        }
        boolean plan = move.op().equals("move") || move.op().equals("dam-move");
        svg.open("g", attributes.toArray()).text("title", name);
        // what is taken hold of is the whole of the piece's box, also where its outline is hollow or thin
        svg.empty("polygon", "points", points(drawn.frame(), plan), "class", "hold");
        svg.empty("polygon", "points", points, "fill", style.equals("beyond-piece") ? "none" : fill)
                .close("g");
    }

    private void ramp(Scene.Line ramp) {
        Caption caption = text.captions().get(ramp.part());
        Point a = ramp.points().get(0);
        Point b = ramp.points().get(1);
        String d = "M" + Svg.n(view.x(a.x())) + " " + Svg.n(view.z(a.y())) + "L" + Svg.n(view.x(b.x())) + " "
                + Svg.n(view.z(b.y()));
        boolean selected = ramp.part().equals(text.selected());
        svg.open("g", "class", "ramp" + (selected ? " selected" : ""), "data-part", ramp.part(), "data-of", "water")
                .empty("path", "d", d, "class", "casing")
                .empty("path", "d", d)
                .text("title", caption == null ? ramp.part() : caption.first())
                .close("g");
    }

    private String points(List<Point> points, boolean plan) {
        return points.stream()
                .map(p -> Svg.n(view.x(p.x())) + "," + Svg.n(plan ? view.y(p.y(), scene.width()) : view.z(p.y())))
                .collect(Collectors.joining(" "));
    }

    private static double least(List<Point> points, boolean x) {
        return points.stream().mapToDouble(p -> x ? p.x() : p.y()).min().orElse(0);
    }
}
