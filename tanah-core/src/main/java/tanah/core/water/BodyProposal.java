package tanah.core.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Surface;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.vessel.Vessel;

/** A second water beyond the land, and an islet in the water: first drafts that the keeper then moves (common practice). */
public final class BodyProposal {
    private static final double STEP = 0.005; // m
    private static final double OVER_WATER = 0.01; // m, a step that any animal takes
    private static final double LAND_KEPT = 0.7; // of its length
    private static final double LEAST_POOL = 0.05; // m
    private static final double ISLET = 0.5; // of the water's extent
    private static final double LEAST_ISLET = 0.01; // m², room for one animal to rest
    private static final String ISLET_MEDIUM = "pea_gravel_4_8";

    private BodyProposal() {}

    /**
     * The design with a second wall through the land and water beyond it; empty without exactly one straight wall, or
     * where the land is too short for it.
     */
    public static Optional<Design> secondWater(Design design, Vessel vessel) {
        List<Dam> walls = design.ground().walls();
        if (walls.size() != 1 || design.water().isEmpty()) {
            return Optional.empty();
        }
        Dam wall = walls.get(0);
        double left = DamMove.edge(wall.region().outline(), false);
        double right = DamMove.edge(wall.region().outline(), true);
        boolean landRight = landRight(design, left, right, vessel);
        double land = landRight ? vessel.length() - right : left;
        double thick = right - left;
        double kept = Math.round(LAND_KEPT * land / STEP) * STEP;
        if (land - kept - thick < LEAST_POOL) {
            return Optional.empty();
        }
        double from = landRight ? right + kept : left - kept - thick;
        double shore = landRight ? from : from + thick;
        double pool0 = landRight ? from + thick : 0;
        double pool1 = landRight ? vessel.length() : from;
        List<Layer> layers = new ArrayList<>();
        Design named = design;
        for (Layer layer : design.ground().layers()) {
            boolean wet = layer.options().aquatic().orElse(false);
            if (wet || layer.region().isEmpty()) {
                layers.add(layer);
            } else {
                layers.add(layer.withRegion(Optional.of(cut(layer.region().get(), shore, landRight, vessel))));
            }
            if (wet && layer.region().isPresent()) {
                Layer copy = copy(named, layer).withRegion(Optional.of(box(pool0, pool1, vessel)));
                layers.add(copy);
                named = named.withGround(named.ground().withLayers(layers));
            }
        }
        List<Dam> dams = new ArrayList<>(design.ground().dams());
        dams.add(new Dam(
                Ids.free(design, "dam"),
                wall.kind(),
                box(from, from + thick, vessel),
                wall.top(),
                wall.watertight(),
                wall.density()));
        return Optional.of(design.withGround(design.ground().withLayers(layers).withDams(dams))
                .withWater(design.water().map(w -> w.withSide(Optional.empty()))));
    }

    /**
     * The design with an islet in the widest piece of open water: gravel up to a centimetre over the level, held by a
     * ring of stones; empty where the water is too small for one.
     */
    public static Optional<Design> islet(Design design, GroundResult ground) {
        double level = ground.water().map(w -> w.level()).orElse(0.0);
        Optional<ConvexPolygon> widest = ground.terrain().cells().stream()
                .filter(c -> !c.dam())
                .flatMap(c -> ground.water().stream()
                        .flatMap(w -> w.side().within(c.plan()).stream())
                        .flatMap(p -> p.where(Plane.level(level - OVER_WATER).minus(c.top())).stream()))
                .max(Comparator.comparingDouble(ConvexPolygon::area));
        Optional<ConvexPolygon> place = widest.map(BodyProposal::middle)
                .filter(p -> p.area() >= LEAST_ISLET)
                .filter(p -> p.corners().stream().allMatch(q -> widest.get().contains(q.x(), q.y())));
        return place.map(region -> {
            Layer.Options held =
                    Layer.Options.NONE.withAquatic(true).withRetained(true).withMesh(false);
            Layer layer = NewLayer.of(design, Layer.Kind.SUBSTRATE, ISLET_MEDIUM, STEP);
            Layer islet = new Layer(
                    Ids.free(design, "islet"),
                    layer.kind(),
                    layer.media(),
                    Optional.of(new Layer.Region(region, true)),
                    new Surface.Level(level + OVER_WATER),
                    held,
                    layer.kept());
            List<Layer> layers = new ArrayList<>(design.ground().layers());
            layers.add(islet);
            return design.withGround(design.ground().withLayers(layers));
        });
    }

    /** A rectangle of half the extent about the middle. */
    private static ConvexPolygon middle(ConvexPolygon plan) {
        Point c = plan.centroid();
        double x = extent(plan, Surface.Axis.X) * ISLET / 2;
        double y = extent(plan, Surface.Axis.Y) * ISLET / 2;
        return ConvexPolygon.rectangle(round(c.x() - x), round(c.y() - y), round(c.x() + x), round(c.y() + y));
    }

    private static double extent(ConvexPolygon plan, Surface.Axis axis) {
        return DamMove.edge(plan, axis, true) - DamMove.edge(plan, axis, false);
    }

    private static boolean landRight(Design design, double left, double right, Vessel vessel) {
        return design.ground().layers().stream()
                .filter(l -> l.region().isPresent() && !l.options().aquatic().orElse(false))
                .map(l -> l.region().get().outline().centroid().x() > left)
                .findFirst()
                .orElse(vessel.length() - right > left);
    }

    /** A region of the land that ends at a new shore. */
    private static Layer.Region cut(Layer.Region region, double shore, boolean landRight, Vessel vessel) {
        Layer.Region land = landRight ? box(0, shore, vessel) : box(shore, vessel.length(), vessel);
        return region.outline()
                .intersect(land.outline())
                .map(p -> new Layer.Region(p, region.rectangle()))
                .orElse(region);
    }

    private static Layer copy(Design design, Layer layer) {
        return new Layer(
                Ids.free(design, layer.id()),
                layer.kind(),
                layer.media(),
                layer.region(),
                layer.surface(),
                layer.options(),
                layer.kept());
    }

    private static Layer.Region box(double from, double to, Vessel vessel) {
        return new Layer.Region(ConvexPolygon.rectangle(from, 0, to, vessel.width()), true);
    }

    private static double round(double v) {
        return Math.round(v / STEP) * STEP;
    }
}
