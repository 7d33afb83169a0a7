package tanah.core.catalogue;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A substrate mix by parts of loose, scooped volume.
 *
 * @param id         as in designs
 * @param name       plain name
 * @param parts      medium id to parts, in the recipe's order
 * @param use        what it is for
 * @param moisture   how moist it is kept
 * @param usualDepth common depth (m)
 * @param notes      plain words
 * @param provenance of the recipe
 */
public record Mix(
        String id,
        String name,
        Map<String, Double> parts,
        String use,
        String moisture,
        double usualDepth,
        String notes,
        String provenance) {
    public Mix {
        parts = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(parts));
        if (parts.isEmpty()) {
            throw new IllegalArgumentException(id + " has no parts");
        }
    }
}
