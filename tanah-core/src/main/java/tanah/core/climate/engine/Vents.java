package tanah.core.climate.engine;

import java.util.List;
import tanah.core.box.Shell;
import tanah.core.light.Block;
import tanah.core.light.Lid;
import tanah.core.numeric.BandedSystem;
import tanah.core.physics.Openings;

/** Vents and the way of the air between low and high ones: a unit flow through the zones, found once. */
public final class Vents {
    private static final double WITHIN = 0.001; // m

    private final Network net;
    private final Grid grid;
    private final List<Shell.Vent> vents;
    private final double[][] spread;
    private final boolean[] low;
    private double lowArea;
    private double highArea;
    private double lowZ;
    private double highZ;
    /** Shares of the entering and the leaving air by zone at positive flow, and the unit flow on each link. */
    public final double[] enters;

    public final double[] leaves;
    final double[] flow;

    public Vents(Network net) {
        this.net = net;
        this.grid = net.grid;
        this.vents = grid.enclosure.shell().vents();
        spread = new double[vents.size()][];
        low = new boolean[vents.size()];
        enters = new double[grid.zones];
        leaves = new double[grid.zones];
        flow = new double[net.links.size()];
        openings();
        if (lowArea > 0 && highArea > 0) {
            path();
        }
    }

    private void openings() {
        Shell shell = grid.enclosure.shell();
        double middle = (grid.ground + shell.height()) / 2;
        for (int v = 0; v < vents.size(); v++) {
            Shell.Vent vent = vents.get(v);
            spread[v] = zones(vent);
            low[v] = vent.z() < middle;
            double area = Openings.screen(vent.open()) * vent.area();
            for (int n = 0; n < grid.zones; n++) {
                (low[v] ? enters : leaves)[n] += area * spread[v][n];
            }
            if (low[v]) {
                lowArea += area;
                lowZ += area * vent.z();
            } else {
                highArea += area;
                highZ += area * vent.z();
            }
        }
        double mesh = shell.lid().meshArea();
        double area = mesh > 0 ? Openings.screen(shell.lid().open()) * mesh : 0;
        for (int n = 0; n < grid.zones && mesh > 0; n++) {
            leaves[n] += area * net.mesh(n) / mesh;
        }
        highArea += area;
        highZ += area * shell.height();
        for (int n = 0; n < grid.zones; n++) {
            enters[n] /= Math.max(1e-300, lowArea);
            leaves[n] /= Math.max(1e-300, highArea);
        }
    }

    private double[] zones(Shell.Vent vent) {
        double[] shares = new double[grid.zones];
        double z =
                Math.max(grid.ground + WITHIN, Math.min(grid.enclosure.shell().height() - WITHIN, vent.z()));
        double sum = 0;
        for (int n = 0; n < grid.zones; n++) {
            Block b = grid.block(n);
            boolean at = switch (vent.side()) {
                case LEFT -> b.x0() <= 1e-12;
                case RIGHT -> b.x1() >= grid.enclosure.shell().length() - 1e-12;
                case FRONT -> b.y0() <= 1e-12;
                case BACK -> b.y1() >= grid.enclosure.shell().width() - 1e-12;
            };
            if (at && z >= b.z0() && z < b.z1()) {
                boolean alongX = vent.side() == Lid.Side.FRONT || vent.side() == Lid.Side.BACK;
                double shared =
                        Math.min(alongX ? b.x1() : b.y1(), vent.to()) - Math.max(alongX ? b.x0() : b.y0(), vent.from());
                shares[n] = Math.max(0, shared);
                sum += shares[n];
            }
        }
        for (int n = 0; n < grid.zones && sum > 0; n++) {
            shares[n] /= sum;
        }
        return shares;
    }

    private void path() {
        BandedSystem laplacian = new BandedSystem(grid.zones, net.half);
        Network.Pairs links = net.links;
        for (int i = 0; i < links.size(); i++) {
            laplacian.join(links.a()[i], links.b()[i], links.value()[i] / net.linkDistance[i]);
        }
        laplacian.add(0, 0, 1);
        laplacian.factor();
        double[] potential = new double[grid.zones];
        for (int n = 0; n < grid.zones; n++) {
            potential[n] = enters[n] - leaves[n];
        }
        laplacian.solve(potential);
        for (int i = 0; i < flow.length; i++) {
            flow[i] = links.value()[i] / net.linkDistance[i] * (potential[links.a()[i]] - potential[links.b()[i]]);
        }
    }

    /** Flow from the low to the high openings (m³/s); negative where the inside is colder. */
    double through(double excess, double outside) {
        if (!(lowArea > 0) || !(highArea > 0)) {
            return 0;
        }
        return Openings.stack(lowArea, highArea, highZ / highArea - lowZ / lowArea, excess, outside);
    }

    /** Adds what goes both ways through each vent (m³/s). */
    void twoWay(double[] exchange, double factor, double excess, double outside, double wind) {
        boolean alone = !(lowArea > 0) || !(highArea > 0);
        for (int v = 0; v < vents.size(); v++) {
            Shell.Vent vent = vents.get(v);
            double q = Openings.draught(vent.area(), vent.open(), wind);
            if (alone) {
                q += Openings.single(vent.area(), vent.open(), vent.height(), excess, outside);
            }
            for (int n = 0; n < grid.zones; n++) {
                exchange[n] += factor * q * spread[v][n];
            }
        }
    }
}
