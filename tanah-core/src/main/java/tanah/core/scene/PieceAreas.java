package tanah.core.scene;

import java.util.List;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceLook;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene.Area;

/** Pieces of hardscape as they look, each within the box that is computed with. */
final class PieceAreas {
    private PieceAreas() {}

    static Area above(HardscapeItem item) {
        List<Point> seen = PieceLook.of(item).plan().stream()
                .map(share -> PieceLook.above(item, share))
                .toList();
        return new Area(item.id(), Textures.of(item), seen, item.outline());
    }

    /**
     * From the front.
     *
     * @param left  where it begins (m)
     * @param right where it ends (m)
     */
    static Area front(HardscapeItem item, double left, double right) {
        List<Point> seen = PieceLook.of(item).front().stream()
                .map(s -> new Point(left + s.x() * (right - left), item.base() + s.y() * item.height()))
                .toList();
        List<Point> box = List.of(
                new Point(left, item.base()),
                new Point(right, item.base()),
                new Point(right, item.top()),
                new Point(left, item.top()));
        return new Area(item.id(), Textures.of(item), seen, box);
    }
}
