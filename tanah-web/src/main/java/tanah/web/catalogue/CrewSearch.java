package tanah.web.catalogue;

import java.util.List;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;

/** Search for kinds of cleanup crew by common name, Latin name and what they are. */
@Component
public class CrewSearch {
    private static final NameSearch<CrewModel> SEARCH = new NameSearch<>(
            c -> List.of(c.names().common(), c.names().scientific()),
            c -> c.names().type().replace('_', ' '),
            c -> c.names().scientific());

    public List<CrewModel> find(String text, Catalogue catalogue) {
        return SEARCH.find(text, catalogue.allCrew());
    }
}
