package tanah.web.find;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;

/** Something that is searched for behind the pages. */
public interface SearchKind {
    /** Word of it in the database. */
    String subject();

    /**
     * The answer as it is stored; empty where the plan does not bear the search.
     *
     * @param asked   what its keeper asked, as it was stored
     * @param stopped whether nobody wants it any more
     * @param told    hears how far it is
     */
    Optional<String> run(Design design, Catalogue catalogue, String asked, BooleanSupplier stopped, Told told);

    /** Hears how far a search is. */
    interface Told {
        /**
         * @param progress in hundredths
         * @param said     for whoever watches, or empty
         */
        void tell(int progress, String said);
    }
}
