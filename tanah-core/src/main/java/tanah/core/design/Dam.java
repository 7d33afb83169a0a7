package tanah.core.design;

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
        String id,
        String kind,
        Layer.Region region,
        double top,
        java.util.Optional<Boolean> watertight,
        java.util.OptionalDouble density) {

    public boolean isWatertight() {
        return watertight.orElse(false);
    }
}
