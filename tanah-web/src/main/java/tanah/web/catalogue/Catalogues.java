package tanah.web.catalogue;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.files.catalogue.OwnRows;
import tools.jackson.databind.JsonNode;

/** The catalogue that a design is computed with, and the one that a keeper chooses from. */
@Component
public class Catalogues {
    private static final int MOST_KEPT = 200;

    private final Catalogue shipped;
    private final OwnEntryService own;
    private final Cache<Object, Catalogue> merged =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    Catalogues(Catalogue shipped, OwnEntryService own) {
        this.shipped = shipped;
        this.own = own;
    }

    /** What ships with Tanah. */
    public Catalogue shipped() {
        return shipped;
    }

    /** The shipped entries and those that the design brings. */
    public Catalogue of(Design design) {
        Object brought = design.kept().fields().get(OwnRows.FIELD);
        return brought == null ? shipped : merged.get(brought, key -> OwnRows.catalogue(design, shipped));
    }

    /** The shipped entries and the keeper's own. */
    public Catalogue of(long keeperId) {
        JsonNode mine = own.all(keeperId);
        return mine.isEmpty() ? shipped : merged.get(mine, key -> OwnRows.merge(shipped, mine, new ArrayList<>()));
    }
}
