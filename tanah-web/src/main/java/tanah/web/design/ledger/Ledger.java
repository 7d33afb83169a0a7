package tanah.web.design.ledger;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.animal.SpaceRule;
import tanah.core.build.BuyLine;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.VesselModel;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.DiggingDepthRule;
import tanah.core.structure.MassResult;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.NumberRow;
import tanah.web.enclosure.RevisionRow;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** Fills the ledger beside the drawing. */
@Component
public class Ledger {
    private static final String THIN = "\u2009";

    private final Catalogues catalogues;
    private final Words words;
    private final ClimateBars climate;
    private final PlantBars plants;
    private final CrewBars crew;

    Ledger(Catalogues catalogues, Words words, ClimateBars climate, PlantBars plants, CrewBars crew) {
        this.crew = crew;
        this.climate = climate;
        this.plants = plants;
        this.catalogues = catalogues;
        this.words = words;
    }

    public LedgerView of(Evaluation e, List<RevisionRow> revisions, OffsetDateTime now) {
        return of(e, revisions, now, Stage.VESSEL);
    }

    /** @param stage that is open: its own bars of the animal are shown */
    public LedgerView of(Evaluation e, List<RevisionRow> revisions, OffsetDateTime now, Stage stage) {
        List<LedgerView.Bar> own = switch (stage) {
            case HEAT, AIR -> climate.of(e, stage);
            case PLANTING -> plants.of(e);
            case CREW -> crew.of(e);
            default -> List.of();
        };
        return new LedgerView(
                words.of(own.isEmpty() ? "common.the_animal" : head(stage)),
                own.isEmpty() ? bars(e) : own,
                e.mass()
                        .map(m -> m.capacity().isPresent()
                                ? words.of(
                                        "ledger.carries",
                                        Numbers.massWithUnit(m.capacity().getAsDouble()))
                                : words.of("ledger.no_rating"))
                        .orElse(""),
                stand(e),
                bill(e),
                revisions.stream()
                        .map(r -> new LedgerView.Edit(
                                r.revision(),
                                r.summary(),
                                Presentation.current().when(r.savedAt(), now)))
                        .toList());
    }

    private static String head(Stage stage) {
        return switch (stage) {
            case PLANTING -> "ledger.the_plants";
            case CREW -> "ledger.the_crew";
            default -> "common.the_animal";
        };
    }

    private List<LedgerView.Bar> bars(Evaluation e) {
        List<LedgerView.Bar> bars = new ArrayList<>();
        for (Inhabitant animal : e.animals()) {
            Space space = e.space().get(animal.id());
            if (space != null) {
                bars.add(spaceBar(space, worst(e, animal.id())));
            }
            e.findings().stream()
                    .filter(f -> f.rule().equals(DiggingDepthRule.ID))
                    .filter(f -> f.words().isEmpty()
                            || f.words().contains(animal.row().scientificName()))
                    .findFirst()
                    .ifPresent(f -> bars.add(depthBar(f)));
        }
        return bars;
    }

    /** The core's verdict on the room that an animal has: the worst of now and grown. */
    private static Severity worst(Evaluation e, String animal) {
        return e.findings().stream()
                .filter(f -> f.rule().equals(SpaceRule.NOW) || f.rule().equals(SpaceRule.GROWN))
                .filter(f -> f.place().part().equals(animal))
                .map(Finding::severity)
                .min(Comparator.naturalOrder())
                .orElse(Severity.GOOD);
    }

    private LedgerView.Bar spaceBar(Space space, Severity severity) {
        double offers = 100 * space.ratio();
        double needs = 100 * space.scaleNow();
        String verdict = offers < needs - 1e-6
                ? words.of("ledger.space.now")
                : space.isForLife()
                        ? words.of("ledger.space.life")
                        : words.of(
                                "ledger.space.month",
                                Numbers.upTo(
                                        space.lasts().getAsDouble(),
                                        space.lasts().getAsDouble() < 10 ? 1 : 0));
        String sentence = words.of("ledger.space.said", Numbers.upTo(offers, 0), Numbers.upTo(needs, 0), verdict);
        RangeBar bar = new RangeBar(
                OptionalDouble.of(needs),
                OptionalDouble.empty(),
                0,
                200,
                OptionalDouble.of(offers),
                List.of(),
                sentence);
        return new LedgerView.Bar(
                words.of("ledger.space"), Numbers.upTo(offers, 0) + THIN + "%", severity, bar.draw(), verdict);
    }

    private LedgerView.Bar depthBar(Finding f) {
        double depth = Numbers.length(f.measures().get(0).value());
        double least = Numbers.length(f.measures().get(1).value());
        double preferred = Numbers.length(f.measures().get(2).value());
        String verdict = f.severity() == Severity.GOOD
                ? words.of("ledger.by", Numbers.fixed(depth - least, 1))
                : Numbers.fixed(depth - (depth < least ? least : preferred), 1);
        String sentence = words.of(
                "ledger.depth.said",
                Numbers.upTo(least, 1),
                Numbers.upTo(preferred, 1),
                Numbers.upTo(depth, 1),
                Numbers.lengthUnit());
        RangeBar bar = new RangeBar(
                OptionalDouble.of(least),
                OptionalDouble.empty(),
                0,
                Math.max(preferred * 2, 10),
                OptionalDouble.of(depth),
                List.of(),
                sentence);
        Measure shown = f.measures().get(0);
        return new LedgerView.Bar(words.of("ledger.depth"), Numbers.of(shown), f.severity(), bar.draw(), verdict);
    }

    private List<NumberRow> stand(Evaluation e) {
        List<NumberRow> rows = new ArrayList<>();
        if (e.mass().isEmpty()) {
            return rows;
        }
        MassResult m = e.mass().get();
        rows.add(new NumberRow(words.of("ledger.vessel"), kg(m.vessel()), "mass.vessel"));
        rows.add(new NumberRow(words.of("ledger.ground_dry"), kg(m.groundDry()), "mass.ground_dry"));
        rows.add(new NumberRow(words.of("ledger.ground_water"), kg(m.groundWater()), "mass.ground_water"));
        if (m.freeWater() > 0) {
            rows.add(new NumberRow(words.of("ledger.open_water"), kg(m.freeWater()), "mass.open_water"));
        }
        if (m.hardscape() + m.dam() > 0) {
            rows.add(new NumberRow(words.of("ledger.hardscape"), kg(m.hardscape() + m.dam()), "mass.hardscape"));
        }
        if (m.fittings() + m.stand() > 0) {
            rows.add(new NumberRow(words.of("ledger.fittings"), kg(m.fittings() + m.stand()), "mass.fittings"));
        }
        rows.add(new NumberRow(words.of("ledger.total"), kg(m.total()), "mass.total"));
        rows.add(new NumberRow(
                words.of("ledger.between"),
                words.of("and", Numbers.kilograms(m.band().min()), kg(m.band().max()))));
        e.ground().filter(g -> g.underBarrier().full() > 0).ifPresent(g -> {
            rows.add(new NumberRow(
                    words.of("ledger.under"),
                    Numbers.volumeWithUnit(g.underBarrier().full()),
                    "ground.under_full"));
            rows.add(new NumberRow(
                    words.of("ledger.siphon"),
                    Numbers.volumeWithUnit(g.underBarrier().drainable()),
                    "ground.under_drainable"));
        });
        return rows;
    }

    private List<NumberRow> bill(Evaluation e) {
        List<NumberRow> rows = new ArrayList<>();
        Optional<VesselModel> model =
                e.design().vessel().flatMap(v -> v.catalogue()).flatMap(catalogues.of(e.design())::findVessel);
        model.flatMap(VesselModel::price)
                .ifPresent(p -> rows.add(
                        new NumberRow(words.of("ledger.bill.vessel"), Numbers.price(new Range(p.low(), p.high())))));
        e.shopping().filter(s -> !s.lines().isEmpty()).ifPresent(s -> {
            rows.add(new NumberRow(
                    words.of("ledger.bill.ground"), Numbers.price(s.price(BuyLine.Kind.GROUND)), "bill.ground"));
            cost(rows, s, BuyLine.Kind.GEAR, "bill.devices");
            cost(rows, s, BuyLine.Kind.PLANTS, "bill.plants");
            rows.add(new NumberRow(
                    words.of("ledger.bill.lines"), String.valueOf(s.lines().size())));
        });
        return rows;
    }

    private void cost(List<NumberRow> rows, Shopping s, BuyLine.Kind kind, String figure) {
        if (s.price(kind).max() > 0) {
            rows.add(new NumberRow(words.of("ledger." + figure), Numbers.price(s.price(kind)), figure));
        }
    }

    private static String kg(double kilograms) {
        return Numbers.massWithUnit(kilograms);
    }
}
