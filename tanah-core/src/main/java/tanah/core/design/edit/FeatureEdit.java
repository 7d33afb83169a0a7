package tanah.core.design.edit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Design;
import tanah.core.design.WaterFeature;

/** Changes of stage 5: water that is lifted and runs back. */
public sealed interface FeatureEdit extends Edit {
    /** Id of the running water that it changes. */
    String feature();

    /** Give running water another number (SI), or none. */
    record SetNumber(String feature, FeatureNumber number, OptionalDouble value) implements FeatureEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, feature, f -> number.set(f, value));
        }
    }

    /** Feed it by a pump of the plan, or by none. */
    record Feed(String feature, Optional<String> pump) implements FeatureEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, feature, f -> f.withPump(pump));
        }
    }

    /** Let it run down another wall, one of {@link WaterFeature#FACES}. */
    record RunDown(String feature, String face) implements FeatureEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, feature, f -> f.withFace(Optional.of(face)));
        }
    }

    /** Take it out. */
    record Remove(String feature) implements FeatureEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return features(
                    design,
                    all -> all.stream().filter(f -> !f.id().equals(feature)).toList());
        }
    }

    private static Design change(Design design, String id, UnaryOperator<WaterFeature> change) {
        return features(
                design,
                all -> all.stream()
                        .map(f -> f.id().equals(id) ? change.apply(f) : f)
                        .toList());
    }

    private static Design features(Design design, UnaryOperator<List<WaterFeature>> change) {
        return design.withWater(design.water().map(w -> w.withFeatures(change.apply(w.features()))));
    }
}
