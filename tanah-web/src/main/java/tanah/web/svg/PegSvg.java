package tanah.web.svg;

import java.util.List;
import java.util.Optional;
import tanah.core.geometry.Point;
import tanah.core.scene.PlantFigure;
import tanah.core.scene.Scene;

/** Draws the verdicts on the section, each where what it speaks of is. */
record PegSvg(Svg svg, Viewport view, Scene scene, SheetText text, Optional<SheetClimate> climate, SheetPlants plants) {
    void draw() {
        int shift = 0;
        for (SheetText.Peg peg : text.pegs()) {
            Optional<double[]> place = place(peg.part());
            // what concerns the whole box stands in a row above it
            double x = place.map(p -> p[0]).orElse(view.x(scene.length()) - 38);
            double y = place.map(p -> p[1]).orElse(16.0);
            x += place.isPresent() ? 44 * samePlaceBefore(peg) : -40.0 * shift++;
            flag(svg, peg, x, y - 10);
        }
    }

    /** A flag with its shape and its letter. */
    static void flag(Svg svg, SheetText.Peg peg, double x, double y) {
        svg.open(
                        "g",
                        "class",
                        "peg",
                        "transform",
                        "translate(" + Svg.n(x) + " " + Svg.n(y) + ")",
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
        for (PlantFigure p : plants.figures()) {
            if (p.part().equals(part)) {
                double x = view.x(plants.side() ? p.y() : p.x());
                return Optional.of(new double[] {x + 8, view.z(p.z() + p.now().height()) - 8});
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
}
