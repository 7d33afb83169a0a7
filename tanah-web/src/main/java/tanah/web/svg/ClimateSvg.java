package tanah.web.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Envelope;
import tanah.core.forecast.Fittings;
import tanah.core.geometry.Point;
import tanah.core.light.Emitter;
import tanah.core.light.Vec;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws fields, lamps with their beams, mats, openings, nozzles and the probe over a sheet. */
final class ClimateSvg {
    private static final double STRIP = 7; // px, the coloured edge of a surface
    private static final double WIDEST_BEAM = Math.toRadians(70); // half angle that is still drawn as a cone

    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;
    private final SheetClimate climate;

    ClimateSvg(Svg svg, Viewport view, Scene scene, SheetText text, SheetClimate climate) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
        this.climate = climate;
    }

    /** Along the drawing: from the left, or from the front where the cut runs along a side. */
    private double across(Vec at) {
        return climate.side() ? at.y() : at.x();
    }

    /** Behind what stands in the box: the filled field and the lines of the other. */
    void underSection() {
        FieldSvg fields = new FieldSvg(svg, view::x, view::z);
        climate.fill()
                .flatMap(f -> f.section().map(g -> (Runnable) () -> fields.fill(g.get(), f.scale())))
                .ifPresent(Runnable::run);
        climate.lines()
                .flatMap(f -> f.section().map(g -> (Runnable) () -> fields.lines(g.get(), f.scale())))
                .ifPresent(Runnable::run);
        beams();
    }

    private void beams() {
        for (Fittings.Lamp lamp : climate.fittings().lamps()) {
            if (lamp.half() <= 0 || lamp.half() > WIDEST_BEAM || lamp.kind() == Emitter.Kind.TUBE) {
                continue;
            }
            double tilt = Math.atan2(across(lamp.aim()), -lamp.aim().z());
            double reach = lamp.at().z();
            StringBuilder d = new StringBuilder();
            for (double side : new double[] {-1, 1}) {
                double angle = tilt + side * lamp.half();
                if (Math.abs(angle) > Math.toRadians(80)) {
                    continue;
                }
                double x = across(lamp.at()) + Math.tan(angle) * reach;
                double kept = Math.max(0, Math.min(scene.length(), x));
                double share = Math.abs(x - across(lamp.at())) < 1e-9
                        ? 1
                        : (kept - across(lamp.at())) / (x - across(lamp.at()));
                d.append('M')
                        .append(Svg.n(view.x(across(lamp.at()))))
                        .append(' ')
                        .append(Svg.n(view.z(lamp.at().z())))
                        .append('L')
                        .append(Svg.n(view.x(across(lamp.at()) + share * (x - across(lamp.at())))))
                        .append(' ')
                        .append(Svg.n(view.z(lamp.at().z() - Math.max(0, share) * reach)));
            }
            if (!d.isEmpty()) {
                svg.empty("path", "d", d, "class", "beam" + selected(lamp.part()));
            }
        }
    }

    /** Over the walls: surfaces, lamps, mats, openings, nozzles. */
    void overSection() {
        climate.fill().ifPresent(this::strip);
        String open = "fittings" + (climate.full() ? "" : " aside");
        svg.open("g", "class", open);
        climate.fittings().mats().forEach(this::mat);
        climate.fittings().vents().forEach(this::vent);
        for (Fittings.Nozzle n : climate.fittings().nozzles()) {
            small(n, "nozzle", true);
        }
        for (Fittings.Nozzle n : climate.fittings().fans()) {
            small(n, "fan", true);
        }
        layered().forEach(l -> lamp(l, view.x(across(l.at())), view.z(l.at().z()), true));
        svg.close("g");
    }

    private void strip(SheetClimate.Field field) {
        List<double[]> p = field.ground();
        for (int i = 0; i + 1 < p.size(); i++) {
            double[] a = p.get(i);
            double[] b = p.get(i + 1);
            if (Math.abs(a[1] - b[1]) > 0.05) {
                continue;
            }
            double value = (a[2] + b[2]) / 2;
            String d = "M" + Svg.n(view.x(a[0])) + " " + Svg.n(view.z(a[1])) + "L" + Svg.n(view.x(b[0])) + " "
                    + Svg.n(view.z(b[1])) + "v" + STRIP + "L" + Svg.n(view.x(a[0])) + " "
                    + Svg.n(view.z(a[1]) + STRIP) + "Z";
            svg.empty(
                    "path",
                    "d",
                    d,
                    "class",
                    "strip " + field.scale().colour(field.scale().band(value)));
        }
    }

    void underPlan() {
        FieldSvg fields = new FieldSvg(svg, view::x, y -> view.y(y, scene.width()));
        climate.fill().ifPresent(f -> {
            f.plan().ifPresent(g -> fields.fill(g.get(), f.scale()));
        });
        climate.lines().ifPresent(f -> f.plan().ifPresent(g -> fields.lines(g.get(), f.scale())));
    }

    void overPlan() {
        climate.fill()
                .ifPresent(f -> f.patches().forEach(p -> {
                    StringBuilder d = new StringBuilder();
                    for (Point q : p.outline()) {
                        d.append(d.isEmpty() ? 'M' : 'L')
                                .append(Svg.n(view.x(q.x())))
                                .append(' ')
                                .append(Svg.n(view.y(q.y(), scene.width())));
                    }
                    svg.empty(
                            "path",
                            "d",
                            d.append('Z'),
                            "class",
                            "patch " + f.scale().colour(f.scale().band(p.value())));
                }));
        svg.open("g", "class", "fittings" + (climate.full() ? "" : " aside"));
        for (Fittings.Mat m : climate.fittings().mats()) {
            if (m.face() == Envelope.Face.BOTTOM) {
                plate(m.part(), m.from(), m.low(), m.to(), m.high());
            } else {
                side(m.part(), m.face(), m.from(), m.to(), "mat");
            }
        }
        climate.fittings().vents().forEach(v -> side(v.part(), v.face(), v.from(), v.to(), "vent"));
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

    private void mat(Fittings.Mat m) {
        boolean facing = climate.side()
                ? m.face() == Envelope.Face.FRONT || m.face() == Envelope.Face.BACK
                : m.face() == Envelope.Face.LEFT || m.face() == Envelope.Face.RIGHT;
        if (m.face() == Envelope.Face.BOTTOM) {
            double from = climate.side() ? m.low() : m.from();
            double to = climate.side() ? m.high() : m.to();
            double y = m.depth() > 0 ? view.z(m.depth()) - 2 : view.z(0) + 3;
            bar(m.part(), view.x(from), y, (to - from) * view.scale(), 5);
        } else if (facing) {
            boolean first = m.face() == Envelope.Face.LEFT || m.face() == Envelope.Face.FRONT;
            double x = first ? view.x(0) - 7 : view.x(scene.length()) + 3;
            bar(m.part(), x, view.z(m.high()), 5, (m.high() - m.low()) * view.scale());
        } else {
            bar(
                    m.part(),
                    view.x(m.from()),
                    view.z(m.high()),
                    (m.to() - m.from()) * view.scale(),
                    (m.high() - m.low()) * view.scale());
        }
    }

    private void bar(String part, double x, double y, double wide, double high) {
        svg.open("g", "class", "mat" + selected(part), "data-part", part, "data-of", "heat")
                .text("title", name(part))
                .empty("rect", "x", x, "y", y, "width", Math.max(3, wide), "height", Math.max(3, high), "class", "body")
                .close("g");
    }

    private void plate(String part, double left, double front, double right, double back) {
        bar(
                part,
                view.x(left),
                view.y(back, scene.width()),
                (right - left) * view.scale(),
                (back - front) * view.scale());
    }

    /** A mat or an opening in a side, seen from above. */
    private void side(String part, Envelope.Face face, double from, double to, String kind) {
        double left = view.x(0);
        double right = view.x(scene.length());
        double front = view.y(0, scene.width());
        double back = view.y(scene.width(), scene.width());
        double wide = (to - from) * view.scale();
        svg.open(
                        "g",
                        "class",
                        kind + selected(part),
                        "data-part",
                        part,
                        "data-of",
                        kind.equals("vent") ? "air" : "heat")
                .text("title", name(part));
        switch (face) {
            case FRONT ->
                svg.empty("rect", "x", view.x(from), "y", front + 2, "width", wide, "height", 5, "class", "body");
            case BACK ->
                svg.empty("rect", "x", view.x(from), "y", back - 7, "width", wide, "height", 5, "class", "body");
            case LEFT ->
                svg.empty(
                        "rect",
                        "x",
                        left - 7,
                        "y",
                        view.y(to, scene.width()),
                        "width",
                        5,
                        "height",
                        wide,
                        "class",
                        "body");
            case RIGHT ->
                svg.empty(
                        "rect",
                        "x",
                        right + 2,
                        "y",
                        view.y(to, scene.width()),
                        "width",
                        5,
                        "height",
                        wide,
                        "class",
                        "body");
            case BOTTOM, LID -> {}
        }
        svg.close("g");
    }

    private void vent(Fittings.Opening v) {
        double y = view.z(v.z() + v.high() / 2);
        double high = Math.max(4, v.high() * view.scale());
        boolean facing = climate.side()
                ? v.face() == Envelope.Face.FRONT || v.face() == Envelope.Face.BACK
                : v.face() == Envelope.Face.LEFT || v.face() == Envelope.Face.RIGHT;
        svg.open("g", "class", "vent" + selected(v.part()), "data-part", v.part(), "data-of", "air")
                .text("title", name(v.part()));
        if (facing) {
            boolean first = v.face() == Envelope.Face.LEFT || v.face() == Envelope.Face.FRONT;
            svg.empty(
                    "rect",
                    "x",
                    first ? view.x(0) - 6 : view.x(scene.length()) + 1,
                    "y",
                    y,
                    "width",
                    5,
                    "height",
                    high,
                    "class",
                    "body");
        } else {
            svg.empty(
                    "rect",
                    "x",
                    view.x(v.from()),
                    "y",
                    y,
                    "width",
                    (v.to() - v.from()) * view.scale(),
                    "height",
                    high,
                    "class",
                    "body seen");
        }
        svg.close("g");
    }

    /** Where a lamp, a mat or an opening is in the section (px), for its peg. */
    Optional<double[]> place(String part) {
        for (Fittings.Lamp l : climate.fittings().lamps()) {
            if (l.part().equals(part)) {
                return Optional.of(new double[] {view.x(across(l.at())) + 16, view.z(l.at().z()) - 6});
            }
        }
        for (Fittings.Mat m : climate.fittings().mats()) {
            if (m.part().equals(part)) {
                double x = m.face() == Envelope.Face.LEFT
                        ? 0
                        : m.face() == Envelope.Face.RIGHT ? scene.length() - 0.1 : (m.from() + m.to()) / 2;
                return Optional.of(new double[] {view.x(x), view.z(Math.max(m.depth(), 0.02))});
            }
        }
        return Optional.empty();
    }

    /** The cross that reads a place; it can be dragged and stepped. */
    void probe(boolean section) {
        climate.probe().ifPresent(p -> {
            double x = view.x(section ? across(p) : p.x());
            double y = section ? view.z(p.z()) : view.y(p.y(), scene.width());
            String d = "M-11 0H-3M3 0H11M0 -11V-3M0 3V11";
            svg.open(
                            "g",
                            "class",
                            "reader",
                            "transform",
                            "translate(" + Svg.n(x) + " " + Svg.n(y) + ")",
                            "id",
                            "reader-" + (section ? "section" : "plan"),
                            "tabindex",
                            0,
                            "role",
                            "button",
                            "aria-label",
                            text.captions()
                                    .getOrDefault("reader", new Caption("", ""))
                                    .both(),
                            "data-reader",
                            section ? (climate.side() ? "yz" : "xz") : "xy",
                            "data-x",
                            Svg.n(p.x() * 100),
                            "data-y",
                            Svg.n(p.y() * 100),
                            "data-z",
                            Svg.n(p.z() * 100))
                    .empty("rect", "x", -22, "y", -22, "width", 44, "height", 44, "class", "hit")
                    .empty("circle", "r", 11, "class", "ring")
                    .empty("path", "d", d, "class", "casing")
                    .empty("path", "d", d, "class", "cross")
                    .close("g");
        });
    }

    private String selected(String part) {
        return part.equals(text.selected()) ? " selected" : "";
    }

    private String name(String part) {
        Caption caption = text.captions().get(part);
        return caption == null ? part : caption.both();
    }
}
