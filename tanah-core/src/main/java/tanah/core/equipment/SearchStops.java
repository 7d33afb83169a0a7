package tanah.core.equipment;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;

/** Stops that a combination would bring: what is offered is not worse than what it takes away. */
final class SearchStops {
    private final Catalogue catalogue;
    private final WholeDays days;
    private final Set<RuleId> known;

    SearchStops(Design plan, Catalogue catalogue, WholeDays days) {
        this.catalogue = catalogue;
        this.days = days;
        this.known = of(plan);
    }

    /** Whether a combination brings a stop by its steady states already, before anything is spent on its days. */
    boolean bringsOne(Evaluation judged) {
        return judged.findings().stream().anyMatch(f -> f.severity() == Severity.STOP && !known.contains(f.rule()));
    }

    /** Whether it brings no stop that the plan did not have. */
    boolean bringsNone(Design made) {
        return known.containsAll(of(made));
    }

    /** Whether it brings none, and none of heat and light is left; nozzles, pumps and walls of the plan are not the search's to mend. */
    boolean leavesNone(Design made) {
        Set<RuleId> all = of(made);
        return known.containsAll(all)
                && all.stream().noneMatch(r -> r.toString().matches("(climate|uv)\\..*"));
    }

    /** Rules of the stops of a plan, at once and over the whole day. */
    private Set<RuleId> of(Design design) {
        Evaluation plain = Evaluator.evaluate(design, catalogue);
        Set<RuleId> all = new HashSet<>();
        Evaluator.forecast(plain, catalogue, Optional.empty())
                .ifPresent(f -> Stream.of(f, days.with(f))
                        .flatMap(x -> Evaluator.withForecast(plain, x, catalogue).findings().stream())
                        .filter(x -> x.severity() == Severity.STOP)
                        .map(Finding::rule)
                        .forEach(all::add));
        return all;
    }
}
