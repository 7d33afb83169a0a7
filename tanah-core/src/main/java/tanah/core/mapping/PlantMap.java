package tanah.core.mapping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.ground.GroundResult;
import tanah.core.ground.PlantFoot;
import tanah.core.light.Block;
import tanah.core.light.Leaves;
import tanah.core.plant.RootPlace;
import tanah.core.vessel.Vessel;

/**
 * Plants of a design as leaves that shade and breathe: by their own measures, else as young pieces of their kind. What stands under water
 * does neither; of what nobody knows and nobody measured nothing can be said.
 */
final class PlantMap {
    private static final double EXTINCTION = 0.5;

    private PlantMap() {}

    static List<Leaves> of(Design design, Vessel vessel, GroundResult ground, Catalogue catalogue) {
        List<Leaves> all = new ArrayList<>();
        for (PlantPiece p : design.plants()) {
            if (p.x().isPresent() && p.y().isPresent() && p.medium() != RootPlace.UNDERWATER) {
                leaves(design, p, p.kind().flatMap(catalogue::findPlant), vessel, ground)
                        .ifPresent(all::add);
            }
        }
        return all;
    }

    private static Optional<Leaves> leaves(
            Design design, PlantPiece p, Optional<PlantModel> kind, Vessel vessel, GroundResult ground) {
        double height = p.height(kind).orElse(0);
        double half = p.spread(kind).orElse(0) / 2;
        double leafArea =
                p.leaf().area().orElse(kind.map(k -> k.cover().leafArea()).orElse(0.0));
        double x = p.x().orElse(0);
        double y = p.y().orElse(0);
        double z = p.z().orElseGet(() -> PlantFoot.at(design, ground, p.medium(), x, y));
        double top = Math.min(vessel.height(), z + height);
        Block box = new Block(
                Math.max(0, x - half),
                Math.min(vessel.length(), x + half),
                Math.max(0, y - half),
                Math.min(vessel.width(), y + half),
                z,
                top);
        boolean stands = leafArea > 0 && top > z && box.x1() > box.x0() && box.y1() > box.y0();
        return stands
                ? Optional.of(new Leaves(box, leafArea, p.leaf().extinction().orElse(EXTINCTION)))
                : Optional.empty();
    }
}
