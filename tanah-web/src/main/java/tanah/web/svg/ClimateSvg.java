package tanah.web.svg;

import java.util.List;
import java.util.Optional;
import tanah.core.design.Envelope;
import tanah.core.geometry.Point;
import tanah.core.light.Emitter;
import tanah.core.mapping.Fittings;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws fields, beams and the reader over a sheet; what hangs and lies there is drawn by {@link FittingsSvg}. */
final class ClimateSvg {
    private static final double STRIP = 7; // px, the coloured edge of a surface
    private static final double WIDEST_BEAM = Math.toRadians(70); // half angle that is still drawn as a cone

    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;
    private final SheetClimate climate;
    private final FittingsSvg fittings;

    ClimateSvg(Svg svg, Viewport view, Scene scene, SheetText text, SheetClimate climate) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
        this.climate = climate;
        this.fittings = new FittingsSvg(svg, view, scene, text, climate);
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
            double tilt = Math.atan2(fittings.across(lamp.aim()), -lamp.aim().z());
            double reach = lamp.at().z();
            StringBuilder d = new StringBuilder();
            for (double side : new double[] {-1, 1}) {
                double angle = tilt + side * lamp.half();
                if (Math.abs(angle) > Math.toRadians(80)) {
                    continue;
                }
                double x = fittings.across(lamp.at()) + Math.tan(angle) * reach;
                double kept = Math.max(0, Math.min(scene.length(), x));
                double share = Math.abs(x - fittings.across(lamp.at())) < 1e-9
                        ? 1
                        : (kept - fittings.across(lamp.at())) / (x - fittings.across(lamp.at()));
                d.append('M')
                        .append(Svg.n(view.x(fittings.across(lamp.at()))))
                        .append(' ')
                        .append(Svg.n(view.z(lamp.at().z())))
                        .append('L')
                        .append(Svg.n(view.x(fittings.across(lamp.at()) + share * (x - fittings.across(lamp.at())))))
                        .append(' ')
                        .append(Svg.n(view.z(lamp.at().z() - Math.max(0, share) * reach)));
            }
            if (!d.isEmpty()) {
                svg.empty("path", "d", d, "class", "beam" + fittings.selected(lamp.part()));
            }
        }
    }

    /** Over the walls: surfaces, lamps, mats, openings, nozzles. */
    void overSection() {
        climate.fill().ifPresent(this::strip);
        fittings.section();
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
        fittings.plan();
    }

    /** Where a lamp, a mat or an opening is in the section (px), for its peg. */
    Optional<double[]> place(String part) {
        for (Fittings.Lamp l : climate.fittings().lamps()) {
            if (l.part().equals(part)) {
                return Optional.of(new double[] {view.x(fittings.across(l.at())) + 16, view.z(l.at().z()) - 6});
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
            double x = view.x(section ? fittings.across(p) : p.x());
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
}
