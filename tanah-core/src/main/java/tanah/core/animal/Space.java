package tanah.core.animal;

import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;

/**
 * Is the box enough, now and grown. The rules are common practice without a source: minimum boxes are usual outside
 * sizes, so inside measures are compared with 0.9 of the length and height, 0.8 of the depth and 0.9 of the area.
 *
 * @param length   longer side over what an adult needs
 * @param depth    shorter side over what an adult needs
 * @param height   inside height over what an adult needs
 * @param climbing free height over the ground over what a climbing adult needs; empty for others
 * @param area     square root of the floor over what the adults need
 * @param scaleNow scale of the need now, 1 = the catalogue's adult
 * @param lasts    month of age until which it is enough; empty: for life
 * @param lastsBand band of that month
 * @param age      months now; empty: grown
 * @param mostNow  most animals that the floor carries now
 * @param mostGrown most animals that the floor carries grown
 */
public record Space(
        double length,
        double depth,
        double height,
        OptionalDouble climbing,
        double area,
        double scaleNow,
        OptionalDouble lasts,
        Range lastsBand,
        OptionalDouble age,
        OptionalInt mostNow,
        OptionalInt mostGrown) {

    /** Which measure runs out first. */
    public enum Limit {
        LENGTH,
        DEPTH,
        HEIGHT,
        CLIMBING,
        AREA
    }

    /** Inner measures of the box (m) and the free height over the ground (m). */
    public record Box(double length, double width, double height, double freeHeight) {}

    /** The smallest ratio: what the box offers, as a share of what grown animals need. */
    public double ratio() {
        double least = Math.min(Math.min(length, depth), Math.min(height, area));
        return climbing.isPresent() ? Math.min(least, climbing.getAsDouble()) : least;
    }

    /** The measure with the smallest ratio. */
    public Limit limit() {
        double least = ratio();
        if (climbing.isPresent() && climbing.getAsDouble() <= least) {
            return Limit.CLIMBING;
        }
        if (area <= least) {
            return Limit.AREA;
        }
        if (height <= least) {
            return Limit.HEIGHT;
        }
        return depth <= least ? Limit.DEPTH : Limit.LENGTH;
    }

    public boolean isForLife() {
        return lasts.isEmpty();
    }

    /** Of one entry that has the box to itself. */
    public static Space compute(Inhabitant animal, Box box) {
        return compute(animal, box, Company.of(List.of(animal)));
    }

    /**
     * @param all every company in the box: animals of other entries of the species, and of other species that live where this
     *            one does, need their floor too
     */
    public static Space compute(Inhabitant animal, Box box, List<Company> all) {
        Species s = animal.profile();
        double floor = 0.9 * s.minLength() * s.minDepth();
        double wanted = 0;
        for (Company c : all) {
            boolean same = c.row().id().equals(animal.row().id());
            if (same || c.row().isAquatic() == animal.row().isAquatic()) {
                Species of = same ? s : c.first().profile();
                wanted += 0.9 * of.minLength() * of.minDepth() * (1 + of.extraFloor() * (c.count() - 1));
            }
        }
        double length = Math.max(box.length(), box.width()) / (0.9 * Math.max(s.minLength(), s.minDepth()));
        double depth = Math.min(box.length(), box.width()) / (0.8 * Math.min(s.minLength(), s.minDepth()));
        double height = box.height() / (0.9 * s.minHeight());
        OptionalDouble climbing = s.climbs() >= 2
                ? OptionalDouble.of(Math.max(0, box.freeHeight()) / (0.6 * s.minHeight()))
                : OptionalDouble.empty();
        double area = Math.sqrt(box.length() * box.width() / wanted);
        double scaleNow = Math.max(animal.lengthShare(), s.growOut());
        Space open = new Space(
                length,
                depth,
                height,
                climbing,
                area,
                scaleNow,
                OptionalDouble.empty(),
                new Range(0, 0),
                animal.ageMonths(),
                carries(box, floor, s, scaleNow),
                carries(box, floor, s, 1));
        return open.dated(animal);
    }

    private Space dated(Inhabitant animal) {
        double ratio = ratio();
        if (ratio >= 1 - 1e-9) {
            return this;
        }
        Growth growth = animal.growth();
        double reached = ratio * animal.row().growthLengthAdult();
        // an animal that stays smaller than the catalogue's adult may never reach that length
        OptionalDouble month = growth.ageAt(reached);
        if (month.isEmpty()) {
            return this;
        }
        double m = month.getAsDouble();
        return new Space(
                length,
                depth,
                height,
                climbing,
                area,
                scaleNow,
                OptionalDouble.of(m),
                new Range(m * growth.band().min(), m * growth.band().max()),
                age,
                mostNow,
                mostGrown);
    }

    private static OptionalInt carries(Box box, double floor, Species species, double scale) {
        double spare = box.length() * box.width() / (floor * scale * scale) - 1;
        if (spare < -1e-9) {
            return OptionalInt.of(0);
        }
        if (species.extraFloor() <= 0) {
            return OptionalInt.empty();
        }
        return OptionalInt.of(1 + (int) Math.floor(spare / species.extraFloor() + 1e-9));
    }
}
