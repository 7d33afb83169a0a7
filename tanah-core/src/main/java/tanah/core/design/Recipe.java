package tanah.core.design;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Mix;

/** What a layer is made of. */
public sealed interface Recipe {
    /** Parts by loose volume; a single medium is one part. */
    Map<String, Double> parts(Catalogue catalogue);

    /** A medium or a mix of the catalogue. */
    record Named(String id) implements Recipe {
        @Override
        public Map<String, Double> parts(Catalogue catalogue) {
            return catalogue.findMix(id).map(Mix::parts).orElse(Map.of(id, 1.0));
        }
    }

    /** The keeper's own mix: medium id to parts of loose, scooped volume. */
    record Own(Map<String, Double> parts) implements Recipe {
        public Own {
            parts = Collections.unmodifiableMap(new LinkedHashMap<>(parts));
        }

        @Override
        public Map<String, Double> parts(Catalogue catalogue) {
            return parts;
        }
    }
}
