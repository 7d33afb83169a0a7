package tanah.core.planting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.ground.PlantFoot;
import tanah.core.plant.RootPlace;

/** What a plant can hold to at a place: the highest piece that bears it, and the ground or water where nothing lies on it. */
final class PlantMedia {
    private static final List<String> BEARS = List.of("wood", "cork", "stone");

    private PlantMedia() {}

    static List<RootPlace> at(Design design, GrowingPlaces places, double x, double y) {
        List<RootPlace> all = new ArrayList<>();
        Optional<HardscapeItem> piece = design.hardscape().stream()
                .filter(h -> PlantFoot.stands(h, x, y))
                .max(Comparator.comparingDouble(h -> h.base() + h.height()));
        if (piece.flatMap(HardscapeItem::kind).filter(BEARS::contains).isPresent()) {
            all.add(RootPlace.MOUNT);
        }
        if (!PlantFoot.isCovered(design, x, y, places.groundAt(x, y))) {
            all.addAll(List.of(RootPlace.SOIL, RootPlace.UNDERWATER, RootPlace.WATER_SURFACE));
        }
        return all;
    }
}
