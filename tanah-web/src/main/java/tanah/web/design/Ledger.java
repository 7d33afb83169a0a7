package tanah.web.design;

import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.VesselModel;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Severity;
import tanah.core.ground.DiggingDepthRule;
import tanah.core.structure.MassResult;
import tanah.web.enclosure.RevisionRow;
import tanah.web.forms.Numbers;
import tanah.web.svg.RangeBar;

/** Fills the ledger beside the drawing. */
@Component
public class Ledger {
    private static final String THIN = "\u2009";
    private static final DateTimeFormatter TODAY = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter EARLIER = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final Catalogue catalogue;

    Ledger(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    public LedgerView of(Evaluation e, List<RevisionRow> revisions, OffsetDateTime now) {
        return new LedgerView(
                bars(e),
                e.mass()
                        .map(m -> m.capacity().isPresent()
                                ? "carries " + Numbers.kilograms(m.capacity().getAsDouble()) + THIN + "kg"
                                : "rating not entered")
                        .orElse(""),
                stand(e),
                bill(e),
                revisions.stream()
                        .map(r -> new LedgerView.Edit(r.summary(), when(r.savedAt(), now)))
                        .toList());
    }

    private static List<LedgerView.Bar> bars(Evaluation e) {
        List<LedgerView.Bar> bars = new ArrayList<>();
        for (Inhabitant animal : e.animals()) {
            Space space = e.space().get(animal.id());
            if (space != null) {
                bars.add(spaceBar(space));
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

    private static LedgerView.Bar spaceBar(Space space) {
        double offers = 100 * space.ratio();
        double needs = 100 * space.scaleNow();
        Severity severity = offers >= needs - 1e-6
                ? (space.isForLife() ? Severity.GOOD : Severity.CAUTION)
                : offers >= 0.8 * needs ? Severity.CAUTION : Severity.STOP;
        String verdict = offers < needs - 1e-6
                ? "too small now"
                : space.isForLife()
                        ? "for life"
                        : "until month "
                                + Numbers.upTo(
                                        space.lasts().getAsDouble(),
                                        space.lasts().getAsDouble() < 10 ? 1 : 0);
        String sentence = "Room for the animals: offers " + Numbers.upTo(offers, 0)
                + " per cent of the grown need, now " + Numbers.upTo(needs, 0) + " is needed, " + verdict + ".";
        RangeBar bar = new RangeBar(
                OptionalDouble.of(needs),
                OptionalDouble.empty(),
                0,
                200,
                OptionalDouble.of(offers),
                List.of(),
                sentence);
        return new LedgerView.Bar(
                "Room, of the grown need", Numbers.upTo(offers, 0) + THIN + "%", severity, bar.draw(), verdict);
    }

    private static LedgerView.Bar depthBar(Finding f) {
        double depth = f.measures().get(0).shown();
        double least = f.measures().get(1).shown();
        double preferred = f.measures().get(2).shown();
        String verdict = f.severity() == Severity.GOOD
                ? "by " + Numbers.fixed(depth - least, 1)
                : Numbers.fixed(depth - (depth < least ? least : preferred), 1);
        String sentence = "Depth of soil, at least " + Numbers.upTo(least, 1) + ", better " + Numbers.upTo(preferred, 1)
                + " centimetres, planned " + Numbers.upTo(depth, 1) + ".";
        RangeBar bar = new RangeBar(
                OptionalDouble.of(least),
                OptionalDouble.empty(),
                0,
                Math.max(preferred * 2, 10),
                OptionalDouble.of(depth),
                List.of(),
                sentence);
        Measure shown = f.measures().get(0);
        return new LedgerView.Bar("Depth of soil", Numbers.of(shown), f.severity(), bar.draw(), verdict);
    }

    private static List<LayerView.Row> stand(Evaluation e) {
        List<LayerView.Row> rows = new ArrayList<>();
        if (e.mass().isEmpty()) {
            return rows;
        }
        MassResult m = e.mass().get();
        rows.add(new LayerView.Row("Vessel, empty", kg(m.vessel())));
        rows.add(new LayerView.Row("Ground, dry", kg(m.groundDry())));
        rows.add(new LayerView.Row("Water in the ground", kg(m.groundWater())));
        if (m.freeWater() > 0) {
            rows.add(new LayerView.Row("Open water", kg(m.freeWater())));
        }
        if (m.hardscape() + m.dam() > 0) {
            rows.add(new LayerView.Row("Stone, wood, dam", kg(m.hardscape() + m.dam())));
        }
        if (m.fittings() + m.stand() > 0) {
            rows.add(new LayerView.Row("Fittings and stand", kg(m.fittings() + m.stand())));
        }
        rows.add(new LayerView.Row("Filled and wet", kg(m.total())));
        rows.add(new LayerView.Row(
                "between",
                Numbers.kilograms(m.band().min()) + " and " + kg(m.band().max())));
        e.ground().filter(g -> g.underBarrier().full() > 0).ifPresent(g -> {
            rows.add(new LayerView.Row(
                    "Under the separator, full", Numbers.litres(g.underBarrier().full()) + THIN + "L"));
            rows.add(new LayerView.Row(
                    "of it a siphon gets", Numbers.litres(g.underBarrier().drainable()) + THIN + "L"));
        });
        return rows;
    }

    private List<LayerView.Row> bill(Evaluation e) {
        List<LayerView.Row> rows = new ArrayList<>();
        Optional<VesselModel> model =
                e.design().vessel().flatMap(v -> v.catalogue()).flatMap(catalogue::findVessel);
        model.flatMap(VesselModel::price)
                .ifPresent(p -> rows.add(new LayerView.Row(
                        "Vessel, from memory", Numbers.upTo(p.low(), 0) + "–" + Numbers.upTo(p.high(), 0))));
        e.shopping().filter(s -> !s.lines().isEmpty()).ifPresent(s -> {
            rows.add(new LayerView.Row("Ground", money(s)));
            rows.add(new LayerView.Row("Lines to buy", String.valueOf(s.lines().size())));
        });
        return rows;
    }

    static String money(Shopping s) {
        return money(s.price());
    }

    /** A price or a band of prices in reference currency. */
    public static String money(Range price) {
        return price.max() - price.min() < 0.005
                ? Numbers.fixed(price.min(), 2)
                : Numbers.fixed(price.min(), 0) + "–" + Numbers.fixed(price.max(), 0);
    }

    private static String kg(double kilograms) {
        return Numbers.kilograms(kilograms) + THIN + "kg";
    }

    /** Time of today, else the day. */
    static String when(OffsetDateTime at, OffsetDateTime now) {
        ZoneId zone = now.toZonedDateTime().getZone();
        OffsetDateTime local = at.atZoneSameInstant(zone).toOffsetDateTime();
        return local.toLocalDate().equals(now.toLocalDate()) ? TODAY.format(local) : EARLIER.format(local);
    }
}
