package tanah.web.enclosure;

import java.time.OffsetDateTime;

/** Row of an enclosure with its newest document. */
record EnclosureRow(
        long id,
        int revision,
        String phase,
        OffsetDateTime savedAt,
        String document,
        String role,
        boolean archived,
        boolean undo,
        boolean redo) {}
