package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/** A corner thinner than the keeper asks of this layer. */
public final class MinDepthRule {
    public static final RuleId ID = new RuleId("GW-015");

    private MinDepthRule() {}

    public static Optional<Finding> judge(Layer layer, GroundResult result) {
        if (layer.options().needsMinDepth().isEmpty()) {
            return Optional.empty();
        }
        double needs = layer.options().needsMinDepth().getAsDouble();
        double least = result.layer(layer.id()).orElseThrow().shape().minDepth();
        List<Measure> numbers =
                List.of(new Measure("depth", least, Unit.CENTIMETRE), new Measure("needs", needs, Unit.CENTIMETRE));
        Place place = Place.part(Stage.GROUND, layer.id());
        if (Resolution.LENGTH.atLeast(least, needs)) {
            return Optional.of(
                    Finding.of(ID, Severity.GOOD, place, numbers, List.of()).worded("", layer.id()));
        }
        List<Remedy> remedies = new ArrayList<>();
        Lowering.raise(layer, result, needs - least).ifPresent(remedies::add);
        remedies.add(Remedy.byHand("move-slope"));
        return Optional.of(
                Finding.of(ID, Severity.CAUTION, place, numbers, remedies).worded("", layer.id()));
    }
}
