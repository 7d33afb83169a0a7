package tanah.web.svg;

import java.util.Locale;
import tanah.core.finding.Severity;

/** The four shapes of a verdict, 12 x 12: a closed gate, a slope about to slide, a spore, a leaf. */
public final class Verdicts {
    private Verdicts() {}

    /** The shape as a drawing of its own, hidden from screen readers: its word always stands beside it. */
    public static String icon(Severity severity) {
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "verdict v-" + word(severity),
                "viewBox",
                "0 0 12 12",
                "width",
                12,
                "height",
                12,
                "aria-hidden",
                "true",
                "focusable",
                "false");
        draw(svg, severity);
        return svg.close("svg").toString();
    }

    /** Draws the shape with its upper left corner at the origin of the current group. */
    static void draw(Svg svg, Severity severity) {
        switch (severity) {
            case STOP ->
                svg.empty(
                        "path",
                        "d",
                        "M0.5 0.5H11.5V11.5H0.5ZM2.5 4.7H9.5V7.3H2.5Z",
                        "fill-rule",
                        "evenodd",
                        "class",
                        "vf-stop");
            case CAUTION ->
                svg.empty("path", "d", "M0 11.5L11.5 11.5V0Z", "class", "vf-caution")
                        .empty("path", "d", "M8.6 5V8M8.6 9.2V10.2", "class", "vt-caution");
            case HINT ->
                svg.empty("circle", "cx", 6.0, "cy", 6.0, "r", 4.7, "class", "vs-hint")
                        .empty("circle", "cx", 6.0, "cy", 6.0, "r", 1.7, "class", "vf-hint");
            case GOOD ->
                svg.empty("path", "d", "M1 11Q0.5 2 11.5 0.5Q11 10.5 2.8 10.2Z", "class", "vf-good")
                        .empty("path", "d", "M0.8 11.6Q3.5 7 8 4", "class", "vt-good");
        }
    }

    static String word(Severity severity) {
        return severity.name().toLowerCase(Locale.ROOT);
    }
}
