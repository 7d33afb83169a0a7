package tanah.web.design.overlay;

import java.util.Locale;

/** What can be drawn over the sheet. */
public enum FieldKind {
    AIR("t"),
    SURFACE("t"),
    UV("u"),
    HUMIDITY("h"),
    LIGHT("p"),
    /** How well the plant that is chosen would do. */
    SUITS("s"),
    NONE("n");

    private final String css;

    FieldKind(String css) {
        this.css = css;
    }

    /** Word of its colours. */
    public String css() {
        return css;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
