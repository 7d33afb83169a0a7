package tanah.core.ground;

import java.util.List;
import tanah.core.catalogue.Medium;

/**
 * What a layer is made of, ready for computing: a single medium or a blended mix. Densities of organic and drainage
 * media are recalled values: band ±15 %; water ±25 %.
 *
 * @param parts         each component and what it contributes
 * @param dryDensity    placed, dry (kg/m³)
 * @param water         retention
 * @param fieldCapacity share of the volume
 * @param fieldSuction  suction of the field capacity (m); 0.1 for a mix read at 10 cm
 * @param voids         share that drains at once
 * @param capillaryRise damp front after a day (m)
 * @param settling      loose volume for one placed volume before shrinking
 * @param shrink        share of the volume lost because fines fill the gaps between coarse grains
 * @param clayShare     clay of the mineral fines by mass
 * @param organicShare  organic matter by mass
 * @param cohesion      moist, relative scale (kPa, common practice)
 * @param repose        angle of repose (rad)
 */
public record Soil(
        List<Part> parts,
        double dryDensity,
        SoilWater water,
        double fieldCapacity,
        double fieldSuction,
        double voids,
        double capillaryRise,
        double settling,
        double shrink,
        double clayShare,
        double organicShare,
        double cohesion,
        double repose) {

    public Soil {
        parts = List.copyOf(parts);
    }

    /**
     * A component.
     *
     * @param medium        what
     * @param settledShare  of the settled volumes before blending
     * @param loosePerPlaced loose volume for one placed volume of the blend
     */
    public record Part(Medium medium, double settledShare, double loosePerPlaced) {}

    /** Loose volume to buy for one placed volume. */
    public double loosePerPlaced() {
        return settling / (1 - shrink);
    }

    public boolean isFertilised() {
        return parts.stream().anyMatch(p -> p.medium().fertiliser());
    }

    /** Share of the settled volume that is organic. */
    public double organicVolume() {
        return parts.stream()
                .filter(p -> p.medium().texture().organic() > 0.3)
                .mapToDouble(Part::settledShare)
                .sum();
    }
}
