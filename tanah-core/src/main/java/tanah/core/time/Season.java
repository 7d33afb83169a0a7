package tanah.core.time;

import java.util.Locale;

/** The two days that every plan is judged on: the coldest of the winter and the hottest of the summer. */
public enum Season {
    WINTER,
    SUMMER;

    /** The word in addresses, results and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The season of a word; winter for any other. */
    public static Season of(String word) {
        return SUMMER.word().equals(word) ? SUMMER : WINTER;
    }
}
