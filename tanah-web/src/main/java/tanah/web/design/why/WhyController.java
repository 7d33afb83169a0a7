package tanah.web.design.why;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figures;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.notes.Notes;
import tanah.web.design.stage.StageController;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PathWords;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Numbers;
import tanah.web.shell.NotFoundException;
import tanah.web.shell.Words;

/** One number opened: value, band, formula, inputs as links, standing, source. As a page, or as a drawer over one. */
@Controller
@RequestMapping("/enclosures/{id}/why")
class WhyController {
    private static final String NOTE = "note:";
    private static final String MODEL = "model.";

    private final EnclosureService enclosures;
    private final FigureWords figures;
    private final FindingWords findings;
    private final PathWords paths;
    private final Words words;
    private final Catalogues catalogues;
    private final Evaluations evaluations;

    WhyController(
            EnclosureService enclosures,
            FigureWords figures,
            FindingWords findings,
            PathWords paths,
            Words words,
            Catalogues catalogues,
            Evaluations evaluations) {
        this.evaluations = evaluations;
        this.enclosures = enclosures;
        this.figures = figures;
        this.findings = findings;
        this.paths = paths;
        this.words = words;
        this.catalogues = catalogues;
    }

    /** One input of a number. */
    public record InputLine(String name, String value, String href, String from) {}

    /** A number opened. */
    public record Why(
            String label,
            String value,
            String band,
            String formula,
            String standing,
            String standingWords,
            String source,
            List<InputLine> inputs) {}

    @GetMapping("/{figure:.+}")
    String page(
            @PathVariable long id, @PathVariable String figure, @AuthenticationPrincipal Keeper keeper, Model model) {
        fill(id, figure, keeper, model);
        return "design/why";
    }

    @GetMapping(value = "/{figure:.+}", headers = StageController.LIVE)
    String drawer(
            @PathVariable long id, @PathVariable String figure, @AuthenticationPrincipal Keeper keeper, Model model) {
        fill(id, figure, keeper, model);
        return "design/why-drawer";
    }

    private void fill(long id, String figure, Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluations.whole(enclosure.design(), id);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute(
                "why",
                figure.startsWith(NOTE)
                        ? note(e, figure.substring(NOTE.length()), id)
                        : figure.startsWith(MODEL) ? model(figure) : number(e, figure, id));
    }

    private Why number(Evaluation e, String id, long enclosure) {
        Figure f =
                Figures.find(e, id, catalogues.of(e.design())).orElseThrow(() -> new NotFoundException("figure " + id));
        List<InputLine> inputs = new ArrayList<>();
        for (Input input : f.inputs()) {
            inputs.add(line(input, e, enclosure));
        }
        return new Why(
                figures.label(f, e),
                figures.value(f),
                figures.band(f),
                words.of("why." + f.formula()),
                f.standing().name().toLowerCase(java.util.Locale.ROOT),
                words.of("standing", f.standing()),
                words.or("why." + f.formula() + ".source", ""),
                inputs);
    }

    /** How a number of the reader is made; the number itself is that of the place and hour where it was read. */
    private Why model(String id) {
        String key = id.substring(MODEL.length());
        String formula = words.or("why." + id, "");
        if (formula.isEmpty()) {
            throw new NotFoundException("figure " + id);
        }
        return new Why(
                words.of("climate.read." + key),
                words.of("why.model"),
                words.of("why.model.band"),
                formula,
                "published",
                words.of("standing.published"),
                words.or("why." + id + ".source", ""),
                List.of());
    }

    private InputLine line(Input input, Evaluation e, long enclosure) {
        String base = "/enclosures/" + enclosure;
        String name = words.of("input." + input.name());
        if (input instanceof Input.Computed c) {
            return Figures.find(e, c.figure(), catalogues.of(e.design()))
                    .map(f -> new InputLine(
                            figures.label(f, e), figures.value(f), base + "/why/" + f.id(), words.of("why.computed")))
                    .orElse(new InputLine(name, "", "", ""));
        }
        if (input instanceof Input.Typed t) {
            String stage = Stream.of("ground", "water", "hardscape", "heat", "air", "plants")
                    .filter(t.path()::startsWith)
                    .findFirst()
                    .map(s -> s.equals("plants") ? "planting" : s)
                    .orElse(t.path().startsWith("animals") ? "animal" : "vessel");
            return new InputLine(
                    name,
                    figures.value(t.value(), t.unit()),
                    base + "/" + stage,
                    paths.place(t.path(), e.design(), catalogues.of(e.design())));
        }
        Input.Listed listed = (Input.Listed) input;
        String of = listed(listed, catalogues.of(e.design()));
        return new InputLine(
                words.of("figure.of", name, of),
                figures.value(listed.value(), listed.unit()),
                "/catalogue/" + listed.kind() + "/" + listed.entry(),
                listed.provenance());
    }

    /** A note's numbers: what was compared, and by which rule. */
    private Why note(Evaluation e, String key, long enclosure) {
        Finding f = e.findings().stream()
                .filter(x -> Notes.key(x).equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("note " + key));
        List<InputLine> inputs = f.measures().stream()
                .map(m -> new InputLine(
                        words.or("measure." + m.name(), m.name().replace('_', ' ')), Numbers.of(m), "", ""))
                .toList();
        String standing = words.or("rule." + f.rule() + ".standing", "practice");
        return new Why(
                findings.title(f),
                words.of("severity", f.severity()),
                f.severity() == Severity.GOOD ? "" : findings.reason(f),
                words.of("why.rule", f.rule().toString()),
                standing,
                words.of("standing." + standing),
                "",
                inputs);
    }

    private static String listed(Input.Listed listed, Catalogue catalogue) {
        String entry = listed.entry();
        return switch (listed.kind()) {
            case "media" -> catalogue.groundName(entry);
            case "vessels" -> catalogue.findVessel(entry).map(v -> v.name()).orElse(entry);
            case "heaters", "watergear" ->
                catalogue.findGear(entry).map(g -> g.name()).orElse(entry);
            case "lamps" -> catalogue.findLamp(entry).map(l -> l.name()).orElse(entry);
            case "moisture" -> catalogue.findMistGear(entry).map(l -> l.name()).orElse(entry);
            case "construction" -> catalogue.findMesh(entry).map(l -> l.name()).orElse(entry);
            default -> catalogue.findSpecies(entry).map(v -> v.scientificName()).orElse(entry);
        };
    }
}
