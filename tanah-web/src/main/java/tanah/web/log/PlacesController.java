package tanah.web.log;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import tanah.core.design.Design;
import tanah.web.account.Keeper;
import tanah.web.design.start.FirstPlaces;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.Words;

/** Gives a plan that has none its first places for readings. */
@Controller
class PlacesController {
    private final EnclosureService enclosures;
    private final FirstPlaces places;
    private final Words words;

    PlacesController(EnclosureService enclosures, FirstPlaces places, Words words) {
        this.enclosures = enclosures;
        this.places = places;
        this.words = words;
    }

    @PostMapping("/enclosures/{id}/places")
    String propose(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        Design design = enclosure.design();
        Design with = design.probes().isEmpty() ? places.in(design) : design;
        if (!with.equals(design)) {
            try {
                enclosures.save(keeper.id(), id, enclosure.revision(), with, words.of("edit.places_proposed"));
            } catch (ConflictException e) {
                return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
            }
        }
        return "redirect:/enclosures/" + id + "/log";
    }
}
