package tanah.core.structure;

import static tanah.core.physics.Constants.GRAVITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
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

/** A piece that stands on a base which only its rim holds; the panes' stresses of {@link PaneModel} are the limits. */
public final class PointLoadRule {
    public static final RuleId ID = new RuleId("GW-074");
    private static final double CONTACT = 4e-4; // m², three points of a stone

    private PointLoadRule() {}

    public static List<Finding> judge(
            Design design, Vessel vessel, GroundResult ground, Optional<PaneResult> panes, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        Optional<BasePlate> base = PaneModel.basePlate(design, vessel, catalogue);
        Optional<Allowed> allowed = panes.flatMap(PaneResult::base).map(PaneResult.Base::allowed);
        if (base.isEmpty() || allowed.isEmpty()) {
            return findings;
        }
        for (HardscapeItem item : design.hardscape()) {
            OptionalDouble mass = Solids.mass(item, catalogue);
            if (mass.isPresent() && PieceRules.support(item, ground) == Fixing.Support.BASE) {
                findings.add(finding(item, mass.getAsDouble(), base.get(), allowed.get()));
            }
        }
        return findings;
    }

    private static Finding finding(HardscapeItem item, double mass, BasePlate base, Allowed allowed) {
        double contact = Math.max(
                item.fixing().contact().orElse(CONTACT), item.fixing().pad().orElse(0));
        double stress = base.pointStress(mass * GRAVITY, contact);
        Severity severity = allowed.verdict(stress);
        return Finding.of(
                        ID,
                        severity,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(
                                new Measure("stress", stress, Unit.MEGAPASCAL),
                                new Measure("working", allowed.working(), Unit.MEGAPASCAL)),
                        severity == Severity.GOOD
                                ? List.of()
                                : List.of(Remedy.change("support-base", new Action.GoTo(Stage.VESSEL))))
                .worded("", item.id());
    }
}
