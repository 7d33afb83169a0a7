package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The water part.
 *
 * @param fill        how high it is filled
 * @param sideRegion  where water stands beside a watertight dam
 * @param temperature °C, default 20
 * @param margins     distances that are kept or accepted
 * @param ramps       ways out that are laid in
 * @param features    streams, drip walls and falls
 * @param tap         fresh water
 * @param changes     schedule
 * @param targetNitrate not to be passed (kg/m³ as NO3)
 * @param kept        fields that nothing reads
 */
@RecordBuilder
public record WaterPart(
        Fill fill,
        Optional<Layer.Region> sideRegion,
        OptionalDouble temperature,
        Margins margins,
        List<Ramp> ramps,
        List<WaterFeature> features,
        Optional<Tap> tap,
        Optional<ChangeSchedule> changes,
        OptionalDouble targetNitrate,
        OtherFields kept)
        implements WaterPartBuilder.With {
    private static final double ROOM = 20; // °C

    public WaterPart {
        ramps = List.copyOf(ramps);
        features = List.copyOf(features);
    }

    /** Water up to a level, nothing else said. */
    public static WaterPart upTo(double level) {
        return new WaterPart(
                new Fill(OptionalDouble.of(level), OptionalDouble.empty(), Optional.empty()),
                Optional.empty(),
                OptionalDouble.empty(),
                Margins.NONE,
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OtherFields.NONE);
    }

    /**
     * Filled to a level or with an amount; the level counts where both are given.
     *
     * @param level  above the inner base (m)
     * @param volume poured in (m³)
     * @param counts what the volume means: total (default) with what soaks in, free without
     */
    public record Fill(OptionalDouble level, OptionalDouble volume, Optional<String> counts) {
        public boolean isGiven() {
            return level.isPresent() || volume.isPresent();
        }

        public boolean countsFreeOnly() {
            return counts.filter("free"::equals).isPresent();
        }
    }

    /**
     * @param barrier       dam over the highest water (m), default 0.02
     * @param acceptWicking whether soil may stand in the water on purpose, as in a bog
     * @param lowestLevel   to which the level may fall (m)
     * @param wave          over the level (m)
     * @param cover         share of the open face under floating plants or cork
     */
    @RecordBuilder
    public record Margins(
            OptionalDouble barrier,
            Optional<Boolean> acceptWicking,
            OptionalDouble lowestLevel,
            OptionalDouble wave,
            OptionalDouble cover)
            implements WaterPartMarginsBuilder.With {
        public static final Margins NONE = new Margins(
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    /** Temperature, or the usual 20 °C where none is given. */
    public double celsius() {
        return temperature.orElse(ROOM);
    }

    public WaterPart withLevel(double level) {
        return withFill(new Fill(OptionalDouble.of(level), OptionalDouble.empty(), Optional.empty()));
    }

    public WaterPart withSide(Optional<Layer.Region> region) {
        return withSideRegion(region);
    }

    public WaterPart withTap(Tap changed) {
        return withTap(Optional.of(changed));
    }

    /** Without one of its ramps. */
    public WaterPart withoutRamp(String id) {
        return withRamps(ramps.stream().filter(r -> !r.id().equals(id)).toList());
    }

    public WaterPart withChanges(ChangeSchedule schedule, OptionalDouble target) {
        return with().changes(Optional.of(schedule)).targetNitrate(target).build();
    }
}
