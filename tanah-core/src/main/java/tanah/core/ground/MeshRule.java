package tanah.core.ground;

import java.util.List;
import java.util.Optional;
import tanah.core.design.Layer;
import tanah.core.design.edit.GroundEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;

/** Soil straight on drainage: the fines wash into the grains. Where it is the keeper's school it is known and watched, so a hint. */
public final class MeshRule {
    public static final RuleId ID = new RuleId("GW-024");
    public static final String CHOICE = "barrier";
    private static final String NONE = "none";

    private MeshRule() {}

    public static Optional<Finding> judge(List<Layer> layers, GroundResult result, Optional<String> school) {
        return layerOnDrainage(layers, result).map(layer -> {
            Place place = Place.part(Stage.GROUND, layer.id());
            boolean laid = layer.options().hasMesh();
            if (laid) {
                return Finding.of(ID, Severity.GOOD, place, List.of(), List.of())
                        .worded("", layer.id());
            }
            boolean chosen = school.filter(NONE::equals).isPresent();
            Remedy lay = Remedy.change("lay-mesh", new GroundEdit.LayMesh(layer.id(), true));
            List<Remedy> remedies = chosen ? List.of(Remedy.byHand("watch-drainage"), lay) : List.of(lay);
            return Finding.of(ID, chosen ? Severity.HINT : Severity.CAUTION, place, List.of(), remedies)
                    .worded(chosen ? "school" : "", layer.id());
        });
    }

    /** The lowest soil that lies straight on drainage, if any does. */
    public static Optional<Layer> layerOnDrainage(List<Layer> layers, GroundResult result) {
        return layers.stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE) && liesOnDrainage(l, layers, result.terrain()))
                .findFirst();
    }

    private static boolean liesOnDrainage(Layer layer, List<Layer> layers, Terrain terrain) {
        for (Cell cell : terrain.cells()) {
            List<Slab> slabs = cell.slabs();
            for (int i = 1; i < slabs.size(); i++) {
                String below = slabs.get(i - 1).layer();
                boolean drains = layers.stream()
                        .anyMatch(l ->
                                l.id().equals(below) && (l.is(Layer.Kind.DRAINAGE) || l.is(Layer.Kind.FALSE_BOTTOM)));
                if (slabs.get(i).layer().equals(layer.id()) && drains) {
                    return true;
                }
            }
        }
        return false;
    }
}
