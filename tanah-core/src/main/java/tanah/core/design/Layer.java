package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
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
@RecordBuilder
public record Layer(
        String id,
        Kind kind,
        Optional<Recipe> media,
        Optional<Region> region,
        Surface surface,
        Options options,
        OtherFields kept)
        implements LayerBuilder.With {
    private static final double WASTE_LOOSE = 0.05;
    private static final double WASTE_LITTER = 0.10;

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
    @RecordBuilder
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
            OptionalDouble voidOpen)
            implements LayerOptionsBuilder.With {

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
            return withMesh(Optional.of(laid));
        }

        public Options withRetained(boolean held) {
            return withRetained(Optional.of(held));
        }

        public Options withAquatic(boolean underWater) {
            return withAquatic(Optional.of(underWater));
        }

        public Options withBag(OptionalDouble volume, OptionalDouble price) {
            return with().bagVolume(volume).bagPrice(price).build();
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

    /** Leaves and wood of litter by their parts, by the words of documents; empty where nobody said. */
    public Map<String, Double> leaves() {
        Map<String, Double> parts = new LinkedHashMap<>();
        kept.object("leaves")
                .ifPresent(l ->
                        l.fields().keySet().forEach(word -> l.number(word).ifPresent(v -> parts.put(word, v))));
        return parts;
    }

    /** Litter, moss and plants over the soil, 0 to 1; a layer of litter covers it by itself. */
    public double cover() {
        return kept.number("cover").orElse(0);
    }

    /**
     * Share that is bought more than is laid: as said, else 5 % of loose media and 10 % of leaf litter (common practice).
     */
    public double waste() {
        return options.waste().orElse(is(Kind.LITTER) ? WASTE_LITTER : WASTE_LOOSE);
    }

    /** Share of field capacity that it begins with, default 1. */
    public double wetness() {
        return kept.number("wet0").orElse(1);
    }

    /** The same that begins as damp as that, 0 to 1 of field capacity. */
    public Layer withWetness(double share) {
        return withKept(kept.with("wet0", BigDecimal.valueOf(share)));
    }

    /** Share of the light that its face takes up, default 0.85. */
    public double absorptance() {
        return kept.number("absorptance").orElse(0.85);
    }

    public Layer withMedia(Recipe changed) {
        return withMedia(Optional.of(changed));
    }
}
