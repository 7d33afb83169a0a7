package tanah.web.design;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.school.Schools;
import tanah.web.catalogue.Catalogues;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.Numbers;
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
    private final LayerParts layerParts;
    private final HardscapeParts hardscape;
    private final WaterParts water;
    private final HeatParts heat;
    private final AirParts air;
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
            LayerParts layerParts,
            HardscapeParts hardscape,
            WaterParts water,
            HeatParts heat,
            AirParts air,
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
        this.layerParts = layerParts;
        this.hardscape = hardscape;
        this.water = water;
        this.heat = heat;
        this.air = air;
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
        String part = Selection.of(e.design(), stage, options.partOrNone());
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
                Ledger.when(enclosure.savedAt(), now),
                strata.of(e, base, stage),
                layerParts.of(e, part),
                parts(e, stage, part),
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
                LayerParts.shownDepth(cut),
                totals(e),
                enclosure.role().mayChange(),
                enclosure.undo(),
                enclosure.redo());
    }

    private List<PartView> parts(Evaluation e, Stage stage, String part) {
        return switch (stage) {
            case HARDSCAPE -> hardscape.of(e, part);
            case WATER -> water.of(e, part);
            case HEAT -> heat.of(e, part);
            case AIR -> air.of(e, part);
            default -> List.of();
        };
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
