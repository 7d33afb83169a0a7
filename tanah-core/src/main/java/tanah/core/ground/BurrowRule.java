package tanah.core.ground;

import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Layer;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/**
 * A burrow in soil that collapses. Cohesion is a relative scale (common practice): below 0.8 kPa a tunnel is poor,
 * from 0.8 fair, from 1.5 good.
 */
public final class BurrowRule {
    public static final RuleId ID = new RuleId("GW-043");
    private static final double FAIR = BurrowClass.FAIR.least();

    private BurrowRule() {}

    public static Optional<Finding> judge(Inhabitant animal, List<Layer> layers, GroundResult result) {
        if (!animal.profile().mustHoldBurrow()) {
            return Optional.empty();
        }
        Layer deepest = null;
        double depth = 0;
        for (Layer layer : layers) {
            double here = result.layer(layer.id()).orElseThrow().shape().meanDepth();
            if (layer.is(Layer.Kind.SUBSTRATE) && here > depth) {
                deepest = layer;
                depth = here;
            }
        }
        if (deepest == null) {
            return Optional.empty();
        }
        Soil soil = result.soil(deepest.id()).orElseThrow();
        List<Measure> numbers = List.of(
                new Measure("cohesion", soil.cohesion(), Unit.SHARE),
                new Measure("fair", FAIR, Unit.SHARE),
                new Measure("clay", soil.clayShare(), Unit.PERCENT));
        Place place = Place.part(Stage.GROUND, deepest.id());
        String name = animal.row().scientificName();
        return Optional.of(
                Resolution.RATIO.atLeast(soil.cohesion(), FAIR)
                        ? Finding.of(ID, Severity.GOOD, place, numbers, List.of())
                                .worded("", name)
                        : Finding.of(ID, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("add-clay")))
                                .worded("", name));
    }
}
