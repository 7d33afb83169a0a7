package tanah.core.animal;

import java.util.List;
import java.util.Optional;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** A climber in a low box, or a runner in a tall one, is a caution even if the numbers pass. */
public final class AxisRule {
    public static final RuleId ID = new RuleId("vessel.axis");

    private AxisRule() {}

    public static Optional<Finding> judge(Inhabitant animal, Vessel vessel) {
        double side = Math.max(vessel.length(), vessel.width());
        double least = Math.min(vessel.length(), vessel.width());
        boolean low =
                animal.profile().priorityAxis().equals("height") && !Resolution.LENGTH.atLeast(vessel.height(), least);
        boolean tall =
                animal.profile().priorityAxis().equals("floor") && !Resolution.LENGTH.atMost(vessel.height(), side);
        if (!low && !tall) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        ID,
                        Severity.CAUTION,
                        Place.part(Stage.VESSEL, animal.id()),
                        List.of(
                                new Measure("height", vessel.height(), Unit.CENTIMETRE),
                                new Measure("side", low ? least : side, Unit.CENTIMETRE)),
                        List.of(Remedy.change("choose-other-shape", new Remedy.Action.GoTo(Stage.VESSEL))))
                .worded(low ? "low" : "tall", animal.row().scientificName()));
    }
}
