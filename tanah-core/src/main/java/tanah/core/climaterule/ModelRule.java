package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.kelvin;

import java.util.ArrayList;
import java.util.List;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.units.Unit;

/** What the model says of itself and of the plan as a whole: that it did not settle, that the mist outruns its pump or tank. */
public final class ModelRule {
    public static final RuleId UNSETTLED = new RuleId("climate.not_converged");
    public static final RuleId SHAPE = new RuleId("climate.shape");
    public static final RuleId DARK = new RuleId("light.dark");

    private static final double BRIGHT =
            50e-6; // mol/m² s over the ground for a species of bright light, common practice
    private static final double DIM = 5e-6;

    private ModelRule() {}

    public static List<Finding> judge(Design design, Forecast f) {
        List<Finding> findings = new ArrayList<>();
        if (!f.isSettled()) {
            double change = Double.isFinite(f.lastChange()) ? f.lastChange() : 99;
            findings.add(Finding.of(
                    UNSETTLED,
                    Severity.CAUTION,
                    Place.of(Stage.HEAT),
                    List.of(kelvin("change", Math.min(99, change))),
                    List.of(Remedy.byHand("check-inputs"))));
        }
        if (!f.mapped().isBox()) {
            findings.add(Finding.of(
                    SHAPE, Severity.HINT, Place.of(Stage.HEAT), List.of(), List.of(Remedy.byHand("measure-there"))));
        }
        return findings;
    }

    /** Too dark for an animal of bright places. */
    public static List<Finding> light(RuleInput j) {
        boolean bright = j.needs().text("light_note").startsWith("very bright")
                || j.needs().text("light_note").startsWith("bright");
        double least = bright ? BRIGHT : j.needs().text("activity").equals("diurnal") ? DIM : 0;
        double mean = j.forecast().light().photons().mean();
        if (least <= 0 || mean >= least) {
            return List.of();
        }
        return List.of(j.finding(
                DARK,
                Severity.CAUTION,
                Place.of(Stage.HEAT),
                "",
                List.of(new Measure("light", mean, Unit.MICROMOLE), new Measure("least", least, Unit.MICROMOLE)),
                Remedy.change("plan-light", new Action.GoTo(Stage.HEAT))));
    }
}
