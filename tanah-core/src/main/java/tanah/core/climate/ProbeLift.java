package tanah.core.climate;

import java.util.List;
import org.jspecify.annotations.Nullable;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.Controls;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;
import tanah.core.light.Vec;
import tanah.core.physics.Instrument;

/**
 * What the bare probes of thermostats show over the air: lamps light them, walls radiate to them. A thermostat steers by what its
 * probe shows.
 */
final class ProbeLift {
    private static final double LEAST_SPEED = 0.03; // m/s

    private final @Nullable double[][]
            light; // W/m² at full power: by ruled fixture and lamp; null where no light counts
    private final Fixture.@Nullable Probe[] probes;
    private final Network net;
    private final double fan; // m/s

    /**
     * One probe at a moment.
     *
     * @param walls what the walls make it show over the air (K)
     * @param light W/m² of each device at full power
     * @param slope K by W/m²
     */
    record Shown(double walls, double[] light, double slope) {
        private static final Shown AIR = new Shown(0, new double[0], 0);

        /** Of a device at full power (K). */
        double of(int device) {
            return light.length == 0 ? 0 : slope * light[device];
        }

        /** Of all devices together, and of the walls (K). */
        double of(double[] duty) {
            double sum = walls;
            for (int i = 0; i < light.length; i++) {
                sum += duty[i] * slope * light[i];
            }
            return sum;
        }
    }

    private ProbeLift(Network net, @Nullable double[][] light, Fixture.@Nullable Probe[] probes, double fan) {
        this.net = net;
        this.light = light;
        this.probes = probes;
        this.fan = fan;
    }

    static ProbeLift of(ClimateModel model) {
        List<Fixture> fixtures = model.enclosure().fixtures();
        double[][] light = new double[fixtures.size()][];
        Fixture.Probe[] probes = new Fixture.Probe[light.length];
        for (int i = 0; i < light.length; i++) {
            probes[i] =
                    fixtures.get(i).thermostat().map(Fixture.Thermostat::probe).orElse(null);
            if (probes[i] instanceof Fixture.Probe.Air at && at.bare()) {
                light[i] = lights(LightMap.of(model), new Vec(at.x(), at.y(), at.z()), light.length);
            }
        }
        return new ProbeLift(model.net, light, probes, model.enclosure().fanSpeed());
    }

    private static double[] lights(LightMap map, Vec at, int count) {
        double[] all = new double[count];
        for (int i = 0; i < count; i++) {
            int lamp = i;
            all[i] = map.aimed(at, f -> f == lamp ? 1 : 0);
        }
        return all;
    }

    /**
     * A probe at a moment.
     *
     * @param ruled  fixture whose thermostat it is
     * @param state  of the box
     * @param speed  of the air (m/s)
     * @param likely share of its power that each device has, about which the slope is taken
     */
    Shown at(int ruled, ThermalState state, double speed, double[] likely) {
        double[] here = light[ruled];
        if (here == null || !(probes[ruled] instanceof Fixture.Probe.Air at)) {
            return Shown.AIR;
        }
        double wind = Math.max(LEAST_SPEED, Math.max(speed, fan));
        double air = Controls.feels(net, state, at);
        ProbeAir near = ProbeAir.at(net, state, at.x(), at.y(), at.z());
        double dark = Instrument.BARE.shows(near.air(), near.walls(), 0, wind);
        double sum = 0;
        for (int i = 0; i < here.length; i++) {
            sum += likely[i] * here[i];
        }
        double slope = sum > 0 ? (Instrument.BARE.shows(near.air(), near.walls(), sum, wind) - dark) / sum : 0;
        return new Shown(dark - air, here, slope);
    }
}
