package tanah.core.ground;

import java.util.List;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;

/**
 * What pieces of hardscape take of the ground and of the water: each is a prism over its plan, of which a share is solid, and takes
 * that share of whatever fills the place where it stands, layer by layer. Pieces that stand in one another do not take it twice.
 *
 * @param inGround what takes room from the ground, none of it in another
 * @param inWater  what takes room from the water, none of it in another
 */
public record Displacement(List<Piece> inGround, List<Piece> inWater) {
    public static final Displacement NONE = of(List.of());

    private static final double LEAST = 1e-9; // m³ of a prism

    public Displacement {
        inGround = List.copyOf(inGround);
        inWater = List.copyOf(inWater);
    }

    /** Of pieces as they stand, in one another too. */
    public static Displacement of(List<Piece> pieces) {
        return new Displacement(
                Shares.of(pieces), Shares.of(pieces.stream().filter(Piece::wet).toList()));
    }

    /**
     * A piece.
     *
     * @param plan  outline
     * @param base  underside (m)
     * @param top   m
     * @param solid share of the prism that it fills, 0 or more: over 1 where it was measured larger than its box
     * @param wet   whether it takes room from the water too
     * @param known whether its volume was measured: then it takes all of that, wherever its outline is drawn
     */
    public record Piece(ConvexPolygon plan, double base, double top, double solid, boolean wet, boolean known) {
        /** What of it lies under a level (m³), by the prism. */
        public double below(double level) {
            return solid * plan.area() * Math.max(0, Math.min(top, level) - base);
        }

        /** What it takes of the room between a plane below and a height, within a part of the floor (m³). */
        private double under(ConvexPolygon floor, Plane lower, double level) {
            double high = Math.min(top, level);
            return high <= base ? 0 : solid * (floor.roomBelow(lower, high) - floor.roomBelow(lower, base));
        }
    }

    /** Of a plan; a piece that its keeper leaves out of the water takes room from the ground alone. */
    public static Displacement of(Design design) {
        return of(design.hardscape().stream().map(Displacement::piece).toList());
    }

    private static Piece piece(HardscapeItem item) {
        ConvexPolygon plan = new ConvexPolygon(item.outline());
        double prism = plan.area() * item.height();
        double solid = prism > LEAST ? Solids.volume(item) / prism : 0;
        return new Piece(
                plan,
                item.base(),
                item.top(),
                solid,
                item.inWater().orElse(true),
                item.volume().isPresent());
    }

    /** What is taken of a layer over the whole floor (m³). */
    double ofLayer(String layer, Terrain terrain) {
        double sum = 0;
        for (Cell cell : terrain.cells()) {
            sum += cell.slab(layer)
                    .map(s -> ofSlab(cell.plan(), s, Double.MAX_VALUE))
                    .orElse(0.0);
        }
        return sum;
    }

    /** What is taken of a layer in a part of the floor, below a level (m³). */
    public double ofSlab(ConvexPolygon floor, Slab slab, double level) {
        double sum = 0;
        for (Piece p : inGround) {
            sum += floor.intersect(p.plan())
                    .map(here -> p.under(here, slab.lower(), level) - p.under(here, slab.upper(), level))
                    .orElse(0.0);
        }
        return Math.max(0, sum);
    }

    /** What is taken of the room over the ground, below a level (m³). */
    public double ofWater(ConvexPolygon floor, Cell cell, double level) {
        double sum = 0;
        for (Piece p : inWater) {
            sum += floor.intersect(p.plan())
                    .map(here -> p.under(here, cell.top(), level))
                    .orElse(0.0);
        }
        return sum;
    }
}
