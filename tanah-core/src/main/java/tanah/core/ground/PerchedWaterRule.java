package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Layer;
import tanah.core.design.edit.GroundEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Thin soil that is meant to be dry (one to burrow in is kept damp below on purpose): its lowest part, as high as its air entry head, stays saturated above whatever it
 * lies on, and a drainage layer does not dry it (the perched water table of soil physics).
 */
public final class PerchedWaterRule {
    public static final RuleId ID = new RuleId("GW-051");
    private static final double HALF = 0.5;
    private static final double DEEPER = 3; // times the air entry head

    private PerchedWaterRule() {}

    public static List<Finding> judge(Inhabitant animal, List<Layer> layers, GroundResult ground) {
        List<Finding> findings = new ArrayList<>();
        if (!animal.profile().isArid()) {
            return findings;
        }
        for (Layer layer : layers) {
            boolean dry = layer.is(Layer.Kind.SUBSTRATE)
                    && !layer.options().aquatic().orElse(false)
                    && !layer.options().burrow().orElse(false);
            double depth = ground.layer(layer.id())
                    .map(LayerResult::shape)
                    .filter(LayerResult.Shape::exists)
                    .map(LayerResult.Shape::meanDepth)
                    .orElse(0.0);
            double wet = ground.soil(layer.id()).map(s -> s.water().airEntry()).orElse(0.0);
            if (dry && depth > 0 && wet > HALF * depth) {
                findings.add(Finding.of(
                                ID,
                                Severity.HINT,
                                Place.part(Stage.GROUND, layer.id()),
                                List.of(
                                        new Measure("saturated", Math.min(wet, depth), Unit.CENTIMETRE),
                                        new Measure("depth", depth, Unit.CENTIMETRE)),
                                List.of(Remedy.change(
                                        "deepen", new GroundEdit.SetDepth(layer.id(), round(DEEPER * wet)))))
                        .worded("", animal.row().scientificName()));
            }
        }
        return findings;
    }

    private static double round(double metres) {
        return Math.ceil(metres / 0.005) * 0.005;
    }
}
