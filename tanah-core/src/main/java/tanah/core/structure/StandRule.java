package tanah.core.structure;

import java.util.List;
import java.util.Optional;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/** More on the stand than it carries: stop above its rating, caution above 80 % of it. */
public final class StandRule {
    public static final RuleId OVER = new RuleId("GW-060");
    public static final RuleId CARRIES = new RuleId("GW-061");
    private static final double RESERVE = 0.8;

    private StandRule() {}

    /** Empty where no rating is given. */
    public static Optional<Finding> judge(MassResult mass) {
        if (mass.standUse().isEmpty()) {
            return Optional.empty();
        }
        double use = mass.standUse().getAsDouble();
        List<Measure> numbers = List.of(
                new Measure("load", mass.onStand(), Unit.KILOGRAM),
                new Measure("capacity", mass.capacity().getAsDouble(), Unit.KILOGRAM),
                new Measure("use", use, Unit.PERCENT));
        Place place = Place.part(Stage.VESSEL, "stand");
        if (Resolution.RATIO.atMost(use, RESERVE)) {
            return Optional.of(Finding.of(CARRIES, Severity.GOOD, place, numbers, List.of()));
        }
        boolean over = !Resolution.RATIO.atMost(use, 1);
        return Optional.of(Finding.of(
                        OVER,
                        over ? Severity.STOP : Severity.CAUTION,
                        place,
                        numbers,
                        List.of(
                                Remedy.change("stronger-stand", new Action.GoTo(Stage.VESSEL)),
                                Remedy.change("lighter-ground", new Action.GoTo(Stage.GROUND))))
                .worded(over ? "over" : "near"));
    }
}
