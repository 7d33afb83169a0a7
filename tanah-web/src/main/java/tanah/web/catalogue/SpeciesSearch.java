package tanah.web.catalogue;

import java.util.List;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;

/** Search by common name, Latin name and group. */
@Component
public class SpeciesSearch {
    private static final NameSearch<Species> SEARCH =
            new NameSearch<>(s -> List.of(s.commonName(), s.scientificName()), Species::group, Species::scientificName);

    public List<Species> find(String text, Catalogue catalogue) {
        return SEARCH.find(text, catalogue.allSpecies());
    }
}
