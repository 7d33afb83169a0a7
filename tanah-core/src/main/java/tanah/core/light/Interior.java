package tanah.core.light;

import java.util.Map;
import java.util.Optional;

/**
 * The empty box of air that a lamp's rays cross, from the zone floor to the lid.
 *
 * @param length along the front (m)
 * @param width  front to back (m)
 * @param floor  height of the mean ground (m)
 * @param height of the lid (m)
 */
public record Interior(double length, double width, double floor, double height) {
    private static final double GRAZES = 1e-12;
    private static final int MOST_FACES = 4;
    private static final double INDEX = 1.52; // of glass

    /**
     * A side for light that meets it from within.
     *
     * @param clear    whether it mirrors, as a bare clear pane does; else it scatters
     * @param reflects share that it scatters
     */
    public record Wall(boolean clear, double reflects) {}

    /** Where a ray meets the box; empty side: floor or lid. */
    private record Hit(Optional<Lid.Side> side, boolean below, Vec at, double cosine) {}

    /**
     * Shares of what enters and meets a side or the lid before the floor, by section along the front; they sum to 1, or are all 0
     * where nothing does.
     */
    public double[] walls(Emitter lamp, Emitter.Part part, Band band, Space space, int sections) {
        double[] shares = new double[sections];
        Rays.each(
                lamp,
                part,
                (from, direction, weight) -> entering(from, direction, band, space)
                        .ifPresent(e -> {
                            Hit hit = meets(e.at(), direction);
                            if (!hit.below()) {
                                int s = (int) Math.floor(hit.at().x() / length * sections);
                                shares[Math.max(0, Math.min(sections - 1, s))] += weight * e.share();
                            }
                        }));
        double sum = 0;
        for (double share : shares) {
            sum += share;
        }
        for (int s = 0; s < sections; s++) {
            shares[s] = sum < 1e-9 ? 0 : shares[s] / sum;
        }
        return shares;
    }

    /**
     * What the sides throw back, as shares of the lamp's light.
     *
     * @param floor     that reaches the ground by mirrors
     * @param scattered by walls that do not mirror
     */
    public record Thrown(double floor, double scattered) {}

    /** Follows the lamp's light over at most four faces. */
    public Thrown thrown(Emitter lamp, Emitter.Part part, Band band, Space space, Map<Lid.Side, Wall> walls) {
        double[] sums = new double[2];
        Rays.each(
                lamp,
                part,
                (from, direction, weight) -> entering(from, direction, band, space)
                        .ifPresent(e -> follow(e.at(), direction, weight * e.share(), walls, sums)));
        return new Thrown(sums[0], sums[1]);
    }

    private void follow(Vec from, Vec direction, double weight, Map<Lid.Side, Wall> walls, double[] sums) {
        Vec at = from;
        Vec way = direction;
        double left = weight;
        for (int face = 0; face < MOST_FACES; face++) {
            Hit hit = meets(at, way);
            if (hit.side().isEmpty()) {
                sums[0] += hit.below() && face > 0 ? left : 0;
                return;
            }
            Lid.Side side = hit.side().get();
            Wall wall = java.util.Objects.requireNonNull(walls.get(side));
            if (!wall.clear()) {
                sums[1] += left * wall.reflects();
                return;
            }
            left *= mirrored(hit.cosine());
            boolean along = side == Lid.Side.LEFT || side == Lid.Side.RIGHT;
            way = along ? new Vec(-way.x(), way.y(), way.z()) : new Vec(way.x(), -way.y(), way.z());
            at = hit.at();
        }
    }

    private record Entered(Vec at, double share) {}

    /** Where a ray begins in the box and how much of it is left behind the lid. */
    private Optional<Entered> entering(Vec from, Vec direction, Band band, Space space) {
        if (from.z() <= height) {
            return Optional.of(new Entered(from, 1));
        }
        if (direction.z() >= 0) {
            return Optional.empty();
        }
        Vec at = from.plus(direction.times((from.z() - height) / -direction.z()));
        double share = space.lid().through(at.x(), at.y(), -direction.z(), band, space.meshing());
        return share > 0 ? Optional.of(new Entered(at, share)) : Optional.empty();
    }

    private Hit meets(Vec from, Vec d) {
        double tx =
                d.x() > GRAZES ? (length - from.x()) / d.x() : d.x() < -GRAZES ? -from.x() / d.x() : Double.MAX_VALUE;
        double ty =
                d.y() > GRAZES ? (width - from.y()) / d.y() : d.y() < -GRAZES ? -from.y() / d.y() : Double.MAX_VALUE;
        double tz = d.z() > GRAZES
                ? (height - from.z()) / d.z()
                : d.z() < -GRAZES ? (floor - from.z()) / d.z() : Double.MAX_VALUE;
        double t = Math.max(0, Math.min(tx, Math.min(ty, tz)));
        Vec at = from.plus(d.times(t));
        if (tz <= tx && tz <= ty) {
            return new Hit(Optional.empty(), d.z() < 0, at, Math.abs(d.z()));
        }
        return tx <= ty
                ? new Hit(Optional.of(d.x() > 0 ? Lid.Side.RIGHT : Lid.Side.LEFT), false, at, Math.abs(d.x()))
                : new Hit(Optional.of(d.y() > 0 ? Lid.Side.BACK : Lid.Side.FRONT), false, at, Math.abs(d.y()));
    }

    /** Share that a pane of glass mirrors: Fresnel's law for both polarisations and both of its surfaces. */
    public static double mirrored(double cosine) {
        double c = Math.max(1e-6, Math.min(1, cosine));
        double inside = Math.sqrt(1 - (1 - c * c) / (INDEX * INDEX));
        double across = (c - INDEX * inside) / (c + INDEX * inside);
        double along = (inside - INDEX * c) / (inside + INDEX * c);
        double s = across * across;
        double p = along * along;
        return (2 * s / (1 + s) + 2 * p / (1 + p)) / 2;
    }
}
