package tanah.web.audit;

import java.time.OffsetDateTime;

/**
 * A line of the record.
 *
 * @param kind    word of an {@link AuditKind}
 * @param who     name as it was then
 * @param subject what or whom it was done to; empty where there is none
 * @param address of the browser; empty where the application did it by itself
 */
public record AuditLine(long id, OffsetDateTime at, String kind, String who, String subject, String address) {}
