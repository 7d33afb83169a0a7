package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.OtherFields;
import tanah.core.design.Ramp;
import tanah.core.design.WaterPart;

/** Changes of stage 5: the water, its walls and ways out. */
public sealed interface WaterEdit extends Edit {

    /** Fill to another level (m). */
    record SetLevel(double level) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> w.withLevel(level));
        }
    }

    /** Build the wall between land and water to another height (m). */
    record SetDamTop(String dam, double top) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return wall(design, dam, d -> d.at(d.region(), top));
        }
    }

    /** Make the wall of a kind that seals. */
    record SealDam(String dam, String kind) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return wall(design, dam, d -> d.of(kind, true));
        }
    }

    /** Take soil in the water as wanted. */
    record AcceptWicking() implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> {
                WaterPart.Margins m = w.margins();
                return w.withMargins(
                        new WaterPart.Margins(m.barrier(), Optional.of(true), m.lowestLevel(), m.wave(), m.cover()));
            });
        }
    }

    /** Let floating plants or cork cover a share of the open water. */
    record CoverWater(double share) implements WaterEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return water(design, w -> w.withMargins(w.margins().withCover(OptionalDouble.of(share))));
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

    private static Design water(Design design, UnaryOperator<WaterPart> change) {
        return design.withWater(design.water().map(change));
    }

    private static Design wall(Design design, String id, UnaryOperator<Dam> change) {
        return design.withGround(design.ground().changeDam(id, change));
    }
}
