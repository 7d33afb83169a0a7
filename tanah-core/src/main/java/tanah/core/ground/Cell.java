package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;

/**
 * A convex piece of the floor over which every layer is bounded by planes.
 *
 * @param plan  its outline
 * @param slabs bottom to top
 * @param top   surface of the highest layer, or the floor
 * @param dam   whether the wall between land and water stands here
 */
public record Cell(ConvexPolygon plan, List<Slab> slabs, Plane top, boolean dam) {
    public Cell {
        slabs = List.copyOf(slabs);
    }

    Cell cutTo(ConvexPolygon piece) {
        return new Cell(piece, slabs, top, dam);
    }

    Cell with(Slab slab, boolean asDam) {
        List<Slab> more = new ArrayList<>(slabs);
        more.add(slab);
        return new Cell(plan, more, slab.upper(), asDam);
    }

    /** The slab of a layer, if it lies here. */
    public Optional<Slab> slab(String layer) {
        return slabs.stream().filter(s -> s.layer().equals(layer)).findFirst();
    }
}
