package tanah.web.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.scene.Scene;
import tanah.web.account.Keeper;
import tanah.web.account.KeeperService;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.notes.NoteView;
import tanah.web.design.notes.Notes;
import tanah.web.design.stage.StageSheet;
import tanah.web.design.stage.Strata;
import tanah.web.design.words.PageHead;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.evaluate.LivedIn;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.log.LastReadings;
import tanah.web.shell.Words;
import tanah.web.svg.BoxSvg;

/** The shelf: all enclosures of a keeper, drawn to one scale. */
@Controller
class ShelfController {
    /** Inner length below which the scale is not drawn larger (m). */
    private static final double LEAST_WIDEST = 0.9;

    /** Room that a drawing leaves for its walls, both sides together (m). */
    private static final double EDGES = 0.04;

    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final LivedIn livedIn;
    private final StageSheet sheets;
    private final Notes notes;
    private final Strata strata;
    private final LastReadings readings;
    private final KeeperService keepers;
    private final PageHead head;
    private final Words words;

    ShelfController(
            LivedIn livedIn,
            EnclosureService enclosures,
            Catalogues catalogues,
            Evaluations evaluations,
            StageSheet sheets,
            Notes notes,
            Strata strata,
            LastReadings readings,
            KeeperService keepers,
            PageHead head,
            Words words) {
        this.livedIn = livedIn;
        this.head = head;
        this.words = words;
        this.enclosures = enclosures;
        this.catalogues = catalogues;
        this.evaluations = evaluations;
        this.sheets = sheets;
        this.notes = notes;
        this.strata = strata;
        this.readings = readings;
        this.keepers = keepers;
    }

    /** A deleted enclosure, and until when it can be brought back. */
    public record Deleted(long id, String name, String until) {}

    @GetMapping("/")
    String shelf(@AuthenticationPrincipal Keeper keeper, Model model) {
        List<Enclosure> all = enclosures.all(keeper.id());
        List<Evaluation> evaluated = all.stream()
                .map(e -> livedIn.of(evaluations.quick(e.design()), keeper.id(), e.id(), e.phase()))
                .toList();
        double widest = evaluated.stream()
                .flatMap(e -> e.vessel().stream())
                .mapToDouble(v -> v.length())
                .max()
                .orElse(LEAST_WIDEST);
        List<ShelfCard> cards = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            cards.add(card(all.get(i), evaluated.get(i), Math.max(widest, LEAST_WIDEST)));
        }
        double tallest = evaluated.stream()
                .flatMap(e -> e.vessel().stream())
                .mapToDouble(v -> v.height())
                .max()
                .orElse(LEAST_WIDEST / 2);
        model.addAttribute("tall", Math.round(100 * (tallest + EDGES) / (Math.max(widest, LEAST_WIDEST) + EDGES)) + 1);
        model.addAttribute("cards", cards);
        model.addAttribute("widest", Numbers.upTo(Numbers.length(Math.max(widest, LEAST_WIDEST)), 0));
        model.addAttribute("first", first(cards).orElse(null));
        model.addAttribute("readings", readings.of(keeper.id(), all));
        model.addAttribute("archived", enclosures.archived(keeper.id()));
        model.addAttribute(
                "trash",
                enclosures.trash(keeper.id()).stream()
                        .map(t -> new Deleted(
                                t.id(),
                                t.name(),
                                Presentation.current()
                                        .day(t.deletedAt()
                                                .plus(EnclosureService.TRASH)
                                                .toLocalDate())))
                        .toList());
        model.addAttribute("keeperName", keeper.name());
        model.addAttribute(
                "isDemo", keepers.demoName().filter(keeper.name()::equals).isPresent());
        return "shelf/shelf";
    }

    /** What the tag of an enclosure says once its whole days are computed. */
    @GetMapping("/enclosures/{id}/tag")
    String tag(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation lived = livedIn.of(evaluations.whole(enclosure.design()), keeper.id(), id, enclosure.phase());
        model.addAttribute("c", card(enclosure, lived, LEAST_WIDEST));
        return "shelf/tag";
    }

    private ShelfCard card(Enclosure enclosure, Evaluation e, double widest) {
        Optional<Scene> scene = sheets.scene(e, OptionalDouble.empty());
        String base = "/enclosures/" + enclosure.id();
        List<NoteView> noted = notes.of(e, catalogues.of(e.design()), base);
        return new ShelfCard(
                enclosure.id(),
                e.design().name(),
                head.latin(e),
                enclosure.phase(),
                scene.map(s -> BoxSvg.draw(
                                s, words.of("shelf.section_of", e.design().name()), sheets.plants(e), false))
                        .orElse(""),
                Math.round(100 * (scene.map(Scene::length).orElse(0.3) + EDGES) / (widest + EDGES)),
                strata.of(e, base, Stage.LOG),
                tally(e),
                noted.stream()
                        .filter(n -> n.severity() != Severity.GOOD)
                        .limit(1)
                        .toList(),
                e.mass().map(m -> Numbers.massWithUnit(m.total())).orElse(""),
                enclosure.role().mayLog(),
                enclosure.role().owns() ? "" : words.of("role", enclosure.role()),
                e.forecast().map(Forecast::hasDays).orElse(true));
    }

    private List<ShelfCard.Tally> tally(Evaluation e) {
        List<ShelfCard.Tally> worst = new ArrayList<>();
        for (Severity severity : Severity.values()) {
            long count = e.count(severity);
            if (count > 0 && worst.size() < 2) {
                worst.add(new ShelfCard.Tally(
                        severity, words.count("tally." + severity.name().toLowerCase(Locale.ROOT), count)));
            }
        }
        return worst;
    }

    /** The enclosure with the worst note; the shelf's head names it. */
    private static Optional<ShelfCard> first(List<ShelfCard> cards) {
        return cards.stream()
                .filter(c -> !c.first().isEmpty())
                .min(java.util.Comparator.comparing(c -> c.first().get(0).severity()));
    }
}
