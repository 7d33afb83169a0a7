package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.plant.Criterion;
import tanah.core.plant.Suitability;
import tanah.core.units.Unit;

/** How well a plant does at its place, and what holds it back most. */
final class PlantDoesRule {
    static final RuleId ID = new RuleId("plant.does");
    private static final double SUITS = 0.5;

    private PlantDoesRule() {}

    static Optional<Finding> judge(PlantRuleInput in, Planted.Piece piece) {
        boolean ruledOut = piece.fit()
                .filter(f ->
                        !f.refused().isEmpty() || !f.suitability().refused().isEmpty())
                .isPresent();
        if (piece.fit().isEmpty() || ruledOut || piece.fit().get().score().isEmpty()) {
            return Optional.empty();
        }
        PlantFit fit = piece.fit().get();
        double score = fit.score().getAsDouble();
        Measure shown = new Measure("score", score, Unit.PERCENT);
        Optional<Criterion> limits = fit.suitability().limiting();
        if (score < SUITS && limits.isPresent() && fit.suitability().score().orElse(1) < SUITS) {
            return Optional.of(held(in, piece, fit, limits.get(), shown));
        }
        Suitability.Grade grade = Suitability.Grade.of(score);
        String variant = grade.name().toLowerCase(Locale.ROOT);
        List<Measure> numbers = List.of(
                shown,
                new Measure("low", fit.low().orElse(score), Unit.PERCENT),
                new Measure("high", fit.high().orElse(score), Unit.PERCENT));
        if (score < SUITS) {
            return Optional.of(in.finding(ID, Severity.CAUTION, piece, "animals", numbers, in.ways(piece)));
        }
        if (fit.low().orElse(score) < SUITS && limits.isPresent()) {
            String reads = limits.get().name().toLowerCase(Locale.ROOT);
            return Optional.of(in.finding(
                    ID,
                    Severity.HINT,
                    piece,
                    "unsure",
                    numbers,
                    List.of(Remedy.byHand("read-" + reads), PlantRuleInput.takeOut(piece))));
        }
        return Optional.of(in.finding(ID, Severity.GOOD, piece, variant, numbers, List.of()));
    }

    private static Finding held(PlantRuleInput in, Planted.Piece piece, PlantFit fit, Criterion limit, Measure score) {
        Optional<Asked> asked = Asked.of(
                limit,
                piece.kind().orElseThrow().needs(),
                piece.place()
                        .orElseThrow()
                        .spot(fit.worst(), piece.kind().orElseThrow().needs()));
        boolean over = asked.filter(Asked::isOver).isPresent();
        List<Measure> numbers = new ArrayList<>();
        numbers.add(score);
        asked.ifPresent(a -> numbers.addAll(end(a)));
        List<Remedy> ways = new ArrayList<>();
        if (limit == Criterion.LIGHT) {
            ways.add(Remedy.change(over ? "less-plant-light" : "more-plant-light", new Remedy.Action.GoTo(Stage.HEAT)));
        }
        ways.addAll(in.ways(piece));
        String variant = limit.name().toLowerCase(Locale.ROOT) + (asked.isEmpty() ? "" : over ? "_over" : "_under");
        boolean lives = score.value() >= 0.3;
        return in.finding(ID, lives ? Severity.CAUTION : Severity.STOP, piece, variant, numbers, ways);
    }

    /** The value and the end of what is wanted that it misses. */
    private static List<Measure> end(Asked a) {
        double wanted =
                a.isOver() ? a.high().orElse(0) : a.low().orElse(a.high().orElse(0));
        return List.of(new Measure("value", a.value(), a.unit()), new Measure("wanted", wanted, a.unit()));
    }
}
