package tanah.core.structure;

import static tanah.core.physics.Constants.GRAVITY;
import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Envelope.Face;
import tanah.core.design.Faces;
import tanah.core.design.VesselPlan;
import tanah.core.geometry.Point;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Soil;
import tanah.core.vessel.Material;
import tanah.core.vessel.Vessel;

/**
 * Panes of a rectangular box under its filling. Soil at rest after J. Jaky (1944), K0 = 1 - sin φ; wet soil, buoyant
 * under water; the highest ground at any wall acts on all. Conservative.
 */
public final class PaneModel {
    private static final double STEEPEST_REPOSE = Math.toRadians(60);
    private static final double USUAL_REPOSE = Math.toRadians(35);

    private static final List<Face> SIDES = List.of(Face.FRONT, Face.BACK, Face.LEFT, Face.RIGHT);

    private PaneModel() {}

    /** Stiffness and strength of a pane material; sources stand beside each value. */
    record Strength(double elasticity, double poisson, Allowed allowed) {
        Strength(double elasticity, double poisson, double working, double limit) {
            this(elasticity, poisson, new Allowed(working, limit));
        }

        static Optional<Strength> of(Material material) {
            return switch (material) {
                // 5.0: 19.2 MPa over 3.84, common practice; 7.25: EN 16612, 45 MPa x 0.29 / 1.8 for lasting loads
                case GLASS_ANNEALED -> Optional.of(new Strength(70e9, 0.23, 5.0e6, 7.25e6));
                // from memory, the plastics with their long-term modulus
                case GLASS_TEMPERED -> Optional.of(new Strength(70e9, 0.23, 20e6, 40e6));
                case ACRYLIC -> Optional.of(new Strength(1.6e9, 0.37, 5.2e6, 7.0e6));
                case POLYCARBONATE -> Optional.of(new Strength(1.8e9, 0.37, 9e6, 12e6));
                case PVC_FOAM -> Optional.of(new Strength(0.7e9, 0.35, 2.5e6, 4e6));
                case PLYWOOD -> Optional.of(new Strength(4.0e9, 0.25, 5e6, 8e6));
                case POLYPROPYLENE, ALUMINIUM_MESH -> Optional.empty();
            };
        }
    }

    /** Empty for other shapes, unknown panes, or nothing that presses. */
    public static Optional<PaneResult> compute(
            Design design, Vessel vessel, GroundResult ground, MassResult mass, Catalogue catalogue) {
        VesselPlan plan = design.vessel().orElseThrow();
        VesselPlan.Shape shape = plan.shape().orElse(VesselPlan.Shape.RECTANGLE);
        boolean flat = shape == VesselPlan.Shape.RECTANGLE || shape == VesselPlan.Shape.CUBE;
        Load load = load(ground);
        if (!flat || load.height <= 0) {
            return Optional.empty();
        }
        boolean held = !plan.kept().text("top").orElse("rimless").equals("rimless");
        PanePlate.Load pressure = new PanePlate.Load(load.pressure, 0, load.height);
        Map<Face, PaneResult.Held> panes = new EnumMap<>(Face.class);
        for (Face face : SIDES) {
            OptionalDouble t = Faces.thickness(plan, face, catalogue);
            Optional<Strength> s = Strength.of(Faces.material(plan, face, catalogue));
            if (t.isEmpty() || s.isEmpty()) {
                return Optional.empty();
            }
            double across = face == Face.FRONT || face == Face.BACK ? vessel.length() : vessel.width();
            panes.put(
                    face,
                    new PaneResult.Held(
                            plate(across, vessel.height(), t.getAsDouble(), held, s.get())
                                    .under(pressure),
                            t.getAsDouble(),
                            s.get().allowed()));
        }
        return Optional.of(new PaneResult(
                load.pressure,
                load.height,
                panes,
                divider(design, ground),
                base(design, vessel, catalogue)
                        .map(b -> new PaneResult.Base(
                                b.plate().stress(spread(vessel, mass)),
                                b.strength().allowed()))));
    }

    private static PanePlate plate(double width, double height, double t, boolean held, Strength s) {
        return new PanePlate(width, height, t, held, s.elasticity(), s.poisson());
    }

    private record Load(double pressure, double height) {}

    private static Load load(GroundResult ground) {
        double water = ground.water().map(w -> w.level()).orElse(0.0);
        double soil = 0;
        for (Cell cell : ground.terrain().cells()) {
            if (!cell.dam()) {
                for (Point p : cell.plan().corners()) {
                    soil = Math.max(soil, cell.top().at(p));
                }
            }
        }
        double density = 0;
        double repose = STEEPEST_REPOSE;
        for (LayerResult layer : ground.layers()) {
            Soil s = ground.soils().get(layer.id());
            if (s != null && layer.shape().exists()) {
                density = Math.max(density, s.dryDensity() + WATER_DENSITY * layer.dripContent());
                repose = Math.min(repose, s.repose());
            }
        }
        double atRest = 1 - Math.sin(repose < STEEPEST_REPOSE ? repose : USUAL_REPOSE);
        double effective = soil > 0 ? Math.max(density - WATER_DENSITY * Math.min(1, water / soil), 0.3 * density) : 0;
        return new Load(GRAVITY * (WATER_DENSITY * water + atRest * effective * soil), Math.max(water, soil));
    }

    private static Optional<PaneResult.Held> divider(Design design, GroundResult ground) {
        Optional<Dam> wall = design.ground().dams().stream()
                .filter(Dam::isWatertight)
                .filter(d -> d.kind().equals("glass") || d.kind().equals("acrylic"))
                .findFirst();
        double level = ground.water().map(w -> w.level()).orElse(0.0);
        if (wall.isEmpty() || level <= 0) {
            return Optional.empty();
        }
        double x0 = Double.MAX_VALUE;
        double x1 = -Double.MAX_VALUE;
        double y0 = Double.MAX_VALUE;
        double y1 = -Double.MAX_VALUE;
        for (Point p : wall.get().region().outline().corners()) {
            x0 = Math.min(x0, p.x());
            x1 = Math.max(x1, p.x());
            y0 = Math.min(y0, p.y());
            y1 = Math.max(y1, p.y());
        }
        double length = Math.max(x1 - x0, y1 - y0);
        double thickness = Math.min(x1 - x0, y1 - y0);
        Strength s = Strength.of(wall.get().kind().equals("glass") ? Material.GLASS_ANNEALED : Material.ACRYLIC)
                .orElseThrow();
        double head = Math.min(level, wall.get().top());
        PanePlate.Load pressure =
                new PanePlate.Load(WATER_DENSITY * GRAVITY * level, WATER_DENSITY * GRAVITY * (level - head), head);
        return Optional.of(new PaneResult.Held(
                plate(length, wall.get().top(), thickness, false, s).under(pressure), thickness, s.allowed()));
    }

    private record Base(BasePlate plate, Strength strength) {}

    /** The base as a plate, where only its rim is held and its thickness and material are known. */
    static Optional<BasePlate> basePlate(Design design, Vessel vessel, Catalogue catalogue) {
        return base(design, vessel, catalogue).map(Base::plate);
    }

    private static Optional<Base> base(Design design, Vessel vessel, Catalogue catalogue) {
        VesselPlan plan = design.vessel().orElseThrow();
        OptionalDouble t = Faces.thickness(plan, Face.BOTTOM, catalogue);
        Optional<Strength> s = Strength.of(Faces.material(plan, Face.BOTTOM, catalogue));
        boolean rim = plan.kept().text("base_support").orElse("full").equals("perimeter");
        return !rim || t.isEmpty()
                ? Optional.empty()
                : s.map(of -> new Base(
                        new BasePlate(
                                Math.max(vessel.length(), vessel.width()),
                                Math.min(vessel.length(), vessel.width()),
                                t.getAsDouble(),
                                of.elasticity(),
                                of.poisson()),
                        of));
    }

    /** What stands in the box, spread over its base (Pa). */
    private static double spread(Vessel vessel, MassResult mass) {
        return (mass.onStand() - mass.vessel()) * GRAVITY / vessel.floorArea();
    }
}
