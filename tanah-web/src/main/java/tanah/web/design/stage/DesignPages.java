package tanah.web.design.stage;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.school.Schools;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.DesignStage;
import tanah.web.design.ledger.Ledger;
import tanah.web.design.notes.NoteView;
import tanah.web.design.notes.Notes;
import tanah.web.design.overlay.SheetOptions;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PageHead;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Puts a stage page together from an evaluation. */
@Component
public class DesignPages {
    private final Catalogues catalogues;
    private final EnclosureService enclosures;
    private final Strata strata;
    private final Ledger ledger;
    private final Notes notes;
    private final FindingWords words;
    private final Map<Stage, DesignStage> stages = new EnumMap<>(Stage.class);
    private final StageSheet sheets;
    private final PageHead head;
    private final Words common;
    private final Clock clock;

    DesignPages(
            Catalogues catalogues,
            EnclosureService enclosures,
            Strata strata,
            Ledger ledger,
            Notes notes,
            FindingWords words,
            List<DesignStage> stages,
            StageSheet sheets,
            PageHead head,
            Words common,
            Clock clock) {
        this.catalogues = catalogues;
        this.enclosures = enclosures;
        this.strata = strata;
        this.ledger = ledger;
        this.notes = notes;
        this.words = words;
        stages.forEach(s -> this.stages.put(s.stage(), s));
        this.sheets = sheets;
        this.head = head;
        this.common = common;
        this.clock = clock;
    }

    public DesignView view(long keeperId, Enclosure enclosure, Evaluation e, Stage stage, SheetOptions options) {
        String base = "/enclosures/" + enclosure.id();
        List<NoteView> noted =
                notes.of(e, catalogues.of(e.design()), base, enclosure.role().mayChange());
        Map<Severity, Long> tally = new EnumMap<>(Severity.class);
        for (Severity severity : Severity.values()) {
            tally.put(severity, e.count(severity));
        }
        OffsetDateTime now = OffsetDateTime.now(clock);
        Optional<DesignStage> own = Optional.ofNullable(stages.get(stage));
        String part = own.map(s -> s.selected(e.design(), options.partOrNone())).orElse(options.partOrNone());
        double deep =
                e.vessel().map(v -> options.isSide() ? v.length() : v.width()).orElse(0.0);
        OptionalDouble typed =
                options.cut() == null ? OptionalDouble.empty() : Quantity.parse(options.cut(), Quantity.Kind.LENGTH);
        double cut = Math.max(0, Math.min(deep, typed.orElse(deep / 2)));
        return new DesignView(
                enclosure.id(),
                stage.word(),
                part,
                e.design().name(),
                head.latin(e),
                enclosure.revision(),
                Presentation.current().when(enclosure.savedAt(), now),
                strata.of(e, base, stage),
                own.map(DesignStage::template).orElse(""),
                own.<List<?>>map(s -> s.rows(e, part)).orElse(List.of()),
                own.map(s -> s.parts(e, part)).orElse(List.of()),
                own.map(s -> s.adding(e.design())),
                Schools.of(e.design(), catalogues.of(e.design())).stream()
                        .filter(s -> s.stage() == stage)
                        .map(s -> new DesignView.SchoolLine(
                                s.id(),
                                Schools.current(e.design(), s, catalogues.of(e.design())),
                                s.options().size()))
                        .toList(),
                sheets.of(
                        e,
                        noted,
                        new StageSheet.Look(
                                stage, part, cut, options, enclosure.role().mayChange())),
                ledger.of(e, enclosures.newest(keeperId, enclosure.id(), 4), now, stage),
                noted,
                tally,
                e.notAssessed().stream()
                        .map(NotAssessed::topic)
                        .distinct()
                        .map(words::gap)
                        .toList(),
                options,
                Numbers.lengthUpTo(cut, 1),
                totals(e),
                enclosure.role().mayChange(),
                enclosure.undo(),
                enclosure.redo());
    }

    private String totals(Evaluation e) {
        return e.ground()
                .map(g -> common.of(
                        "layer.totals",
                        Numbers.volumeWithUnit(g.bulk()),
                        Numbers.centimetres(g.surfaceMin()) + "–" + Numbers.lengthWithUnit(g.surfaceMax())))
                .orElse("");
    }
}
