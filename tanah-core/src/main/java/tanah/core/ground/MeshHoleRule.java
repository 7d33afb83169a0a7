package tanah.core.ground;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Medium;
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
 * Fines fall through a separator whose openings are wider than twice their median grain; finer openings hold them
 * because grains bridge (common practice).
 */
public final class MeshHoleRule {
    public static final RuleId ID = new RuleId("GW-053");

    /** Opening of the usual glass-fibre mesh (m), from memory; taken where none is given. */
    public static final double USUAL = 0.0012;

    /** Openings that meshes and, last, drainage fleece are sold with (m), from memory; coarse first. */
    private static final double[] SOLD = {0.0012, 0.0005, 0.0004, 0.0001};

    private static final double BRIDGED = 2; // openings by grains

    private MeshHoleRule() {}

    public static Optional<Finding> judge(List<Layer> layers, GroundResult ground) {
        return MeshRule.layerOnDrainage(layers, ground)
                .filter(l -> l.options().hasMesh())
                .flatMap(l -> fines(ground.soils().get(l.id())).flatMap(grain -> judge(l, grain)));
    }

    private static Optional<Finding> judge(Layer layer, double grain) {
        double hole = layer.options().meshHole().orElse(USUAL);
        double widest = BRIDGED * grain;
        if (hole <= widest) {
            return Optional.empty();
        }
        Remedy remedy = Arrays.stream(SOLD)
                .filter(h -> h <= widest)
                .boxed()
                .findFirst()
                .map(h -> Remedy.change(
                        "finer-mesh",
                        new GroundEdit.SetMeshHole(layer.id(), OptionalDouble.of(h)),
                        new Measure("hole", h, Unit.MILLIMETRE)))
                .orElse(Remedy.byHand("fleece"));
        return Optional.of(Finding.of(
                        ID,
                        Severity.HINT,
                        Place.part(Stage.GROUND, layer.id()),
                        List.of(
                                new Measure("hole", hole, Unit.MILLIMETRE),
                                new Measure("grain", grain, Unit.MILLIMETRE),
                                new Measure("widest", widest, Unit.MILLIMETRE)),
                        List.of(remedy))
                .worded("", layer.id()));
    }

    /** Median grain of the fines (m): half of their settled volume is finer; empty without fines of known size. */
    private static Optional<Double> fines(Soil soil) {
        List<Soil.Part> fine = soil.parts().stream()
                .filter(p ->
                        p.medium().grain() == Medium.Grain.FINE && p.medium().grainSize() > 0)
                .sorted(Comparator.comparingDouble(p -> p.medium().grainSize()))
                .toList();
        double half = fine.stream().mapToDouble(Soil.Part::settledShare).sum() / 2;
        double sum = 0;
        for (Soil.Part part : fine) {
            sum += part.settledShare();
            if (sum >= half) {
                return Optional.of(part.medium().grainSize());
            }
        }
        return Optional.empty();
    }
}
