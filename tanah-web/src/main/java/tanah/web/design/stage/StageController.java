package tanah.web.design.stage;

import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.files.schema.Problem;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.design.conflict.ConflictPages;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.DesignStage;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.notes.RemedyEdit;
import tanah.web.design.overlay.ClimatePages;
import tanah.web.design.overlay.ClimateView;
import tanah.web.design.overlay.SheetOptions;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.RefusedPlanException;
import tanah.web.evaluate.Evaluations;
import tanah.web.evaluate.LivedIn;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.NotFoundException;

/** The stages that are drawn. An edit is a post; with script it answers with the parts of the page that change. */
@Controller
@RequestMapping("/enclosures/{id}/{word:[a-z]+}")
public class StageController {
    /** Marks a request of the page's own script. */
    public static final String LIVE = "X-Tanah=live";

    private final EnclosureService enclosures;
    private final Map<String, DesignStage> stages = new HashMap<>();
    private final RemedyEdit remedies;
    private final DesignPages pages;
    private final Catalogues catalogues;
    private final ErrorWords words;
    private final ConflictPages conflicts;
    private final OwnEntryService own;
    private final Evaluations evaluations;
    private final LivedIn livedIn;
    private final ClimatePages climate;

    StageController(
            LivedIn livedIn,
            EnclosureService enclosures,
            List<DesignStage> stages,
            RemedyEdit remedies,
            DesignPages pages,
            Catalogues catalogues,
            ErrorWords words,
            ConflictPages conflicts,
            OwnEntryService own,
            Evaluations evaluations,
            ClimatePages climate) {
        this.livedIn = livedIn;
        this.evaluations = evaluations;
        this.climate = climate;
        this.own = own;
        this.conflicts = conflicts;
        this.enclosures = enclosures;
        stages.forEach(s -> this.stages.put(s.stage().word(), s));
        this.remedies = remedies;
        this.pages = pages;
        this.catalogues = catalogues;
        this.words = words;
    }

    @ModelAttribute("choices")
    Choices.Choice choices(@PathVariable String word, @AuthenticationPrincipal Keeper keeper) {
        return stage(word).choices(catalogues.of(keeper.id()), keeper.id());
    }

    @ModelAttribute("stage")
    String word(@PathVariable String word) {
        return word;
    }

    private DesignStage stage(String word) {
        DesignStage stage = stages.get(word);
        if (stage == null) {
            throw new NotFoundException("no stage " + word);
        }
        return stage;
    }

    @GetMapping
    String show(
            @PathVariable long id,
            @PathVariable String word,
            SheetOptions options,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        fill(model, keeper, stage(word), enclosures.get(keeper.id(), id), options, true);
        return "design/stage";
    }

    /**
     * The same page's parts, for another view, cut or size of the sheet.
     *
     * @param whole whether to wait for the whole day and the bands
     */
    @GetMapping(headers = LIVE)
    String look(
            @PathVariable long id,
            @PathVariable String word,
            @RequestParam(defaultValue = "false") boolean whole,
            SheetOptions options,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        fill(model, keeper, stage(word), enclosures.get(keeper.id(), id), options, whole);
        return "design/live";
    }

    @PostMapping(headers = LIVE)
    String editLive(
            @PathVariable long id,
            @PathVariable String word,
            EditForm form,
            SheetOptions options,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpServletResponse response) {
        Result result = edit(keeper, id, stage(word), form);
        if (result.conflict() != null) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute(
                    "conflict",
                    conflicts.of(
                            result.conflict(), catalogues.of(result.enclosure().design())));
        }
        fill(model, keeper, stage(word), result.enclosure(), options.withPart(result.part()), false);
        model.addAttribute("errors", result.errors());
        model.addAttribute("merged", result.merged());
        model.addAttribute("draft", form.isDraft());
        return "design/live";
    }

    @PostMapping
    String edit(
            @PathVariable long id,
            @PathVariable String word,
            EditForm form,
            SheetOptions options,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        Result result = edit(keeper, id, stage(word), form);
        if (result.conflict() != null) {
            return "redirect:/enclosures/" + id + "/conflicts/"
                    + result.conflict().pending();
        }
        if (!result.errors().isEmpty()) {
            fill(model, keeper, stage(word), result.enclosure(), options.withPart(result.part()), true);
            model.addAttribute("errors", result.errors());
            model.addAttribute("typed", typed(form));
            return "design/stage";
        }
        flash.addAttribute("part", result.part());
        if (result.merged()) {
            flash.addFlashAttribute("merged", true);
        }
        return "redirect:/enclosures/{id}/{word}";
    }

    /**
     * What an edit came to.
     *
     * @param enclosure as it stands, or as it would stand for a draft
     * @param errors    by field
     * @param part      to select
     * @param merged    whether somebody else's save was put together with it
     * @param conflict  the same field changed by somebody else
     */
    private record Result(
            Enclosure enclosure,
            Map<String, String> errors,
            String part,
            boolean merged,
            @Nullable ConflictException conflict) {}

    /** An edit is made on the revision that the page shows; the service puts it together with what was saved since. */
    private Result edit(Keeper keeper, long id, DesignStage stage, EditForm form) {
        Enclosure current = enclosures.changeable(keeper.id(), id);
        int base = form.base() == null ? current.revision() : form.base();
        boolean known = base >= 1 && base < current.revision();
        Design shown = own.offered(keeper.id(), known ? enclosures.revision(keeper.id(), id, base) : current.design());
        FieldErrors errors = new FieldErrors();
        EditOutcome outcome = form.opWord().equals("remedy")
                ? remedies.apply(shown, form, errors)
                : stage.apply(shown, form, keeper.id(), errors);
        if (!errors.isEmpty() || outcome.design().equals(shown)) {
            return new Result(current, words.of(errors), outcome.part(), false, null);
        }
        if (form.isDraft()) {
            return new Result(current.drafted(outcome.design()), Map.of(), outcome.part(), false, null);
        }
        try {
            EnclosureService.Saved saved = enclosures.save(
                    keeper.id(), id, known ? base : current.revision(), outcome.design(), outcome.summary());
            return new Result(enclosures.get(keeper.id(), id), Map.of(), outcome.part(), saved.merged(), null);
        } catch (ConflictException e) {
            return new Result(e.current(), Map.of(), form.partId(), false, e);
        } catch (RefusedPlanException e) {
            Problem first = e.problems().get(0);
            errors.add(form.opWord() + "-" + form.partId(), "error.plan.refused", first.what(), first.accepted());
            return new Result(current, words.of(errors), outcome.part(), false, null);
        }
    }

    private static Map<String, String> typed(EditForm form) {
        if (form.opWord().equals("bag")) {
            return Map.of("bag-" + form.partId(), form.valueText(), "price-" + form.partId(), form.otherText());
        }
        if (form.opWord().equals("mix-part")) {
            return Map.of("mix-part-" + form.partId() + "-" + form.otherText(), form.valueText());
        }
        return form.opWord().equals("slope")
                ? Map.of("front-" + form.partId(), form.valueText(), "back-" + form.partId(), form.otherText())
                : Map.of(form.opWord() + "-" + form.partId(), form.valueText());
    }

    private void fill(
            Model model, Keeper keeper, DesignStage stage, Enclosure enclosure, SheetOptions asked, boolean whole) {
        SheetOptions options = asked.or(stage.opensWith());
        Evaluation plan = whole
                ? evaluations.whole(enclosure.design(), enclosure.id())
                : evaluations.quick(enclosure.design(), enclosure.id());
        Evaluation e = livedIn.of(plan, keeper.id(), enclosure.id(), enclosure.phase());
        model.addAttribute("view", pages.view(keeper.id(), enclosure, e, stage.stage(), options));
        if (stage.hasClimate()) {
            ClimateView around = climate.view(keeper.id(), e, options, stage.stage());
            model.addAttribute("climate", around);
            around.at().ifPresent(at -> model.addAttribute("offers", stage.offers(e, at.x(), at.y())));
        }
        stage.year(e).ifPresent(y -> model.addAttribute("year", y));
        model.addAttribute("folded", !options.listsNotes(whole));
        if (!model.containsAttribute("errors")) {
            model.addAttribute("errors", Map.of());
        }
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", Map.of());
        }
    }
}
