package tanah.web.bioactive;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.design.Design;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.find.FoundPlan;
import tanah.web.find.SearchRow;
import tanah.web.find.SearchService;
import tanah.web.shell.Words;

/** Begins and watches a search for what makes a plan bioactive, and takes one as an edit of the plan. */
@Controller
@RequestMapping("/enclosures/{id}/bioactive")
class BioactiveController {
    private final EnclosureService enclosures;
    private final SearchService searches;
    private final BioactivePages pages;
    private final Catalogues catalogues;
    private final Words words;
    private final FoundPlan plans;

    BioactiveController(
            EnclosureService enclosures,
            SearchService searches,
            BioactivePages pages,
            Catalogues catalogues,
            Words words,
            FoundPlan plans) {
        this.enclosures = enclosures;
        this.searches = searches;
        this.pages = pages;
        this.catalogues = catalogues;
        this.words = words;
        this.plans = plans;
    }

    @GetMapping
    String show(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Design design = enclosure.design();
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("mayChange", enclosure.role().mayChange());
        model.addAttribute(
                "ready",
                design.vessel().isPresent()
                        && design.room().isPresent()
                        && !design.animals().isEmpty());
        model.addAttribute(
                "view",
                searches.newest(keeper.id(), id, BioactiveKind.BIOACTIVE)
                        .map(row -> pages.of(row, enclosure, catalogues.of(design)))
                        .orElseGet(pages::none));
        return "bioactive/bioactive";
    }

    @PostMapping("/start")
    String start(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        enclosures.changeable(keeper.id(), id);
        searches.start(keeper.id(), id, BioactiveKind.BIOACTIVE, "");
        return "redirect:/enclosures/{id}/bioactive";
    }

    @PostMapping("/stop")
    String stop(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        searches.stop(keeper.id(), id, BioactiveKind.BIOACTIVE);
        return "redirect:/enclosures/{id}/bioactive";
    }

    /** Takes a way; what was changed since the search is put together with it. */
    @PostMapping("/take")
    String take(
            @PathVariable long id,
            @RequestParam long job,
            @RequestParam int way,
            @AuthenticationPrincipal Keeper keeper) {
        enclosures.changeable(keeper.id(), id);
        SearchRow row = searches.shown(keeper.id(), id, BioactiveKind.BIOACTIVE, job);
        List<String> documents = BioactiveAnswer.read(row.answer()).stream()
                .flatMap(a -> a.ways().stream())
                .map(BioactiveAnswer.Way::document)
                .toList();
        return plans.take(keeper.id(), id, row, documents, way, words.of("edit.bioactive.taken"), "crew");
    }
}
