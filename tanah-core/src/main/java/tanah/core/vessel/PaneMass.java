package tanah.core.vessel;

import java.util.List;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/**
 * Mass of the panes of a box without its lid: base on the outer plan, walls standing on it. Densities: glass 2500,
 * acrylic 1190, polycarbonate 1200, expanded PVC 600, plywood 650, polypropylene 905 kg/m³ (common handbook values,
 * from memory); a mesh cage is weighed by its catalogue row.
 */
public final class PaneMass {
    private PaneMass() {}

    /** Density of a wall material (kg/m³). */
    public static double density(Material material) {
        return switch (material) {
            case GLASS_ANNEALED, GLASS_TEMPERED -> 2500;
            case ACRYLIC -> 1190;
            case POLYCARBONATE -> 1200;
            case PVC_FOAM -> 600;
            case PLYWOOD -> 650;
            case POLYPROPYLENE -> 905;
            case ALUMINIUM_MESH -> 300; // open frame and mesh for its bulk; the catalogue's mass comes first
        };
    }

    /** Base (outer plan), front and back (outer length), sides (inner width), all in kg. */
    public static double rectangle(
            double outerLength, double outerWidth, double innerHeight, double pane, double base, Material material) {
        double innerWidth = outerWidth - 2 * pane;
        double volume = outerLength * outerWidth * base
                + 2 * outerLength * innerHeight * pane
                + 2 * innerWidth * innerHeight * pane;
        return volume * density(material);
    }

    /**
     * Any other convex plan: wall ring = perimeter t + t² Σ tan(turn/2), from the inside outline.
     *
     * @return kg
     */
    public static double ring(
            ConvexPolygon inside, double area, double innerHeight, double pane, double base, Material material) {
        double ring = inside.perimeter() * pane + pane * pane * sumOfHalfTurns(inside);
        return ((area + ring) * base + ring * innerHeight) * density(material);
    }

    private static double sumOfHalfTurns(ConvexPolygon polygon) {
        List<Point> c = polygon.corners();
        double sum = 0;
        for (int i = 0; i < c.size(); i++) {
            Point a = c.get(i);
            Point b = c.get((i + 1) % c.size());
            Point d = c.get((i + 2) % c.size());
            double turn = Math.atan2(d.y() - b.y(), d.x() - b.x()) - Math.atan2(b.y() - a.y(), b.x() - a.x());
            double wrapped = Math.atan2(Math.sin(turn), Math.cos(turn));
            sum += Math.tan(wrapped / 2);
        }
        return sum;
    }
}
