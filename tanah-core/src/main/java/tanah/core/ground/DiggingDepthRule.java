package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Layer;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/**
 * Ground too shallow for what the animal does in it. Below the least depth: stop for one that lives below, caution for
 * one that digs, hint for one that does not; between least and preferred: hint. Judged on the mean depth of the soil
 * that is not under water; litter does not count.
 */
public final class DiggingDepthRule {
    public static final RuleId ID = new RuleId("ground.digging_depth");

    private DiggingDepthRule() {}

    public static Optional<Finding> judge(Inhabitant animal, List<Layer> layers, GroundResult result) {
        double least = animal.profile().substrateMin();
        double preferred = Math.max(least, animal.profile().substratePreferred());
        if (least <= 0 || animal.profile().isAquatic()) {
            return Optional.empty();
        }
        List<Layer> soil = layers.stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .filter(l -> result.layer(l.id()).orElseThrow().shape().exists())
                .toList();
        double depth = meanDepth(soil, result.terrain());
        int digs = animal.profile().burrower();
        List<Measure> numbers = List.of(
                new Measure("depth", depth, Unit.CENTIMETRE),
                new Measure("least", least, Unit.CENTIMETRE),
                new Measure("preferred", preferred, Unit.CENTIMETRE));
        Place place = soil.isEmpty()
                ? Place.of(Stage.GROUND)
                : Place.part(Stage.GROUND, thickest(soil, result).id());
        String name = animal.row().scientificName();
        if (Resolution.LENGTH.atLeast(depth, preferred)) {
            return Optional.of(
                    Finding.of(ID, Severity.GOOD, place, numbers, List.of()).worded(digs > 0 ? "digs" : "roots", name));
        }
        boolean belowLeast = !Resolution.LENGTH.atLeast(depth, least);
        Severity severity = !belowLeast || digs == 0 ? Severity.HINT : digs >= 3 ? Severity.STOP : Severity.CAUTION;
        List<Remedy> remedies = new ArrayList<>();
        if (!soil.isEmpty()) {
            Lowering.raise(thickest(soil, result), result, (belowLeast ? least : preferred) - depth)
                    .ifPresent(remedies::add);
        }
        remedies.add(Remedy.change("edit-ground", new Action.GoTo(Stage.GROUND)));
        return Optional.of(Finding.of(ID, severity, place, numbers, remedies)
                .worded((digs > 0 ? "digs" : "roots") + (belowLeast ? "-least" : "-preferred"), name));
    }

    private static double meanDepth(List<Layer> soil, Terrain terrain) {
        double volume = 0;
        double area = 0;
        for (Cell cell : terrain.cells()) {
            boolean here = false;
            for (Layer layer : soil) {
                Optional<Slab> slab = cell.slab(layer.id());
                if (slab.isPresent()) {
                    volume += cell.plan().integral(slab.get().depth());
                    here = true;
                }
            }
            area += here ? cell.plan().area() : 0;
        }
        return area > 0 ? volume / area : 0;
    }

    private static Layer thickest(List<Layer> soil, GroundResult result) {
        Layer found = soil.get(0);
        for (Layer layer : soil) {
            double depth = result.layer(layer.id()).orElseThrow().shape().meanDepth();
            if (depth > result.layer(found.id()).orElseThrow().shape().meanDepth()) {
                found = layer;
            }
        }
        return found;
    }
}
