package tanah.web.design.notes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.FindingWords;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.evaluate.LivedIn;
import tanah.web.shell.Words;

/** All notes of a plan: filtered by stage and verdict, grouped by either, each with the way to its peg. */
@Controller
class NotesController {
    private final EnclosureService enclosures;
    private final Notes notes;
    private final FindingWords findings;
    private final Words words;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final LivedIn livedIn;

    NotesController(
            LivedIn livedIn,
            EnclosureService enclosures,
            Notes notes,
            FindingWords findings,
            Words words,
            Catalogues catalogues,
            Evaluations evaluations) {
        this.livedIn = livedIn;
        this.evaluations = evaluations;
        this.enclosures = enclosures;
        this.notes = notes;
        this.findings = findings;
        this.words = words;
        this.catalogues = catalogues;
    }

    /** Notes under one head. */
    public record Group(String head, List<NoteView> notes) {}

    @GetMapping("/enclosures/{id}/notes")
    String all(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String stage,
            @RequestParam(defaultValue = "") String severity,
            @RequestParam(defaultValue = "verdict") String by,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = livedIn.of(evaluations.whole(enclosure.design(), id), keeper.id(), id, enclosure.phase());
        List<NoteView> every = notes.of(
                e,
                catalogues.of(e.design()),
                "/enclosures/" + id,
                enclosure.role().mayChange());
        List<NoteView> shown = every.stream()
                .filter(n -> stage.isEmpty() || n.stage().equals(stage))
                .filter(n -> severity.isEmpty() || word(n.severity()).equals(severity))
                .toList();
        boolean byStage = by.equals("stage");
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("groups", groups(shown, byStage));
        model.addAttribute("stage", stage);
        model.addAttribute("severity", severity);
        model.addAttribute("by", byStage ? "stage" : "verdict");
        model.addAttribute(
                "stages",
                every.stream().map(NoteView::stage).distinct().sorted().toList());
        model.addAttribute("severities", List.of(Severity.values()));
        model.addAttribute("total", every.size());
        model.addAttribute("count", shown.size());
        model.addAttribute(
                "gaps",
                e.notAssessed().stream()
                        .map(NotAssessed::topic)
                        .distinct()
                        .map(findings::gap)
                        .toList());
        return "design/notes";
    }

    private List<Group> groups(List<NoteView> shown, boolean byStage) {
        Map<String, List<NoteView>> grouped = new LinkedHashMap<>();
        shown.stream()
                .sorted(Comparator.comparing(NoteView::severity))
                .forEach(n -> grouped.computeIfAbsent(
                                byStage ? words.of("stage." + n.stage()) : n.word(), k -> new ArrayList<>())
                        .add(n));
        return grouped.entrySet().stream()
                .map(g -> new Group(g.getKey(), g.getValue()))
                .toList();
    }

    private static String word(Severity severity) {
        return severity.name().toLowerCase(Locale.ROOT);
    }
}
