package tanah.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
import tanah.core.geometry.ConvexPolygon;

/**
 * Which pieces lie on which, and with how much weight. Where the plan says what holds a piece, the careful side is taken: only a wall
 * takes it off what it touches, and it presses on nothing.
 */
final class Rests {
    private static final double TOUCH = 0.01; // m between a top and the underside on it

    private final List<HardscapeItem> pieces;

    Rests(List<HardscapeItem> pieces) {
        this.pieces = List.copyOf(pieces);
    }

    /** A piece below, and where the piece above touches it. */
    record Contact(HardscapeItem under, ConvexPolygon where) {}

    List<Contact> of(HardscapeItem item) {
        List<Contact> contacts = new ArrayList<>();
        if (item.fixing().support().filter(Fixing.Support.WALL::equals).isPresent() || item.base() <= TOUCH) {
            return contacts;
        }
        ConvexPolygon plan = new ConvexPolygon(item.outline());
        for (HardscapeItem under : pieces) {
            if (!under.id().equals(item.id()) && Math.abs(under.top() - item.base()) <= TOUCH) {
                plan.intersect(new ConvexPolygon(under.outline())).ifPresent(p -> contacts.add(new Contact(under, p)));
            }
        }
        return contacts;
    }

    /**
     * Weight that presses on each piece from above (kg), by id: what lies on several pieces is shared by the areas of
     * contact. A piece under water presses with its weight less its lift, one that floats or has no mass with nothing.
     *
     * @param level of the water (m over the base), 0 without
     */
    Map<String, Double> pressing(double level, Catalogue catalogue) {
        Map<String, Double> pressing = new HashMap<>();
        List<HardscapeItem> down = pieces.stream()
                .sorted(Comparator.comparingDouble(HardscapeItem::base).reversed())
                .toList();
        for (HardscapeItem item : down) {
            OptionalDouble mass = Solids.mass(item, catalogue);
            double own = mass.isPresent() ? -Buoyancy.lift(submerged(item, level), mass.getAsDouble()) : 0;
            double weight = Math.max(0, own + pressing.getOrDefault(item.id(), 0.0));
            List<Contact> contacts = item.fixing().support().isPresent() ? List.of() : of(item);
            double area = contacts.stream().mapToDouble(c -> c.where().area()).sum();
            contacts.forEach(
                    c -> pressing.merge(c.under().id(), weight * c.where().area() / area, Double::sum));
        }
        return pressing;
    }

    /** Volume of a piece under water (m³). */
    static double submerged(HardscapeItem item, double level) {
        return Solids.volume(item) * Math.max(0, Math.min(1, (level - item.base()) / item.height()));
    }
}
