package tanah.core.animal;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import tanah.core.catalogue.Species;

/**
 * All animals of one species in a box, however many entries of the plan they stand in.
 *
 * @param members entries in the order of the plan, at least one
 */
public record Company(List<Inhabitant> members) {
    public Company {
        members = List.copyOf(members);
        if (members.isEmpty()) {
            throw new IllegalArgumentException("a company of nobody");
        }
    }

    /** The animals of a plan by species. */
    public static List<Company> of(List<Inhabitant> animals) {
        Map<String, List<Inhabitant>> bySpecies = animals.stream()
                .collect(Collectors.groupingBy(a -> a.row().id(), LinkedHashMap::new, Collectors.toList()));
        return bySpecies.values().stream().map(Company::new).toList();
    }

    /** The entry that speaks for all. */
    public Inhabitant first() {
        return members.get(0);
    }

    public Species row() {
        return first().row();
    }

    public int count() {
        return members.stream().mapToInt(a -> a.resident().count()).sum();
    }

    /** Males that are known of. */
    public int males() {
        return members.stream().mapToInt(a -> a.resident().males().orElse(0)).sum();
    }

    /** Whether it is known of every animal. */
    public boolean isSexed() {
        return members.stream().allMatch(a -> a.resident().males().isPresent());
    }

    /** The strictest of a limit that any entry or the catalogue has; empty where none has one. */
    public OptionalInt most(ToIntFunction<Species> limit) {
        return members.stream()
                .flatMap(a -> java.util.stream.Stream.of(a.row(), a.profile()))
                .mapToInt(limit)
                .min();
    }
}
