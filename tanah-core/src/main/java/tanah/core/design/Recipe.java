package tanah.core.design;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What a layer is made of. */
public sealed interface Recipe {
    /** A medium or a mix of the catalogue. */
    record Named(String id) implements Recipe {}

    /** The keeper's own mix: medium id to parts of loose, scooped volume. */
    record Own(Map<String, Double> parts) implements Recipe {
        public Own {
            parts = Collections.unmodifiableMap(new LinkedHashMap<>(parts));
        }
    }
}
