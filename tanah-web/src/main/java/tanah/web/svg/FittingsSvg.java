package tanah.web.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tanah.core.design.Envelope;
import tanah.core.light.Vec;
import tanah.core.mapping.Fittings;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws lamps, mats, openings, nozzles and fans, each as something that can be taken hold of. */
final class FittingsSvg {
    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;
    private final SheetClimate climate;
    private final FlatSvg flat;

    FittingsSvg(Svg svg, Viewport view, Scene scene, SheetText text, SheetClimate climate) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
        this.climate = climate;
        this.flat = new FlatSvg(svg, view, scene, text, climate.side());
    }

    /** Along the drawing: from the left, or from the front where the cut runs along a side. */
    double across(Vec at) {
        return climate.side() ? at.y() : at.x();
    }

    void section() {
        String open = "fittings" + (climate.full() ? "" : " aside");
        svg.open("g", "class", open);
        climate.fittings().mats().forEach(flat::mat);
        climate.fittings().vents().forEach(flat::vent);
        for (Fittings.Nozzle n : climate.fittings().nozzles()) {
            small(n, "nozzle", true);
        }
        for (Fittings.Nozzle n : climate.fittings().fans()) {
            small(n, "fan", true);
        }
        layered().forEach(l -> lamp(l, view.x(across(l.at())), view.z(l.at().z()), true));
        svg.close("g");
    }

    void plan() {
        svg.open("g", "class", "fittings" + (climate.full() ? "" : " aside"));
        for (Fittings.Mat m : climate.fittings().mats()) {
            if (m.face() == Envelope.Face.BOTTOM) {
                flat.plate(m.part(), m.from(), m.low(), m.to(), m.high());
            } else {
                flat.side(m.part(), m.face(), m.from(), m.to(), "mat");
            }
        }
        climate.fittings().vents().forEach(flat::above);
        for (Fittings.Nozzle n : climate.fittings().nozzles()) {
            small(n, "nozzle", false);
        }
        for (Fittings.Nozzle n : climate.fittings().fans()) {
            small(n, "fan", false);
        }
        layered().forEach(l -> lamp(l, view.x(l.at().x()), view.y(l.at().y(), scene.width()), false));
        svg.close("g");
    }

    /** The longest first and the selected last, so that every one can be taken hold of. */
    private List<Fittings.Lamp> layered() {
        return climate.fittings().lamps().stream()
                .sorted(Comparator.comparing((Fittings.Lamp l) -> l.part().equals(text.selected()))
                        .thenComparing(Comparator.comparingDouble(Fittings.Lamp::length)
                                .reversed()))
                .toList();
    }

    /** A lamp as its own form: in the section seen from the front, in the plan from above. */
    private void lamp(Fittings.Lamp lamp, double x, double y, boolean section) {
        open(lamp.part(), lamp.use().name().toLowerCase(java.util.Locale.ROOT), x, y, section, lamp.at());
        double half = lamp.length() * view.scale() / 2;
        boolean lies = section ? lamp.alongX() != climate.side() : true;
        switch (lamp.kind()) {
            case TUBE -> {
                if (section && !lies) {
                    svg.empty("circle", "r", 5, "class", "body");
                } else {
                    boolean upright = !section && !lamp.alongX();
                    double wide = upright ? 4 : half;
                    double high = upright ? half : 4;
                    svg.empty(
                            "rect", "x", -wide, "y", -high, "width", 2 * wide, "height", 2 * high, "rx", 3, "class",
                            "body");
                    svg.empty(
                            "path",
                            "d",
                            upright
                                    ? "M0 " + Svg.n(4 - half) + "V" + Svg.n(half - 4)
                                    : "M" + Svg.n(4 - half) + " 2H" + Svg.n(half - 4),
                            "class",
                            "glow");
                }
            }
            case PANEL ->
                svg.empty(
                        "rect",
                        "x",
                        -half,
                        "y",
                        section ? -4 : -half / 2,
                        "width",
                        2 * half,
                        "height",
                        section ? 7 : half,
                        "rx",
                        2,
                        "class",
                        "body");
            case POINT -> {
                if (section) {
                    double tilt = -Math.toDegrees(
                            Math.atan2(across(lamp.aim()), -lamp.aim().z()));
                    svg.open("g", "transform", "rotate(" + Svg.n(tilt) + ")")
                            .empty("path", "d", "M-5 -18H5V-12L11 -1H-11L-5 -12Z", "class", "body")
                            .empty("path", "d", "M-9 1H9", "class", "glow")
                            .close("g");
                } else {
                    svg.empty("circle", "r", 10, "class", "body").empty("circle", "r", 4, "class", "glow");
                }
            }
        }
        svg.close("g");
    }

    private void open(String part, String kind, double x, double y, boolean section, Vec at) {
        boolean movable = text.movable() && climate.full();
        List<Object> attributes = new ArrayList<>(List.of(
                "class",
                "lamp " + kind + selected(part) + (movable ? " movable" : ""),
                "transform",
                "translate(" + Svg.n(x) + " " + Svg.n(y) + ")",
                "data-part",
                part,
                "data-of",
                kind.equals("nozzle") || kind.equals("fan") ? "air" : "heat"));
        if (movable) {
            String move = section ? "lift" : "move";
            attributes.addAll(List.of(
                    "id",
                    "piece-" + move + "-" + part,
                    "tabindex",
                    0,
                    "role",
                    "button",
                    "aria-label",
                    name(part),
                    "aria-pressed",
                    String.valueOf(part.equals(text.selected())),
                    "data-move",
                    move,
                    "data-x",
                    Svg.n(at.x() * 100),
                    "data-other",
                    Svg.n((section ? at.z() : at.y()) * 100)));
        }
        svg.open("g", attributes.toArray())
                .text("title", name(part))
                .empty("rect", "x", -22, "y", -22, "width", 44, "height", 44, "class", "hit");
    }

    private void small(Fittings.Nozzle n, String kind, boolean section) {
        double y = section ? view.z(n.at().z()) : view.y(n.at().y(), scene.width());
        open(n.part(), kind, view.x(section ? across(n.at()) : n.at().x()), y, section, n.at());
        if (kind.equals("nozzle")) {
            svg.empty("path", "d", "M-3 -6H3V1H-3Z", "class", "body")
                    .empty(
                            "path",
                            "d",
                            section ? "M-4 4L-12 16M0 5V18M4 4L12 16" : "M-8 -8L8 8M8 -8L-8 8",
                            "class",
                            "spray");
        } else {
            svg.empty("circle", "r", 9, "class", "body")
                    .empty("path", "d", "M0 0C-2 -5 4 -7 5 -3M0 0C5 2 3 8 -1 5M0 0C-4 3 -8 -1 -4 -3", "class", "glow");
        }
        svg.close("g");
    }

    String selected(String part) {
        return part.equals(text.selected()) ? " selected" : "";
    }

    private String name(String part) {
        Caption caption = text.captions().get(part);
        return caption == null ? part : caption.both();
    }
}
