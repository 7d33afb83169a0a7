package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.GroundResult;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/**
 * An open top against what the animal reaches from the highest thing that it can stand on (common practice). What flies
 * or climbs glass is not held by any height.
 */
public final class EscapeRule {
    public static final RuleId ID = new RuleId("GW-034");

    /** The lid's material where there is no lid. */
    public static final String OPEN = "none";

    private static final double UNBOUND = 9; // m, a reach that stands for any height

    private EscapeRule() {}

    public static Optional<Finding> judge(Inhabitant animal, Design design, Vessel vessel, GroundResult ground) {
        boolean open = design.vessel()
                .flatMap(VesselPlan::lid)
                .flatMap(VesselPlan.Lid::material)
                .filter(OPEN::equals)
                .isPresent();
        if (!open) {
            return Optional.empty();
        }
        List<String> ways = animal.profile().list("escape");
        double reach = animal.profile().optional("reach_cm").orElse(0) / 100;
        boolean free = ways.contains("flies") || ways.contains("climbs-glass") || reach > UNBOUND;
        double board = vessel.height() - highest(design, ground);
        boolean leaves = free || board < reach;
        List<Measure> numbers = new ArrayList<>();
        numbers.add(new Measure("freeboard", Math.max(0, board), Unit.CENTIMETRE));
        numbers.add(new Measure("reach", Math.min(reach, vessel.height()), Unit.CENTIMETRE));
        Place place = Place.of(Stage.VESSEL);
        return Optional.of(
                leaves
                        ? Finding.of(
                                        ID,
                                        Severity.STOP,
                                        place,
                                        numbers,
                                        List.of(Remedy.change("put-a-lid-on", new Action.GoTo(Stage.VESSEL))))
                                .worded(free ? "any" : "", animal.row().scientificName())
                        : Finding.of(ID, Severity.GOOD, place, numbers, List.of())
                                .worded("", animal.row().scientificName()));
    }

    /** The highest place under the open top on which something can stand (m). */
    private static double highest(Design design, GroundResult ground) {
        double pieces = design.hardscape().stream()
                .mapToDouble(HardscapeItem::top)
                .max()
                .orElse(0);
        double water = ground.water().map(w -> w.level()).orElse(0.0);
        return Math.max(Math.max(ground.surfaceMax(), pieces), water);
    }
}
