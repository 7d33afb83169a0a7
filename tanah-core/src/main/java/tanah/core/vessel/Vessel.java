package tanah.core.vessel;

import java.util.OptionalDouble;
import tanah.core.catalogue.Range;
import tanah.core.geometry.ConvexPolygon;

/**
 * A box with its true inside.
 *
 * @param outline     inside plan
 * @param floorArea   inside floor, closed form (m²)
 * @param length      inside extent along x (m)
 * @param width       inside extent along y (m)
 * @param height      inside height (m)
 * @param rim         highest height that may be filled (m)
 * @param frontDam    height of the fixed front lip (m), if the front opens
 * @param label       capacity on the label with its unit settled, if there is one
 * @param emptyMass   with lid and frame where they are known (kg)
 * @param massBand    lowest and highest empty mass (kg)
 * @param massFrom    what the empty mass rests on
 */
public record Vessel(
        ConvexPolygon outline,
        double floorArea,
        double length,
        double width,
        double height,
        double rim,
        OptionalDouble frontDam,
        java.util.Optional<Label> label,
        double emptyMass,
        Range massBand,
        MassSource massFrom) {

    /** Where the empty mass comes from. */
    public enum MassSource {
        CATALOGUE,
        PANES
    }

    /** Inside volume to the top of the panes (m³). */
    public double brim() {
        return floorArea * height;
    }

    /** What the ground must stay under: the front lip of a front-opening box, else the rim (m). */
    public double groundLimit() {
        return frontDam.isPresent() ? Math.min(frontDam.getAsDouble(), rim) : rim;
    }
}
