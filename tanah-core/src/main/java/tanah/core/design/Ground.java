package tanah.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import tanah.core.geometry.Point;

/**
 * Layers from the bottom, and the wall between land and water.
 *
 * @param layers bottom to top
 * @param dams   walls, in one piece or several
 */
public record Ground(List<Layer> layers, List<Dam> dams) {
    public static final Ground EMPTY = new Ground(List.of(), List.of());

    public Ground {
        layers = List.copyOf(layers);
        dams = List.copyOf(dams);
    }

    public Optional<Layer> layer(String id) {
        return layers.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    public Ground withLayers(List<Layer> changed) {
        return new Ground(changed, dams);
    }

    public Ground withDams(List<Dam> changed) {
        return new Ground(layers, changed);
    }

    /** The walls that stand. */
    public List<Dam> walls() {
        return dams.stream().filter(Dam::isWall).toList();
    }

    /** Whether every wall that stands holds water back, and there is one. */
    public boolean isSealed() {
        return !walls().isEmpty() && walls().stream().allMatch(Dam::isWatertight);
    }

    /** The wall over which water would run first. */
    public Optional<Dam> lowestWall() {
        return walls().stream().min(Comparator.comparingDouble(Dam::top));
    }

    /** The wall that stands at a place of the floor. */
    public Optional<Dam> wallAt(Point place) {
        return walls().stream()
                .filter(d -> d.region().outline().contains(place.x(), place.y()))
                .findFirst();
    }

    /** The ground with one wall changed; itself if there is no such wall. */
    public Ground changeDam(String id, UnaryOperator<Dam> change) {
        return withDams(
                dams.stream().map(d -> d.id().equals(id) ? change.apply(d) : d).toList());
    }

    /** The ground with one layer changed; itself if there is no such layer. */
    public Ground change(String id, UnaryOperator<Layer> change) {
        return withLayers(layers.stream()
                .map(l -> l.id().equals(id) ? change.apply(l) : l)
                .toList());
    }

    public Ground without(String id) {
        return withLayers(layers.stream().filter(l -> !l.id().equals(id)).toList());
    }

    /** The ground with a layer put at a place counted from the bottom. */
    public Ground insert(int index, Layer layer) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.add(Math.max(0, Math.min(index, layers.size())), layer);
        return withLayers(changed);
    }

    /** The ground with a layer moved up (+1) or down (-1) by one place. */
    public Ground move(String id, int by) {
        List<Layer> changed = new ArrayList<>(layers);
        for (int i = 0; i < changed.size(); i++) {
            int to = i + by;
            if (changed.get(i).id().equals(id) && to >= 0 && to < changed.size()) {
                Layer layer = changed.remove(i);
                changed.add(to, layer);
                return withLayers(changed);
            }
        }
        return this;
    }

    /** Whether water can stand under the soil: a layer of drainage or a false bottom. */
    public boolean hasDrainage() {
        return layers.stream().anyMatch(l -> l.is(Layer.Kind.DRAINAGE) || l.is(Layer.Kind.FALSE_BOTTOM));
    }
}
