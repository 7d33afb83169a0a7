package tanah.web.svg;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import tanah.core.scene.Scene;

/** Draws the plan: the box from above, with the line of the cut. */
record PlanSvg(
        Svg svg, Viewport view, Scene scene, SheetText text, Optional<SheetClimate> climate, SheetPlants plants) {
    private static boolean isKept(Scene.Area area) {
        return area.texture() == Scene.Texture.DAMP || area.texture() == Scene.Texture.DRY;
    }

    void draw() {
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
                    "plan-part" + (isKept(area) ? " kept-place" : "") + (selected ? " selected" : ""));
        }
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).underPlan());
        new PieceSvg(svg, view, scene, text).plan();
        new DeviceSvg(svg, view, scene, text).plan();
        new PlantSvg(svg, view, scene, text, plants).plan();
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
        if (!view.hasSection()) {
            new PlantSvg(svg, view, scene, text, plants).pegs();
        }
        climate.ifPresent(c -> new ClimateSvg(svg, view, scene, text, c).probe(false));
    }
}
