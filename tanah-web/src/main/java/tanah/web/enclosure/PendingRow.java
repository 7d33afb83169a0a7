package tanah.web.enclosure;

import java.time.OffsetDateTime;

/** A save that collided and waits for a decision. */
record PendingRow(long id, int baseRevision, String document, String summary, OffsetDateTime madeAt) {}
