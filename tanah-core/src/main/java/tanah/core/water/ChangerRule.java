package tanah.core.water;

import java.util.List;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** An automatic changer that was timed for another tank: its litres stay the same, the share does not (GW-088). */
public final class ChangerRule {
    public static final RuleId OTHER_TANK = new RuleId("GW-088");

    private static final double FAR = 0.2; // of the rated share, common practice

    private ChangerRule() {}

    /**
     * @param rated  share that it is timed for, of {@code tank}
     * @param tank   m³ that it is timed for
     * @param volume m³ that it works on
     */
    public static Finding judge(double rated, double tank, double volume) {
        double actual = Changes.drainThenFill(rated * tank, volume);
        List<Measure> numbers = List.of(
                new Measure("rated", rated, Unit.PERCENT),
                new Measure("actual", actual, Unit.PERCENT),
                new Measure("dose", rated * tank, Unit.LITRE));
        Place place = Place.of(Stage.WATER);
        return Math.abs(actual / rated - 1) > FAR
                ? Finding.of(OTHER_TANK, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("time-changer")))
                : Finding.of(OTHER_TANK, Severity.GOOD, place, numbers, List.of());
    }
}
