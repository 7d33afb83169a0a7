package tanah.core.evaluate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import tanah.core.catalogue.Catalogue;
import tanah.core.climaterule.WaterHeatRule;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;

/**
 * A remedy is tried before it is offered: the plan is changed, evaluated, and what it would bring is compared with what it takes
 * away. Worse is a new note that is more severe; where a stop is taken away, any new stop.
 */
public final class RemedyTrials {
    private static final LocalDate ANY_DAY = LocalDate.EPOCH; // the date beside a school changes no judgement

    private final Evaluation before;
    private final Catalogue catalogue;
    private final Optional<Forecast> climate;

    private RemedyTrials(Evaluation before, Catalogue catalogue, Optional<Forecast> climate) {
        this.before = before;
        this.catalogue = catalogue;
        this.climate = climate;
    }

    /** Remedies of what is judged without the climate; the others stay untried. A few milliseconds. */
    public static Evaluation withoutClimate(Evaluation e, Catalogue catalogue) {
        RemedyTrials trials = new RemedyTrials(Evaluator.evaluate(e.design(), catalogue), catalogue, Optional.empty());
        List<Finding> known = trials.before.findings();
        return e.withFindings(e.findings().stream()
                .map(f -> known.stream().anyMatch(k -> k.isOfTheSame(f)) ? trials.tried(f) : f)
                .toList());
    }

    /**
     * All remedies, each with the steady climate of the changed plan; the same evaluation where the work was given up.
     *
     * @param stop asked between two remedies
     */
    public static Evaluation whole(Evaluation e, Catalogue catalogue, BooleanSupplier stop) {
        Optional<Forecast> climate = e.forecast().map(Forecast::steadyOnly);
        if (climate.isEmpty()) {
            return withoutClimate(e, catalogue);
        }
        Evaluation plain = Evaluator.evaluate(e.design(), catalogue);
        Evaluation steady = Evaluator.withForecast(plain, climate.get(), catalogue);
        RemedyTrials trials = new RemedyTrials(steady, catalogue, climate);
        List<Finding> tried = new ArrayList<>();
        for (Finding f : e.findings()) {
            if (stop.getAsBoolean()) {
                return e;
            }
            tried.add(trials.tried(f));
        }
        return e.withFindings(tried);
    }

    private Finding tried(Finding f) {
        return f.remedies().stream().anyMatch(Remedy::changesPlan)
                ? f.withRemedies(f.remedies().stream()
                        .filter(r -> !Edit.isRefused(r, before.design(), context()))
                        .map(r -> r.changesPlan() ? r.tried(brings(f, r)) : r)
                        .toList())
                : f;
    }

    /** The worst note that a remedy would bring, if it is worse than what it takes away. */
    private Optional<Finding> brings(Finding taken, Remedy remedy) {
        Design changed = Edit.take(remedy, before.design(), context());
        return after(changed, WaterHeatRule.isOf(taken)).findings().stream()
                .filter(n -> isNewOrWorse(n) && isWorse(n, taken))
                .min(Comparator.naturalOrder());
    }

    private EditContext context() {
        return new EditContext(catalogue, ANY_DAY);
    }

    private boolean isNewOrWorse(Finding note) {
        return before.findings().stream()
                .noneMatch(b -> b.isOfTheSame(note) && b.severity().compareTo(note.severity()) <= 0);
    }

    private static boolean isWorse(Finding note, Finding taken) {
        int than = note.severity().compareTo(taken.severity());
        return than < 0 || than == 0 && note.severity() == Severity.STOP;
    }

    private Evaluation after(Design changed, boolean water) {
        Evaluation plain = Evaluator.evaluate(changed, catalogue);
        Optional<MappedDesign> mapped = Evaluator.mapped(plain, catalogue);
        if (climate.isEmpty() || mapped.isEmpty()) {
            return plain;
        }
        ClimateKey key = Evaluator.climateKey(plain.computed(), mapped.get());
        Forecast there = key.equals(climate.get().key())
                ? climate.get().of(mapped.get())
                : Evaluator.forecast(plain, catalogue, climate).orElseThrow();
        return Evaluator.withForecast(plain, water ? there.withWater() : there, catalogue);
    }
}
