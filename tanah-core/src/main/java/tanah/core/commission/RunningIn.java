package tanah.core.commission;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Whether tests of the water prove that its bacteria keep up: three tests in a row within seven days, each within a day
 * of a dose of ammonia, with ammonium and nitrite of at most 0.1 mg/l (common practice). A test that is not clean, or
 * that follows no dose, proves nothing and begins the count anew. Times are days since any fixed moment.
 *
 * @param clean  tests in a row that count at the end
 * @param proven first time at which three of them stood together
 */
public record RunningIn(int clean, OptionalDouble proven) {
    public static final RuleId NOT_PROVEN = new RuleId("GW-090");
    public static final RuleId TOO_FEW = new RuleId("GW-093");

    private static final int WANTED = 3;
    private static final double WITHIN = 7; // days
    private static final double AFTER_DOSE = 1; // days
    private static final double MOST = 0.1e-3; // kg/m³ of ammonium, and of nitrite

    /**
     * Ammonium and nitrite read together.
     *
     * @param day      when
     * @param ammonium kg/m³
     * @param nitrite  kg/m³
     */
    public record Test(double day, double ammonium, double nitrite) {
        boolean isClean() {
            return ammonium <= MOST && nitrite <= MOST;
        }
    }

    /**
     * @param tests oldest first
     * @param doses when ammonia was given
     * @param fed   first day on which an animal's waste stands for the doses; empty where doses are asked for
     */
    public static RunningIn of(List<Test> tests, List<Double> doses, OptionalDouble fed) {
        List<Double> run = new ArrayList<>();
        OptionalDouble proven = OptionalDouble.empty();
        for (Test test : tests) {
            boolean loaded = doses.stream().anyMatch(d -> d <= test.day() && test.day() - d <= AFTER_DOSE)
                    || fed.isPresent() && test.day() - fed.getAsDouble() >= AFTER_DOSE;
            if (!test.isClean() || !loaded) {
                run.clear();
                continue;
            }
            run.removeIf(d -> test.day() - d > WITHIN);
            run.add(test.day());
            if (run.size() >= WANTED && proven.isEmpty()) {
                proven = OptionalDouble.of(test.day());
            }
        }
        return new RunningIn(run.size(), proven);
    }

    /**
     * What that means.
     *
     * @param movedIn when the animal came, if it has
     * @param pioneer whether one light-loading animal is meant to go in before the proof
     */
    public Optional<Finding> judge(OptionalDouble movedIn, boolean pioneer) {
        Place place = Place.of(Stage.WATER);
        List<Measure> numbers =
                List.of(new Measure("clean", clean, Unit.COUNT), new Measure("wanted", WANTED, Unit.COUNT));
        if (proven.isPresent()) {
            return Optional.of(Finding.of(NOT_PROVEN, Severity.GOOD, place, numbers, List.of()));
        }
        if (movedIn.isPresent() && !pioneer) {
            return Optional.of(
                    Finding.of(NOT_PROVEN, Severity.STOP, place, numbers, List.of(Remedy.byHand("back-until-proven"))));
        }
        return clean == 0
                ? Optional.empty()
                : Optional.of(
                        Finding.of(TOO_FEW, Severity.HINT, place, numbers, List.of(Remedy.byHand("go-on-testing"))));
    }
}
