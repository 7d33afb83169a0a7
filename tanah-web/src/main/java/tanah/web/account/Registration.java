package tanah.web.account;

import java.util.Locale;

/** Who may register. */
public enum Registration {
    OPEN,
    /** Whoever has a link of the owner. */
    INVITED,
    CLOSED;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Of its word; open for any other. */
    public static Registration of(String word) {
        for (Registration r : values()) {
            if (r.word().equals(word)) {
                return r;
            }
        }
        return OPEN;
    }
}
