package tanah.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/**
 * A piece with all that rests on it, as one body: that is what tips. What lies on several pieces presses on each where it touches it, by
 * the areas of contact.
 *
 * @param mass   kg
 * @param x      centre of mass (m)
 * @param y      m
 * @param z      m over the base of the box
 * @param top    of the highest piece (m)
 * @param pieces how many, itself included
 */
record Tower(double mass, double x, double y, double z, double top, int pieces) {
    /** All pieces whose mass and whose burden is known, by id. */
    static Map<String, Tower> of(List<HardscapeItem> items, Rests rests, Catalogue catalogue) {
        Map<String, List<Tower>> received = new HashMap<>();
        Map<String, Tower> towers = new HashMap<>();
        List<HardscapeItem> down = new ArrayList<>(items);
        down.sort(Comparator.comparingDouble(HardscapeItem::base).reversed());
        for (HardscapeItem item : down) {
            OptionalDouble mass = Solids.mass(item, catalogue);
            if (mass.isEmpty()) {
                continue;
            }
            List<Tower> parts = new ArrayList<>(received.getOrDefault(item.id(), List.of()));
            Point middle = new ConvexPolygon(item.outline()).centroid();
            parts.add(new Tower(
                    mass.getAsDouble(), middle.x(), middle.y(), item.base() + item.height() / 2, item.top(), 1));
            Tower whole = together(parts);
            towers.put(item.id(), whole);
            hand(whole, rests.of(item), received);
        }
        return towers;
    }

    private static void hand(Tower whole, List<Rests.Contact> contacts, Map<String, List<Tower>> received) {
        double area = contacts.stream().mapToDouble(c -> c.where().area()).sum();
        for (Rests.Contact c : contacts) {
            double share = c.where().area() / area;
            Point at = contacts.size() == 1
                    ? new Point(whole.x, whole.y)
                    : c.where().centroid();
            received.computeIfAbsent(c.under().id(), k -> new ArrayList<>())
                    .add(new Tower(share * whole.mass, at.x(), at.y(), whole.z, whole.top, whole.pieces));
        }
    }

    private static Tower together(List<Tower> parts) {
        double mass = 0;
        double x = 0;
        double y = 0;
        double z = 0;
        double top = 0;
        int pieces = 0;
        for (Tower p : parts) {
            mass += p.mass;
            x += p.mass * p.x;
            y += p.mass * p.y;
            z += p.mass * p.z;
            top = Math.max(top, p.top);
            pieces += p.pieces;
        }
        return new Tower(mass, x / mass, y / mass, z / mass, top, pieces);
    }
}
