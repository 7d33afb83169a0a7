package tanah.core.mapping;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Matter;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MeshModel;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Boxes;
import tanah.core.design.Envelope;
import tanah.core.design.Faces;
import tanah.core.design.VesselPlan;
import tanah.core.light.Lid;
import tanah.core.vessel.Material;
import tanah.core.vessel.Vessel;

/** Walls, lid and openings of the box. */
final class ShellMap {
    private static final double PANE = 0.005; // m where none is given
    private static final double LID = 0.004; // m
    private static final double UNKNOWN_MESH = 0.65; // open share, common practice, range ±0.08
    private static final double OPEN_TOP = 0.98;
    private static final double MESH_WALL = 0.66; // open share of an aluminium mesh wall
    private static final double THIN = 0.001; // m
    private static final double VENT = 0.015; // m, usual height of a strip

    private final VesselPlan plan;
    private final Vessel vessel;
    private final Catalogue catalogue;
    private final Optional<VesselModel> model;

    private ShellMap(VesselPlan plan, Vessel vessel, Catalogue catalogue) {
        this.plan = plan;
        this.vessel = vessel;
        this.catalogue = catalogue;
        this.model = plan.catalogue().flatMap(catalogue::findVessel);
    }

    static Shell of(VesselPlan plan, Vessel vessel, Catalogue catalogue) {
        return new ShellMap(plan, vessel, catalogue).shell();
    }

    private Shell shell() {
        Map<Lid.Side, Pane> sides = new EnumMap<>(Lid.Side.class);
        List<Shell.Vent> vents = new ArrayList<>();
        Lid lid = lid();
        for (Lid.Side side : Lid.Side.values()) {
            Envelope.Face face = face(side);
            sides.put(side, pane(face));
            if (material(face) == Material.ALUMINIUM_MESH) {
                double across = side == Lid.Side.FRONT || side == Lid.Side.BACK ? vessel.length() : vessel.width();
                vents.add(Shell.Vent.in(
                        side, vessel.height() / 2, 0, across, across * vessel.height(), vessel.height(), MESH_WALL));
            }
        }
        plan.envelope().vents().forEach(v -> vent(v, lid).ifPresent(vents::add));
        return new Shell(
                vessel.length(),
                vessel.width(),
                vessel.height(),
                sides,
                pane(Envelope.Face.BOTTOM),
                lid,
                lid.mesh() < 1 ? Optional.of(cover()) : Optional.empty(),
                vents);
    }

    private static Envelope.Face face(Lid.Side side) {
        return Envelope.Face.valueOf(side.name());
    }

    private Material material(Envelope.Face face) {
        return Faces.material(plan, face, catalogue);
    }

    private Pane pane(Envelope.Face face) {
        double thick = Faces.thickness(plan, face, catalogue).orElse(PANE);
        Material material = material(face);
        return Pane.of(
                matter(material),
                material == Material.ALUMINIUM_MESH ? THIN : Math.max(THIN, thick),
                lining(face),
                Faces.own(plan, face).map(Envelope.Pane::reflects).orElse(OptionalDouble.empty()));
    }

    private List<Pane.Lining> lining(Envelope.Face face) {
        return plan.envelope().insulation().stream()
                .filter(i -> i.face() == face)
                .map(i -> new Pane.Lining(
                        GroundMatter.insulation(i.material()),
                        i.thickness(),
                        i.inside().orElse(false),
                        i.reflects()))
                .toList();
    }

    private static Matter matter(Material material) {
        return switch (material) {
            case GLASS_ANNEALED, GLASS_TEMPERED, ALUMINIUM_MESH -> Matter.GLASS;
            case ACRYLIC -> Matter.ACRYLIC;
            case POLYCARBONATE -> Matter.POLYCARBONATE;
            case PVC_FOAM -> Matter.PVC_FOAM;
            case PLYWOOD -> Matter.PLYWOOD;
            case POLYPROPYLENE -> Matter.PVC_RIGID;
        };
    }

    // ---- lid

    private String lidMaterial() {
        return lidMaterial(plan, model);
    }

    /** The lid's material in the words of the format: as said, else that of the vessel's model, else glass. */
    static String lidMaterial(VesselPlan plan, Optional<VesselModel> model) {
        return plan.lid()
                .flatMap(VesselPlan.Lid::material)
                .orElseGet(() -> model.map(m -> switch (m.lidMaterial()) {
                            case "acrylic_vent" -> "acrylic";
                            case "solid" -> m.material().equals("wood") ? "plywood" : "pvc_foam";
                            case "none" -> "none";
                            default -> "glass";
                        })
                        .orElse("glass"));
    }

    private double meshShare() {
        return lidMaterial().equals("none") ? 1 : Boxes.lidMesh(plan, catalogue);
    }

    private Lid lid() {
        VesselPlan.Mesh mesh = plan.lid().map(VesselPlan.Lid::mesh).orElse(VesselPlan.Mesh.UNSAID);
        Optional<MeshModel> item = mesh.item().flatMap(catalogue::findMesh);
        boolean none = lidMaterial().equals("none");
        double open =
                none ? OPEN_TOP : mesh.open().orElse(item.map(MeshModel::open).orElse(UNKNOWN_MESH));
        double uv =
                none ? OPEN_TOP : mesh.open().orElse(item.map(MeshModel::openUv).orElse(UNKNOWN_MESH));
        return new Lid(
                vessel.height(),
                vessel.length(),
                vessel.width(),
                meshShare(),
                side(mesh.side()),
                open,
                uv,
                cover().glazing(),
                plan.envelope().meshFree().orElse(Lid.USUAL_FREE));
    }

    private static Lid.Side side(Optional<Envelope.Face> face) {
        return face.filter(f -> f != Envelope.Face.LID && f != Envelope.Face.BOTTOM)
                .map(f -> Lid.Side.valueOf(f.name()))
                .orElse(Lid.Side.BACK);
    }

    private Pane cover() {
        Matter matter = switch (lidMaterial()) {
            case "acrylic" -> Matter.ACRYLIC;
            case "polycarbonate" -> Matter.POLYCARBONATE;
            case "pvc_foam" -> Matter.PVC_FOAM;
            case "plywood" -> Matter.PLYWOOD;
            default -> Matter.GLASS;
        };
        double thick = plan.lid().map(l -> l.thickness().orElse(LID)).orElse(LID);
        return Pane.of(matter, thick, lining(Envelope.Face.LID), OptionalDouble.empty());
    }

    private Optional<Shell.Vent> vent(Envelope.Vent v, Lid lid) {
        if (v.face() == Envelope.Face.BOTTOM || v.area().orElse(1) <= 0) {
            return Optional.empty();
        }
        double open = v.open().orElse(lid.open());
        if (v.face() == Envelope.Face.LID) {
            return inLid(v, open);
        }
        Lid.Side side = Lid.Side.valueOf(v.face().name());
        double across = side == Lid.Side.FRONT || side == Lid.Side.BACK ? vessel.length() : vessel.width();
        double from = kept(v.from().orElse(0), across);
        double to = Math.max(from, kept(v.to().orElse(across), across));
        double height = v.height().orElse(VENT);
        double area = v.area().orElse((to - from) * height);
        double z = kept(v.z().orElse(vessel.height() / 2), vessel.height());
        return to > from ? Optional.of(Shell.Vent.in(side, z, from, to, area, height, open)) : Optional.empty();
    }

    /** An opening of the lid: its rectangle, the whole lid where none is given. */
    private Optional<Shell.Vent> inLid(Envelope.Vent v, double open) {
        double from = kept(v.from().orElse(0), vessel.length());
        double to = Math.max(from, kept(v.to().orElse(vessel.length()), vessel.length()));
        double front = kept(v.front().orElse(0), vessel.width());
        double back = Math.max(front, kept(v.back().orElse(vessel.width()), vessel.width()));
        double area = v.area()
                .orElse(v.height().isPresent() ? (to - from) * v.height().getAsDouble() : (to - from) * (back - front));
        return to > from && back > front
                ? Optional.of(Shell.Vent.inLid(from, to, front, back, area, open))
                : Optional.empty();
    }

    private static double kept(double value, double most) {
        return Math.max(0, Math.min(most, value));
    }
}
