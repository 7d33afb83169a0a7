package tanah.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;

/**
 * What one inhabitant wants at one place. Notes, bars, the pages that answer why, the search for equipment and readings all ask
 * for it here.
 *
 * @param owner  id of the animal in the design
 * @param name   scientific name, for words
 * @param want   what is wanted, where and when
 * @param range  wanted values (°C, shares, UV index), after the keeper's overrides
 * @param isOwn  whether the keeper has replaced either end
 */
public record Need(String owner, String name, Want want, Range range, boolean isOwn) {

    /** What an animal wants of the climate, in the order of {@link Want}; an animal of the water wants no air. */
    public static List<Need> of(Inhabitant animal) {
        List<Need> all = new ArrayList<>();
        for (Want want : Want.values()) {
            if (want.isOfWater() || !animal.profile().isAquatic()) {
                of(animal, want).ifPresent(all::add);
            }
        }
        return all;
    }

    /** One need of an animal, wherever it lives; empty where its species wants none. */
    public static Optional<Need> of(Inhabitant animal, Want want) {
        boolean own = animal.resident().override(want.lowColumn()).isPresent()
                || animal.resident().override(want.highColumn()).isPresent();
        return want.of(animal.profile())
                .map(r -> new Need(animal.id(), animal.row().scientificName(), want, r, own));
    }

    /** What all animals of a plan want. */
    public static List<Need> ofAll(List<Inhabitant> animals) {
        return animals.stream().flatMap(a -> of(a).stream()).toList();
    }
}
