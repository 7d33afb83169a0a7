package tanah.web.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws what runs in the water and the water that it lifts; in the water stage devices can be moved. */
final class DeviceSvg {
    private static final double STREAK = 14; // px between two streaks of a film
    private static final double HALF = 9; // px, half the side of a device's sign

    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;

    DeviceSvg(Svg svg, Viewport view, Scene scene, SheetText text) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
    }

    /** Films and streams, behind what stands in the water. */
    void flows() {
        for (Scene.Area flow : scene.flows()) {
            String outline = flow.points().stream()
                    .map(p -> Svg.n(view.x(p.x())) + " " + Svg.n(view.z(p.y())))
                    .collect(Collectors.joining("L", "M", "Z"));
            svg.open("g", "class", "flow" + selected(flow.part()), "data-part", flow.part(), "data-of", "water")
                    .text("title", name(flow.part()))
                    .empty("path", "d", outline, "class", "reach")
                    .empty("path", "d", streaks(flow.points()), "class", "streaks")
                    .close("g");
        }
    }

    /** Lines from the upper edge to the lower, a few of them, so that a film is not taken for deep water. */
    private String streaks(List<Point> p) {
        double wide = view.x(p.get(1).x()) - view.x(p.get(0).x());
        int count = Math.max(1, (int) (wide / STREAK));
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < count; i++) {
            double share = (i + 0.5) / count;
            double x = p.get(0).x() + share * (p.get(1).x() - p.get(0).x());
            double low = p.get(0).y() + share * (p.get(1).y() - p.get(0).y());
            double high = p.get(3).y() + share * (p.get(2).y() - p.get(3).y());
            d.append('M')
                    .append(Svg.n(view.x(x)))
                    .append(' ')
                    .append(Svg.n(view.z(low)))
                    .append('V')
                    .append(Svg.n(view.z(high)));
        }
        return d.toString();
    }

    void section() {
        scene.devices().forEach(d -> sign(d, view.x(d.x()), view.z(d.z()), "lift", d.z()));
    }

    void plan() {
        scene.devices().forEach(d -> sign(d, view.x(d.x()), view.y(d.y(), scene.width()), "move", d.y()));
    }

    private void sign(Scene.Device d, double x, double y, String move, double other) {
        boolean movable = text.movable() && text.stage().equals("water");
        List<Object> attributes = new ArrayList<>(List.of(
                "class",
                "device" + selected(d.part()) + (movable ? " movable" : ""),
                "transform",
                "translate(" + Svg.n(x) + " " + Svg.n(y) + ")",
                "data-part",
                d.part(),
                "data-of",
                "water"));
        if (movable) {
            attributes.addAll(List.of(
                    "id",
                    "piece-" + move + "-" + d.part(),
                    "tabindex",
                    0,
                    "role",
                    "button",
                    "aria-label",
                    name(d.part()),
                    "aria-pressed",
                    String.valueOf(d.part().equals(text.selected())),
                    "data-move",
                    move,
                    "data-x",
                    Svg.n(d.x() * 100),
                    "data-other",
                    Svg.n(other * 100)));
        }
        svg.open("g", attributes.toArray())
                .text("title", name(d.part()))
                .empty("rect", "x", -22, "y", -22, "width", 44, "height", 44, "class", "hit");
        double length = d.length() * view.scale() / 2;
        switch (d.gear()) {
            case HEATER -> {
                double half = Math.max(HALF, length);
                svg.empty("rect", "x", -half, "y", -4, "width", 2 * half, "height", 8, "rx", 4, "class", "body");
                svg.empty("path", "d", "M" + Svg.n(-half + 5) + " 0" + "h" + Svg.n(2 * half - 10), "class", "mark hot");
            }
            case PUMP -> {
                box();
                svg.empty("path", "d", "M0 5V-5M-4 -1L0 -5L4 -1", "class", "mark");
            }
            case FILTER -> {
                box();
                svg.empty("path", "d", "M-5 -4H5M-5 0H5M-5 4H5", "class", "mark");
            }
            case STIRRER -> {
                box();
                svg.empty("path", "d", "M-5 0H5M1 -4L5 0L1 4", "class", "mark");
            }
        }
        svg.close("g");
    }

    private void box() {
        svg.empty("rect", "x", -HALF, "y", -HALF, "width", 2 * HALF, "height", 2 * HALF, "rx", 2, "class", "body");
    }

    private String selected(String part) {
        return part.equals(text.selected()) ? " selected" : "";
    }

    private String name(String part) {
        Caption caption = text.captions().get(part);
        return caption == null ? part : caption.both();
    }
}
