package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.box.Sheet;
import tanah.core.light.Band;
import tanah.core.light.Block;
import tanah.core.light.Emitter;
import tanah.core.light.Lid;
import tanah.core.light.Space;
import tanah.core.light.Vec;

/** Where each watt of a device goes. The parts sum to its power. */
public final class DeviceHeat {
    private static final double BLOCKED_IN = 0.25; // of light that the mesh stops, from memory, 0.1 to 0.5
    private static final double LAMP_IN = 0.10; // of an outside lamp's convection, from memory, 0.05 to 0.25
    private static final double LONG_WAVE = 0.95; // absorbed by ground and platforms
    private static final double WATER = 0.93;
    private static final double LEAVES_HOLD = 0.8;
    private static final double OVER = 0.001; // m
    private static final double MAT_DOWN = 0.7;
    private static final double BELOW_WATER = 0.8;

    private final Network net;
    private final Grid grid;
    private final Space space;

    public DeviceHeat(Network net) {
        this.net = net;
        this.grid = net.grid;
        this.space = space(grid.enclosure, net.factors);
    }

    public static Space space(ClimateCase c, Factors factors) {
        List<Block> solids = new ArrayList<>();
        c.obstacles().forEach(o -> solids.add(o.block()));
        c.platforms().forEach(p -> solids.add(p.block()));
        return new Space(c.shell().lid(), solids, c.plants(), factors.mesh());
    }

    /**
     * Where the power of a device goes.
     *
     * @param beams of a lamp, from {@link #beams}
     */
    public HeatSources of(Fixture f, HeatSources beams) {
        HeatSources s = new HeatSources(net);
        if (f.part() instanceof Fixture.Lamp lamp) {
            s.add(beams, net.factors.lamp());
            rest(f.power(), lamp, s);
        } else if (f.part() instanceof Fixture.InWater w) {
            s.water[w.water()] += f.power() * w.share();
            s.room += f.power() * (1 - w.share());
        } else if (f.part() instanceof Fixture.Fan fan) {
            s.zone[grid.zoneAt(fan.x(), fan.y(), fan.z())] += f.power();
        } else if (f.part() instanceof Fixture.Mat mat) {
            if (mat.side().isPresent()) {
                sideMat(f.power(), mat, mat.side().get(), s);
            } else {
                bottomMat(f.power(), mat, s);
            }
        } else if (f.part() instanceof Fixture.Cable cable) {
            cable(f.power(), cable, s);
        }
        return s;
    }

    // ---- lamps

    /** Directed and undirected light of a lamp with the factor on its radiant shares at 1; nothing for others. */
    public HeatSources beams(Fixture f) {
        HeatSources s = new HeatSources(net);
        if (f.part() instanceof Fixture.Lamp lamp) {
            part(f.power() * lamp.beam(), lamp, Emitter.Part.BEAM, lamp.band(), s);
            part(f.power() * lamp.wide(), lamp, Emitter.Part.WIDE, lamp.wideBand(), s);
        }
        return s;
    }

    /** Long waves all round, and what warms the air. */
    private void rest(double power, Fixture.Lamp lamp, HeatSources s) {
        double f = net.factors.lamp();
        double diffuse = power * f * lamp.diffuse();
        double convective = power - power * f * (lamp.beam() + lamp.wide() + lamp.diffuse());
        Vec at = lamp.shape().at();
        int zone = grid.zoneAt(at.x(), at.y(), at.z());
        if (at.z() <= grid.enclosure.shell().height()) {
            s.zone[zone] += convective;
            s.star += diffuse;
        } else {
            s.zone[grid.top(zone)] += LAMP_IN * (convective + diffuse);
            s.room += (1 - LAMP_IN) * (convective + diffuse);
        }
    }

    private void part(double flux, Fixture.Lamp lamp, Emitter.Part part, Band band, HeatSources s) {
        if (flux <= 0) {
            return;
        }
        Emitter e = lamp.shape();
        List<Emitter.Sample> samples = e.samples(part);
        double entering = flux;
        if (e.at().z() > grid.enclosure.shell().height()) {
            Space.Entry entry = space.entry(e, part, band);
            double met = flux * entry.inside();
            entering = flux * entry.got();
            double blocked = met - entering;
            s.room += flux - met + (1 - BLOCKED_IN) * blocked;
            s.zone[grid.top(grid.zoneAt(e.at().x(), e.at().y(), e.at().z()))] += BLOCKED_IN * blocked;
        }
        double[] free = new double[grid.tiles];
        double[] shaded = new double[grid.tiles];
        double[] raised = new double[net.platforms];
        double caught = 0;
        for (int t = 0; t < grid.tiles; t++) {
            Vec at = grid.over(t, OVER);
            free[t] = flux * space.irradiance(e, part, samples, band, at, Optional.of(Vec.UP), Space.Shade.SOLID);
            shaded[t] = free[t] <= 0 || space.leaves().isEmpty()
                    ? free[t]
                    : flux * space.irradiance(e, part, samples, band, at, Optional.of(Vec.UP), Space.Shade.ALL);
            caught += free[t] * grid.tileArea;
        }
        for (int i = 0; i < net.platforms; i++) {
            ClimateCase.Platform p = grid.enclosure.platforms().get(i);
            raised[i] = flux * onPlatform(e, part, band, p, OVER);
            caught += raised[i] * p.area();
        }
        double scale = caught > 0 ? Math.min(1, entering / caught) : 1;
        double kept = 0;
        double passed = 0;
        double absorbed = 0;
        for (int t = 0; t < grid.tiles; t++) {
            double all = scale * free[t] * grid.tileArea;
            double here = scale * shaded[t] * grid.tileArea;
            kept += all;
            passed += here;
            double taken = here * absorptance(t, band);
            absorbed += taken;
            if (grid.isLand(t)) {
                s.tile[t] += taken;
            } else {
                s.water[grid.water[grid.region[t]]] += taken;
            }
        }
        double platforms = 0;
        for (int i = 0; i < net.platforms; i++) {
            ClimateCase.Platform p = grid.enclosure.platforms().get(i);
            double here = scale * raised[i] * p.area();
            double taken = here * (band == Band.LWIR ? LONG_WAVE : p.absorptance());
            platforms += here;
            absorbed += taken;
            s.platform[i] += taken;
        }
        leaves(kept - passed, s);
        double wall = entering - kept - platforms;
        double back = passed + platforms - absorbed;
        double escapes = band == Band.LWIR ? 0 : escapes();
        double out = escapes * (wall + back / 2);
        s.room += out;
        s.star += wall + back - out;
    }

    private double onPlatform(Emitter e, Emitter.Part part, Band band, ClimateCase.Platform p, double above) {
        double sum = 0;
        for (int i = 0; i < 4; i++) {
            Vec at = new Vec(
                    p.x() + (i % 2 == 0 ? -1 : 1) * p.sizeX() / 4,
                    p.y() + (i < 2 ? -1 : 1) * p.sizeY() / 4,
                    p.z() + above);
            sum += space.irradiance(
                    e, part, band, at, Optional.of(Vec.UP), new Space.Shade(true, Optional.of(p.block())));
        }
        return sum / 4;
    }

    private double absorptance(int tile, Band band) {
        if (band == Band.LWIR) {
            return LONG_WAVE;
        }
        return grid.isLand(tile) ? grid.land(tile).absorptance() : WATER;
    }

    private void leaves(double intercepted, HeatSources s) {
        double all = HeatSources.total(net.leaves);
        double held = all > 0 ? LEAVES_HOLD * intercepted : 0;
        for (int n = 0; n < grid.zones && all > 0; n++) {
            s.foliage[n] += held * net.leaves[n] / all;
        }
        s.star += intercepted - held;
    }

    /** Share of light on the four sides that leaves through them. */
    private double escapes() {
        double area = 0;
        double sum = 0;
        for (int face = 0; face < 4; face++) {
            area += net.faceArea[face];
            sum += net.faceArea[face] * net.pane(face).transmits();
        }
        return sum / area;
    }

    // ---- mats and cables

    private void sideMat(double power, Fixture.Mat mat, Lid.Side side, HeatSources s) {
        int face = switch (side) {
            case LEFT -> 0;
            case RIGHT -> 1;
            case FRONT -> 2;
            case BACK -> 3;
        };
        boolean alongX = face > 1;
        double area = (mat.to() - mat.from()) * (mat.high() - mat.low());
        double given = 0;
        for (int p = 0; p < net.patches; p++) {
            if (net.patchFace[p] == face) {
                Block b = grid.block(net.patchZone[p]);
                double wide =
                        Math.min(alongX ? b.x1() : b.y1(), mat.to()) - Math.max(alongX ? b.x0() : b.y0(), mat.from());
                double high = Math.min(b.z1(), mat.high()) - Math.max(b.z0(), mat.low());
                if (wide > 0 && high > 0) {
                    double share = power * wide * high / area;
                    s.paneOut[p] += share;
                    given += share;
                }
            }
        }
        double below = power * Math.max(0, Math.min(grid.ground, mat.high()) - mat.low()) / (mat.high() - mat.low());
        given += below;
        double stored = 0;
        for (int t = 0; t < grid.tiles; t++) {
            stored += beside(t, side, alongX, mat) ? heatOf(t) : 0;
        }
        for (int t = 0; t < grid.tiles && stored > 0; t++) {
            if (beside(t, side, alongX, mat)) {
                for (int c = 0; c < Grid.DEEP; c++) {
                    int i = c * grid.tiles + t;
                    s.cell[i] += MAT_DOWN * below * net.capacity[i] * grid.tileArea / stored;
                }
            }
        }
        s.room += (stored > 0 ? 1 - MAT_DOWN : 1) * below + power - given;
    }

    private boolean beside(int t, Lid.Side side, boolean alongX, Fixture.Mat mat) {
        double at = alongX ? grid.x(t) : grid.y(t);
        return grid.isLand(t) && grid.isAt(t, side) && at >= mat.from() && at < mat.to();
    }

    private double heatOf(int t) {
        double sum = 0;
        for (int c = 0; c < Grid.DEEP; c++) {
            sum += net.capacity[c * grid.tiles + t] * grid.tileArea;
        }
        return sum;
    }

    private void bottomMat(double power, Fixture.Mat mat, HeatSources s) {
        List<Integer> on = new ArrayList<>();
        for (int t = 0; t < grid.tiles; t++) {
            if (grid.x(t) >= mat.from() && grid.x(t) < mat.to() && grid.y(t) >= mat.low() && grid.y(t) < mat.high()) {
                on.add(t);
            }
        }
        if (on.isEmpty()) {
            s.room += power;
        }
        for (int t : on) {
            double share = power / on.size();
            if (grid.isLand(t)) {
                s.base[t] += share;
            } else {
                s.water[grid.water[grid.region[t]]] += BELOW_WATER * share;
                s.room += (1 - BELOW_WATER) * share;
            }
        }
    }

    private void cable(double power, Fixture.Cable cable, HeatSources s) {
        List<Integer> on = new ArrayList<>();
        for (int t = 0; t < grid.tiles; t++) {
            if (grid.isLand(t)
                    && grid.x(t) >= cable.x0()
                    && grid.x(t) < cable.x1()
                    && grid.y(t) >= cable.y0()
                    && grid.y(t) < cable.y1()) {
                on.add(t);
            }
        }
        if (on.isEmpty()) {
            s.room += power;
        }
        for (int t : on) {
            double depth = grid.layers(t).stream().mapToDouble(Sheet::thickness).sum();
            double at = Math.max(0, Math.min(depth, grid.tileZ[t] - cable.z()));
            int c = 0;
            double reached = Grid.CELLS[0] * depth;
            while (c < Grid.DEEP - 1 && reached < at) {
                c++;
                reached += Grid.CELLS[c] * depth;
            }
            s.cell[c * grid.tiles + t] += power / on.size();
        }
    }
}
