package tanah.web.design.conflict;

import java.util.LinkedHashMap;
import java.util.List;
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
import tanah.files.compare.DesignDiff;
import tanah.files.compare.DesignMerge;
import tanah.files.compare.DesignMerge.Conflict;
import tanah.files.compare.DesignMerge.Side;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PathWords;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;

/** Two saves on one revision: each field that both changed is decided by a person; the rest is put together. */
@Controller
@RequestMapping("/enclosures/{id}/conflicts/{pending}")
class ConflictController {
    private final EnclosureService enclosures;
    private final ConflictPages pages;
    private final PathWords paths;
    private final Catalogues catalogues;

    ConflictController(EnclosureService enclosures, ConflictPages pages, PathWords paths, Catalogues catalogues) {
        this.enclosures = enclosures;
        this.pages = pages;
        this.paths = paths;
        this.catalogues = catalogues;
    }

    @GetMapping
    String show(
            @PathVariable long id, @PathVariable long pending, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure current = enclosures.changeable(keeper.id(), id);
        EnclosureService.Pending edit = enclosures.pending(keeper.id(), id, pending);
        List<Conflict> open = DesignMerge.merge(edit.before(), edit.mine(), current.design(), Map.of())
                .conflicts();
        List<Conflict> shown =
                open.isEmpty() ? List.of(new Conflict(EnclosureService.WHOLE, "", edit.summary(), "")) : open;
        model.addAttribute("enclosure", current);
        model.addAttribute("pending", pending);
        model.addAttribute("summary", edit.summary());
        model.addAttribute("fields", pages.fields(shown, current.design(), catalogues.of(current.design())));
        model.addAttribute(
                "settled",
                DesignDiff.between(edit.before(), edit.mine()).stream()
                        .filter(c -> open.stream().noneMatch(o -> c.path().startsWith(o.path())))
                        .map(c -> paths.place(c.path(), edit.mine(), catalogues.of(edit.mine())) + ": "
                                + paths.value(c.path(), c.after(), catalogues.of(edit.mine())))
                        .toList());
        return "design/conflict";
    }

    /** Choices come as {@code choice[path]=mine|theirs}; a field without one stays open. */
    @PostMapping
    String settle(
            @PathVariable long id,
            @PathVariable long pending,
            @RequestParam Map<String, String> fields,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        Map<String, Side> choices = new LinkedHashMap<>();
        fields.forEach((name, value) -> {
            if (name.startsWith("choice:")) {
                choices.put(name.substring(7), value.equals("mine") ? Side.MINE : Side.THEIRS);
            }
        });
        if (choices.get(EnclosureService.WHOLE) == Side.THEIRS) {
            return drop(id, pending, keeper);
        }
        try {
            enclosures.settle(keeper.id(), id, pending, choices);
        } catch (ConflictException e) {
            flash.addFlashAttribute("open", true);
            return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
        }
        flash.addFlashAttribute("merged", true);
        return "redirect:/enclosures/{id}/ground";
    }

    @PostMapping("/drop")
    String drop(@PathVariable long id, @PathVariable long pending, @AuthenticationPrincipal Keeper keeper) {
        enclosures.changeable(keeper.id(), id);
        enclosures.drop(keeper.id(), id, pending);
        return "redirect:/enclosures/" + id + "/ground";
    }
}
