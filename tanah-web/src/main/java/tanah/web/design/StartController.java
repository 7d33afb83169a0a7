package tanah.web.design;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.commission.PlaceProposal;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.DesignEdit;
import tanah.core.design.SchoolChoice;
import tanah.core.finding.Stage;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.GroundProposal;
import tanah.core.vessel.Vessel;
import tanah.web.account.Keeper;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;

/** Animal, vessel and room: of a new enclosure, and stages 1 and 2 of one that exists. */
@Controller
class StartController {
    private final EnclosureService enclosures;
    private final StartReader reader;
    private final StartPages pages;
    private final Catalogue catalogue;
    private final ErrorWords words;
    private final Clock clock;

    StartController(
            EnclosureService enclosures,
            StartReader reader,
            StartPages pages,
            Catalogue catalogue,
            ErrorWords words,
            Clock clock) {
        this.enclosures = enclosures;
        this.reader = reader;
        this.pages = pages;
        this.catalogue = catalogue;
        this.words = words;
        this.clock = clock;
    }

    /** Nothing is stored: the address holds what was typed, so reload and back work. */
    @GetMapping("/enclosures/new")
    String fresh(StartForm typed, Model model) {
        StartForm form = typed.filled();
        FieldErrors errors = new FieldErrors();
        Design design = reader.read(form, Design.named("New enclosure"), errors);
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

    @GetMapping(value = "/enclosures/new", headers = GroundController.LIVE)
    String freshLive(StartForm typed, Model model) {
        fresh(typed, model);
        return "design/start-live";
    }

    @PostMapping("/enclosures")
    String create(StartForm typed, @AuthenticationPrincipal Keeper keeper, Model model) {
        StartForm form = typed.filled();
        FieldErrors errors = new FieldErrors();
        Design design = reader.read(form, Design.named("New enclosure"), errors);
        Optional<Species> species = reader.species(form);
        if (species.isEmpty()) {
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
            design = design.withName(title(species.get().commonName()));
        }
        long id = enclosures.create(keeper.id(), begun(design, species.get()), "planning", "Begun");
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
        boolean untouched = typed.count() == null;
        StartForm form = untouched ? StartForms.of(enclosure.design(), typed.q()) : typed.filled();
        FieldErrors errors = new FieldErrors();
        Design design = untouched ? enclosure.design() : reader.read(form, enclosure.design(), errors);
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
            headers = GroundController.LIVE)
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
            HttpServletResponse response,
            jakarta.servlet.http.HttpServletRequest request) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        StartForm form = typed.filled();
        FieldErrors errors = new FieldErrors();
        Design design = reader.read(form, enclosure.design(), errors);
        int base = form.base() == null ? enclosure.revision() : form.base();
        if (errors.isEmpty() && !design.equals(enclosure.design())) {
            try {
                enclosures.save(keeper.id(), id, base, design, StartForms.summary(enclosure.design(), design));
                return "redirect:/enclosures/" + id + "/ground";
            } catch (ConflictException e) {
                response.setStatus(409);
                model.addAttribute("conflict", e.current().revision());
                enclosure = e.current();
            }
        } else if (errors.isEmpty()) {
            return "redirect:/enclosures/" + id + "/ground";
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
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        Design grounded = design.withGround(GroundProposal.propose(species, design, vessel));
        String school = grounded.ground().hasDrainage() ? "layer" : "none";
        Design schooled = DesignEdit.withSchool(
                grounded,
                new SchoolChoice(
                        DrainageRule.CHOICE, school, Optional.of("as proposed at the start"), LocalDate.now(clock)));
        double surface = tanah.core.ground.GroundModel.compute(schooled, vessel, catalogue)
                .surfaceMax();
        return schooled.withProbes(PlaceProposal.propose(species, schooled, vessel, surface));
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
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("view", pages.view(id, revision, saved, design, form, stage, edits));
        model.addAttribute("action", id == 0 ? "/enclosures" : "/enclosures/" + id + "/" + stage.word());
        model.addAttribute("look", id == 0 ? "/enclosures/new" : "/enclosures/" + id + "/" + stage.word());
    }

    private String saved(Enclosure enclosure) {
        return Ledger.when(enclosure.savedAt(), OffsetDateTime.now(clock));
    }

    private static Stage stageOf(String uri) {
        return uri.endsWith("/vessel") ? Stage.VESSEL : Stage.ANIMAL;
    }

    private static String title(String commonName) {
        String first = commonName.split(",")[0].strip();
        return first.substring(0, 1).toUpperCase(Locale.ENGLISH) + first.substring(1);
    }
}
