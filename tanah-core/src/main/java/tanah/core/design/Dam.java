package tanah.core.design;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The wall between land and water.
 *
 * @param id         in the document
 * @param kind       foam, glass, acrylic, stones, wood or none (a beach)
 * @param region     its plan
 * @param top        height of its crest (m)
 * @param watertight whether water stays on one side
 * @param density    kg/m³, default 30
 */
public record Dam(
        String id, String kind, Layer.Region region, double top, Optional<Boolean> watertight, OptionalDouble density) {

    public boolean isWatertight() {
        return watertight.orElse(false);
    }

    /** Whether the kind can hold water back at all: foam, glass and acrylic can, loose stones and wood never. */
    public boolean canSeal() {
        return kind.equals("foam") || kind.equals("glass") || kind.equals("acrylic");
    }

    /** Whether there is a wall; a beach has none. */
    public boolean isWall() {
        return !kind.equals("none");
    }

    public Dam at(Layer.Region changed, double newTop) {
        return new Dam(id, kind, changed, newTop, watertight, density);
    }

    public Dam of(String newKind, boolean sealed) {
        return new Dam(id, newKind, region, top, Optional.of(sealed), OptionalDouble.empty());
    }
}
