package tanah.web.bioactive;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Component;
import tanah.core.bioactive.BioactiveSearch;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.web.find.SearchKind;

/** Looks behind the pages for what makes a plan bioactive. */
@Component
class BioactiveKind implements SearchKind {
    static final String BIOACTIVE = "bioactive";

    @Override
    public String subject() {
        return BIOACTIVE;
    }

    @Override
    public Optional<String> run(Design design, Catalogue catalogue, String asked, BooleanSupplier stopped, Told told) {
        return BioactiveSearch.of(design, catalogue, stopped)
                .map(f -> BioactiveAnswer.of(f).write());
    }
}
