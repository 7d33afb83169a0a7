package tanah.web.find;

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
     * Where to go then: to the page of a stage, or to what both changed.
     *
     * @param base     revision that was searched
     * @param document the whole plan
     * @param summary  of the edit
     */
    public String take(long keeper, long id, int base, String document, String summary, String stage) {
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
