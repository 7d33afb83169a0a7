package tanah.web.enclosure;

import java.time.OffsetDateTime;

/** A deleted enclosure that can still be brought back. */
public record TrashRow(long id, String name, OffsetDateTime deletedAt) {}
