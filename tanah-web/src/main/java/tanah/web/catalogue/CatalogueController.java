package tanah.web.catalogue;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.files.catalogue.Kind;
import tanah.web.account.Keeper;
import tanah.web.shell.NotFoundException;

/** The catalogue to read, and the keeper's own entries beside it. One code for all kinds. */
@Controller
@RequestMapping("/catalogue/{kind}")
class CatalogueController {
    private static final int LONGEST_REASON = 400;

    private final CataloguePages pages;
    private final OwnEntryService own;
    private final CatalogueLists lists;
    private final AnimalEntry animals;

    CatalogueController(CataloguePages pages, OwnEntryService own, CatalogueLists lists, AnimalEntry animals) {
        this.animals = animals;
        this.lists = lists;
        this.pages = pages;
        this.own = own;
    }

    @GetMapping
    String list(
            @PathVariable String kind,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "1") int page,
            @RequestParam Map<String, String> asked,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Kind known = known(kind);
        Map<String, String> chosen = new LinkedHashMap<>();
        known.facets().forEach(f -> chosen.put(f, asked.getOrDefault(f, "")));
        model.addAttribute("view", lists.list(known, q, chosen, page, keeper.id()));
        return "catalogue/list";
    }

    @GetMapping("/{entry}")
    String entry(
            @PathVariable String kind,
            @PathVariable String entry,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Kind known = known(kind);
        model.addAttribute("view", pages.entry(known, entry, keeper.id()));
        if (known == Kind.ANIMALS) {
            animals.of(entry, keeper.id()).ifPresent(a -> model.addAttribute("animal", a));
        }
        return "catalogue/entry";
    }

    /** A form with every column: of an own entry, or to begin one from a shipped one. */
    @GetMapping("/{entry}/edit")
    String edit(
            @PathVariable String kind,
            @PathVariable String entry,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Kind known = known(kind);
        CataloguePages.Source source = pages.source(known, entry, keeper.id());
        fill(model, known, entry, source.cells(), Map.of(), source.reason(), source.version(), source.own());
        return "catalogue/edit";
    }

    @PostMapping("/{entry}/edit")
    String save(
            @PathVariable String kind,
            @PathVariable String entry,
            @RequestParam Map<String, String> form,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam(defaultValue = "0") int version,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        Kind known = known(kind);
        CataloguePages.Source source = pages.source(known, entry, keeper.id());
        Map<String, String> cells = new LinkedHashMap<>();
        pages.columns(known)
                .forEach(c -> cells.put(c, form.getOrDefault("c:" + c, "").strip()));
        String kept = reason.strip()
                .substring(0, Math.min(LONGEST_REASON, reason.strip().length()));
        OwnEntryService.Outcome outcome = own.save(
                keeper.id(),
                known,
                source.own() ? entry : null,
                source.own() ? null : entry,
                pages.fromTyped(known, cells),
                kept,
                version);
        if (!outcome.problems().isEmpty() || outcome.stale()) {
            fill(
                    model,
                    known,
                    entry,
                    cells,
                    pages.words(outcome.problems()),
                    reason,
                    outcome.stale() ? source.version() : version,
                    source.own());
            model.addAttribute("stale", outcome.stale());
            return "catalogue/edit";
        }
        flash.addFlashAttribute("stored", true);
        return "redirect:/catalogue/" + kind + "/" + outcome.id();
    }

    @PostMapping("/{entry}/delete")
    String delete(@PathVariable String kind, @PathVariable String entry, @AuthenticationPrincipal Keeper keeper) {
        own.delete(keeper.id(), known(kind), entry);
        return "redirect:/catalogue/" + kind;
    }

    private void fill(
            Model model,
            Kind kind,
            String entry,
            Map<String, String> cells,
            Map<String, String> errors,
            String reason,
            int version,
            boolean isOwn) {
        model.addAttribute("kind", kind.word());
        model.addAttribute("entry", entry);
        model.addAttribute("fields", pages.fields(kind, cells, errors));
        model.addAttribute("problems", errors.size());
        model.addAttribute("reason", reason);
        model.addAttribute("version", version);
        model.addAttribute("own", isOwn);
    }

    static Kind known(String word) {
        return Kind.of(word).orElseThrow(() -> new NotFoundException("catalogue " + word));
    }
}
