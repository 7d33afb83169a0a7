package tanah.web.svg;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.springframework.web.util.HtmlUtils;

/** Writes SVG elements. All text and attribute values are escaped; there are no styles, only classes. */
public final class Svg {
    private final StringBuilder out = new StringBuilder(8192);

    /**
     * Opens an element.
     *
     * @param attributes name, value, name, value, ...
     */
    public Svg open(String name, Object... attributes) {
        tag(name, attributes);
        out.append('>');
        return this;
    }

    public Svg close(String name) {
        out.append("</").append(name).append('>');
        return this;
    }

    /** An element without content. */
    public Svg empty(String name, Object... attributes) {
        tag(name, attributes);
        out.append("/>");
        return this;
    }

    /** An element with text. */
    public Svg text(String name, String text, Object... attributes) {
        open(name, attributes);
        out.append(HtmlUtils.htmlEscape(text));
        return close(name);
    }

    @Override
    public String toString() {
        return out.toString();
    }

    /** A coordinate with at most two decimals; it must be finite. */
    public static String n(double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("not a coordinate: " + value);
        }
        long hundredths = Math.round(Math.abs(value) * 100);
        if (hundredths == 0) {
            return "0";
        }
        // a sheet has thousands of coordinates, and a drag draws it anew many times a second: no BigDecimal here
        StringBuilder digits = new StringBuilder(12);
        if (value < 0) {
            digits.append('-');
        }
        digits.append(hundredths / 100);
        long rest = hundredths % 100;
        if (rest > 0) {
            digits.append('.').append(rest / 10);
            if (rest % 10 > 0) {
                digits.append(rest % 10);
            }
        }
        return digits.toString();
    }

    /** A factor with at most four decimals. */
    public static String n4(double value) {
        return new BigDecimal(value)
                .setScale(4, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private void tag(String name, Object... attributes) {
        out.append('<').append(name);
        for (int i = 0; i < attributes.length; i += 2) {
            Object value = attributes[i + 1];
            String text = value instanceof Double d ? n(d) : String.valueOf(value);
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(HtmlUtils.htmlEscape(text))
                    .append('"');
        }
    }
}
