package tanah.web.svg;

import org.springframework.stereotype.Component;
import tanah.core.finding.Severity;

/** Small drawings for templates, which must not build markup themselves. */
@Component
public class Drawings {
    /** Patterns of all materials; once for each page that draws. */
    public String textures() {
        return TextureDefs.markup();
    }

    /** The shape of a verdict. */
    public String verdict(Severity severity) {
        return Verdicts.icon(severity);
    }

    /** The mark of the product: two strata and a leaf's edge. */
    public String mark() {
        return "<svg class=\"brand-mark\" viewBox=\"0 0 24 24\" width=\"24\" height=\"24\" aria-hidden=\"true\" focusable=\"false\">"
                + "<path class=\"m1\" d=\"M1 4Q7 2 12 4T23 4V9Q17 11 12 9T1 9Z\"/>"
                + "<path class=\"m2\" d=\"M1 10.5Q7 12.5 12 10.5T23 10.5V15Q17 13 12 15T1 15Z\"/>"
                + "<path class=\"m3\" d=\"M1 16.5Q7 14.5 12 16.5T23 16.5V22H1Z\"/></svg>";
    }

    /** The lower edge of a stratum: six nodes, 3 px high, the same for a number for ever. */
    public String wave(int number) {
        java.util.Random random = new java.util.Random(977L * number);
        StringBuilder d = new StringBuilder("M0 4");
        double y = 4;
        for (int i = 1; i <= 6; i++) {
            double next = 4 + (random.nextDouble() - 0.5) * 6;
            double x = 256.0 * i / 6;
            double mid = x - 256.0 / 12;
            d.append('C')
                    .append(Svg.n(mid))
                    .append(' ')
                    .append(Svg.n(y))
                    .append(' ')
                    .append(Svg.n(mid))
                    .append(' ')
                    .append(Svg.n(next))
                    .append(' ')
                    .append(Svg.n(x))
                    .append(' ')
                    .append(Svg.n(next));
            y = next;
        }
        return "<svg class=\"wave\" viewBox=\"0 0 256 8\" preserveAspectRatio=\"none\" aria-hidden=\"true\" focusable=\"false\">"
                + "<path d=\"" + d + "\"/></svg>";
    }

    /**
     * Sets a drawing into a common frame, so that all boxes have one scale whatever the page's width.
     *
     * @param svg   a drawing of its own
     * @param share its width as a share of the widest (%)
     * @param tall  height of the frame as a share of its width (%)
     */
    public String nest(String svg, long share, long tall) {
        double x = (100 - share) / 2.0;
        return svg.replaceFirst(
                "<svg ", "<svg x=\"" + x + "\" y=\"0\" width=\"" + share + "\" height=\"" + tall + "\" ");
    }
}
