package tanah.web.svg;

import tanah.core.design.Envelope;
import tanah.core.mapping.Fittings;
import tanah.core.scene.Scene;
import tanah.web.svg.SheetText.Caption;

/** Draws what lies on a face of the box or is cut into it: mats and openings. */
final class FlatSvg {
    private final Svg svg;
    private final Viewport view;
    private final Scene scene;
    private final SheetText text;
    private final boolean side;

    /** @param side whether the drawing looks at a side of the box instead of its front */
    FlatSvg(Svg svg, Viewport view, Scene scene, SheetText text, boolean side) {
        this.svg = svg;
        this.view = view;
        this.scene = scene;
        this.text = text;
        this.side = side;
    }

    private String selected(String part) {
        return part.equals(text.selected()) ? " selected" : "";
    }

    private String name(String part) {
        Caption caption = text.captions().get(part);
        return caption == null ? part : caption.both();
    }

    void mat(Fittings.Mat m) {
        boolean facing = side
                ? m.face() == Envelope.Face.FRONT || m.face() == Envelope.Face.BACK
                : m.face() == Envelope.Face.LEFT || m.face() == Envelope.Face.RIGHT;
        if (m.face() == Envelope.Face.BOTTOM) {
            double from = side ? m.low() : m.from();
            double to = side ? m.high() : m.to();
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

    void plate(String part, double left, double front, double right, double back) {
        bar(
                part,
                view.x(left),
                view.y(back, scene.width()),
                (right - left) * view.scale(),
                (back - front) * view.scale());
    }

    /** An opening, seen from above. */
    void above(Fittings.Opening v) {
        if (v.face() == Envelope.Face.LID) {
            hole(v, view.x(v.from()), view.y(v.back(), scene.width()), v.to() - v.from(), v.back() - v.front());
        } else {
            side(v.part(), v.face(), v.from(), v.to(), "vent");
        }
    }

    /** An opening of the lid, seen from above or from the side. */
    private void hole(Fittings.Opening v, double x, double y, double wide, double high) {
        svg.open("g", "class", "vent" + selected(v.part()), "data-part", v.part(), "data-of", "air")
                .text("title", name(v.part()))
                .empty(
                        "rect",
                        "x",
                        x,
                        "y",
                        y,
                        "width",
                        Math.max(3, wide * view.scale()),
                        "height",
                        Math.max(3, high * view.scale()),
                        "class",
                        "body")
                .close("g");
    }

    /** A mat or an opening in a side, seen from above. */
    void side(String part, Envelope.Face face, double from, double to, String kind) {
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

    void vent(Fittings.Opening v) {
        if (v.face() == Envelope.Face.LID) {
            double from = side ? v.front() : v.from();
            hole(v, view.x(from), view.z(v.z()) - 2, (side ? v.back() : v.to()) - from, 0);
            return;
        }
        double y = view.z(v.z() + v.high() / 2);
        double high = Math.max(4, v.high() * view.scale());
        boolean facing = side
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
}
