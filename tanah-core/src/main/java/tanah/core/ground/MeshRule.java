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

/** Soil straight on drainage: the fines wash into the grains. */
public final class MeshRule {
    public static final RuleId ID = new RuleId("GW-024");

    private MeshRule() {}

    public static Optional<Finding> judge(List<Layer> layers, GroundResult result) {
        return layerOnDrainage(layers, result).map(layer -> {
            Place place = Place.part(Stage.GROUND, layer.id());
            boolean laid = layer.options().hasMesh();
            List<Remedy> remedies =
                    laid ? List.of() : List.of(Remedy.change("lay-mesh", new GroundEdit.LayMesh(layer.id(), true)));
            return Finding.of(ID, laid ? Severity.GOOD : Severity.CAUTION, place, List.of(), remedies)
                    .worded("", layer.id());
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
