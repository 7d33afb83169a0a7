package tanah.core.scene;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.PieceLook;
import tanah.core.design.Probe;
import tanah.core.design.VesselPlan;
import tanah.core.design.WaterFeature;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.ground.Basin;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Slab;
import tanah.core.ground.Terrain;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.Run;

/**
 * The enclosure cut along its side and seen from the right: the front is at the left of the drawing. It is the section of
 * the same enclosure with length and width exchanged.
 */
public final class SideView {
    private SideView() {}

    /** @param cut distance from the left (m); kept inside the box */
    public static Scene build(
            Design design,
            Vessel vessel,
            GroundResult ground,
            Optional<Circulation> circulation,
            List<Inhabitant> animals,
            double lidMesh,
            OptionalDouble cut) {
        double at = cut.orElse(vessel.length() / 2);
        Scene scene = SceneBuilder.build(
                turned(design),
                turned(vessel),
                turned(ground),
                circulation.map(SideView::turned),
                animals,
                lidMesh,
                OptionalDouble.of(at));
        return scene.withRamps(RampPlace.of(design, vessel, ground).stream()
                .flatMap(r -> r.across(at).stream())
                .toList());
    }

    private static Point turned(Point p) {
        return new Point(p.y(), p.x());
    }

    /** Exchanging the axes turns the corners round; they are put back into their order. */
    private static List<Point> turned(List<Point> corners) {
        List<Point> all = new ArrayList<>(corners.stream().map(SideView::turned).toList());
        Collections.reverse(all);
        return all;
    }

    private static ConvexPolygon turned(ConvexPolygon p) {
        return new ConvexPolygon(turned(p.corners()));
    }

    private static Plane turned(Plane p) {
        return new Plane(p.constant(), p.alongY(), p.alongX());
    }

    private static Layer.Region turned(Layer.Region r) {
        return new Layer.Region(turned(r.outline()), false);
    }

    private static Vessel turned(Vessel v) {
        return new Vessel(
                turned(v.outline()),
                v.floorArea(),
                v.width(),
                v.length(),
                v.height(),
                v.rim(),
                v.frontDam(),
                v.label(),
                v.emptyMass(),
                v.massBand(),
                v.massFrom());
    }

    private static GroundResult turned(GroundResult g) {
        List<Cell> cells = g.terrain().cells().stream()
                .map(c -> new Cell(
                        turned(c.plan()),
                        c.slabs().stream()
                                .map(s -> new Slab(s.layer(), turned(s.lower()), turned(s.upper())))
                                .toList(),
                        turned(c.top()),
                        c.dam()))
                .toList();
        return new GroundResult(
                Terrain.of(cells, g.terrain().width(), g.terrain().length()),
                g.layers(),
                g.soils(),
                g.bulk(),
                g.damVolume(),
                g.surfaceMin(),
                g.surfaceMax(),
                g.water().map(SideView::turned),
                g.underBarrier());
    }

    private static WaterVolumes turned(WaterVolumes w) {
        Basin side = new Basin(w.side().parts().stream().map(SideView::turned).toList());
        return new WaterVolumes(
                w.level(),
                w.free(),
                w.pore(),
                w.drainable(),
                w.displaced(),
                w.surface(),
                w.depthMin(),
                w.depthMax(),
                w.depthMean(),
                side);
    }

    private static Design turned(Design d) {
        List<Dam> dams = d.ground().dams().stream()
                .map(w -> w.at(turned(w.region()), w.top()))
                .toList();
        List<HardscapeItem> items = d.hardscape().stream().map(SideView::turned).toList();
        List<Probe> probes = d.probes().stream()
                .map(p -> new Probe(p.id(), p.name(), p.kind(), p.zone(), p.y(), p.x(), p.z(), p.on(), p.reads()))
                .toList();
        return d.withVessel(d.vessel().map(SideView::turned))
                .withGround(d.ground().withDams(dams))
                .withHardscape(items)
                .withProbes(probes)
                .withWater(d.water()
                        .map(w -> w.withRamps(List.of())
                                .withSide(w.sideRegion().map(SideView::turned))
                                .withFeatures(w.features().stream()
                                        .map(SideView::turned)
                                        .toList())));
    }

    /** A piece seen from its end has the form that it has, with an outline of its own. */
    private static HardscapeItem turned(HardscapeItem h) {
        HardscapeItem seen = h.shaped(turned(h.outline()), h.height());
        PieceLook look = PieceLook.of(h);
        return seen.withLook(Optional.of(PieceLook.made(seen, look.form(), look.seed())));
    }

    /** Sheets lie on other sides of a box whose axes are exchanged. */
    private static VesselPlan turned(VesselPlan v) {
        List<Envelope.Insulation> sheets = v.envelope().insulation().stream()
                .map(i -> i.withFace(
                        switch (i.face()) {
                            case LEFT -> Envelope.Face.FRONT;
                            case FRONT -> Envelope.Face.LEFT;
                            case RIGHT -> Envelope.Face.BACK;
                            case BACK -> Envelope.Face.RIGHT;
                            default -> i.face();
                        }))
                .toList();
        return v.withEnvelope(v.envelope().withInsulation(sheets));
    }

    private static WaterFeature turned(WaterFeature f) {
        return f.withFace(Optional.of(
                switch (f.face().orElse("back")) {
                    case "front" -> "left";
                    case "left" -> "front";
                    case "right" -> "back";
                    default -> "right";
                }));
    }

    private static Circulation turned(Circulation c) {
        return new Circulation(
                c.runs().stream()
                        .map(r -> new Run(
                                turned(r.device()),
                                r.gear(),
                                r.feature(),
                                r.line(),
                                r.flow(),
                                r.dirty(),
                                r.wanted(),
                                r.under()))
                        .toList(),
                c.heaters().stream()
                        .map(h -> new Circulation.Heating(turned(h.device()), h.gear()))
                        .toList(),
                c.area(),
                c.level(),
                c.transit(),
                c.tube(),
                c.returned(),
                c.pots());
    }

    private static Device turned(Device d) {
        return d.withSpot(new Device.Spot(d.at().y(), d.at().x(), d.at().z()));
    }
}
