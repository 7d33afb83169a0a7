package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.finding.Finding;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Want;

/** A box that is too cold because no heat is planned: said once, and a stop where the animal has to bask. */
public final class HeatRule {
    public static final RuleId NONE = new RuleId("climate.heat.none");

    private HeatRule() {}

    public static Optional<Finding> judge(RuleInput j) {
        if (!isUnheated(j)) {
            return Optional.empty();
        }
        List<Outlook> cold = Need.of(j.animal()).stream()
                .flatMap(n -> j.forecast().outlook(n).stream())
                .filter(HeatRule::isForWantOfHeat)
                .toList();
        boolean basks = cold.stream().anyMatch(o -> o.need().want() == Want.BASKING);
        return cold.stream()
                .min(Comparator.comparingDouble(o -> o.verdict().margin()))
                .map(o -> j.finding(
                        NONE,
                        basks ? Severity.STOP : Severity.CAUTION,
                        Place.of(Stage.HEAT),
                        basks ? "basking" : "",
                        List.of(
                                celsius("value", o.judged().value()),
                                celsius("low", o.need().range().min())),
                        Remedy.change("find-equipment", new Action.Find()),
                        Remedy.change("more-heat", new Action.GoTo(Stage.HEAT))));
    }

    /** Whether it is too cold at a place that lamps and mats warm. */
    static boolean isForWantOfHeat(Outlook o) {
        boolean warmed = switch (o.need().want()) {
            case BASKING, WARM, COOL, NIGHT -> true;
            case UV, WATER, HUMIDITY_DAY, HUMIDITY_NIGHT -> false;
        };
        return warmed
                && o.verdict().severity() == Severity.CAUTION
                && o.verdict().standing().isLow();
    }

    /** Whether nothing in the plan is there to warm the air or the ground. */
    static boolean isUnheated(RuleInput j) {
        return j.fitted().stream()
                .noneMatch(x -> ControlRule.isHeater(
                        x.lamp(),
                        j.catalogue().findGear(x.device().item()).filter(g -> !g.isWaterHeater()),
                        x.fixture()));
    }
}
