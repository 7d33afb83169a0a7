package tanah.web.design.start;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.animal.SpaceRule;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.VesselChoice;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.scene.SceneBuilder;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.SpeciesSearch;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.ledger.Ledger;
import tanah.web.design.notes.NoteView;
import tanah.web.design.notes.Notes;
import tanah.web.design.stage.Strata;
import tanah.web.design.words.PageHead;
import tanah.web.enclosure.RevisionRow;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Numbers;
import tanah.web.need.NeedBars;
import tanah.web.shell.Words;
import tanah.web.svg.BoxSvg;
import tanah.web.svg.SheetPlants;

/** Puts the start sheet together. */
@Component
class StartPages {
    private static final String THIN = "\u2009";
    private static final int CARDS = 3;
    private static final double CARD_WIDE = 100;
    private static final double CARD_TALL = 64;

    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final SpeciesSearch search;
    private final NeedBars needs;
    private final Strata strata;
    private final Ledger ledger;
    private final Notes notes;
    private final PageHead pages;
    private final Words words;
    private final Clock clock;

    StartPages(
            Catalogues catalogues,
            Evaluations evaluations,
            SpeciesSearch search,
            NeedBars needs,
            Strata strata,
            Ledger ledger,
            Notes notes,
            PageHead pages,
            Words words,
            Clock clock) {
        this.catalogues = catalogues;
        this.evaluations = evaluations;
        this.search = search;
        this.needs = needs;
        this.strata = strata;
        this.ledger = ledger;
        this.notes = notes;
        this.pages = pages;
        this.words = words;
        this.clock = clock;
    }

    /**
     * @param id 0 while nothing is stored
     */
    StartView view(
            long id, int revision, String saved, Design design, StartForm form, Stage stage, List<RevisionRow> edits) {
        Evaluation e = evaluations.quick(design);
        String base = id == 0 ? "" : "/enclosures/" + id;
        Optional<Inhabitant> animal = e.animals().stream().findFirst();
        List<VesselChoice.Candidate> candidates = animal.map(a -> VesselChoice.candidates(a, catalogues.of(e.design())))
                .orElse(List.of());
        List<NoteView> noted = notes.of(e, catalogues.of(e.design()), base).stream()
                .filter(n -> n.stage().equals("animal") || n.stage().equals("vessel"))
                .toList();
        return new StartView(
                id,
                revision,
                design.name(),
                pages.latin(e),
                saved,
                strata.of(e, base, stage),
                matches(form, catalogues.of(design)),
                !form.get("q").isBlank(),
                animal.map(a -> chosen(a.profile()))
                        .orElse(new StartView.Chosen(false, "", "", List.of(), List.of(), List.of())),
                animal.map(a -> cards(design, a, candidates, form.get("vessel")))
                        .orElse(List.of()),
                options(candidates, form.get("vessel"), catalogues.of(design)),
                ledger.of(e, edits, OffsetDateTime.now(clock)),
                noted,
                answers(e));
    }

    private List<StartView.Match> matches(StartForm form, Catalogue catalogue) {
        return search.find(form.get("q"), catalogue).stream()
                .map(s -> new StartView.Match(
                        s.id(), s.commonName(), s.scientificName(), hint(s), s.id().equals(form.get("species"))))
                .toList();
    }

    private static String hint(Species s) {
        return s.biome().replace('-', ' ') + ", " + s.social() + ", " + s.text("activity");
    }

    private StartView.Chosen chosen(Species s) {
        List<String> lines = new ArrayList<>();
        lines.add(words.of(
                "start.smallest",
                cm(s.minLength()) + " × " + cm(s.minDepth()) + " × " + cm(s.minHeight()) + THIN + Numbers.lengthUnit(),
                Numbers.upTo(100 * s.extraFloor(), 0)));
        add(lines, words.of("start.company") + " ", s.text("social_note"));
        add(lines, "", s.text("notes"));
        List<String> cautions = new ArrayList<>();
        s.list("keeper_hazard").forEach(cautions::add);
        s.list("legal").forEach(cautions::add);
        return new StartView.Chosen(true, capital(s.commonName()), s.scientificName(), needs.of(s), lines, cautions);
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(java.util.Locale.ENGLISH) + text.substring(1);
    }

    private static void add(List<String> lines, String head, String text) {
        if (!text.isEmpty()) {
            lines.add(capital(head + text) + ".");
        }
    }

    /** The chosen vessel and those that last for life, what is easiest to live with first; where none does, those that come nearest. */
    private List<StartView.Card> cards(
            Design design, Inhabitant animal, List<VesselChoice.Candidate> candidates, String chosen) {
        boolean none = candidates.stream().noneMatch(VesselChoice.Candidate::suits);
        List<VesselChoice.Candidate> shown = new ArrayList<>(candidates.stream()
                .filter(c -> none || c.suits())
                .sorted(none ? VesselChoice.NEAREST : VesselChoice.EASIEST)
                .limit(CARDS)
                .toList());
        candidates.stream()
                .filter(c -> c.model().id().equals(chosen) && !shown.contains(c))
                .findFirst()
                .ifPresent(c -> shown.add(0, c));
        // one scale for all: the place of a card is 100 wide and 70 tall, with room for the lid
        double reach = shown.stream()
                .mapToDouble(c -> Math.max(c.vessel().length(), c.vessel().height() * CARD_WIDE / CARD_TALL))
                .max()
                .orElse(1);
        return shown.stream()
                .limit(CARDS)
                .map(c -> card(design, animal, c, reach, c.model().id().equals(chosen)))
                .toList();
    }

    private StartView.Card card(
            Design design, Inhabitant animal, VesselChoice.Candidate c, double reach, boolean chosen) {
        Space space = c.space();
        Vessel v = c.vessel();
        boolean now = space.ratio() >= space.scaleNow() - 1e-9;
        Severity judged = SpaceRule.verdict(animal, space);
        Severity severity = judged == Severity.GOOD && !c.suits() ? Severity.CAUTION : judged;
        String verdict = words.of(
                !now
                        ? "start.verdict.now"
                        : !space.isForLife()
                                ? "start.verdict.grown"
                                : c.suits()
                                        ? "start.verdict.life"
                                        : c.deep() ? "start.verdict.kind" : "start.verdict.shallow");
        String reason =
                words.of("start.offers", Numbers.upTo(100 * space.ratio(), 0), words.of("start.limit", space.limit()))
                        + space.lasts().stream()
                                .mapToObj(m -> " " + words.of("start.until", Numbers.upTo(m, m < 10 ? 1 : 0)))
                                .findFirst()
                                .orElse("");
        Design empty = Design.named("x")
                .withKept(design.kept()) // own entries
                .withVessel(Boxes.fromCatalogue(c.model(), Optional.empty()))
                .withAnimals(List.of(animal.resident()));
        Evaluation e = Evaluator.evaluate(empty, catalogues.of(empty));
        String svg = BoxSvg.draw(
                SceneBuilder.build(
                        empty,
                        v,
                        e.ground().orElseThrow(),
                        Optional.empty(),
                        List.of(animal),
                        c.model().lidMesh(),
                        OptionalDouble.empty()),
                c.model().name(),
                SheetPlants.NONE,
                false);
        return new StartView.Card(
                c.model().id(),
                c.model().name(),
                svg,
                Math.round(CARD_WIDE * v.length() / reach),
                severity,
                verdict,
                reason,
                words.of(
                        "start.inside",
                        cm(v.length()) + " × " + cm(v.width()) + " × " + cm(v.height()) + THIN + Numbers.lengthUnit(),
                        Numbers.volumeWithUnit(v.brim())),
                words.of("start.empty", Numbers.massWithUnit(v.emptyMass()))
                        + c.model()
                                .price()
                                .map(p -> ", " + words.of("start.about", Numbers.price(new Range(p.low(), p.high()))))
                                .orElse(""),
                chosen);
    }

    private static List<StartView.Option> options(
            List<VesselChoice.Candidate> candidates, String chosen, Catalogue catalogue) {
        if (candidates.isEmpty()) {
            return catalogue.allVessels().stream()
                    .filter(v -> v.fitsDesign())
                    .map(v -> new StartView.Option(v.id(), v.name(), false, v.id().equals(chosen)))
                    .toList();
        }
        return candidates.stream()
                .map(c -> new StartView.Option(
                        c.model().id(),
                        c.model().name(),
                        c.suits(),
                        c.model().id().equals(chosen)))
                .toList();
    }

    private List<NumberRow> answers(Evaluation e) {
        List<NumberRow> rows = new ArrayList<>();
        e.vessel().ifPresent(v -> {
            rows.add(new NumberRow(
                    words.of("box.inside"),
                    cm(v.length()) + " × " + cm(v.width()) + " × " + cm(v.height()) + THIN + Numbers.lengthUnit()));
            rows.add(new NumberRow(words.of("box.capacity"), Numbers.volumeWithUnit(v.brim()), "vessel.capacity"));
            v.label()
                    .ifPresent(l -> rows.add(new NumberRow(
                            words.of("box.label"),
                            words.of(
                                    "box.label.holds",
                                    Numbers.volumeWithUnit(l.volume()),
                                    Numbers.upTo(100 * v.brim() / l.volume(), 0)))));
            rows.add(new NumberRow(words.of("box.floor"), Numbers.area(v.floorArea()), "vessel.floor"));
            rows.add(new NumberRow(
                    words.of("box.empty"),
                    words.of(
                            "and",
                            Numbers.kilograms(v.massBand().min()),
                            Numbers.massWithUnit(v.massBand().max()))));
            rows.add(new NumberRow(words.of("box.likely"), Numbers.massWithUnit(v.emptyMass()), "vessel.mass"));
            v.frontDam()
                    .ifPresent(d -> rows.add(new NumberRow(words.of("box.lip"), cm(d) + THIN + Numbers.lengthUnit())));
        });
        e.animals().stream().findFirst().map(a -> e.space().get(a.id())).ifPresent(space -> {
            rows.add(new NumberRow(words.of("box.most_now"), most(space.mostNow()), "space.most_now"));
            rows.add(new NumberRow(words.of("box.most_grown"), most(space.mostGrown()), "space.most_grown"));
        });
        return rows;
    }

    private String most(java.util.OptionalInt most) {
        return most.isPresent() ? String.valueOf(most.getAsInt()) : words.of("box.no_limit");
    }

    private static String cm(double metres) {
        return Numbers.lengthUpTo(metres, 1);
    }
}
