package tanah.web.enclosure;

import java.time.OffsetDateTime;

/**
 * A save.
 *
 * @param revision number
 * @param summary  what changed, in words
 * @param savedAt  when
 */
public record RevisionRow(int revision, String summary, OffsetDateTime savedAt) {}
