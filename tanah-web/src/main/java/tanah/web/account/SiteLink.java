package tanah.web.account;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A link of the owner that nobody has used yet. Its secret is not kept.
 *
 * @param keeperId whose password it sets; null for a link to register
 */
public record SiteLink(long id, @Nullable Long keeperId, OffsetDateTime expiresAt) {}
