package tanah.web.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tanah.core.scene.PlantFigure;
import tanah.core.scene.Scene;

/** Draws the plants of a sheet: discs and leaves from above, silhouettes and roots in the section; in their own stage they can be moved. */
final class PlantSvg {
    private static final double LEAST = 4; // px, so that a small one is still seen and pressed
    private static final double KEY = 8; // px, radius of its number
    private static final double ROOTS = 5;
    private static final String STAGE = "planting";

    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;
    private final SheetPlants plants;

    PlantSvg(Svg svg, Viewport view, Scene scene, SheetText text, SheetPlants plants) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
        this.plants = plants;
    }

    private boolean isOwnStage() {
        return text.stage().equals(STAGE);
    }

    /** Those at the back first. */
    void section() {
        List<PlantFigure> all = new ArrayList<>(plants.figures());
        all.sort(Comparator.comparingDouble(p -> plants.side() ? p.x() : -p.y()));
        for (PlantFigure p : all) {
            double x = view.x(plants.side() ? p.y() : p.x());
            double foot = view.z(p.z());
            PlantFigure.Size size = plants.months() > 0 ? p.later() : p.now();
            double half = Math.max(LEAST, size.spread() * view.scale() / 2);
            double tall = Math.max(LEAST, size.height() * view.scale());
            PlantForms.Shape shape = PlantForms.side(p.form(), half, tall, p.number());
            svg.open(
                            "g",
                            "class",
                            "plant" + (p.part().equals(text.selected()) ? " selected" : "")
                                    + (isOwnStage() ? "" : " apart"),
                            "transform",
                            "translate(" + Svg.n(x) + " " + Svg.n(foot) + ")",
                            "data-part",
                            p.part(),
                            "data-of",
                            STAGE)
                    .text("title", name(p));
            if (isOwnStage()) {
                roots(p, half);
            }
            svg.empty("path", "d", shape.stems(), "class", "stem").empty("path", "d", shape.leaves(), "class", "leaf");
            if (isOwnStage()) {
                svg.text(
                        "text",
                        String.valueOf(p.number()),
                        "x",
                        0,
                        "y",
                        -tall - 4,
                        "text-anchor",
                        "middle",
                        "class",
                        "key");
            }
            svg.close("g");
        }
    }

    private void roots(PlantFigure p, double half) {
        double deep = p.roots() * view.scale();
        if (deep <= 0) {
            return;
        }
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < ROOTS; i++) {
            double side = i / (ROOTS - 1) * 2 - 1;
            d.append("M0 0Q")
                    .append(Svg.n(0.5 * side * half))
                    .append(' ')
                    .append(Svg.n(0.3 * deep))
                    .append(' ')
                    .append(Svg.n(0.6 * side * half))
                    .append(' ')
                    .append(Svg.n(deep * (1 - 0.3 * Math.abs(side))));
        }
        svg.empty("path", "d", d, "class", "roots-casing").empty("path", "d", d, "class", "roots");
    }

    /** Discs as they are planted with their leaves, and dashed as they grow. */
    void plan() {
        List<PlantFigure> all = new ArrayList<>(plants.figures());
        all.sort(Comparator.comparingDouble(p -> -p.now().spread()));
        for (PlantFigure p : all) {
            double x = view.x(p.x());
            double y = view.y(p.y(), scene.width());
            double now = Math.max(LEAST, p.now().spread() * view.scale() / 2);
            double later = p.later().spread() * view.scale() / 2;
            boolean selected = p.part().equals(text.selected());
            boolean movable = text.movable() && isOwnStage();
            List<Object> attributes = new ArrayList<>(List.of(
                    "class",
                    "plant-disc" + (selected ? " selected" : "") + (movable ? " movable" : "")
                            + (isOwnStage() ? "" : " apart"),
                    "transform",
                    "translate(" + Svg.n(x) + " " + Svg.n(y) + ")",
                    "data-part",
                    p.part(),
                    "data-of",
                    STAGE));
            if (movable) {
                attributes.addAll(List.of(
                        "id",
                        "piece-move-" + p.part(),
                        "tabindex",
                        0,
                        "role",
                        "button",
                        "aria-label",
                        name(p),
                        "aria-pressed",
                        String.valueOf(selected),
                        "data-move",
                        "move",
                        "data-x",
                        Svg.n(p.x() * 100),
                        "data-other",
                        Svg.n(p.y() * 100)));
            }
            svg.open("g", attributes.toArray()).text("title", name(p));
            if (isOwnStage() && plants.months() > 0 && Math.abs(later - now) > 1) {
                svg.empty("circle", "r", later, "class", "grown");
            }
            svg.empty("circle", "r", now, "class", "disc")
                    .empty("path", "d", PlantCrowns.above(p.form(), now, p.number()), "class", "leaf");
            if (isOwnStage()) {
                svg.empty("circle", "r", KEY, "class", "key-disc")
                        .text("text", String.valueOf(p.number()), "y", 4, "text-anchor", "middle", "class", "key");
            }
            svg.close("g");
        }
    }

    /** Where the section is not drawn, what is said of a plant is pegged from above. */
    void pegs() {
        for (PlantFigure p : plants.figures()) {
            int beside = 0;
            for (SheetText.Peg peg : text.pegs()) {
                if (peg.part().equals(p.part())) {
                    double x = view.x(p.x()) + KEY + 2 + 38.0 * beside++;
                    PegSvg.flag(svg, peg, x, view.y(p.y(), scene.width()) - KEY - 18);
                }
            }
        }
    }

    private String name(PlantFigure p) {
        SheetText.Caption caption = text.captions().get(p.part());
        return p.number() + " " + (caption == null ? p.part() : caption.both());
    }
}
