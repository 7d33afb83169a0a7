package tanah.core.mapping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.Fixture;
import tanah.core.box.Floor;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.light.Emitter;
import tanah.core.light.Vec;
import tanah.core.vessel.Vessel;

/**
 * What hangs over, in and on the box for warmth, light and air, as a drawing needs it: places in metres from the inner lower
 * front left corner.
 *
 * @param lamps   lamps, tubes and panels
 * @param mats    on a side, under the bottom, or in the ground
 * @param nozzles of the mist
 * @param vents   openings in the sides
 * @param fans    in the box
 */
public record Fittings(List<Lamp> lamps, List<Mat> mats, List<Nozzle> nozzles, List<Opening> vents, List<Nozzle> fans) {
    private static final double VENT_HIGH = 0.02; // m, of an opening that only says its area

    public Fittings {
        lamps = List.copyOf(lamps);
        mats = List.copyOf(mats);
        nozzles = List.copyOf(nozzles);
        vents = List.copyOf(vents);
        fans = List.copyOf(fans);
    }

    /** What it is bought for. */
    public enum Use {
        HEAT,
        UV,
        LIGHT
    }

    /**
     * A lamp.
     *
     * @param at     its middle
     * @param aim    unit vector
     * @param length along its tube, or its panel's longer side (m)
     * @param alongX whether a tube lies along the front
     * @param half   half of its beam at half strength (rad); 0 where it shines all round
     */
    public record Lamp(
            String part, Use use, Emitter.Kind kind, Vec at, Vec aim, double length, boolean alongX, double half) {}

    /**
     * A mat or a cable.
     *
     * @param face  of the box; the bottom too for a cable, whose height is over 0
     * @param from  along the face (m)
     * @param to    along the face (m)
     * @param low   on a side the lower edge, else from the front (m)
     * @param high  on a side the upper edge, else from the front (m)
     * @param depth height over the base of a cable (m), else 0
     */
    public record Mat(String part, Envelope.Face face, double from, double to, double low, double high, double depth) {}

    /** Something small at a place. */
    public record Nozzle(String part, Vec at) {}

    /**
     * An opening.
     *
     * @param from along the face (m)
     * @param to   along the face (m)
     * @param z    of its middle (m)
     * @param high its height (m)
     * @param front of one in the lid (m)
     * @param back  of one in the lid (m)
     */
    public record Opening(
            String part,
            Envelope.Face face,
            double from,
            double to,
            double z,
            double high,
            double front,
            double back) {}

    public static Fittings of(Design design, Vessel vessel, double ground, Catalogue catalogue) {
        List<Lamp> lamps = new ArrayList<>();
        List<Nozzle> fans = new ArrayList<>();
        for (Device d : design.devices()) {
            catalogue.findLamp(d.item()).ifPresent(m -> lamps.add(lamp(d, m, vessel)));
            catalogue
                    .findMistGear(d.item())
                    .filter(m -> m.is("fan"))
                    .ifPresent(m -> fans.add(new Nozzle(d.id(), LampShape.at(d, vessel))));
        }
        return new Fittings(
                lamps,
                mats(design, vessel, ground, catalogue),
                design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE).nozzles().stream()
                        .map(n -> new Nozzle(
                                n.id(),
                                new Vec(
                                        n.at().x().orElse(vessel.length() / 2),
                                        n.at().y().orElse(vessel.width() / 2),
                                        n.at().z().orElse(vessel.height()))))
                        .toList(),
                design.vessel().orElseThrow().envelope().vents().stream()
                        .map(v -> opening(v, vessel))
                        .toList(),
                fans);
    }

    private static Lamp lamp(Device d, LampModel model, Vessel vessel) {
        Emitter e = LampShape.emitter(d, model, vessel);
        double length = e.kind() == Emitter.Kind.TUBE
                ? e.length()
                : e.kind() == Emitter.Kind.PANEL ? Math.max(e.sizeX(), e.sizeY()) : 0;
        return new Lamp(
                d.id(),
                model.isUv() ? Use.UV : model.isHeater() ? Use.HEAT : Use.LIGHT,
                e.kind(),
                e.at(),
                e.aim(),
                length,
                e.alongX(),
                model.isBulb() ? 0 : e.beam() / 2);
    }

    private static List<Mat> mats(Design design, Vessel vessel, double ground, Catalogue catalogue) {
        FixtureMap map = new FixtureMap(design, vessel, catalogue, List.<Floor>of(), List.of(), ground);
        List<Mat> mats = new ArrayList<>();
        for (int i = 0; i < map.mapped().size(); i++) {
            Device d = map.mapped().get(i);
            if (map.fixtures().get(i).part() instanceof Fixture.Mat m) {
                Envelope.Face face =
                        m.side().map(s -> Envelope.Face.valueOf(s.name())).orElse(Envelope.Face.BOTTOM);
                mats.add(new Mat(d.id(), face, m.from(), m.to(), m.low(), m.high(), 0));
            } else if (map.fixtures().get(i).part() instanceof Fixture.Cable c) {
                mats.add(new Mat(d.id(), Envelope.Face.BOTTOM, c.x0(), c.x1(), c.y0(), c.y1(), c.z()));
            }
        }
        return mats;
    }

    private static Opening opening(Envelope.Vent v, Vessel vessel) {
        boolean lid = v.face() == Envelope.Face.LID;
        boolean across = lid || v.face() == Envelope.Face.FRONT || v.face() == Envelope.Face.BACK;
        double wide = across ? vessel.length() : vessel.width();
        return new Opening(
                v.id(),
                v.face(),
                v.from().orElse(0),
                v.to().orElse(wide),
                lid ? vessel.height() : v.z().orElse(vessel.height() / 2),
                v.height().orElse(VENT_HIGH),
                v.front().orElse(0),
                v.back().orElse(vessel.width()));
    }

    /** Whether a device belongs to the stage of heat and light. */
    public static boolean isHeat(Device device, Catalogue catalogue) {
        return catalogue.findLamp(device.item()).isPresent() || isMat(device, catalogue);
    }

    /** Whether a device is a mat or a cable. */
    public static boolean isMat(Device device, Catalogue catalogue) {
        Optional<Gear> gear = catalogue.findGear(device.item());
        return gear.filter(g -> g.category().equals("heat_mat") || g.category().equals("heat_cable"))
                .isPresent();
    }

    /** Whether a device moves air. */
    public static boolean isFan(Device device, Catalogue catalogue) {
        return catalogue.findMistGear(device.item()).filter(m -> m.is("fan")).isPresent();
    }
}
