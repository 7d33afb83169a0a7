package tanah.core.explain;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Range;
import tanah.core.units.Unit;

/**
 * One number as it is shown, with what stands behind it.
 *
 * @param id       unique in an evaluation, such as {@code layer.soil.volume}
 * @param formula  key of the wording: how it is computed, its validity, its published source
 * @param part     id of the part that it is about, or empty
 * @param value    in SI; finite
 * @param upper    upper end, where the number is a range
 * @param unit     how it is shown
 * @param band     within which the true value is expected; empty where the number is exact by its inputs
 * @param standing how far it can be trusted
 * @param inputs   in the order of the formula
 */
public record Figure(
        String id,
        String formula,
        String part,
        double value,
        OptionalDouble upper,
        Unit unit,
        Optional<Range> band,
        Standing standing,
        List<Input> inputs) {

    public Figure {
        inputs = List.copyOf(inputs);
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(id + " must be finite, was " + value);
        }
    }

    /** Where a number comes from. */
    public enum Standing {
        /** A publication that is named. */
        PUBLISHED,
        /** Common practice, no source. */
        PRACTICE,
        /** Recalled, to be checked. */
        MEMORY,
        /** Follows from its inputs by geometry or conservation. */
        DERIVED,
        /** The keeper measured, chose or typed it. */
        KEEPER
    }

    /** What a figure was made from. */
    public sealed interface Input {
        /** Names its wording. */
        String name();

        /** Another figure. */
        record Computed(String name, String figure) implements Input {}

        /**
         * A field of the document.
         *
         * @param path as people look for it, such as {@code ground.layers[soil]}
         */
        record Typed(String name, String path, double value, Unit unit) implements Input {}

        /**
         * A value of the catalogue.
         *
         * @param kind       animals, vessels, media or mixes
         * @param entry      id
         * @param value      in SI of {@code unit}
         * @param provenance as the data file states it
         */
        record Listed(String name, String kind, String entry, double value, Unit unit, String provenance)
                implements Input {}
    }
}
