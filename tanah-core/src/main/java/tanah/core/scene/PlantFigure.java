package tanah.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.ground.GroundResult;
import tanah.core.ground.PlantFoot;
import tanah.core.plant.Growth;
import tanah.core.plant.GrowthForm;
import tanah.core.plant.RootPlace;
import tanah.core.planting.Planted;

/**
 * A plant as it is drawn (m).
 *
 * @param part   id
 * @param number in the plan's list, from 1
 * @param form   how it stands; empty where nobody knows what it is
 * @param x      from the left
 * @param y      from the front
 * @param z      foot
 * @param now    as it is planted
 * @param later  after the months that are looked at
 * @param roots  how deep they go; 0 where it holds to no soil
 */
public record PlantFigure(
        String part,
        int number,
        Optional<GrowthForm> form,
        double x,
        double y,
        double z,
        Size now,
        Size later,
        double roots) {
    private static final Size UNKNOWN = new Size(0.10, 0.10); // of what nobody knows and nobody measured

    /** Height and spread (m). */
    public record Size(double height, double spread) {}

    /**
     * All plants that have a place, in the plan's order.
     *
     * @param planted how each does at its place, where that is known; else it is drawn as it is planted
     * @param months  after planting
     */
    public static List<PlantFigure> of(
            Design design, GroundResult ground, Catalogue catalogue, Optional<Planted> planted, double months) {
        List<PlantFigure> all = new ArrayList<>();
        for (int i = 0; i < design.plants().size(); i++) {
            PlantPiece p = design.plants().get(i);
            if (p.x().isEmpty() || p.y().isEmpty()) {
                continue;
            }
            Optional<PlantModel> kind = p.kind().flatMap(catalogue::findPlant);
            Size now = new Size(
                    p.height(kind).orElse(UNKNOWN.height()), p.spread(kind).orElse(UNKNOWN.spread()));
            Optional<Growth> growth = planted.flatMap(a -> a.piece(p.id())).flatMap(Planted.Piece::growth);
            Size later = growth.filter(g -> months > 0)
                    .map(g -> new Size(g.height(months), g.spread(months)))
                    .orElse(now);
            double x = p.x().getAsDouble();
            double y = p.y().getAsDouble();
            boolean rooted = p.medium() == RootPlace.SOIL || p.medium() == RootPlace.UNDERWATER;
            all.add(new PlantFigure(
                    p.id(),
                    i + 1,
                    kind.map(PlantModel::form),
                    x,
                    y,
                    p.z().orElseGet(() -> PlantFoot.at(design, ground, p.medium(), x, y)),
                    now,
                    later,
                    rooted ? kind.map(k -> k.needs().roots().depth()).orElse(0.0) : 0));
        }
        return all;
    }
}
