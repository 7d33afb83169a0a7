package tanah.core.cleanup;

import java.util.List;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;

/**
 * A damp or dry place as it lies on the land.
 *
 * @param area  as drawn (m²)
 * @param land  of it, on land inside the box (m²)
 * @param share of the land of the box
 * @param water to bring its ground from as damp as the rest to as damp as it is to be (m³); 0 of a dry place
 */
public record RefugeOnFloor(CrewChoice.Refuge refuge, double area, double land, double share, double water) {
    private static final double DEEPEST = 0.05; // m of ground that is wetted with it; common practice

    static List<RefugeOnFloor> all(Design design, GroundResult ground, double floor) {
        return design.crew().refuges().stream()
                .map(r -> of(r, design, ground, floor))
                .toList();
    }

    private static RefugeOnFloor of(CrewChoice.Refuge r, Design design, GroundResult ground, double floor) {
        double area = r.region().map(x -> x.outline().area()).orElse(0.0);
        double land = onLand(r, ground);
        return new RefugeOnFloor(
                r,
                area,
                land,
                floor > 0 ? Math.min(1, land / floor) : 0,
                r.damp() ? water(r, land, design, ground) : 0);
    }

    /** How much of a place is on land (m²). */
    static double onLand(CrewChoice.Refuge r, GroundResult ground) {
        double sum = 0;
        for (Cell cell : ground.terrain().cells()) {
            if (!cell.dam() && !isUnderWater(cell, ground)) {
                sum += r.areaIn(cell.plan());
            }
        }
        return sum;
    }

    private static boolean isUnderWater(Cell cell, GroundResult ground) {
        double x = cell.plan().centroid().x();
        double y = cell.plan().centroid().y();
        return ground.water()
                .filter(w -> w.side().contains(x, y) && w.level() > cell.top().at(x, y))
                .isPresent();
    }

    private static double water(CrewChoice.Refuge r, double land, Design design, GroundResult ground) {
        List<Layer> soils = design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                .toList();
        if (soils.isEmpty()) {
            return 0;
        }
        Layer top = soils.get(soils.size() - 1);
        return ground.layer(top.id())
                .map(result -> land
                        * Math.min(DEEPEST, result.shape().meanDepth())
                        * result.dripContent()
                        * Math.max(0, r.water() - top.wetness()))
                .orElse(0.0);
    }
}
