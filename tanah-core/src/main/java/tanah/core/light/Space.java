package tanah.core.light;

import java.util.List;
import java.util.Optional;

/**
 * What rays meet: the lid, opaque boxes, foliage.
 *
 * @param lid    top
 * @param solids opaque
 * @param leaves foliage
 * @param meshing factor on the open share of the mesh, 1 unless calibrated
 */
public record Space(Lid lid, List<Block> solids, List<Leaves> leaves, double meshing) {
    private static final double NEAREST = 0.02; // m
    private static final double GRAZED = 1e-4; // m inside a box that count as shade

    public Space {
        solids = List.copyOf(solids);
        leaves = List.copyOf(leaves);
    }

    /**
     * What shades.
     *
     * @param leaves whether foliage does
     * @param but    a solid that does not, such as the one on which the receiver lies
     */
    public record Shade(boolean leaves, Optional<Block> but) {
        public static final Shade ALL = new Shade(true, Optional.empty());
        public static final Shade SOLID = new Shade(false, Optional.empty());

        boolean isBut(Block solid) {
            return but.isPresent() && but.get().equals(solid);
        }
    }

    /**
     * Irradiance at a place by unit of what a lamp emits (1/m²).
     *
     * @param normal of the receiver; empty: it faces every ray, as a meter held towards the lamp
     */
    public double irradiance(Emitter lamp, Emitter.Part part, Band band, Vec at, Optional<Vec> normal, Shade shade) {
        return irradiance(lamp, part, lamp.samples(part), band, at, normal, shade);
    }

    /** The same with the lamp's samples at hand, for many places. */
    public double irradiance(
            Emitter lamp,
            Emitter.Part part,
            List<Emitter.Sample> samples,
            Band band,
            Vec at,
            Optional<Vec> normal,
            Shade shade) {
        double sum = 0;
        for (Emitter.Sample s : samples) {
            double open = through(s.at(), at, band);
            open = open > 0 ? open * shaded(s.at(), at, shade) : 0;
            if (open > 0) {
                sum += open * free(lamp, part, s, at, normal);
            }
        }
        return sum;
    }

    /** The same in free air, without lid or shade (1/m²). */
    public static double free(Emitter lamp, Emitter.Part part, Vec at, Optional<Vec> normal) {
        double sum = 0;
        for (Emitter.Sample s : lamp.samples(part)) {
            sum += free(lamp, part, s, at, normal);
        }
        return sum;
    }

    private static double free(Emitter lamp, Emitter.Part part, Emitter.Sample s, Vec at, Optional<Vec> normal) {
        Vec way = at.minus(s.virtual());
        double r = way.length();
        if (r <= 0) {
            return 0;
        }
        Vec direction = way.times(1 / r);
        double facing = normal.isPresent() ? Math.max(0, -direction.dot(normal.get())) : 1;
        double kept = Math.max(NEAREST, r);
        return s.weight() * lamp.intensity(part, direction) * facing / (kept * kept);
    }

    private double through(Vec from, Vec to, Band band) {
        if (from.z() <= lid.height()) {
            return 1;
        }
        double share = (from.z() - lid.height()) / (from.z() - to.z());
        if (!(share > 0 && share <= 1)) {
            return 0;
        }
        Vec way = to.minus(from);
        return lid.through(
                from.x() + share * way.x(),
                from.y() + share * way.y(),
                Math.abs(way.z()) / way.length(),
                band,
                meshing);
    }

    private double shaded(Vec from, Vec to, Shade shade) {
        for (Block solid : solids) {
            if (solid.inside(from, to) > GRAZED && !shade.isBut(solid)) {
                return 0;
            }
        }
        double open = 1;
        if (shade.leaves()) {
            for (Leaves l : leaves) {
                open *= l.through(from, to);
            }
        }
        return open;
    }

    /**
     * What of a lamp above the lid gets in: its directions are sampled from the true place of each sample.
     *
     * @param inside share that meets the lid's plane inside the plan
     * @param got    share that comes through the lid
     */
    public record Entry(double inside, double got) {
        public static final Entry WHOLE = new Entry(1, 1);
    }

    /** What of a lamp's part gets in; all of it where the lamp hangs inside. */
    public Entry entry(Emitter lamp, Emitter.Part part, Band band) {
        if (lamp.at().z() <= lid.height()) {
            return Entry.WHOLE;
        }
        double[] sums = new double[2];
        Rays.each(lamp, part, (from, direction, weight) -> {
            if (direction.z() < 0) {
                Vec at = from.plus(direction.times((from.z() - lid.height()) / -direction.z()));
                if (lid.covers(at.x(), at.y())) {
                    sums[0] += weight;
                    sums[1] += weight * lid.through(at.x(), at.y(), -direction.z(), band, meshing);
                }
            }
        });
        return new Entry(sums[0], sums[1]);
    }
}
