package tanah.web.quota;

import java.util.Locale;

/** What is counted for each keeper. The usual figures are far beyond what one keeper needs (common practice, no source). */
public enum Quota {
    /** Enclosures in use and put away. */
    ENCLOSURES(300),
    /** Photos of all enclosures that a keeper owns. */
    PHOTOS(5000),
    /** Of those photos (MB). */
    PHOTO_MEGABYTES(3000),
    /** Readings that a keeper stores in a day, typed or from files. */
    READINGS_A_DAY(500_000);

    private final long usual;

    Quota(long usual) {
        this.usual = usual;
    }

    public long usual() {
        return usual;
    }

    /** The word in the table of settings and in message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
