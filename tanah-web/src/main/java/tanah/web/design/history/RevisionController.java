package tanah.web.design.history;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure;
import tanah.core.explain.Figures;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.files.compare.DesignDiff;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.OpenStage;
import tanah.web.design.notes.Notes;
import tanah.web.design.stage.StageSheet;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PathWords;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureHistory;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.RevisionRow;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;
import tanah.web.svg.OverlaySvg;

/** Every save of a plan: list, two laid over each other, undo, redo, going back. All of it by making a new save. */
@Controller
@RequestMapping("/enclosures/{id}")
class RevisionController {
    private static final int MOST = 400;

    private final EnclosureService enclosures;
    private final StageSheet sheets;
    private final PathWords paths;
    private final FigureWords figures;
    private final FindingWords findings;
    private final Words words;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final Clock clock;
    private final EnclosureHistory history;
    private final List<OpenStage> stages;

    RevisionController(
            EnclosureService enclosures,
            StageSheet sheets,
            PathWords paths,
            FigureWords figures,
            FindingWords findings,
            Words words,
            Catalogues catalogues,
            Evaluations evaluations,
            Clock clock,
            EnclosureHistory history,
            List<OpenStage> stages) {
        this.stages = stages;
        this.history = history;
        this.enclosures = enclosures;
        this.sheets = sheets;
        this.paths = paths;
        this.figures = figures;
        this.findings = findings;
        this.words = words;
        this.catalogues = catalogues;
        this.evaluations = evaluations;
        this.clock = clock;
    }

    /** A save in the list. */
    public record Line(int number, String when, String author, String summary, boolean newest) {}

    /** A place of the document that differs. */
    public record Difference(String kind, String place, String before, String after) {}

    /** A computed number that differs. */
    public record NumberChange(String label, String before, String after, String by, String figure) {}

    /** A note that only one of the two has. */
    public record NoteChange(Severity severity, String title, boolean now) {}

    @GetMapping("/revisions")
    String list(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable Integer from,
            @RequestParam(required = false) @Nullable Integer to,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        List<RevisionRow> rows = enclosures.newest(keeper.id(), id, MOST);
        OffsetDateTime now = OffsetDateTime.now(clock);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute(
                "lines",
                rows.stream()
                        .map(r -> new Line(
                                r.revision(),
                                Presentation.current().moment(r.savedAt().atZoneSameInstant(clock.getZone())),
                                r.author(),
                                r.summary(),
                                r.revision() == enclosure.revision()))
                        .toList());
        int after = bounded(to, enclosure.revision(), enclosure);
        int before = bounded(from, Math.max(1, after - 1), enclosure);
        model.addAttribute("from", before);
        model.addAttribute("to", after);
        model.addAttribute("now", now);
        if (before != after) {
            compare(enclosures.revision(keeper.id(), id, before), enclosures.revision(keeper.id(), id, after), model);
        }
        return "design/revisions";
    }

    private static int bounded(@Nullable Integer asked, int usual, Enclosure enclosure) {
        return asked == null ? usual : Math.max(1, Math.min(enclosure.revision(), asked));
    }

    private void compare(Design before, Design after, Model model) {
        Evaluation old = evaluations.whole(before);
        Evaluation fresh = evaluations.whole(after);
        model.addAttribute(
                "differences",
                DesignDiff.between(before, after).stream()
                        .map(c -> new Difference(
                                words.of("diff", c.kind()),
                                paths.place(c.path(), c.after().isEmpty() ? before : after, catalogues.of(after)),
                                paths.value(c.path(), c.before(), catalogues.of(after)),
                                paths.value(c.path(), c.after(), catalogues.of(after))))
                        .toList());
        model.addAttribute("numbers", numbers(old, fresh));
        model.addAttribute("notes", notes(old, fresh));
        sheets.scene(fresh, OptionalDouble.empty())
                .ifPresent(scene -> model.addAttribute(
                        "overlay",
                        OverlaySvg.draw(
                                scene, sheets.scene(old, OptionalDouble.empty()), words.of("revisions.overlay"))));
    }

    private List<NumberChange> numbers(Evaluation old, Evaluation fresh) {
        List<Figure> before = Figures.of(old, catalogues.of(old.design()));
        List<NumberChange> changes = new ArrayList<>();
        for (Figure now : Figures.of(fresh, catalogues.of(fresh.design()))) {
            before.stream().filter(f -> f.id().equals(now.id())).findFirst().ifPresent(then -> {
                String was = figures.value(then);
                String is = figures.value(now);
                if (!was.equals(is)) {
                    changes.add(new NumberChange(
                            figures.label(now, fresh), was, is, figures.difference(then, now), now.id()));
                }
            });
        }
        return changes;
    }

    private List<NoteChange> notes(Evaluation old, Evaluation fresh) {
        List<NoteChange> changes = new ArrayList<>();
        only(fresh, old).forEach(f -> changes.add(new NoteChange(f.severity(), findings.title(f), true)));
        only(old, fresh).forEach(f -> changes.add(new NoteChange(f.severity(), findings.title(f), false)));
        changes.sort(Comparator.comparing(NoteChange::severity));
        return changes;
    }

    private static List<Finding> only(Evaluation one, Evaluation other) {
        return one.findings().stream()
                .filter(f -> other.findings().stream()
                        .noneMatch(o -> Notes.key(o).equals(Notes.key(f)) && o.severity() == f.severity()))
                .toList();
    }

    @PostMapping("/undo")
    String undo(
            @PathVariable long id,
            @RequestParam(defaultValue = "ground") String stage,
            @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        String last = enclosures.newest(keeper.id(), id, 1).get(0).summary();
        if (enclosure.undo()) {
            history.undo(keeper.id(), id, words.of("edit.undone", last));
        }
        return "redirect:/enclosures/" + id + "/" + page(stage);
    }

    @PostMapping("/redo")
    String redo(
            @PathVariable long id,
            @RequestParam(defaultValue = "ground") String stage,
            @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        if (enclosure.redo()) {
            history.redo(keeper.id(), id, words.of("edit.redone"));
        }
        return "redirect:/enclosures/" + id + "/" + page(stage);
    }

    @PostMapping("/revisions/{revision}/back")
    String back(
            @PathVariable long id,
            @PathVariable int revision,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        history.goBack(keeper.id(), id, revision, words.of("edit.back", String.valueOf(revision)));
        flash.addFlashAttribute("wentBack", revision);
        return "redirect:/enclosures/{id}/revisions";
    }

    /** The page that the step was pressed on: a stage that has one, or the list of revisions; else the ground. */
    private String page(String word) {
        boolean open = word.equals("revisions")
                || stages.stream().anyMatch(s -> s.stage().word().equals(word));
        return open ? word : "ground";
    }
}
