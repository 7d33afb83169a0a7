package tanah.web.design.start;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.Resident;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.catalogue.SpeciesSearch;
import tanah.web.design.words.FindingWords;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.shell.Words;

/** One plan, several animals: what each would find in it, worst first. Nothing is stored until one is chosen. */
@Controller
@RequestMapping("/enclosures/{id}/candidates")
class CandidateController {
    private static final int MOST = 4;

    private final EnclosureService enclosures;
    private final SpeciesSearch search;
    private final FindingWords findings;
    private final Words words;
    private final OwnEntryService own;
    private final Catalogues catalogues;
    private final Evaluations evaluations;

    CandidateController(
            EnclosureService enclosures,
            SpeciesSearch search,
            FindingWords findings,
            Words words,
            OwnEntryService own,
            Catalogues catalogues,
            Evaluations evaluations) {
        this.enclosures = enclosures;
        this.search = search;
        this.findings = findings;
        this.words = words;
        this.own = own;
        this.catalogues = catalogues;
        this.evaluations = evaluations;
    }

    /** What this animal would find. */
    public record Candidate(
            String id, String common, String latin, boolean lives, long stops, long cautions, List<Line> lines) {}

    /** A finding about it. */
    public record Line(Severity severity, String word, String title, String reason) {}

    /** A species that the search found, and the address with it added. */
    public record Match(String id, String common, String latin) {}

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable List<String> animal,
            @RequestParam(defaultValue = "") String q,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        List<String> asked = animal == null
                ? enclosure.design().animals().stream().map(Resident::species).toList()
                : animal;
        Design offered = own.offered(keeper.id(), enclosure.design());
        List<Candidate> candidates = asked.stream()
                .distinct()
                .limit(MOST)
                .map(s -> candidate(offered, s))
                .filter(Objects::nonNull)
                .sorted(Comparator.comparingLong(Candidate::stops).thenComparingLong(Candidate::cautions))
                .toList();
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("candidates", candidates);
        model.addAttribute("ids", candidates.stream().map(Candidate::id).toList());
        model.addAttribute("q", q);
        model.addAttribute("full", candidates.size() >= MOST);
        model.addAttribute(
                "matches",
                search.find(q, catalogues.of(keeper.id())).stream()
                        .limit(12)
                        .map(s -> new Match(s.id(), s.commonName(), s.scientificName()))
                        .toList());
        return "design/candidates";
    }

    private @Nullable Candidate candidate(Design design, String speciesId) {
        Optional<Species> species = catalogues.of(design).findSpecies(speciesId);
        if (species.isEmpty()) {
            return null;
        }
        boolean lives = design.animals().stream().anyMatch(a -> a.species().equals(speciesId));
        Evaluation e = evaluations.whole(with(design, speciesId));
        List<Line> lines = new ArrayList<>();
        for (Finding f : e.findings()) {
            if (f.severity() != Severity.GOOD) {
                lines.add(new Line(
                        f.severity(), words.of("severity", f.severity()), findings.title(f), findings.reason(f)));
            }
        }
        return new Candidate(
                speciesId,
                species.get().commonName(),
                species.get().scientificName(),
                lives,
                e.count(Severity.STOP),
                e.count(Severity.CAUTION),
                lines);
    }

    /** The plan with this animal alone; the one that is planned keeps its number and the keeper's own values. */
    private static Design with(Design design, String species) {
        Resident resident = design.animals().stream()
                .filter(a -> a.species().equals(species))
                .findFirst()
                .orElseGet(() -> Resident.one(Ids.free(design.withAnimals(List.of()), "animal"), species));
        return design.withAnimals(List.of(resident));
    }

    @PostMapping
    String choose(
            @PathVariable long id,
            @RequestParam String species,
            @RequestParam int base,
            @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        Design shown = own.offered(
                keeper.id(),
                base >= 1 && base < enclosure.revision()
                        ? enclosures.revision(keeper.id(), id, base)
                        : enclosure.design());
        if (catalogues.of(shown).findSpecies(species).isPresent()) {
            try {
                enclosures.save(
                        keeper.id(),
                        id,
                        Math.min(base, enclosure.revision()),
                        with(shown, species),
                        words.of(
                                "edit.chosen",
                                catalogues
                                        .of(shown)
                                        .findSpecies(species)
                                        .orElseThrow()
                                        .scientificName()));
            } catch (ConflictException e) {
                return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
            }
        }
        return "redirect:/enclosures/{id}/animal";
    }
}
