package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.OtherFields;
import tanah.core.design.Ramp;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;

/** Changes of stage 5: the water, its walls and ways out. */
public sealed interface WaterEdit extends Edit {
    /** What a change of units may add (m). */
    double HAIR = 1e-9;

    /** Give the water, its tap or its changes another number (SI); one that may be left out is empty then. */
    record SetNumber(WaterNumber number, OptionalDouble value) implements WaterEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            boolean overRim = number == WaterNumber.LEVEL
                    && value.isPresent()
                    && design.vessel().isPresent()
                    && value.getAsDouble()
                            > Boxes.resolve(design.vessel().get(), context.catalogue())
                                            .rim()
                                    + HAIR;
            return overRim ? Optional.of(Refusal.OVER_RIM) : number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> number.set(w, value));
        }
    }

    /** Fill to another level (m). */
    static WaterEdit level(double level) {
        return new SetNumber(WaterNumber.LEVEL, OptionalDouble.of(level));
    }

    /** Let floating plants or cork cover a share of the open water. */
    static WaterEdit cover(double share) {
        return new SetNumber(WaterNumber.COVER, OptionalDouble.of(share));
    }

    /** Take soil that stands in the water as wanted, as in a bog, or not. */
    record AllowWicking(boolean allowed) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> w.withMargins(w.margins().withAcceptWicking(Optional.of(allowed))));
        }
    }

    /** Say whether the chlorine of the tap is bound as chloramine. */
    record BindChlorine(boolean bound) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> w.withTap(w.tap().orElse(Tap.UNKNOWN).withChloramine(Optional.of(bound))));
        }
    }

    /** Take the water out of the plan. */
    record Drain() implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withWater(Optional.empty());
        }
    }

    /** Lay a ramp into the water: heights of its ends, its length along the slope and its width (m). */
    record AddRamp(double foot, double top, double length, double width) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> {
                List<Ramp> ramps = new ArrayList<>(w.ramps());
                String id = Ids.free(design, "ramp");
                ramps.add(new Ramp(id, foot, top, length, width, Optional.of(true), OtherFields.NONE));
                return w.withRamps(ramps);
            });
        }
    }

    /** Give a ramp another number (m). */
    record SetRamp(String ramp, RampNumber number, double value) implements WaterEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(OptionalDouble.of(value));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return rampOf(design, ramp, r -> number.set(r, value));
        }
    }

    /** Make the face of a ramp rough enough to climb, or smooth. */
    record RoughenRamp(String ramp, boolean rough) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return rampOf(design, ramp, r -> r.withRough(Optional.of(rough)));
        }
    }

    /** Take a ramp out. */
    record RemoveRamp(String ramp) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> w.withoutRamp(ramp));
        }
    }

    private static Design rampOf(Design design, String id, UnaryOperator<Ramp> change) {
        return water(
                design,
                w -> w.withRamps(w.ramps().stream()
                        .map(r -> r.id().equals(id) ? change.apply(r) : r)
                        .toList()));
    }

    private static Design water(Design design, UnaryOperator<WaterPart> change) {
        return design.withWater(design.water().map(change));
    }
}
