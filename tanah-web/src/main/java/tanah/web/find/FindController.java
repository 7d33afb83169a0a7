package tanah.web.find;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.stage.Beside;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.shell.Words;

/** Find equipment: begins, watches and stops a search and takes what it found as an edit of the plan. */
@Controller
@RequestMapping("/enclosures/{id}/find")
class FindController {
    private final EnclosureService enclosures;
    private final Beside beside;
    private final Evaluations evaluations;
    private final SearchService searches;
    private final FindPages pages;
    private final Catalogues catalogues;
    private final Words words;
    private final FoundPlan plans;

    FindController(
            EnclosureService enclosures,
            SearchService searches,
            FindPages pages,
            Catalogues catalogues,
            Words words,
            Beside beside,
            Evaluations evaluations,
            FoundPlan plans) {
        this.plans = plans;
        this.beside = beside;
        this.evaluations = evaluations;
        this.enclosures = enclosures;
        this.searches = searches;
        this.pages = pages;
        this.catalogues = catalogues;
        this.words = words;
    }

    @GetMapping
    String show(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("beside", beside.of(evaluations.near(enclosure.design(), id)));
        model.addAttribute("mayChange", enclosure.role().mayChange());
        model.addAttribute(
                "ready",
                enclosure.design().vessel().isPresent()
                        && enclosure.design().room().isPresent()
                        && !enclosure.design().animals().isEmpty());
        model.addAttribute(
                "view",
                searches.newest(keeper.id(), id, EquipmentKind.EQUIPMENT)
                        .map(row -> pages.of(row, SearchAnswer.of(row), enclosure, catalogues.of(enclosure.design())))
                        .orElseGet(pages::none));
        return "find/find";
    }

    @PostMapping("/start")
    String start(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        searches.start(keeper.id(), id, EquipmentKind.EQUIPMENT, "");
        return "redirect:/enclosures/{id}/find";
    }

    @PostMapping("/stop")
    String stop(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        searches.stop(keeper.id(), id, EquipmentKind.EQUIPMENT);
        return "redirect:/enclosures/{id}/find";
    }

    /** Takes an answer; what was changed since the search is put together with it. */
    @PostMapping("/take")
    String take(
            @PathVariable long id,
            @RequestParam long job,
            @RequestParam int option,
            @AuthenticationPrincipal Keeper keeper) {
        enclosures.changeable(keeper.id(), id);
        SearchRow row = searches.shown(keeper.id(), id, EquipmentKind.EQUIPMENT, job);
        List<String> documents = SearchAnswer.of(row).stream()
                .flatMap(a -> a.options().stream())
                .map(SearchAnswer.Option::document)
                .toList();
        return plans.take(keeper.id(), id, row, documents, option, words.of("edit.found"), "heat");
    }
}
