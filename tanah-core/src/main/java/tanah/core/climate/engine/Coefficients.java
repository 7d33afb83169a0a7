package tanah.core.climate.engine;

import static tanah.core.physics.Constants.GRAVITY;
import static tanah.core.physics.Constants.ZERO_CELSIUS;

import tanah.core.box.ClimateCase;
import tanah.core.box.Shell;
import tanah.core.physics.Films;
import tanah.core.physics.MoistAir;
import tanah.core.physics.Openings;

/**
 * What carries heat and air at a state (F1 to F3, C1 to C6 of docs/models/climate.md): films, radiation, mixing, exchange with the room. W/K for surfaces, kg/s for air.
 */
public final class Coefficients {
    public static final double FIRST_SPEED = 0.06; // m/s, floor of the first rounds of a steady state
    private static final double LEAST_FILM = 1.0; // W/m² K, from memory, 0.5 to 2
    static final double LEAF_FILM = 4.0; // W/m² K, from memory, 2 to 8
    private static final double GROUND = 0.95; // emissivity of ground and foliage
    private static final double PANES = 0.92;
    private static final double PLATFORMS = 0.93;
    private static final double MIXING = 0.08; // from memory, 0.03 to 0.25
    private static final double DAMPING = 0.5; // from memory, 0.2 to 1.5
    private static final double STIRRING = 4; // from memory, 2 to 10
    private static final double LEAST_SPEED = 0.015; // m/s, from memory, 0.005 to 0.03
    private static final double MOLECULAR = 2.2e-5; // m²/s
    private static final double WIND = 0.07; // m/s in the room, from memory, 0.03 to 0.20
    private static final double LEAK = 0.5 / 3600; // 1/s of a closed front-opening box, from memory

    final double[] tileFilm;
    final double[] tileRadiant;
    final double[] paneFilm;
    final double[] paneRadiant;
    final double[] topFilm;
    final double[] topRadiant;
    final double[] underFilm;
    final double[] underRadiant;
    final double[] leafFilm;
    final double[] leafRadiant;
    final double[] link;
    public final double[] exchange;
    /** Mesh radiation (W/K), flow through (m³/s), mixing speed (m/s). */
    final double[] single = new double[3];

    private Coefficients(Network net) {
        tileFilm = new double[net.grid.tiles];
        tileRadiant = new double[net.grid.tiles];
        paneFilm = new double[net.patches];
        paneRadiant = new double[net.patches];
        topFilm = new double[net.platforms];
        topRadiant = new double[net.platforms];
        underFilm = new double[net.platforms];
        underRadiant = new double[net.platforms];
        leafFilm = new double[net.grid.zones];
        leafRadiant = new double[net.grid.zones];
        link = new double[net.links.size()];
        exchange = new double[net.grid.zones];
    }

    public double mesh() {
        return single[0];
    }

    public double through() {
        return single[1];
    }

    public double speed() {
        return single[2];
    }

    private double[][] all() {
        return new double[][] {
            tileFilm,
            tileRadiant,
            paneFilm,
            paneRadiant,
            topFilm,
            topRadiant,
            underFilm,
            underRadiant,
            leafFilm,
            leafRadiant,
            link,
            exchange,
            single
        };
    }

    /** Moves a share of the way to others. */
    public void toward(Coefficients other, double share) {
        double[][] mine = all();
        double[][] theirs = other.all();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] += share * (theirs[i][j] - mine[i][j]);
            }
        }
    }

    /**
     * @param released heat of devices in the air at the duties in force (W)
     * @param floor    of the mixing speed (m/s)
     * @param venting  share of the exchange that is open, 1 unless vents are blocked
     */
    public static Coefficients at(
            Network net, Vents vents, ThermalState s, double released, double floor, RoomAir room, double venting) {
        Coefficients k = new Coefficients(net);
        double stirred = k.surfaces(net, s) + Math.max(0, released);
        k.radiation(net, s, room);
        k.mixing(net, s, stirred, floor);
        k.room(net, vents, s, room, venting);
        return k;
    }

    /** Films; the heat that warm faces give to the air (W). */
    private double surfaces(Network net, ThermalState s) {
        Grid g = net.grid;
        double least = LEAST_FILM + 8 * Math.sqrt(g.enclosure.fanSpeed());
        double given = 0;
        for (int t = 0; t < g.tiles; t++) {
            double d = s.surface(net, t) - s.air[g.tileZone[t]];
            // (F1), (F2)
            tileFilm[t] = g.tileArea * Films.level(d, least);
            given += Math.max(0, tileFilm[t] * d);
        }
        for (int p = 0; p < net.patches; p++) {
            double d = s.paneIn[p] - s.air[net.patchZone[p]];
            // (F1) to (F3)
            double h = net.patchFace[p] == 4 ? Films.level(-d, least) : Films.upright(d, least);
            paneFilm[p] = net.patchArea[p] * h;
            given += Math.max(0, paneFilm[p] * d);
        }
        for (int i = 0; i < net.platforms; i++) {
            double area = g.enclosure.platforms().get(i).area();
            double top = s.top[i] - s.air[net.platformZone[i]];
            double under = s.under[i] - s.air[net.platformZone[i]];
            topFilm[i] = area * Films.level(top, least);
            underFilm[i] = area * Films.level(-under, least);
            given += Math.max(0, topFilm[i] * top) + Math.max(0, underFilm[i] * under);
        }
        for (int n = 0; n < g.zones; n++) {
            leafFilm[n] = Math.max(LEAF_FILM, least) * (2 * net.leaves[n] + net.wettable[n]);
        }
        return given;
    }

    private void radiation(Network net, ThermalState s, RoomAir room) {
        Grid g = net.grid;
        double tiles = g.tiles * g.tileArea;
        double mesh = g.enclosure.shell().lid().meshArea();
        double leaves = 2 * HeatSources.total(net.leaves) + HeatSources.total(net.wettable);
        double all = tiles + mesh + leaves;
        for (double face : net.faceArea) {
            all += face;
        }
        for (ClimateCase.Platform p : g.enclosure.platforms()) {
            all += 2 * p.area();
        }
        double tile = seen(g.tileArea, GROUND, tiles, all);
        for (int t = 0; t < g.tiles; t++) {
            tileRadiant[t] = tile * Films.radiation(s.surface(net, t), s.star);
        }
        for (int p = 0; p < net.patches; p++) {
            double group = net.faceArea[net.patchFace[p]];
            paneRadiant[p] = seen(net.patchArea[p], PANES, group, all) * Films.radiation(s.paneIn[p], s.star);
        }
        for (int i = 0; i < net.platforms; i++) {
            double area = g.enclosure.platforms().get(i).area();
            double face = seen(area, PLATFORMS, 2 * area, all);
            topRadiant[i] = face * Films.radiation(s.top[i], s.star);
            underRadiant[i] = face * Films.radiation(s.under[i], s.star);
        }
        for (int n = 0; n < g.zones; n++) {
            double area = 2 * net.leaves[n] + net.wettable[n];
            leafRadiant[n] = area > 0 ? seen(area, GROUND, leaves, all) * Films.radiation(s.leaf[n], s.star) : 0;
        }
        // (C2)
        single[0] = mesh * g.enclosure.shell().lid().open() * Films.radiation(room.celsius(), s.star);
    }

    /** First-order form of Carroll's 1980 network of a mean radiant temperature. */
    private static double seen(double area, double emits, double group, double all) {
        // (C1)
        return area / (1 / emits - group / all);
    }

    private void mixing(Network net, ThermalState s, double stirred, double floor) {
        Grid g = net.grid;
        Shell shell = g.enclosure.shell();
        double mean = s.meanAir() + ZERO_CELSIUS;
        double lift = GRAVITY * stirred / (shell.length() * shell.width() * MoistAir.DENSITY * MoistAir.HEAT * mean);
        // (C3)
        double speed = Math.max(Math.max(LEAST_SPEED, floor), Math.cbrt(lift * g.air)) + 0.3 * g.enclosure.fanSpeed();
        single[2] = speed;
        double spread = net.factors.mix() * MIXING * speed * g.air;
        double[] virtual = new double[g.zones];
        for (int n = 0; n < g.zones; n++) {
            virtual[n] = s.virtual(n);
        }
        Network.Pairs links = net.links;
        for (int i = 0; i < link.length; i++) {
            // (C4)
            double d = spread + MOLECULAR;
            if (net.linkUpright[i]) {
                double rise = (virtual[links.b()[i]] - virtual[links.a()[i]]) / net.linkDistance[i];
                double richardson = GRAVITY / mean * rise * g.air * g.air / (speed * speed);
                double layered =
                        richardson > 0 ? 1 / (1 + DAMPING * richardson) : 1 + STIRRING * Math.min(1, -richardson);
                d = spread * layered + MOLECULAR;
            }
            link[i] = MoistAir.DENSITY * d * links.value()[i] / net.linkDistance[i];
        }
    }

    private void room(Network net, Vents vents, ThermalState s, RoomAir room, double venting) {
        Grid g = net.grid;
        Shell shell = g.enclosure.shell();
        double factor = net.factors.vent() * venting;
        double outside = room.virtual();
        double excess = -outside;
        for (int n = 0; n < g.zones; n++) {
            excess += s.virtual(n) / g.zones;
        }
        double mesh = shell.lid().meshArea();
        for (int n = 0; n < g.zones; n++) {
            double flow = factor * g.volume() * LEAK;
            flow += venting * g.enclosure.exchange() / g.zones;
            double here = net.mesh(n);
            if (here > 0) {
                // (C5)
                flow += factor * Openings.lid(here, mesh, shell.lid().open(), s.virtual(n) - outside, outside, WIND);
            }
            exchange[n] = flow;
        }
        vents.twoWay(exchange, factor, excess, outside, WIND);
        // (C6)
        single[1] = factor * vents.through(excess, outside);
        for (int n = 0; n < g.zones; n++) {
            exchange[n] *= MoistAir.DENSITY;
        }
    }
}
