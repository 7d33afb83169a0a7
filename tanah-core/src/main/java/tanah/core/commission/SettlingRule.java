package tanah.core.commission;

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
 * A living ground is settled by its signs, not by the calendar: no new mould for a week and springtails seen at two
 * places (common practice). Times are days since any fixed moment.
 */
public final class SettlingRule {
    public static final RuleId ID = new RuleId("GW-094");

    private static final double QUIET = 7; // days without new mould
    private static final int SIGHTINGS = 2;

    private SettlingRule() {}

    /**
     * @param movedIn     when the animal came; empty: it has not, and nothing is said
     * @param mould       when new mould was seen
     * @param springtails when springtails were seen, each at a place of its own
     */
    public static Optional<Finding> judge(OptionalDouble movedIn, List<Double> mould, List<Double> springtails) {
        if (movedIn.isEmpty()) {
            return Optional.empty();
        }
        double day = movedIn.getAsDouble();
        long young = mould.stream().filter(m -> m <= day && day - m < QUIET).count();
        long seen = springtails.stream().filter(s -> s <= day).count();
        boolean settled = young == 0 && seen >= SIGHTINGS;
        return Optional.of(Finding.of(
                        ID,
                        settled ? Severity.GOOD : Severity.HINT,
                        Place.of(Stage.GROUND),
                        List.of(new Measure("seen", seen, Unit.COUNT), new Measure("wanted", SIGHTINGS, Unit.COUNT)),
                        settled ? List.of() : List.of(Remedy.byHand("wait-for-signs")))
                .worded(young > 0 ? "mould" : ""));
    }
}
