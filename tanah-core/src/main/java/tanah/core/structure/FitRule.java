package tanah.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Lining;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.PieceEdit;
import tanah.core.design.edit.PieceNumber;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.Point;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;
import tanah.core.water.EscapeRule;

/** Pieces that do not fit into the box: through a side, or through a lid. An open top has no lid to go through. */
public final class FitRule {
    public static final RuleId ID = new RuleId("hardscape.outside");

    private static final double LEAST = 0.001; // m, what no ruler shows

    private FitRule() {}

    public static List<Finding> judge(Design design, Vessel vessel) {
        boolean open = design.vessel()
                .flatMap(VesselPlan::lid)
                .flatMap(VesselPlan.Lid::material)
                .filter(EscapeRule.OPEN::equals)
                .isPresent();
        Lining lining = Lining.of(design, vessel);
        List<Finding> findings = new ArrayList<>();
        for (HardscapeItem item : design.hardscape()) {
            double aside = aside(item, vessel);
            double above = open ? 0 : Math.max(0, item.top() - (vessel.height() - lining.lid()));
            if (Math.max(aside, above) > LEAST) {
                findings.add(finding(item, aside, above));
            }
        }
        return findings;
    }

    /** How far a corner stands outside the box (m). */
    private static double aside(HardscapeItem item, Vessel vessel) {
        double most = 0;
        for (Point p : item.outline()) {
            most = Math.max(most, Math.max(-p.x(), p.x() - vessel.length()));
            most = Math.max(most, Math.max(-p.y(), p.y() - vessel.width()));
        }
        return most;
    }

    private static Finding finding(HardscapeItem item, double aside, double above) {
        boolean up = above > aside;
        double over = Math.max(above, aside);
        List<Remedy> remedies = new ArrayList<>();
        if (up) {
            lower(item, above).ifPresent(remedies::add);
        }
        remedies.add(Remedy.byHand("move-inside"));
        return Finding.of(
                        ID,
                        Severity.STOP,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(new Measure("over", over, Unit.CENTIMETRE)),
                        remedies)
                .worded(up ? "lid" : "", PieceRules.name(item));
    }

    /** A piece that stands higher than it must is set lower, as far as the base. */
    private static Optional<Remedy> lower(HardscapeItem item, double above) {
        double base = item.base() - above;
        return base >= 0
                ? Optional.of(Remedy.change(
                        "set-lower",
                        new PieceEdit.SetNumber(item.id(), PieceNumber.BASE, OptionalDouble.of(base)),
                        new Measure("by", above, Unit.CENTIMETRE)))
                : Optional.empty();
    }
}
