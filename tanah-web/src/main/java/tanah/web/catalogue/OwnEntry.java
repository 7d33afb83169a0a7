package tanah.web.catalogue;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import tanah.files.catalogue.OwnRows;
import tools.jackson.databind.json.JsonMapper;

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
        String kind, String entryId, @Nullable String baseId, String entry, String reason, int version) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** The entry's cells by column. */
    public Map<String, String> cells() {
        return OwnRows.cells(JSON.readTree(entry));
    }
}
