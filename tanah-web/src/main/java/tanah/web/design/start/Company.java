package tanah.web.design.start;

import java.util.Comparator;
import java.util.List;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;

/**
 * Animals of a plan beside the first, and who may join them.
 *
 * @param others those that live there too
 * @param all    every species, by its common name
 * @param reason why they share the box, or empty
 */
record Company(List<Other> others, List<Choice> all, String reason) {
    /**
     * @param id    of the resident
     * @param name  common name of its species
     * @param latin name
     * @param count how many
     */
    record Other(String id, String name, String latin, int count) {}

    /**
     * @param id   of the species
     * @param name common name and Latin name
     */
    record Choice(String id, String name) {}

    static Company of(Design design, Catalogue catalogue) {
        List<Other> others = design.animals().stream()
                .skip(1)
                .map(r -> catalogue
                        .findSpecies(r.species())
                        .map(s -> new Other(r.id(), s.commonName(), s.scientificName(), r.count()))
                        .orElse(new Other(r.id(), r.species(), "", r.count())))
                .toList();
        List<Choice> all = catalogue.allSpecies().stream()
                .sorted(Comparator.comparing(Species::commonName, String.CASE_INSENSITIVE_ORDER))
                .map(s -> new Choice(s.id(), s.commonName() + " · " + s.scientificName()))
                .toList();
        return new Company(others, all, design.mixReason().orElse(""));
    }
}
