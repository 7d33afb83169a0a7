package tanah.web.design.start;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.catalogue.Species;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.SchoolChoice;
import tanah.core.finding.Stage;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.GroundProposal;
import tanah.core.vessel.Vessel;
import tanah.web.account.Keeper;
import tanah.web.account.SettingsService;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.design.stage.StageController;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.RefusedPlanException;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** Animal, vessel and room: of a new enclosure, and stages 1 and 2 of one that exists. */
@Controller
class StartController {
    private final EnclosureService enclosures;
    private final StartReader reader;
    private final StartPages pages;
    private final Catalogues catalogues;
    private final ErrorWords words;
    private final Words common;
    private final SettingsService settings;
    private final OwnEntryService own;
    private final FirstPlaces places;
    private final Clock clock;

    StartController(
            EnclosureService enclosures,
            StartReader reader,
            StartPages pages,
            Catalogues catalogues,
            ErrorWords words,
            Words common,
            SettingsService settings,
            OwnEntryService own,
            FirstPlaces places,
            Clock clock) {
        this.enclosures = enclosures;
        this.reader = reader;
        this.pages = pages;
        this.catalogues = catalogues;
        this.words = words;
        this.common = common;
        this.settings = settings;
        this.own = own;
        this.places = places;
        this.clock = clock;
    }

    /** Nothing is stored: the address holds what was typed, so reload and back work. */
    @GetMapping("/enclosures/new")
    String fresh(StartForm typed, @AuthenticationPrincipal Keeper keeper, Model model) {
        StartForm form = typed.filled(fresh(keeper));
        FieldErrors errors = new FieldErrors();
        Design design = reader.read(form, own.offered(keeper.id(), Design.named(common.of("start.new"))), errors);
        show(
                model,
                0,
                0,
                "",
                design,
                form,
                Stage.ANIMAL,
                List.of(),
                typed.vessel() == null ? Map.of() : words.of(errors));
        return "design/start";
    }

    @GetMapping(value = "/enclosures/new", headers = StageController.LIVE)
    String freshLive(StartForm typed, @AuthenticationPrincipal Keeper keeper, Model model) {
        fresh(typed, keeper, model);
        return "design/start-live";
    }

    @PostMapping("/enclosures")
    String create(
            StartForm typed,
            @RequestParam(name = "without", required = false) @Nullable String withoutAnimal,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        StartForm form = typed.filled(fresh(keeper));
        FieldErrors errors = new FieldErrors();
        Design design = reader.read(form, own.offered(keeper.id(), Design.named(common.of("start.new"))), errors);
        Optional<Species> species = reader.species(form, design);
        boolean without = "yes".equals(withoutAnimal);
        if (species.isEmpty() && !without) {
            errors.add("species", "error.species.missing");
        }
        if (design.vessel().isEmpty()) {
            errors.add("vessel", "error.vessel.missing");
        }
        if (!errors.isEmpty()) {
            show(model, 0, 0, "", design, form, Stage.ANIMAL, List.of(), words.of(errors));
            return "design/start";
        }
        if (form.get("name").isBlank()) {
            design = design.withName(species.map(s -> title(s.commonName())).orElse(common.of("start.new")));
        }
        Design begun = species.isPresent() ? begun(design, species.get()) : design;
        long id = enclosures.create(keeper.id(), begun, "planning", common.of("edit.begun"));
        return "redirect:/enclosures/" + id + "/ground";
    }

    @GetMapping({"/enclosures/{id}/animal", "/enclosures/{id}/vessel"})
    String stage(
            @PathVariable long id,
            StartForm typed,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            jakarta.servlet.http.HttpServletRequest request) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        model.addAttribute("mayChange", enclosure.role().mayChange());
        boolean untouched = typed.count() == null;
        StartForm form =
                untouched ? StartForms.of(enclosure.design(), typed.q(), fresh(keeper)) : typed.filled(fresh(keeper));
        FieldErrors errors = new FieldErrors();
        Design offered = own.offered(keeper.id(), enclosure.design());
        Design design = untouched ? offered : reader.read(form, offered, errors);
        show(
                model,
                id,
                enclosure.revision(),
                saved(enclosure),
                design,
                form,
                stageOf(request.getRequestURI()),
                enclosures.newest(keeper.id(), id, 4),
                words.of(errors));
        return "design/start";
    }

    @GetMapping(
            value = {"/enclosures/{id}/animal", "/enclosures/{id}/vessel"},
            headers = StageController.LIVE)
    String stageLive(
            @PathVariable long id,
            StartForm typed,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            jakarta.servlet.http.HttpServletRequest request) {
        stage(id, typed, keeper, model, request);
        return "design/start-live";
    }

    @PostMapping({"/enclosures/{id}/animal", "/enclosures/{id}/vessel"})
    String save(
            @PathVariable long id,
            StartForm typed,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash,
            jakarta.servlet.http.HttpServletRequest request) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        StartForm form = typed.filled(fresh(keeper));
        FieldErrors errors = new FieldErrors();
        int base = form.base() == null ? enclosure.revision() : form.base();
        boolean older = base >= 1 && base < enclosure.revision();
        Design shown =
                own.offered(keeper.id(), older ? enclosures.revision(keeper.id(), id, base) : enclosure.design());
        Design design = reader.read(form, shown, errors);
        if (errors.isEmpty()) {
            try {
                if (!design.equals(shown)) {
                    EnclosureService.Saved saved = enclosures.save(
                            keeper.id(), id, older ? base : enclosure.revision(), design, summary(shown, design));
                    flash.addFlashAttribute("merged", saved.merged());
                }
                return "redirect:/enclosures/" + id + "/ground";
            } catch (ConflictException e) {
                return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
            } catch (RefusedPlanException e) {
                errors.add(
                        "vessel",
                        "error.plan.refused",
                        e.problems().get(0).what(),
                        e.problems().get(0).accepted());
            }
        }
        show(
                model,
                id,
                enclosure.revision(),
                saved(enclosure),
                design,
                form,
                stageOf(request.getRequestURI()),
                enclosures.newest(keeper.id(), id, 4),
                words.of(errors));
        return "design/start";
    }

    /** A first ground and first places of readings, to be changed at will. */
    private Design begun(Design design, Species species) {
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogues.of(design));
        Design grounded = design.withGround(GroundProposal.propose(species, design, vessel));
        String school = grounded.ground().hasDrainage() ? "layer" : "none";
        Design schooled = grounded.withSchool(new SchoolChoice(
                DrainageRule.CHOICE, school, Optional.of(common.of("start.proposed")), LocalDate.now(clock)));
        return places.in(schooled, species);
    }

    private void show(
            Model model,
            long id,
            int revision,
            String saved,
            Design design,
            StartForm form,
            Stage stage,
            List<tanah.web.enclosure.RevisionRow> edits,
            Map<String, String> errors) {
        if (id != 0 && stage == Stage.ANIMAL) {
            model.addAttribute("company", Company.of(design, catalogues.of(design)));
        }
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("view", pages.view(id, revision, saved, design, form, stage, edits));
        model.addAttribute("action", id == 0 ? "/enclosures" : "/enclosures/" + id + "/" + stage.word());
        model.addAttribute("look", id == 0 ? "/enclosures/new" : "/enclosures/" + id + "/" + stage.word());
    }

    private StartForm fresh(Keeper keeper) {
        return StartForms.fresh(settings.of(keeper.id(), Presentation.current().language()));
    }

    /** What differs between two designs, in words. */
    private String summary(Design before, Design after) {
        List<String> parts = new ArrayList<>();
        if (!before.animals().equals(after.animals())) {
            parts.add(common.of("edit.animal"));
        }
        if (!before.vessel().equals(after.vessel())) {
            parts.add(common.of("edit.vessel"));
        }
        if (!before.room().equals(after.room())) {
            parts.add(common.of("edit.room"));
        }
        return parts.isEmpty()
                ? common.of("edit.name", after.name())
                : common.of("edit.changed", String.join(", ", parts));
    }

    private String saved(Enclosure enclosure) {
        return Presentation.current().when(enclosure.savedAt(), OffsetDateTime.now(clock));
    }

    private static Stage stageOf(String uri) {
        return uri.endsWith("/vessel") ? Stage.VESSEL : Stage.ANIMAL;
    }

    private static String title(String commonName) {
        String first = commonName.split(",")[0].strip();
        return first.substring(0, 1).toUpperCase(Locale.ENGLISH) + first.substring(1);
    }
}
