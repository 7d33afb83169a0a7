package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.edit.GroundEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/** A slope steeper than the medium holds: caution from 5 degrees below the angle of repose, stop above it. */
public final class SlopeRule {
    public static final RuleId ID = new RuleId("GW-012");
    private static final double MARGIN = Math.toRadians(5);

    private SlopeRule() {}

    /**
     * @param width inside depth of the vessel along the slope (m)
     */
    public static List<Finding> judge(List<Layer> layers, GroundResult result, double width) {
        List<Finding> findings = new ArrayList<>();
        for (Layer layer : layers) {
            boolean sloped = layer.surface() instanceof Surface.Slope || layer.surface() instanceof Surface.Profile;
            boolean held = layer.options().retained().orElse(false);
            if (sloped && !held && result.soil(layer.id()).isPresent()) {
                judge(layer, result, width, findings);
            }
        }
        return findings;
    }

    private static void judge(Layer layer, GroundResult result, double width, List<Finding> findings) {
        double repose = result.soil(layer.id()).orElseThrow().repose();
        LayerResult.Shape shape = result.layer(layer.id()).orElseThrow().shape();
        if (!shape.exists() || shape.slope() <= 0) {
            return;
        }
        List<Measure> numbers = List.of(angle("slope", shape.slope()), angle("repose", repose));
        Place place = Place.part(Stage.GROUND, layer.id());
        if (Resolution.ANGLE.atMost(shape.slope(), repose - MARGIN)) {
            findings.add(
                    Finding.of(ID, Severity.GOOD, place, numbers, List.of()).worded("", layer.id()));
            return;
        }
        boolean slides = !Resolution.ANGLE.atMost(shape.slope(), repose);
        List<Remedy> remedies = new ArrayList<>();
        if (layer.surface() instanceof Surface.Slope s) {
            remedies.add(flatter(layer.id(), s, repose - MARGIN, width));
        }
        remedies.add(Remedy.byHand("hold-slope"));
        findings.add(Finding.of(ID, slides ? Severity.STOP : Severity.CAUTION, place, numbers, remedies)
                .worded(slides ? "slides" : "", layer.id()));
    }

    /** The same mean depth at the slope that stays. */
    private static Remedy flatter(String id, Surface.Slope s, double slope, double width) {
        double rise = Math.floor(width * Math.tan(slope) * 1000) / 1000;
        double mean = (s.front() + s.back()) / 2;
        boolean backHigher = s.back() >= s.front();
        double front = mean - (backHigher ? rise : -rise) / 2;
        double back = mean + (backHigher ? rise : -rise) / 2;
        return Remedy.change(
                        "flatten",
                        new GroundEdit.SetSlope(id, front, back),
                        new Measure("front", front, Unit.CENTIMETRE),
                        new Measure("back", back, Unit.CENTIMETRE))
                .words(id);
    }

    private static Measure angle(String name, double value) {
        return new Measure(name, value, Unit.DEGREE);
    }
}
