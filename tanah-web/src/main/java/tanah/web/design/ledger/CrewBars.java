package tanah.web.design.ledger;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import tanah.core.cleanup.Cleanup;
import tanah.core.cleanup.CrewRules;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** How long the leaves last, what of the droppings lies after a year, and how each kind of the crew lives on this floor. */
@Component
class CrewBars {
    private static final String THIN = "\u2009";
    private static final double YEAR = 365; // days
    private static final double GRAMS = 1000; // in a kilogram
    private static final double BEYOND = 1.4; // of the larger of limit and value, as far as the axis goes
    private static final int MOST = 5;

    private final Catalogues catalogues;
    private final PartNames names;
    private final Words words;

    CrewBars(Catalogues catalogues, PartNames names, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
    }

    List<LedgerView.Bar> of(Evaluation e) {
        List<LedgerView.Bar> bars = new ArrayList<>();
        e.cleanup().ifPresent(c -> {
            if (c.plan().litter() > 0) {
                bars.add(leaves(e, c));
            }
            if (c.plan().waste() > 0) {
                bars.add(droppings(e, c));
            }
            c.doses().stream()
                    .filter(g -> g.verdict().isPresent())
                    .sorted(Comparator.comparingDouble(Cleanup.Group::lives))
                    .limit(MOST)
                    .forEach(g -> bars.add(kind(e, g)));
        });
        return bars;
    }

    private LedgerView.Bar leaves(Evaluation e, Cleanup c) {
        OptionalDouble reserve = c.reserve();
        boolean thin = reserve.isPresent() && reserve.getAsDouble() <= YEAR;
        double lasts = thin ? reserve.getAsDouble() : YEAR;
        String value = thin
                ? words.of("crew.days", Numbers.upTo(lasts, 0))
                : words.of("ledger.crew.beyond", Numbers.upTo(YEAR, 0));
        String verdict = c.topUp()
                .map(t -> words.of("ledger.crew.top_up", Numbers.upTo(t.day(), 0)))
                .orElse(words.of("ledger.crew.lasts"));
        return bar(
                words.of("ledger.crew.leaves"),
                value,
                severity(e, CrewRules.RESERVE, ""),
                new Axis(OptionalDouble.of(CrewRules.WARNS), OptionalDouble.empty(), YEAR * 1.05, lasts),
                verdict);
    }

    private LedgerView.Bar droppings(Evaluation e, Cleanup c) {
        List<tanah.core.crew.CrewYear.Day> days = c.year().days();
        double lies = GRAMS * days.get(days.size() - 1).waste();
        double bears = GRAMS * c.year().bears();
        OptionalInt balance = c.balance();
        String verdict = balance.isPresent()
                ? words.of("ledger.crew.carried", String.valueOf(balance.getAsInt()))
                : words.of("ledger.crew.not_carried");
        return bar(
                words.of("ledger.crew.droppings"),
                Numbers.upTo(lies, lies < 10 ? 2 : 0) + THIN + "g",
                severity(e, CrewRules.WASTE, ""),
                new Axis(OptionalDouble.empty(), OptionalDouble.of(bears), BEYOND * Math.max(bears, lies), lies),
                verdict);
    }

    private LedgerView.Bar kind(Evaluation e, Cleanup.Group g) {
        double lives = 100 * g.lives();
        return bar(
                names.of(g.dose().id(), e.design(), catalogues.of(e.design())),
                Numbers.upTo(lives, 0) + THIN + "%",
                severity(e, CrewRules.KIND, g.dose().id()),
                new Axis(OptionalDouble.of(100 * CrewRules.LIVES), OptionalDouble.empty(), Math.max(100, lives), lives),
                words.of("crew.verdict." + g.verdict().orElseThrow().name().toLowerCase(Locale.ROOT)));
    }

    /** What is wanted, how far the axis goes, and what there is. */
    private record Axis(OptionalDouble low, OptionalDouble high, double to, double value) {}

    private LedgerView.Bar bar(String name, String value, Severity severity, Axis a, String verdict) {
        String sentence = words.of("ledger.crew.said", name, value, verdict);
        RangeBar bar = new RangeBar(a.low(), a.high(), 0, a.to(), OptionalDouble.of(a.value()), List.of(), sentence);
        return new LedgerView.Bar(name, value, severity, bar.draw(), verdict);
    }

    /** What the rules of the core say of it. */
    private static Severity severity(Evaluation e, RuleId rule, String part) {
        return e.findings().stream()
                .filter(f -> f.rule().equals(rule)
                        && (part.isEmpty() || f.place().part().equals(part)))
                .map(Finding::severity)
                .min(Comparator.naturalOrder())
                .orElse(Severity.GOOD);
    }
}
