package tanah.core.structure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.PlanEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Outside measures taken for inside ones: the inside that is written down is the outside of the vessel that is named. Outside
 * measures without panes are no design, so this is the one way left in which the mistake gets in.
 */
public final class OutsideRule {
    public static final RuleId ID = new RuleId("GW-001");
    private static final double SAME = 0.002; // m

    private OutsideRule() {}

    public static Optional<Finding> judge(VesselPlan plan, Catalogue catalogue) {
        Optional<VesselModel> model = plan.catalogue().flatMap(catalogue::findVessel);
        if (model.isEmpty() || plan.inside().isEmpty()) {
            return Optional.empty();
        }
        VesselModel m = model.get();
        VesselPlan.Measures inside = plan.inside().get();
        boolean taken = isOutside(inside.length(), m.outerLength(), m.innerLength())
                || isOutside(inside.width(), m.outerWidth(), m.innerWidth());
        if (!taken) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        ID,
                        Severity.HINT,
                        Place.of(Stage.VESSEL),
                        List.of(
                                new Measure("written", inside.length().orElse(m.outerLength()), Unit.CENTIMETRE),
                                new Measure("outside", m.outerLength(), Unit.CENTIMETRE),
                                new Measure("inside", m.innerLength(), Unit.CENTIMETRE),
                                new Measure("pane", m.pane(), Unit.MILLIMETRE)),
                        List.of(
                                Remedy.change("take-inside", new PlanEdit.SetVessel(m.id())),
                                Remedy.byHand("measure-inside")))
                .worded("", m.name()));
    }

    private static boolean isOutside(OptionalDouble written, double outer, double inner) {
        return written.isPresent()
                && Math.abs(written.getAsDouble() - outer) <= SAME
                && Math.abs(written.getAsDouble() - inner) > SAME;
    }
}
