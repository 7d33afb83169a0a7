package tanah.core.structure;

import java.util.List;

/**
 * Blocks on top of each other, and whether they topple with an animal on the edge (common practice: a push of half the
 * animal's weight at the top).
 *
 * @param blocks bottom to top
 * @param animal its mass (kg), 0: none
 * @param bonded whether only the lowest joint can open
 */
public record Stack(List<Block> blocks, double animal, boolean bonded) {
    private static final double PUSH = 0.5;

    public Stack {
        blocks = List.copyOf(blocks);
    }

    /**
     * A box.
     *
     * @param x      middle (m)
     * @param y      middle (m)
     * @param length along x (m)
     * @param width  along y (m)
     * @param height m
     * @param mass   kg
     */
    public record Block(double x, double y, double length, double width, double height, double mass) {}

    /**
     * The joint that gives first.
     *
     * @param joint   index of the block that stands on it
     * @param edge    distance of the centre of mass from the nearest edge of the contact (m); negative: it falls
     * @param safety  moment that holds over moment that topples; infinite without an animal
     * @param tilt    by which it may lean before it falls (radians)
     */
    public record Joint(int joint, double edge, double safety, double tilt) {}

    /** The weakest joint. */
    public Joint weakest() {
        Joint worst = joint(0);
        for (int k = 1; k < (bonded ? 1 : blocks.size()); k++) {
            Joint next = joint(k);
            if (next.safety() < worst.safety() || (next.safety() == worst.safety() && next.edge() < worst.edge())) {
                worst = next;
            }
        }
        return worst;
    }

    /** The joint under a block. */
    public Joint joint(int k) {
        double mass = 0;
        double cx = 0;
        double cy = 0;
        double cz = 0;
        double z = 0;
        for (int i = k; i < blocks.size(); i++) {
            Block b = blocks.get(i);
            mass += b.mass();
            cx += b.mass() * b.x();
            cy += b.mass() * b.y();
            cz += b.mass() * (z + b.height() / 2);
            z += b.height();
        }
        cx /= mass;
        cy /= mass;
        cz /= mass;
        double[] patch = patch(k);
        double edge = Double.MAX_VALUE;
        double safety = Double.POSITIVE_INFINITY;
        for (int side = 0; side < 4; side++) {
            double e = distance(patch, side, cx, cy);
            double reach = 0;
            for (int i = k; i < blocks.size(); i++) {
                reach = Math.max(reach, -innermost(patch, side, blocks.get(i)));
            }
            double topples = animal * (Math.max(0, reach) + PUSH * z);
            double s = topples > 0 ? mass * e / topples : (e > 0 ? Double.POSITIVE_INFINITY : e);
            edge = Math.min(edge, e);
            safety = Math.min(safety, s);
        }
        return new Joint(k, edge, safety, Math.atan2(edge, cz));
    }

    /** Contact under block k: x0, y0, x1, y1. */
    private double[] patch(int k) {
        Block b = blocks.get(k);
        double[] own = {b.x() - b.length() / 2, b.y() - b.width() / 2, b.x() + b.length() / 2, b.y() + b.width() / 2};
        if (k == 0) {
            return own;
        }
        Block under = blocks.get(k - 1);
        return new double[] {
            Math.max(own[0], under.x() - under.length() / 2),
            Math.max(own[1], under.y() - under.width() / 2),
            Math.min(own[2], under.x() + under.length() / 2),
            Math.min(own[3], under.y() + under.width() / 2)
        };
    }

    private static double distance(double[] p, int side, double x, double y) {
        return switch (side) {
            case 0 -> x - p[0];
            case 1 -> y - p[1];
            case 2 -> p[2] - x;
            default -> p[3] - y;
        };
    }

    /** Least distance of a block from a side, negative where it stands out. */
    private static double innermost(double[] p, int side, Block b) {
        return switch (side) {
            case 0 -> b.x() - b.length() / 2 - p[0];
            case 1 -> b.y() - b.width() / 2 - p[1];
            case 2 -> p[2] - (b.x() + b.length() / 2);
            default -> p[3] - (b.y() + b.width() / 2);
        };
    }
}
