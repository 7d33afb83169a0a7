package tanah.core.climate.engine;

import static tanah.core.physics.Constants.GRAVITY;
import static tanah.core.physics.Constants.ZERO_CELSIUS;

import java.util.Arrays;
import tanah.core.box.ClimateCase;
import tanah.core.box.Shell;
import tanah.core.physics.Films;
import tanah.core.physics.MoistAir;

/**
 * What couples the nodes at one state: films and radiation (W/K), mixing between zones and exchange with the room (kg/s), flow through
 * openings (m³/s). Equations F, R, C and A of docs/models/climate.md.
 */
public final class Coefficients {
    /** Floor of the mixing speed in the first rounds of a steady state (m/s). */
    public static final double FIRST_SPEED = 0.06;

    private static final double MIXING =
            0.12; // two thirds of 0.18 after Deardorff and Willis 1975, for a box with walls, 0.05 to 0.30
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
    /** Through the mesh, by section (W/K). */
    public final double[] meshRadiant;

    final double[] link;
    /** Net flow from the first to the second zone of each link (m³/s). */
    final double[] flow;
    /** What leaves and what enters each zone through openings (m³/s). */
    public final double[] out;

    public final double[] in;
    public final double[] exchange;
    /** Mixing speed (m/s). */
    private final double[] speed = new double[1];

    private final Network net;
    private final double[] virtual;

    /** All zero, to be set. */
    public Coefficients(Network net) {
        this.net = net;
        virtual = new double[net.grid.zones];
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
        meshRadiant = new double[net.sections.count];
        link = new double[net.links.size()];
        flow = new double[net.links.size()];
        out = new double[net.grid.zones];
        in = new double[net.grid.zones];
        exchange = new double[net.grid.zones];
    }

    /** Net flow out of all openings (m³/s); as much comes in. */
    public double outflow() {
        return HeatSources.total(out);
    }

    public double speed() {
        return speed[0];
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
            meshRadiant,
            link,
            flow,
            out,
            in,
            exchange,
            speed
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
     * What couples the nodes at a state, in place of what was here.
     *
     * @param full     of the same state
     * @param stores   by which soil is wet
     * @param released heat of devices in the air at the duties in force (W)
     * @param floor    of the mixing speed (m/s)
     * @param venting  share of the exchange that is open, 1 unless vents are blocked
     */
    public Coefficients set(
            Vents vents,
            ThermalState s,
            Saturation full,
            WaterStores stores,
            double released,
            double floor,
            RoomAir room,
            double venting) {
        for (int n = 0; n < virtual.length; n++) {
            virtual[n] = s.virtual(n);
        }
        double kelvin = s.meanAir() + ZERO_CELSIUS;
        double stirred = surfaces(s, stores, new Buoyancy(net, s, virtual, full), kelvin) + Math.max(0, released);
        radiation(s, room);
        mixing(kelvin, stirred, floor);
        room(vents, room, venting);
        return this;
    }

    /** Films; the lift that warm faces give to the air (W). */
    private double surfaces(ThermalState s, WaterStores stores, Buoyancy lift, double kelvin) {
        Grid g = net.grid;
        double given = 0;
        for (int t = 0; t < g.tiles; t++) {
            double d = lift.ofTile(t, stores);
            // (F2)
            tileFilm[t] = g.tileArea * net.tileFace[g.region[t]].level(d, kelvin);
            given += Math.max(0, tileFilm[t] * d);
        }
        for (int p = 0; p < net.patches; p++) {
            double d = lift.ofPatch(p);
            // (F1), (F2)
            double h = net.patchFace[p] == 4 ? net.lidFace.level(-d, kelvin) : net.paneFace.upright(d, kelvin);
            paneFilm[p] = net.patchArea[p] * h;
            given += Math.max(0, paneFilm[p] * d);
        }
        for (int i = 0; i < net.platforms; i++) {
            double area = g.enclosure.platforms().get(i).area();
            double top = lift.ofPlatform(i, s.top[i]);
            double under = lift.ofPlatform(i, s.under[i]);
            topFilm[i] = area * net.platformFace[i].level(top, kelvin);
            underFilm[i] = area * net.platformFace[i].level(-under, kelvin);
            given += Math.max(0, topFilm[i] * top) + Math.max(0, underFilm[i] * under);
        }
        for (int n = 0; n < g.zones; n++) {
            leafFilm[n] = net.leafFilm * (2 * net.leaves[n] + net.wettable[n]);
        }
        return given;
    }

    private void radiation(ThermalState s, RoomAir room) {
        Sections see = net.sections;
        Grid g = net.grid;
        for (int t = 0; t < g.tiles; t++) {
            double star = s.star[see.of(g.tileZone[t])];
            tileRadiant[t] = see.tile * Films.radiation(s.surface(net, t), star);
        }
        for (int p = 0; p < net.patches; p++) {
            double star = s.star[see.of(net.patchZone[p])];
            paneRadiant[p] = see.patch[p] * Films.radiation(s.paneIn[p], star);
        }
        for (int i = 0; i < net.platforms; i++) {
            double star = s.around(see.ofPlatform[i]);
            topRadiant[i] = see.platform[i] * Films.radiation(s.top[i], star);
            underRadiant[i] = see.platform[i] * Films.radiation(s.under[i], star);
        }
        for (int n = 0; n < g.zones; n++) {
            leafRadiant[n] = see.leaf[n] > 0 ? see.leaf[n] * Films.radiation(s.leaf[n], s.star[see.of(n)]) : 0;
        }
        for (int i = 0; i < see.count; i++) {
            // (R4)
            meshRadiant[i] = see.mesh[i] * Films.radiation(room.celsius(), s.star[i]);
        }
    }

    private void mixing(double kelvin, double stirred, double floor) {
        Grid g = net.grid;
        Shell shell = g.enclosure.shell();
        double lift = GRAVITY * stirred / (shell.length() * shell.width() * MoistAir.DENSITY * MoistAir.HEAT * kelvin);
        // (C1)
        double fast = Math.max(Math.max(LEAST_SPEED, floor), Math.cbrt(lift * g.air)) + 0.3 * g.enclosure.fanSpeed();
        speed[0] = fast;
        double spread = net.factors.mix() * MIXING * fast * g.air;
        Network.Pairs links = net.links;
        for (int i = 0; i < link.length; i++) {
            // (C2)
            double d = spread + MOLECULAR;
            if (net.linkUpright[i]) {
                double rise = (virtual[links.b()[i]] - virtual[links.a()[i]]) / net.linkDistance[i];
                double richardson = GRAVITY / kelvin * rise * g.air * g.air / (fast * fast);
                double layered =
                        richardson > 0 ? 1 / (1 + DAMPING * richardson) : 1 + STIRRING * Math.min(1, -richardson);
                d = spread * layered + MOLECULAR;
            }
            link[i] = MoistAir.DENSITY * d * links.value()[i] / net.linkDistance[i];
        }
    }

    private void room(Vents vents, RoomAir room, double venting) {
        Grid g = net.grid;
        ClimateCase c = g.enclosure;
        double factor = net.factors.vent() * venting;
        Arrays.fill(flow, 0);
        Arrays.fill(out, 0);
        Arrays.fill(in, 0);
        for (int n = 0; n < g.zones; n++) {
            exchange[n] = factor * g.volume() * LEAK + venting * c.exchange() / g.zones;
        }
        vents.flow(this, virtual, room.virtual(), factor, WIND);
        for (int n = 0; n < g.zones; n++) {
            exchange[n] *= MoistAir.DENSITY;
        }
    }
}
