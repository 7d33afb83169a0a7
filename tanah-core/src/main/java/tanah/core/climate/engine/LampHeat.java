package tanah.core.climate.engine;

import java.util.List;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.box.Shell;
import tanah.core.light.Band;
import tanah.core.light.Emitter;
import tanah.core.light.Interior;
import tanah.core.light.Space;
import tanah.core.light.Vec;

/** Where each watt of a lamp goes: light and directed heat to what they meet, the rest to the air. */
final class LampHeat {
    private static final double BLOCKED_IN = 0.25; // of light that the mesh stops, from memory, 0.1 to 0.5
    private static final double LAMP_IN = 0.10; // of an outside lamp's convection, from memory, 0.05 to 0.25
    private static final double LONG_WAVE = 0.95; // absorbed by ground and platforms
    private static final double WATER = 0.93;
    private static final double LEAVES_HOLD = 0.8;
    private static final double OVER = 0.001; // m

    private final Network net;
    private final Grid grid;
    private final Space space;

    LampHeat(Network net, Space space) {
        this.net = net;
        this.grid = net.grid;
        this.space = space;
    }

    /** Directed and undirected light of a lamp with the factor on its radiant shares at 1. */
    HeatSources beams(double power, Fixture.Lamp lamp) {
        HeatSources s = new HeatSources(net);
        part(power * lamp.beam(), lamp, Emitter.Part.BEAM, lamp.band(), s);
        part(power * lamp.wide(), lamp, Emitter.Part.WIDE, lamp.wideBand(), s);
        return s;
    }

    /** Long waves all round, and what warms the air. */
    void rest(double power, Fixture.Lamp lamp, HeatSources s) {
        double f = net.factors.lamp();
        double diffuse = power * f * lamp.diffuse();
        double convective = power - power * f * (lamp.beam() + lamp.wide() + lamp.diffuse());
        Vec at = lamp.shape().at();
        int zone = grid.zoneAt(at.x(), at.y(), at.z());
        if (at.z() <= grid.enclosure.shell().height()) {
            s.zone[zone] += convective;
            s.star[net.sections.of(zone)] += diffuse;
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
        double entering = flux;
        if (e.at().z() > grid.enclosure.shell().height()) {
            Space.Entry entry = space.entry(e, part, band);
            double met = flux * entry.inside();
            entering = flux * entry.got();
            double blocked = met - entering;
            s.room += flux - met + (1 - BLOCKED_IN) * blocked;
            s.zone[grid.top(grid.zoneAt(e.at().x(), e.at().y(), e.at().z()))] += BLOCKED_IN * blocked;
        }
        spread(flux, entering, e, part, band, s);
    }

    /** What enters, over ground, platforms, leaves and walls; what falls on more than enters is scaled. */
    private void spread(double flux, double entering, Emitter e, Emitter.Part part, Band band, HeatSources s) {
        List<Emitter.Sample> samples = e.samples(part);
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
        double[] back = new double[net.sections.count];
        double[] dimmed = new double[net.sections.count];
        for (int t = 0; t < grid.tiles; t++) {
            double all = scale * free[t] * grid.tileArea;
            double here = scale * shaded[t] * grid.tileArea;
            kept += all;
            passed += here;
            double taken = here * absorptance(t, band);
            int section = net.sections.of(grid.tileZone[t]);
            back[section] += here - taken;
            dimmed[section] += all - here;
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
            for (int section = 0; section < back.length; section++) {
                back[section] += (here - taken) * net.sections.ofPlatform[i][section];
            }
            s.platform[i] += taken;
        }
        leaves(kept - passed, dimmed, s);
        double wall = entering - kept - platforms;
        double escapes = band == Band.LWIR ? 0 : escapes();
        double[] met = walls(e, part, band);
        for (int section = 0; section < back.length; section++) {
            s.star[section] += back[section] * (1 - escapes / 2) + wall * (1 - escapes) * met[section];
            s.room += escapes * back[section] / 2;
        }
        s.room += escapes * wall;
    }

    /** Shares of what meets a side or the lid, by section; where none does, all in the section of the lamp. */
    private double[] walls(Emitter e, Emitter.Part part, Band band) {
        Shell shell = grid.enclosure.shell();
        Interior inside = new Interior(shell.length(), shell.width(), grid.ground, shell.height());
        double[] met = inside.walls(e, part, band, space, net.sections.count);
        if (HeatSources.total(met) <= 0) {
            met[net.sections.of(grid.zoneAt(e.at().x(), e.at().y(), grid.ground))] = 1;
        }
        return met;
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

    /** @param dimmed what the leaves took from the tiles of each section (W) */
    private void leaves(double intercepted, double[] dimmed, HeatSources s) {
        double all = HeatSources.total(net.leaves);
        if (all <= 0) {
            for (int section = 0; section < dimmed.length; section++) {
                s.star[section] += dimmed[section];
            }
            return;
        }
        for (int n = 0; n < grid.zones; n++) {
            double here = intercepted * net.leaves[n] / all;
            s.foliage[n] += LEAVES_HOLD * here;
            s.star[net.sections.of(n)] += (1 - LEAVES_HOLD) * here;
        }
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
}
