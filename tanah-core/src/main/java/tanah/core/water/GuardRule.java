package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Guards;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** Guards on what burns and what sucks in, and a heater that stays under water. All of it common practice. */
public final class GuardRule {
    public static final RuleId HEATER = new RuleId("water.heater_guard");
    public static final RuleId INLET = new RuleId("water.inlet_guard");
    public static final RuleId UNCOVERED = new RuleId("water.heater_uncovered");

    private static final double UPRIGHT = 0.5; // of its length over its middle, standing upright
    private static final double COVER = 0.02; // m

    private GuardRule() {}

    public static List<Finding> judge(Circulation water) {
        List<Finding> findings = new ArrayList<>();
        for (Circulation.Heating heater : water.heaters()) {
            Place place = Place.part(Stage.WATER, heater.device().id());
            if (heater.device().guard().isEmpty()) {
                findings.add(Finding.of(
                                HEATER,
                                Severity.CAUTION,
                                place,
                                List.of(new Measure(
                                        "surface",
                                        heater.gear().heat().hottest().orElse(70),
                                        Unit.CELSIUS)),
                                List.of(Remedy.change(
                                        "put-cage",
                                        new DeviceEdit.SetGuard(heater.device().id(), Optional.of(Guards.HEATER)))))
                        .worded("", heater.gear().name()));
            }
            uncovered(heater, place, water, findings);
        }
        for (Run run : water.runs()) {
            if (run.device().guard().isEmpty() && !run.gear().isSponge()) {
                findings.add(Finding.of(
                                INLET,
                                Severity.CAUTION,
                                Place.part(Stage.WATER, run.device().id()),
                                List.of(),
                                List.of(Remedy.change(
                                        "put-foam",
                                        new DeviceEdit.SetGuard(run.device().id(), Optional.of(Guards.INTAKE)))))
                        .worded("", run.gear().name()));
            }
        }
        return findings;
    }

    /** A heater whose end may stand out of the water when the pumps run: glass that cracks, and a burn. */
    private static void uncovered(Circulation.Heating heater, Place place, Circulation water, List<Finding> findings) {
        if (heater.device().at().z().isEmpty()) {
            return;
        }
        double middle = heater.device().at().z().getAsDouble();
        double length = heater.gear().heat().length().orElse(0);
        double lying = middle + COVER;
        double upright = middle + UPRIGHT * length + COVER;
        List<Measure> numbers = List.of(
                WaterRules.length("running", water.running()),
                WaterRules.length("lying", lying),
                WaterRules.length("upright", upright));
        if (water.running() < lying) {
            findings.add(Finding.of(UNCOVERED, Severity.STOP, place, numbers, List.of(Remedy.byHand("lower-heater")))
                    .worded("", heater.gear().name()));
        } else if (water.running() < upright) {
            findings.add(Finding.of(UNCOVERED, Severity.HINT, place, numbers, List.of(Remedy.byHand("lay-heater")))
                    .worded("lying", heater.gear().name()));
        }
    }
}
