package tanah.core.animal;

import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.design.Resident;

/**
 * Animals of the design with their needs.
 *
 * @param resident as written in the design
 * @param profile  needs after the keeper's overrides
 * @param row      needs of the catalogue
 */
public record Inhabitant(Resident resident, Species profile, Species row) {

    /** @throws IllegalArgumentException for an unknown species, which the reader of the document has excluded */
    public static Inhabitant of(Resident resident, Catalogue catalogue) {
        Species row = catalogue
                .findSpecies(resident.species())
                .orElseThrow(() -> new IllegalArgumentException("unknown species " + resident.species()));
        return new Inhabitant(resident, resident.profile(row), row);
    }

    public String id() {
        return resident.id();
    }

    public Growth growth() {
        return Growth.of(profile);
    }

    /** Age now (months); from the length if only that is known; empty: grown. */
    public OptionalDouble ageMonths() {
        if (resident.ageMonths().isPresent()) {
            return resident.ageMonths();
        }
        if (resident.length().isEmpty()) {
            return OptionalDouble.empty();
        }
        return growth().ageAt(resident.length().getAsDouble());
    }

    /** Length now over the catalogue's adult length. */
    public double lengthShare() {
        double adult = row.growthLengthAdult();
        if (resident.length().isPresent()) {
            return resident.length().getAsDouble() / adult;
        }
        OptionalDouble age = resident.ageMonths();
        return age.isPresent() ? growth().lengthAt(age.getAsDouble()) / adult : 1;
    }

    /** Whether it is smaller than 0.6 of an adult, where grain and water depth matter more. */
    public boolean isYoung() {
        return lengthShare() < 0.6;
    }
}
