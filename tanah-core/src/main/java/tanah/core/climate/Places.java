package tanah.core.climate;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Buried;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;
import tanah.core.light.Vec;
import tanah.core.physics.Instrument;
import tanah.core.physics.MoistAir;

/** Named places of an enclosure at one state. */
public final class Places {
    private static final double BASKING_ABOVE = 0.03; // m
    private static final double WARM_LAYER = 0.3; // share of the surface's excess just over it, from memory
    private static final double LAYER = 0.05; // m
    private static final double NEAR = 0.05; // m from ground and lid
    private static final int POINTS = 4;
    private static final double SHINES = 5; // W/m²

    private final ClimateModel model;
    private final Network net;
    private final Grid g;
    private final ThermalState s;
    private final @Nullable OptionalDouble[] thirds = new OptionalDouble[4];

    Places(ClimateModel model, ThermalState state) {
        this.model = model;
        this.net = model.net;
        this.g = net.grid;
        this.s = state;
    }

    /** Air temperature at a place (°C). */
    public double air(double x, double y, double z) {
        return g.at(s.air, x, y, z);
    }

    /** Share of saturation at a place, at most 1. */
    public double humidity(double x, double y, double z) {
        double w = g.at(s.humidity, x, y, z);
        return Math.min(1, MoistAir.relative(w, air(x, y, z), model.enclosure().pressure()));
    }

    /** Vapour at a place (kg per kg of dry air). */
    public double vapour(double x, double y, double z) {
        return g.at(s.humidity, x, y, z);
    }

    /** What a small instrument shows at a place (°C), with the light that falls on it (W/m²) and the speed of the air (m/s). */
    public double shown(Instrument instrument, Vec at, double light, double speed) {
        ProbeAir here = ProbeAir.at(net, s, at.x(), at.y(), at.z());
        return instrument.shows(here.air(), here.walls(), light, speed);
    }

    /** Mean radiant temperature of a section along the box (°C). */
    public double radiant(int section) {
        return s.star[section];
    }

    /** How many sections radiate along the box. */
    public int sections() {
        return s.star.length;
    }

    /** Face of the ground or of the water at a place (°C). */
    public double surface(double x, double y) {
        return s.surface(net, g.tileAt(x, y));
    }

    /** Ground or water at a place under its surface (°C); empty over it. */
    public OptionalDouble buried(double x, double y, double z) {
        return Buried.at(net, s, x, y, z);
    }

    public double water(int index) {
        return s.water[index];
    }

    /** Temperature of the first water, if there is any (°C). */
    public OptionalDouble anyWater() {
        return s.water.length > 0 ? OptionalDouble.of(s.water[0]) : OptionalDouble.empty();
    }

    /** Top of a platform (°C). */
    public double platform(int index) {
        return s.top[index];
    }

    public boolean isWarmLeft() {
        return WarmEnd.isLeft(model.enclosure());
    }

    /** Mean over the warm or the cool third, found once: every need asks for it, and of every step of a day. */
    private double third(int kept, boolean warm, ToDoubleFunction<double[]> value) {
        OptionalDouble known = thirds[kept];
        if (known == null) {
            known = OptionalDouble.of(third(warm, value));
            thirds[kept] = known;
        }
        return known.getAsDouble();
    }

    private double third(boolean warm, ToDoubleFunction<double[]> value) {
        double length = g.enclosure.shell().length();
        double from = warm == isWarmLeft() ? 0 : 2 * length / 3;
        return mean(from, length / 3, g.ground + NEAR, value);
    }

    private double mean(double from, double length, double z, ToDoubleFunction<double[]> value) {
        double sum = 0;
        for (int i = 0; i < POINTS; i++) {
            for (int j = 0; j < POINTS; j++) {
                double x = from + (i + 0.5) / POINTS * length;
                double y = (j + 0.5) / POINTS * g.enclosure.shell().width();
                sum += value.applyAsDouble(new double[] {x, y, z});
            }
        }
        return sum / (POINTS * POINTS);
    }

    public double warmAir() {
        return third(0, true, p -> air(p[0], p[1], p[2]));
    }

    public double coolAir() {
        return third(1, false, p -> air(p[0], p[1], p[2]));
    }

    public double warmHumidity() {
        return third(2, true, p -> humidity(p[0], p[1], p[2]));
    }

    public double coolHumidity() {
        return third(3, false, p -> humidity(p[0], p[1], p[2]));
    }

    public double midAir() {
        double z = (g.ground + g.enclosure.shell().height()) / 2;
        return mean(0, g.enclosure.shell().length(), z, p -> air(p[0], p[1], p[2]));
    }

    public double topAir() {
        double z = g.enclosure.shell().height() - NEAR;
        return mean(0, g.enclosure.shell().length(), z, p -> air(p[0], p[1], p[2]));
    }

    public double meanAir() {
        return s.meanAir();
    }

    public double meanHumidity() {
        double sum = 0;
        for (int n = 0; n < g.zones; n++) {
            sum += Math.min(
                    1,
                    MoistAir.relative(s.humidity[n], s.air[n], model.enclosure().pressure()));
        }
        return sum / g.zones;
    }

    /** kg of vapour per kg of dry air. */
    public double meanVapour() {
        return Arrays.stream(s.humidity).average().orElse(0);
    }

    public OptionalDouble groundMax() {
        return IntStream.range(0, g.tiles)
                .filter(g::isLand)
                .mapToDouble(t -> s.ground[t])
                .max();
    }

    public OptionalDouble groundMin() {
        return IntStream.range(0, g.tiles)
                .filter(g::isLand)
                .mapToDouble(t -> s.ground[t])
                .min();
    }

    /** Mean of the land in the warm or the cool third. */
    public OptionalDouble groundOf(boolean warm) {
        double length = g.enclosure.shell().length();
        boolean left = warm == isWarmLeft();
        double sum = 0;
        int found = 0;
        for (int t = 0; t < g.tiles; t++) {
            double x = g.x(t);
            if (g.isLand(t) && (left ? x < length / 3 : x >= 2 * length / 3)) {
                sum += s.ground[t];
                found++;
            }
        }
        return found > 0 ? OptionalDouble.of(sum / found) : OptionalDouble.empty();
    }

    private int basking() {
        int hottest = -1;
        for (int i = 0; i < net.platforms; i++) {
            if (g.enclosure.platforms().get(i).basking() && (hottest < 0 || s.top[i] > s.top[hottest])) {
                hottest = i;
            }
        }
        return hottest;
    }

    /** Whether one lamp alone shines on the basking place at these duties: with more than 5 W/m² that it takes up. */
    boolean isShoneOn(List<Double> duties) {
        for (int i = 0; i < duties.size(); i++) {
            if (duties.get(i) * model.baskingLight(i) > SHINES) {
                return true;
            }
        }
        return false;
    }

    /** The hottest platform that is meant for it, else the hottest ground. */
    public OptionalDouble baskingSurface() {
        int i = basking();
        return i < 0 ? groundMax() : OptionalDouble.of(s.top[i]);
    }

    /** Air 3 cm over the basking surface, in its warm layer. */
    public OptionalDouble baskingAir() {
        int i = basking();
        if (i >= 0) {
            ClimateCase.Platform p = g.enclosure.platforms().get(i);
            return OptionalDouble.of(over(p.x(), p.y(), p.z(), s.top[i]));
        }
        return IntStream.range(0, g.tiles)
                .filter(g::isLand)
                .boxed()
                .max(Comparator.comparingDouble(t -> s.ground[t]))
                .map(t -> OptionalDouble.of(over(g.x(t), g.y(t), g.tileZ[t], s.ground[t])))
                .orElse(OptionalDouble.empty());
    }

    private double over(double x, double y, double z, double surface) {
        return ProbeAir.over(air(x, y, z + BASKING_ABOVE), surface, BASKING_ABOVE);
    }

    /** Coldest patch of the front pane. */
    public double frontMin() {
        double least = Double.MAX_VALUE;
        for (int p = 0; p < net.patches; p++) {
            if (net.patchFace[p] == 2) {
                least = Math.min(least, s.paneIn[p]);
            }
        }
        return least;
    }

    /** Least distance of the front pane to the dew point of its air (K); negative where it fogs. */
    public double frontMargin() {
        double least = Double.MAX_VALUE;
        for (int p = 0; p < net.patches; p++) {
            if (net.patchFace[p] == 2) {
                double vapour = MoistAir.vapour(
                        s.humidity[net.patchZone[p]], model.enclosure().pressure());
                least = Math.min(least, s.paneIn[p] - MoistAir.dewPoint(vapour));
            }
        }
        return least;
    }
}
