package tanah.core.catalogue;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A vessel of the trade. Frame, pane and dam heights vary from maker to maker: measure before cutting.
 *
 * @param id              as in designs
 * @param name            plain trade name
 * @param shape           box or cylinder
 * @param opening         front or top
 * @param material        as in the catalogue
 * @param outerLength     along x (m)
 * @param outerWidth      along y (m)
 * @param outerHeight     along z (m)
 * @param pane            side pane thickness (m)
 * @param base            base thickness (m)
 * @param innerLength     along x (m)
 * @param innerWidth      along y (m)
 * @param innerHeight     along z (m)
 * @param labelCapacity   nominal capacity (m³)
 * @param holdsWater      full, dam, spill or none
 * @param frontDam        height of the fixed front lip (m)
 * @param waterproofDepth depth to which it holds water (m)
 * @param lidMaterial     glass, mesh, mesh_part, acrylic_vent, solid or none
 * @param lidMesh         share of the lid that is mesh
 * @param emptyMass       with lid and frame (kg)
 * @param emptyMassBand   lowest and highest (kg)
 * @param glassTemper     annealed, unknown, ... for glass
 * @param price           price band in reference currency, if known
 * @param note            plain words
 * @param provenance      of dimensions, capacity and mass
 */
public record VesselModel(
        String id,
        String name,
        String shape,
        String opening,
        String material,
        double outerLength,
        double outerWidth,
        double outerHeight,
        double pane,
        double base,
        double innerLength,
        double innerWidth,
        double innerHeight,
        double labelCapacity,
        String holdsWater,
        OptionalDouble frontDam,
        OptionalDouble waterproofDepth,
        String lidMaterial,
        double lidMesh,
        double emptyMass,
        Range emptyMassBand,
        String glassTemper,
        Optional<PriceBand> price,
        String note,
        Medium.Sources provenance) {

    /** Whether a design can hold it: the format has no round vessels. */
    public boolean fitsDesign() {
        return shape.equals("box");
    }
}
