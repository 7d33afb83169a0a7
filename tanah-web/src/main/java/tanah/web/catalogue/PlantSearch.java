package tanah.web.catalogue;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;

/** Search for kinds of plants by common name, Latin names old and new, and group. */
@Component
public class PlantSearch {
    private static final NameSearch<PlantModel> SEARCH =
            new NameSearch<>(PlantSearch::names, p -> p.names().group().replace('_', ' '), PlantModel::scientificName);

    public List<PlantModel> find(String text, Catalogue catalogue) {
        return SEARCH.find(text, catalogue.allPlants());
    }

    private static List<String> names(PlantModel plant) {
        List<String> names = new ArrayList<>(List.of(plant.commonName(), plant.scientificName()));
        names.addAll(plant.names().synonyms());
        return names;
    }
}
