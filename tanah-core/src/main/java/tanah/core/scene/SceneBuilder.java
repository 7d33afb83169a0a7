package tanah.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.design.Probe;
import tanah.core.design.VesselPlan;
import tanah.core.geometry.Plane;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Terrain;
import tanah.core.scene.Scene.Area;
import tanah.core.scene.Scene.Texture;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;

/** Cuts a design along a vertical plane and looks at it from above. */
public final class SceneBuilder {
    private static final double THIN = 1e-6;
    private static final int PLACES = 40;
    private static final double LOW_FIGURE = 0.05; // m

    private final Design design;
    private final Vessel vessel;
    private final GroundResult ground;
    private final Optional<Circulation> circulation;
    private final double cut;
    private final Section section;

    private SceneBuilder(
            Design design, Vessel vessel, GroundResult ground, Optional<Circulation> circulation, double cut) {
        this.circulation = circulation;
        this.design = design;
        this.vessel = vessel;
        this.ground = ground;
        this.cut = Math.max(THIN, Math.min(vessel.width() - THIN, cut));
        this.section = new Section(design, vessel.length(), ground, this.cut);
    }

    /**
     * @param circulation devices in the water
     * @param lidMesh share of the lid that is mesh
     * @param cut     distance of the section from the front (m); kept inside the box
     */
    public static Scene build(
            Design design,
            Vessel vessel,
            GroundResult ground,
            Optional<Circulation> circulation,
            List<Inhabitant> animals,
            double lidMesh,
            OptionalDouble cut) {
        return new SceneBuilder(design, vessel, ground, circulation, cut.orElse(vessel.width() / 2))
                .scene(animals, lidMesh);
    }

    private Scene scene(List<Inhabitant> animals, double lidMesh) {
        double pane = design.vessel()
                .map(VesselPlan::pane)
                .orElse(OptionalDouble.empty())
                .orElse(0.005);
        OptionalDouble level = ground.water().isPresent()
                ? OptionalDouble.of(ground.water().get().level())
                : OptionalDouble.empty();
        return new Scene(
                vessel.length(),
                vessel.width(),
                vessel.height(),
                pane,
                lidMesh,
                vessel.frontDam(),
                cut,
                lined(section.layers()),
                plan(),
                vessel.outline().corners(),
                level.isPresent() ? section.water(level.getAsDouble()) : List.of(),
                level,
                section.solids(),
                behind(),
                pieces(),
                walls(),
                RampPlace.of(design, vessel, ground).stream()
                        .map(RampPlace::line)
                        .toList(),
                WaterScene.devices(circulation),
                WaterScene.flows(design, vessel, circulation),
                section.barriers(),
                figures(animals),
                marks(),
                section.strata());
    }

    private List<Area> plan() {
        List<Area> areas = new ArrayList<>();
        for (Cell cell : ground.terrain().cells()) {
            areas.add(new Area(topPart(cell), topTexture(cell), cell.plan().corners()));
        }
        ground.water().ifPresent(w -> {
            for (Cell cell : ground.terrain().cells()) {
                w.side().within(cell.plan()).stream()
                        .flatMap(p -> p.where(Plane.level(w.level()).minus(cell.top())).stream())
                        .filter(p -> !cell.dam())
                        .forEach(p -> areas.add(new Area("water", Texture.WATER, p.corners())));
            }
        });
        RampPlace.of(design, vessel, ground).forEach(r -> r.area().ifPresent(areas::add));
        areas.addAll(Linings.plan(design, vessel));
        design.crew()
                .refuges()
                .forEach(r -> r.region()
                        .ifPresent(x -> areas.add(new Area(
                                r.id(),
                                r.damp() ? Texture.DAMP : Texture.DRY,
                                x.outline().corners()))));
        return areas;
    }

    private List<Area> lined(List<Area> layers) {
        List<Area> all = new ArrayList<>(layers);
        all.addAll(Linings.section(design, vessel));
        return all;
    }

    private static String topPart(Cell cell) {
        return cell.slabs().isEmpty()
                ? "floor"
                : cell.slabs().get(cell.slabs().size() - 1).layer();
    }

    private Texture topTexture(Cell cell) {
        if (cell.slabs().isEmpty()) {
            return Texture.VOID;
        }
        String id = topPart(cell);
        return id.equals(Terrain.DAM)
                ? design.ground()
                        .wallAt(cell.plan().centroid())
                        .map(Section::damTexture)
                        .orElse(Texture.FOAM)
                : design.ground().layer(id).map(l -> Textures.of(l, ground)).orElse(Texture.VOID);
    }

    /** Silhouettes of the rest, the farthest first; what lies before the cut comes last. */
    private List<Area> behind() {
        List<String> cutThrough = section.solids().stream().map(Area::part).toList();
        return design.hardscape().stream()
                .filter(h -> !cutThrough.contains(h.id()))
                .sorted(java.util.Comparator.comparingDouble(
                        (HardscapeItem h) -> -PieceMove.box(h).front()))
                .map(h -> {
                    PieceMove.Box box = PieceMove.box(h);
                    return PieceAreas.front(h, box.left(), box.right());
                })
                .toList();
    }

    /** Every piece from above, the highest last, so that what lies on top is seen. */
    private List<Area> pieces() {
        return design.hardscape().stream()
                .sorted(java.util.Comparator.comparingDouble(HardscapeItem::top))
                .map(PieceAreas::above)
                .toList();
    }

    private List<Area> walls() {
        return design.ground().walls().stream()
                .map(d -> new Area(
                        d.id(), Section.damTexture(d), d.region().outline().corners()))
                .toList();
    }

    private List<Scene.Figure> figures(List<Inhabitant> animals) {
        List<Scene.Figure> figures = new ArrayList<>();
        for (Inhabitant animal : animals) {
            double length = Math.min(animal.profile().totalLengthAdult(), vessel.length() * 0.95);
            double x = freeFor(length, vessel.length() * (0.62 - 0.3 * figures.size()));
            figures.add(new Scene.Figure(
                    animal.id(),
                    Forms.of(animal.row().group()),
                    length,
                    x,
                    ground.terrain().surfaceAt(x, cut)));
        }
        return figures;
    }

    /** Where a figure of a length stands in nothing that the cut passes, the nearest to a place; the place if nowhere does. */
    private double freeFor(double length, double wanted) {
        List<Area> solids = section.solids();
        double best = wanted;
        double off = Double.MAX_VALUE;
        for (int i = 0; i <= PLACES; i++) {
            double x = i * Math.max(0, vessel.length() - length) / PLACES;
            double z = ground.terrain().surfaceAt(x, cut);
            boolean free = solids.stream().noneMatch(s -> meets(s, x, x + length, z));
            if (free && Math.abs(x - wanted) < off) {
                off = Math.abs(x - wanted);
                best = x;
            }
        }
        return best;
    }

    /** Whether a solid of the section stands in the way of a low figure on the ground. */
    private static boolean meets(Area solid, double from, double to, double ground) {
        double left = solid.frame().get(0).x();
        double right = solid.frame().get(1).x();
        double low = solid.frame().get(0).y();
        double high = solid.frame().get(2).y();
        return left < to && right > from && high > ground + THIN && low < ground + LOW_FIGURE;
    }

    private List<Scene.Mark> marks() {
        List<Scene.Mark> marks = new ArrayList<>();
        for (Probe probe : design.probes()) {
            if (probe.kind() != Probe.Kind.ROOM
                    && probe.x().isPresent()
                    && probe.z().isPresent()) {
                marks.add(new Scene.Mark(
                        probe.id(),
                        probe.x().getAsDouble(),
                        probe.y().orElse(cut),
                        probe.z().getAsDouble()));
            }
        }
        return marks;
    }
}
