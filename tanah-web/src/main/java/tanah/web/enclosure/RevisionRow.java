package tanah.web.enclosure;

import java.time.OffsetDateTime;

/**
 * A save.
 *
 * @param revision number
 * @param summary  what changed, in words
 * @param savedAt  when
 * @param author   name of who saved; empty if that account is gone
 */
public record RevisionRow(int revision, String summary, OffsetDateTime savedAt, String author) {}
