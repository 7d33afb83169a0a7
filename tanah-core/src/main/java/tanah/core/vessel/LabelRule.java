package tanah.core.vessel;

import java.util.ArrayList;
import java.util.List;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/** The label against the true inside: above 5 % hint, above 15 % caution; and a gallon without a country. */
public final class LabelRule {
    public static final RuleId WRONG = new RuleId("GW-003");
    public static final RuleId GALLON = new RuleId("GW-004");

    private LabelRule() {}

    public static List<Finding> judge(Vessel vessel) {
        if (vessel.label().isEmpty()) {
            return List.of();
        }
        Label label = vessel.label().get();
        Place place = Place.of(Stage.VESSEL);
        List<Finding> findings = new ArrayList<>();
        double error = label.error(vessel.brim());
        List<Measure> numbers = List.of(
                new Measure("label", label.volume(), Unit.LITRE),
                new Measure("inside", vessel.brim(), Unit.LITRE),
                new Measure("share", vessel.brim() / label.volume(), Unit.PERCENT));
        if (!Resolution.RATIO.atMost(Math.abs(error), 0.05)) {
            boolean far = !Resolution.RATIO.atMost(Math.abs(error), 0.15);
            findings.add(Finding.of(
                            WRONG,
                            far ? Severity.CAUTION : Severity.HINT,
                            place,
                            numbers,
                            List.of(Remedy.byHand("use-inside")))
                    .worded(error > 0 ? "" : "more"));
        }
        if (label.assumed()) {
            findings.add(Finding.of(GALLON, Severity.HINT, place, numbers, List.of(Remedy.byHand("say-which-gallon")))
                    .worded(label.unit() == Unit.US_GALLON ? "us" : "imperial"));
        }
        return findings;
    }
}
