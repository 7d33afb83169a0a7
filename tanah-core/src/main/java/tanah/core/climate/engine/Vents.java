package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.Shell;
import tanah.core.light.Block;
import tanah.core.light.Lid;
import tanah.core.numeric.DenseSystem;
import tanah.core.physics.Constants;
import tanah.core.physics.NeutralLevel;
import tanah.core.physics.Openings;

/**
 * All openings of the box, the mesh of the lid included, and the way of the air between them (A1 to A4 of docs/models/climate.md): inside, the air is
 * at one pressure at the floor of the zones; what leaves over the warm end comes in over the cool one and runs along the ground.
 */
public final class Vents {
    private static final double WITHIN = 0.001; // m

    private final Grid grid;
    /** Where an opening is, how large it is to air (m²), how high over the floor of the zones (m). */
    private final List<Opening> openings = new ArrayList<>();

    private final double[] areas;

    /** Links upwards by column and layer, and along the ground. */
    private final int[][] upLinks;

    private final int[] groundLinks;
    private final double[] groundConductance;
    private final int[] groundFrom;
    private final int[] groundTo;
    /** By column: inverse of what joins the columns along the ground. */
    private final double[][] potential;

    /**
     * A part of an opening before one zone.
     *
     * @param area   effective (m²)
     * @param height over the floor of the zones (m)
     * @param across diameter of a level opening, or height of an upright one (m)
     */
    private record Opening(int zone, double area, double height, boolean level, double across) {}

    public Vents(Network net) {
        this.grid = net.grid;
        mesh(net);
        grid.enclosure.shell().vents().forEach(this::vent);
        areas = openings.stream().mapToDouble(Opening::area).toArray();
        int columns = grid.nax * grid.nay;
        upLinks = new int[columns][grid.naz];
        List<Integer> ground = new ArrayList<>();
        for (int l = 0; l < net.links.size(); l++) {
            int a = net.links.a()[l];
            if (net.linkUpright[l]) {
                upLinks[a / grid.naz][a % grid.naz] = l;
            } else if (a % grid.naz == 0) {
                ground.add(l);
            }
        }
        groundLinks = ground.stream().mapToInt(l -> l).toArray();
        groundConductance = new double[groundLinks.length];
        groundFrom = new int[groundLinks.length];
        groundTo = new int[groundLinks.length];
        double[][] laplacian = new double[columns][columns];
        laplacian[0][0] = 1;
        for (int i = 0; i < groundLinks.length; i++) {
            int l = groundLinks[i];
            groundConductance[i] = net.links.value()[l] / net.linkDistance[l];
            groundFrom[i] = net.links.a()[l] / grid.naz;
            groundTo[i] = net.links.b()[l] / grid.naz;
            laplacian[groundFrom[i]][groundFrom[i]] += groundConductance[i];
            laplacian[groundTo[i]][groundTo[i]] += groundConductance[i];
            laplacian[groundFrom[i]][groundTo[i]] -= groundConductance[i];
            laplacian[groundTo[i]][groundFrom[i]] -= groundConductance[i];
        }
        potential = openings.size() < 2 ? laplacian : DenseSystem.inverse(laplacian);
    }

    private void mesh(Network net) {
        Lid lid = grid.enclosure.shell().lid();
        if (lid.meshArea() <= 0) {
            return;
        }
        // (A1)
        double share = Openings.screen(lid.open()) * lid.freeForAir();
        double across = Math.sqrt(4 * lid.meshArea() / Math.PI);
        for (int n = grid.naz - 1; n < grid.zones; n += grid.naz) {
            double here = net.mesh(n);
            if (here > 0) {
                openings.add(new Opening(n, share * here, grid.air, true, across));
            }
        }
    }

    private void vent(Shell.Vent vent) {
        double[] shares = zones(vent);
        boolean level = vent.side().isEmpty();
        double z = level ? grid.enclosure.shell().height() : inAir(vent.z());
        double across = level ? Math.sqrt(4 * vent.area() / Math.PI) : vent.height();
        for (int n = 0; n < shares.length; n++) {
            if (shares[n] > 0 && vent.area() > 0) {
                double area = Openings.screen(vent.open()) * vent.area() * shares[n];
                openings.add(new Opening(n, area, z - grid.ground, level, across));
            }
        }
    }

    private double inAir(double z) {
        return Math.max(grid.ground + WITHIN, Math.min(grid.enclosure.shell().height() - WITHIN, z));
    }

    /** Shares of a vent by the zones that it touches. */
    private double[] zones(Shell.Vent vent) {
        double[] shares = new double[grid.zones];
        double sum = 0;
        for (int n = 0; n < grid.zones; n++) {
            Block b = grid.block(n);
            if (vent.side().isEmpty()) {
                shares[n] = n % grid.naz == grid.naz - 1
                        ? shared(b.x0(), b.x1(), vent.from(), vent.to())
                                * shared(b.y0(), b.y1(), vent.front(), vent.back())
                        : 0;
            } else {
                shares[n] = isAt(b, vent.side().get(), inAir(vent.z())) ? along(b, vent) : 0;
            }
            sum += shares[n];
        }
        for (int n = 0; n < grid.zones && sum > 0; n++) {
            shares[n] /= sum;
        }
        return shares;
    }

    private static double along(Block b, Shell.Vent vent) {
        Lid.Side side = vent.side().orElseThrow();
        boolean alongX = side == Lid.Side.FRONT || side == Lid.Side.BACK;
        return alongX ? shared(b.x0(), b.x1(), vent.from(), vent.to()) : shared(b.y0(), b.y1(), vent.from(), vent.to());
    }

    private static double shared(double from, double to, double low, double high) {
        return Math.max(0, Math.min(to, high) - Math.max(from, low));
    }

    private boolean isAt(Block b, Lid.Side side, double z) {
        boolean at = switch (side) {
            case LEFT -> b.x0() <= 1e-12;
            case RIGHT -> b.x1() >= grid.enclosure.shell().length() - 1e-12;
            case FRONT -> b.y0() <= 1e-12;
            case BACK -> b.y1() >= grid.enclosure.shell().width() - 1e-12;
        };
        return at && z >= b.z0() && z < b.z1();
    }

    /**
     * Adds the flows of a moment to coefficients.
     *
     * @param virtual by zone (K)
     * @param outside virtual temperature of the room (K)
     * @param factor  on every exchange
     * @param wind    of the room (m/s)
     */
    void flow(Coefficients k, double[] virtual, double outside, double factor, double wind) {
        double[] net = net(virtual, outside);
        double[] column = new double[grid.nax * grid.nay];
        for (int o = 0; o < net.length; o++) {
            Opening opening = openings.get(o);
            double q = factor * net[o];
            k.out[opening.zone()] += Math.max(0, q);
            k.in[opening.zone()] += Math.max(0, -q);
            int c = opening.zone() / grid.naz;
            column[c] += q;
            for (int layer = 0; layer < opening.zone() % grid.naz; layer++) {
                k.flow[upLinks[c][layer]] += q;
            }
            double excess = virtual[opening.zone()] - outside;
            double speed = opening.level()
                    ? Openings.level(opening.across(), excess, outside)
                    : Openings.upright(opening.across(), excess, outside);
            // (A4)
            k.exchange[opening.zone()] += factor * Openings.twoWay(opening.area(), speed, net[o], wind);
        }
        ground(k, column);
    }

    /** What leaves a column is brought to it along the ground. */
    private void ground(Coefficients k, double[] column) {
        if (openings.size() < 2) {
            return;
        }
        double[] height = new double[column.length];
        for (int c = 0; c < column.length; c++) {
            for (int d = 0; d < column.length; d++) {
                height[c] -= potential[c][d] * column[d];
            }
        }
        for (int i = 0; i < groundLinks.length; i++) {
            // (A3)
            k.flow[groundLinks[i]] += groundConductance[i] * (height[groundFrom[i]] - height[groundTo[i]]);
        }
    }

    /** Net flow of each opening, outwards where positive (m³/s): they sum to nothing. */
    private double[] net(double[] virtual, double outside) {
        double[] lifts = new double[areas.length];
        for (int o = 0; o < lifts.length; o++) {
            Opening opening = openings.get(o);
            int bottom = opening.zone() - opening.zone() % grid.naz;
            double mean = 0;
            for (int z = bottom; z <= opening.zone(); z++) {
                mean += virtual[z];
            }
            mean /= opening.zone() - bottom + 1;
            lifts[o] = Constants.GRAVITY * opening.height() * (mean - outside) / outside;
        }
        // (A2)
        return NeutralLevel.flows(areas, lifts);
    }
}
