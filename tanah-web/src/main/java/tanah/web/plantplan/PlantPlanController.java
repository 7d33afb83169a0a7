package tanah.web.plantplan;

import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.edit.PlantingEdit;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.Edits;
import tanah.web.design.words.PartNames;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.find.FoundPlan;
import tanah.web.find.SearchRow;
import tanah.web.find.SearchService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Plant it: says what is wanted, begins, watches and stops a search for a planting, and takes one as an edit of the plan. */
@Controller
@RequestMapping("/enclosures/{id}/fill")
class PlantPlanController {
    private final EnclosureService enclosures;
    private final SearchService searches;
    private final PlantPlanPages pages;
    private final WishReader reader;
    private final Catalogues catalogues;
    private final Edits edits;
    private final PartNames names;
    private final Words words;
    private final ErrorWords wrong;
    private final FoundPlan plans;

    PlantPlanController(
            EnclosureService enclosures,
            SearchService searches,
            PlantPlanPages pages,
            WishReader reader,
            Catalogues catalogues,
            Edits edits,
            PartNames names,
            Words words,
            ErrorWords wrong,
            FoundPlan plans) {
        this.plans = plans;
        this.enclosures = enclosures;
        this.searches = searches;
        this.pages = pages;
        this.reader = reader;
        this.catalogues = catalogues;
        this.edits = edits;
        this.names = names;
        this.words = words;
        this.wrong = wrong;
    }

    @GetMapping
    String show(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        return page(enclosure, keeper, WishForm.of(enclosure.design(), catalogues.of(keeper.id())), Map.of(), model);
    }

    private String page(Enclosure enclosure, Keeper keeper, WishForm form, Map<String, String> told, Model model) {
        Design design = enclosure.design();
        Catalogue catalogue = catalogues.of(design);
        Map<String, String> standing = new LinkedHashMap<>();
        design.plants().forEach(p -> standing.put(p.id(), names.plant(p, catalogue)));
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("form", form);
        model.addAttribute("errors", told);
        model.addAttribute("weights", WishForm.WEIGHTS);
        model.addAttribute("standing", standing);
        model.addAttribute("mayChange", enclosure.role().mayChange());
        model.addAttribute(
                "ready",
                design.vessel().isPresent()
                        && design.room().isPresent()
                        && !design.animals().isEmpty());
        model.addAttribute(
                "view",
                searches.newest(keeper.id(), enclosure.id(), PlantingKind.PLANTING)
                        .map(row -> pages.of(row, enclosure, catalogue))
                        .orElseGet(pages::none));
        return "plantplan/plantplan";
    }

    /** What was typed becomes part of the plan, then the search begins. */
    @PostMapping("/start")
    String start(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            @RequestParam(required = false) List<String> keep,
            @AuthenticationPrincipal Keeper keeper,
            HttpServletResponse response,
            Model model) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        Design design = enclosure.design();
        Set<String> stays = keep == null ? Set.of() : Set.copyOf(keep);
        WishForm form = new WishForm(new HashMap<>(typed), stays);
        FieldErrors errors = new FieldErrors();
        PlantingEdit.Wish wish = reader.read(form, catalogues.of(keeper.id()), errors);
        Optional<Design> wished = errors.isEmpty() ? edits.attempt(wish, design, errors, "coverMax") : Optional.empty();
        if (wished.isEmpty()) {
            response.setStatus(HttpServletResponse.SC_UNPROCESSABLE_CONTENT);
            return page(enclosure, keeper, form, wrong.of(errors), model);
        }
        if (!wished.get().equals(design)) {
            enclosures.save(keeper.id(), id, enclosure.revision(), wished.get(), words.of("edit.plantplan.wishes"));
        }
        searches.start(keeper.id(), id, PlantingKind.PLANTING, PlantingKind.asked(stays));
        return "redirect:/enclosures/{id}/fill";
    }

    @PostMapping("/stop")
    String stop(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        searches.stop(keeper.id(), id, PlantingKind.PLANTING);
        return "redirect:/enclosures/{id}/fill";
    }

    /** Takes a planting; what was changed since the search is put together with it. */
    @PostMapping("/take")
    String take(
            @PathVariable long id,
            @RequestParam long job,
            @RequestParam int way,
            @AuthenticationPrincipal Keeper keeper) {
        enclosures.changeable(keeper.id(), id);
        SearchRow row = searches.shown(keeper.id(), id, PlantingKind.PLANTING, job);
        List<String> documents = PlantAnswer.read(row.answer()).stream()
                .flatMap(a -> a.ways().stream())
                .map(PlantAnswer.Way::document)
                .toList();
        return plans.take(keeper.id(), id, row, documents, way, words.of("edit.plantplan.taken"), "planting");
    }
}
