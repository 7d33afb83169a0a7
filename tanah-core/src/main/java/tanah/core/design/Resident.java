package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.catalogue.Species;

/**
 * Animals of one species.
 *
 * @param id        in the document
 * @param species   catalogue id
 * @param count     1 to 500
 * @param males     how many of them, if known
 * @param ageMonths age now, if known
 * @param length    length now in the measure of growth (m), if known
 * @param mass      mass now (kg), if known
 * @param origin    captive_bred, wild or unknown
 * @param overrides the keeper's own values for this enclosure
 */
@RecordBuilder
public record Resident(
        String id,
        String species,
        int count,
        OptionalInt males,
        OptionalDouble ageMonths,
        OptionalDouble length,
        OptionalDouble mass,
        Optional<String> origin,
        List<NeedOverride> overrides)
        implements ResidentBuilder.With {
    public Resident {
        overrides = List.copyOf(overrides);
        if (count < 1) {
            throw new IllegalArgumentException("count " + count);
        }
    }

    /** One animal of a species, nothing else known. */
    public static Resident one(String id, String species) {
        return new Resident(
                id,
                species,
                1,
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
    }

    public Resident withCount(int changed, OptionalInt changedMales) {
        return with().count(changed).males(changedMales).build();
    }

    /** The needs as the keeper has adjusted them. */
    public Species profile(Species catalogueRow) {
        Species profile = catalogueRow;
        for (NeedOverride override : overrides) {
            profile = override.applyTo(profile);
        }
        return profile;
    }

    /** The keeper's own value for a column, if there is one. */
    public Optional<NeedOverride> override(String column) {
        return overrides.stream().filter(o -> o.field().equals(column)).findFirst();
    }
}
