package tanah.web.catalogue;

import org.jspecify.annotations.Nullable;

/**
 * A keeper's own entry.
 *
 * @param kind    word of the kind
 * @param entryId begins with {@code own-}
 * @param baseId  shipped entry that it began from, if any
 * @param entry   cells as JSON
 * @param reason  the keeper's words
 * @param version counts changes
 */
public record OwnEntry(
        String kind, String entryId, @Nullable String baseId, String entry, String reason, int version) {}
