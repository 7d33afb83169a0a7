package tanah.web.find;

import java.util.List;
import org.springframework.stereotype.Component;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.web.catalogue.Catalogues;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.NotFoundException;

/** Takes a plan that a search found as the next revision; what was changed since the search is put together with it. */
@Component
public class FoundPlan {
    private final EnclosureService enclosures;
    private final Catalogues catalogues;

    FoundPlan(EnclosureService enclosures, Catalogues catalogues) {
        this.enclosures = enclosures;
        this.catalogues = catalogues;
    }

    /**
     * One of the plans that a search answered with.
     *
     * @param documents of all, in the order of the page; empty ones are no plan
     */
    public String take(
            long keeper, long id, SearchRow row, List<String> documents, int index, String summary, String stage) {
        if (index < 0 || index >= documents.size() || documents.get(index).isEmpty()) {
            throw new NotFoundException("plan " + index + " of search " + row.id());
        }
        return take(keeper, id, row.base(), documents.get(index), summary, stage);
    }

    /**
     * Where to go then: to the page of a stage, or to what both changed.
     *
     * @param base     revision that was searched
     * @param document the whole plan
     * @param summary  of the edit
     */
    private String take(long keeper, long id, int base, String document, String summary, String stage) {
        if (!(new DesignReader(catalogues.of(keeper)).read(document) instanceof Parsed.Accepted accepted)) {
            throw new NotFoundException("a plan that was found in " + id);
        }
        try {
            enclosures.save(keeper, id, base, accepted.design(), summary);
        } catch (ConflictException e) {
            return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
        }
        return "redirect:/enclosures/" + id + "/" + stage;
    }
}
