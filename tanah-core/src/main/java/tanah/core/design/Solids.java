package tanah.core.design;

import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.geometry.ConvexPolygon;

/** Volume and mass of a piece of hardscape. */
public final class Solids {
    private Solids() {}

    /** Measured volume, or outline times height, which is too much for anything rounded (m³). */
    public static double volume(HardscapeItem item) {
        return item.volume().orElseGet(() -> new ConvexPolygon(item.outline()).area() * item.height());
    }

    /** Mass given, or volume times density (kg); empty if neither the item nor its material tells. */
    public static OptionalDouble mass(HardscapeItem item, Catalogue catalogue) {
        if (item.mass().isPresent()) {
            return item.mass();
        }
        OptionalDouble density = item.density();
        if (density.isEmpty()) {
            density = item.media()
                    .flatMap(catalogue::findMedium)
                    .map(Medium::dryDensity)
                    .map(OptionalDouble::of)
                    .orElse(OptionalDouble.empty());
        }
        return density.isPresent() ? OptionalDouble.of(volume(item) * density.getAsDouble()) : density;
    }
}
