package tanah.core.mapping;

import java.util.Optional;
import tanah.core.box.Fixture;
import tanah.core.catalogue.LampModel;
import tanah.core.design.Device;
import tanah.core.light.Band;
import tanah.core.light.Emitter;
import tanah.core.light.Vec;
import tanah.core.vessel.Vessel;

/** A lamp of the catalogue at its place, as the optics need it. */
public final class LampShape {
    private static final double BEAM_PART = 0.75; // of what a reflector lamp shines, from memory, 0.6 to 0.85
    private static final double BULB_WIDE = 0.7; // of what a bulb in a dome gives off as rays
    private static final double PANEL_WIDE = 0.9;
    private static final double USABLE = 0.85; // of plant light after dirt and covers, 0.7 to 0.95
    private static final double APERTURE = 0.04; // m
    private static final double LENGTH = 0.5; // m of a tube that does not say
    private static final double PANEL = 0.3; // m
    private static final double OVER_LID = 0.03; // m

    private LampShape() {}

    /** Place of a lamp; one that has none hangs over the middle of the lid. */
    static Vec at(Device d, Vessel vessel) {
        return new Vec(
                d.at().x().orElse(vessel.length() / 2),
                d.at().y().orElse(vessel.width() / 2),
                d.at().z().orElse(vessel.height() + OVER_LID));
    }

    static Emitter emitter(Device d, LampModel lamp, Vessel vessel) {
        Vec aim = d.ray()
                .aim()
                .filter(a -> Math.hypot(Math.hypot(a.x(), a.y()), a.z()) > 1e-9)
                .map(a -> new Vec(a.x(), a.y(), a.z()).unit())
                .orElse(Vec.DOWN);
        double front =
                Math.max(lamp.body().width().orElse(0), lamp.body().height().orElse(0)) / 2;
        double beam = d.ray().beam().orElse(lamp.body().beam().orElse(0));
        return new Emitter(
                kind(d, lamp),
                at(d, vessel),
                aim,
                d.ray().alongX().orElse(true),
                d.ray().length().orElse(lamp.body().lit().orElse(LENGTH)),
                lamp.body().width().orElse(PANEL),
                lamp.body().height().orElse(PANEL),
                beam,
                front > 0 ? front : APERTURE,
                optic(d, lamp));
    }

    /** Half the length over which a tube shines to either side of its place (m), along the front or not; 0 for all others. */
    public static Half half(Device d, LampModel lamp) {
        boolean tube = kind(d, lamp) == Emitter.Kind.TUBE;
        double half = d.ray().length().orElse(lamp.body().lit().orElse(LENGTH)) / 2;
        return new Half(tube ? half : 0, d.ray().alongX().orElse(true));
    }

    /**
     * Half a tube.
     *
     * @param length m
     * @param alongX whether it lies along the front
     */
    public record Half(double length, boolean alongX) {}

    private static Emitter.Kind kind(Device d, LampModel lamp) {
        return switch (d.type().orElse("")) {
            case "tube" -> Emitter.Kind.TUBE;
            case "panel" -> Emitter.Kind.PANEL;
            case "point" -> Emitter.Kind.POINT;
            default -> lamp.isTube() ? Emitter.Kind.TUBE : lamp.isPanel() ? Emitter.Kind.PANEL : Emitter.Kind.POINT;
        };
    }

    private static Emitter.Optic optic(Device d, LampModel lamp) {
        String word = d.ray().optic().orElseGet(() -> switch (lamp.category()) {
            case "led_bar" -> "lambertian";
            case "uvb_t8" -> lamp.uv().map(u -> u.fixture().equals("bare")).orElse(true) ? "bare" : "reflector";
            default -> "reflector";
        });
        return switch (word) {
            case "bare" -> Emitter.Optic.BARE;
            case "lambertian" -> Emitter.Optic.LAMBERTIAN;
            default -> Emitter.Optic.REFLECTOR;
        };
    }

    /** What it does with its power; shares are of the marked power, a driver's losses warm the air. */
    static Fixture.Lamp lamp(Device d, LampModel lamp, Vessel vessel) {
        Emitter shape = emitter(d, lamp, vessel);
        double marked = lamp.draws() > 0 ? Math.min(1, lamp.power() / lamp.draws()) : 1;
        double shines = lamp.shares().beam() * marked;
        double waves = lamp.shares().longWave() * marked;
        double beam;
        double wide;
        double diffuse;
        if (shape.kind() == Emitter.Kind.PANEL) {
            beam = 0;
            wide = PANEL_WIDE * (shines + waves);
            diffuse = (1 - PANEL_WIDE) * (shines + waves);
        } else if (shape.kind() == Emitter.Kind.TUBE) {
            beam = shines;
            wide = 0;
            diffuse = waves;
        } else if (lamp.isBulb()) {
            beam = 0;
            wide = BULB_WIDE * (shines + waves);
            diffuse = (1 - BULB_WIDE) * (shines + waves);
        } else {
            beam = BEAM_PART * shines;
            wide = (1 - BEAM_PART) * shines;
            diffuse = waves;
        }
        Optional<Fixture.UvReading> uv = lamp.uv().map(u -> new Fixture.UvReading(u.index(), u.distance()));
        return new Fixture.Lamp(
                shape,
                beam,
                wide,
                diffuse,
                band(lamp),
                band(lamp),
                uv,
                lamp.light().photons().orElse(0),
                USABLE);
    }

    private static Band band(LampModel lamp) {
        return switch (lamp.category()) {
            case "halogen", "incandescent", "ir_projector", "mercury_vapour" -> Band.NIR;
            case "ceramic", "radiant_panel" -> Band.LWIR;
            default -> Band.LIGHT;
        };
    }
}
