package tanah.web.design;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Stage;
import tanah.web.account.Keeper;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;

/** Stage 3: the ground. An edit is a post; with script it answers with the parts of the page that change. */
@Controller
@RequestMapping("/enclosures/{id}/ground")
class GroundController {
    /** Marks a request of the page's own script. */
    static final String LIVE = "X-Tanah=live";

    private final EnclosureService enclosures;
    private final GroundEdits edits;
    private final DesignPages pages;
    private final Catalogue catalogue;
    private final ErrorWords words;

    GroundController(
            EnclosureService enclosures, GroundEdits edits, DesignPages pages, Catalogue catalogue, ErrorWords words) {
        this.enclosures = enclosures;
        this.edits = edits;
        this.pages = pages;
        this.catalogue = catalogue;
        this.words = words;
    }

    @ModelAttribute("choices")
    List<GroundEdits.Choice> choices() {
        return edits.choices();
    }

    @GetMapping
    String show(@PathVariable long id, SheetOptions options, @AuthenticationPrincipal Keeper keeper, Model model) {
        fill(model, keeper, enclosures.get(keeper.id(), id), options);
        return "design/ground";
    }

    /** The same page's parts, for another view, cut or size of the sheet. */
    @GetMapping(headers = LIVE)
    String look(@PathVariable long id, SheetOptions options, @AuthenticationPrincipal Keeper keeper, Model model) {
        fill(model, keeper, enclosures.get(keeper.id(), id), options);
        return "design/live";
    }

    @PostMapping(headers = LIVE)
    String editLive(
            @PathVariable long id,
            EditForm form,
            SheetOptions options,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpServletResponse response) {
        Result result = edit(keeper, id, form);
        if (result.conflict()) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("theirs", edits.standing(result.enclosure().design(), form.partId()));
            model.addAttribute("mine", form.valueText());
        }
        fill(model, keeper, result.enclosure(), with(options, result.part()));
        model.addAttribute("errors", result.errors());
        model.addAttribute("draft", form.isDraft());
        return "design/live";
    }

    @PostMapping
    String edit(
            @PathVariable long id,
            EditForm form,
            SheetOptions options,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        Result result = edit(keeper, id, form);
        if (result.conflict() || !result.errors().isEmpty()) {
            fill(model, keeper, result.enclosure(), with(options, result.part()));
            model.addAttribute("errors", result.errors());
            model.addAttribute("typed", typed(form));
            model.addAttribute(
                    "theirs",
                    result.conflict() ? edits.standing(result.enclosure().design(), form.partId()) : null);
            model.addAttribute("mine", form.valueText());
            return "design/ground";
        }
        flash.addAttribute("part", result.part());
        return "redirect:/enclosures/{id}/ground";
    }

    /**
     * What an edit came to.
     *
     * @param enclosure as it stands, or as it would stand for a draft
     * @param errors    by field
     * @param part      to select
     * @param conflict  whether somebody changed the same thing since
     */
    private record Result(Enclosure enclosure, Map<String, String> errors, String part, boolean conflict) {}

    private Result edit(Keeper keeper, long id, EditForm form) {
        Enclosure current = enclosures.get(keeper.id(), id);
        int base = form.base() == null ? current.revision() : form.base();
        if (base != current.revision() && collides(keeper, current, base, form)) {
            return new Result(current, Map.of(), form.partId(), true);
        }
        FieldErrors errors = new FieldErrors();
        GroundEdits.Outcome outcome = edits.apply(current.design(), form, errors);
        if (!errors.isEmpty() || outcome.design().equals(current.design())) {
            return new Result(current, words.of(errors), outcome.part(), false);
        }
        if (form.isDraft()) {
            Enclosure draft =
                    new Enclosure(id, current.revision(), current.phase(), current.savedAt(), outcome.design());
            return new Result(draft, Map.of(), outcome.part(), false);
        }
        try {
            enclosures.save(keeper.id(), id, current.revision(), outcome.design(), outcome.summary());
        } catch (ConflictException e) {
            return new Result(e.current(), Map.of(), form.partId(), true);
        }
        return new Result(enclosures.get(keeper.id(), id), Map.of(), outcome.part(), false);
    }

    /** Whether what this edit touches has changed since the page was loaded. */
    private boolean collides(Keeper keeper, Enclosure current, int base, EditForm form) {
        if (base > current.revision() || base < 1) {
            return true;
        }
        Design then = enclosures.revision(keeper.id(), current.id(), base);
        return !GroundEdits.touched(then, form).equals(GroundEdits.touched(current.design(), form));
    }

    private static Map<String, String> typed(EditForm form) {
        if (form.opWord().equals("bag")) {
            return Map.of("bag-" + form.partId(), form.valueText(), "price-" + form.partId(), form.otherText());
        }
        return form.opWord().equals("slope")
                ? Map.of("front-" + form.partId(), form.valueText(), "back-" + form.partId(), form.otherText())
                : Map.of("depth-" + form.partId(), form.valueText());
    }

    private static SheetOptions with(SheetOptions options, String part) {
        return new SheetOptions(options.view(), part, options.cut(), options.w(), options.h());
    }

    private void fill(Model model, Keeper keeper, Enclosure enclosure, SheetOptions options) {
        model.addAttribute(
                "view",
                pages.view(
                        keeper.id(),
                        enclosure,
                        Evaluator.evaluate(enclosure.design(), catalogue),
                        Stage.GROUND,
                        options));
        if (!model.containsAttribute("errors")) {
            model.addAttribute("errors", Map.of());
        }
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", Map.of());
        }
    }
}
