package tanah.core.design;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.geometry.Point;

/**
 * A stone, a piece of wood, cork or foam.
 *
 * @param id      in the document
 * @param name    for people
 * @param kind    stone, wood, cork or foam
 * @param media   catalogue id of the material
 * @param outline convex plan
 * @param givenBase height of its underside (m), default 0
 * @param height  (m)
 * @param volume  measured by dunking or by scale (m³)
 * @param density kg/m³
 * @param mass    kg
 * @param inWater whether it stands in the water part
 * @param kept    support, pads, anchors, hides
 */
public record HardscapeItem(
        String id,
        Optional<String> name,
        Optional<String> kind,
        Optional<String> media,
        List<Point> outline,
        OptionalDouble givenBase,
        double height,
        OptionalDouble volume,
        OptionalDouble density,
        OptionalDouble mass,
        Optional<Boolean> inWater,
        Kept kept) {
    public HardscapeItem {
        outline = List.copyOf(outline);
    }

    /** Height of its underside (m). */
    public double base() {
        return givenBase.orElse(0);
    }
}
