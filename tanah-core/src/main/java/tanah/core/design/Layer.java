package tanah.core.design;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.geometry.ConvexPolygon;

/**
 * One layer of the ground.
 *
 * @param id      in the document
 * @param kind    what it is for, default substrate
 * @param media   what it is made of; absent only in a false bottom
 * @param region  where it lies, or the whole floor
 * @param surface its top
 * @param options everything else that has a default
 * @param kept    cover, first wetness, absorptance, leaves
 */
public record Layer(
        String id,
        Kind kind,
        Optional<Recipe> media,
        Optional<Region> region,
        Surface surface,
        Options options,
        OtherFields kept) {

    /** What a layer is for. */
    public enum Kind {
        DRAINAGE,
        FALSE_BOTTOM,
        SUBSTRATE,
        LITTER
    }

    /**
     * A region with the way it was written, so that a rectangle stays one.
     *
     * @param outline   convex
     * @param rectangle whether it was written as two corners
     */
    public record Region(ConvexPolygon outline, boolean rectangle) {}

    /**
     * Fields with defaults; empty means not given.
     *
     * @param bagVolume        volume of the bag it is bought in (m³)
     * @param bagPrice         price of that bag, major currency units
     * @param waste            share to buy on top, default 0
     * @param displaced        buried hardscape (m³), default 0
     * @param aquatic          under water on purpose
     * @param burrow           meant to be dug in
     * @param retained         held by stones or roots, so slopes stay
     * @param mesh             separator under it, default true
     * @param meshHole         opening of that separator (m)
     * @param needsMinDepth    least depth anywhere (m)
     * @param acceptFertiliser fertilised soil accepted
     * @param supportShare     solid share of a false bottom, default 0.05
     * @param voidOpen         open share of a false bottom, default 1 - supportShare
     */
    public record Options(
            OptionalDouble bagVolume,
            OptionalDouble bagPrice,
            OptionalDouble waste,
            OptionalDouble displaced,
            Optional<Boolean> aquatic,
            Optional<Boolean> burrow,
            Optional<Boolean> retained,
            Optional<Boolean> mesh,
            OptionalDouble meshHole,
            OptionalDouble needsMinDepth,
            Optional<Boolean> acceptFertiliser,
            OptionalDouble supportShare,
            OptionalDouble voidOpen) {

        public static final Options NONE = new Options(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());

        public Options withMesh(boolean laid) {
            return new Options(
                    bagVolume,
                    bagPrice,
                    waste,
                    displaced,
                    aquatic,
                    burrow,
                    retained,
                    Optional.of(laid),
                    meshHole,
                    needsMinDepth,
                    acceptFertiliser,
                    supportShare,
                    voidOpen);
        }

        public Options withMeshHole(OptionalDouble opening) {
            return new Options(
                    bagVolume,
                    bagPrice,
                    waste,
                    displaced,
                    aquatic,
                    burrow,
                    retained,
                    mesh,
                    opening,
                    needsMinDepth,
                    acceptFertiliser,
                    supportShare,
                    voidOpen);
        }

        public Options withRetained(boolean held) {
            return new Options(
                    bagVolume,
                    bagPrice,
                    waste,
                    displaced,
                    aquatic,
                    burrow,
                    Optional.of(held),
                    mesh,
                    meshHole,
                    needsMinDepth,
                    acceptFertiliser,
                    supportShare,
                    voidOpen);
        }

        public Options withAquatic(boolean underWater) {
            return new Options(
                    bagVolume,
                    bagPrice,
                    waste,
                    displaced,
                    Optional.of(underWater),
                    burrow,
                    retained,
                    mesh,
                    meshHole,
                    needsMinDepth,
                    acceptFertiliser,
                    supportShare,
                    voidOpen);
        }

        public Options withBag(OptionalDouble volume, OptionalDouble price) {
            return new Options(
                    volume,
                    price,
                    waste,
                    displaced,
                    aquatic,
                    burrow,
                    retained,
                    mesh,
                    meshHole,
                    needsMinDepth,
                    acceptFertiliser,
                    supportShare,
                    voidOpen);
        }

        /** Share of a false bottom that water can fill. */
        public double openShare() {
            return voidOpen.orElse(1 - supportShare.orElse(0.05));
        }

        /** Whether a separator lies under the layer. */
        public boolean hasMesh() {
            return mesh.orElse(true);
        }
    }

    public boolean is(Kind other) {
        return kind == other;
    }

    public Layer withSurface(Surface changed) {
        return new Layer(id, kind, media, region, changed, options, kept);
    }

    /** Litter, moss and plants over the soil, 0 to 1; a layer of litter covers it by itself. */
    public double cover() {
        return kept.number("cover").orElse(0);
    }

    /** Share of field capacity that it begins with, default 1. */
    public double wetness() {
        return kept.number("wet0").orElse(1);
    }

    /** The same that begins as damp as that, 0 to 1 of field capacity. */
    public Layer withWetness(double share) {
        return new Layer(id, kind, media, region, surface, options, kept.with("wet0", BigDecimal.valueOf(share)));
    }

    /** Share of the light that its face takes up, default 0.85. */
    public double absorptance() {
        return kept.number("absorptance").orElse(0.85);
    }

    public Layer withRegion(Optional<Region> changed) {
        return new Layer(id, kind, media, changed, surface, options, kept);
    }

    public Layer withMedia(Recipe changed) {
        return new Layer(id, kind, Optional.of(changed), region, surface, options, kept);
    }

    public Layer withOptions(Options changed) {
        return new Layer(id, kind, media, region, surface, changed, kept);
    }
}
