package tanah.web.svg;

import tanah.core.scene.Scene;

/** An animal in the smallest box for one, both at one scale. */
public final class AnimalScale {
    private static final double WIDE = 300;
    private static final double HIGH = 220;
    private static final double EDGE = 6;

    private AnimalScale() {}

    /**
     * @param boxLength m
     * @param boxHeight m
     * @param length    of the animal (m)
     * @param form      outline to draw
     * @param sentence  for screen readers
     */
    public static String draw(double boxLength, double boxHeight, double length, Scene.Form form, String sentence) {
        double scale = Math.min((WIDE - 2 * EDGE) / Math.max(boxLength, length), (HIGH - 2 * EDGE) / boxHeight);
        double width = boxLength * scale;
        double height = boxHeight * scale;
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "animal-scale",
                "viewBox",
                "0 0 " + Svg.n(Math.max(width, length * scale) + 2 * EDGE) + " " + Svg.n(height + 2 * EDGE),
                "role",
                "img",
                "aria-label",
                sentence);
        svg.empty("rect", "x", EDGE, "y", EDGE, "width", width, "height", height, "class", "box-wall");
        svg.open(
                        "g",
                        "class",
                        "animal",
                        "transform",
                        "translate(" + Svg.n(EDGE + Math.max(0, (width - length * scale) / 2)) + " "
                                + Svg.n(EDGE + height) + ") scale(" + Svg.n4(length * scale / 100) + ")")
                .empty("path", "d", AnimalForms.path(form))
                .close("g");
        return svg.close("svg").toString();
    }
}
