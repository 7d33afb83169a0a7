package tanah.files.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The kinds of entries that a keeper can look up, and add to. */
public enum Kind {
    ANIMALS("id", List.of("group", "biome", "activity", "social", "uv_school")),
    VESSELS("vessel_id", List.of("material", "shape", "opening", "holds_water")),
    MEDIA("id", List.of("class", "grain", "cohesion_class")),
    MIXES("id", List.of("moisture_zone", "use")),
    HEATERS("item_id", List.of("category")),
    WATERGEAR("item_id", List.of("category")),
    LAMPS("lamp_id", List.of("category", "role", "dimmable")),
    MOISTURE("item_id", List.of("category")),
    CONSTRUCTION("item_id", List.of("category")),
    PLANTS("id", List.of("growth_form", "group", "moisture_class", "toxicity_class")),
    CREW("id", List.of("type", "medium"));

    private final String key;
    private final List<String> facets;

    Kind(String key, List<String> facets) {
        this.key = key;
        this.facets = facets;
    }

    /** File name without ending, and word in paths. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Column of the id. */
    public String key() {
        return key;
    }

    /** Columns that a list is narrowed by. */
    public List<String> facets() {
        return facets;
    }

    public static Optional<Kind> of(String word) {
        return Arrays.stream(values()).filter(k -> k.word().equals(word)).findFirst();
    }
}
