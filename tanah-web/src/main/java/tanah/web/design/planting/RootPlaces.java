package tanah.web.design.planting;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import tanah.core.plant.RootPlace;

/** What a plant holds to, by its word in forms. */
final class RootPlaces {
    private RootPlaces() {}

    static Optional<RootPlace> of(String word) {
        return Stream.of(RootPlace.values())
                .filter(p -> p.name().toLowerCase(Locale.ROOT).equals(word))
                .findFirst();
    }
}
