package tanah.core.scene;

import java.util.ArrayList;
import java.util.List;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene.Area;
import tanah.core.scene.Scene.Texture;
import tanah.core.vessel.Vessel;

/** Backgrounds inside the walls as they are drawn: all from above, in the section those that it cuts. */
final class Linings {
    private Linings() {}

    /** From above. */
    static List<Area> plan(Design design, Vessel vessel) {
        List<Area> areas = new ArrayList<>();
        for (Envelope.Insulation i : inside(design)) {
            double t = i.thickness();
            switch (i.face()) {
                case LEFT -> areas.add(area(i, 0, 0, t, vessel.width()));
                case RIGHT -> areas.add(area(i, vessel.length() - t, 0, vessel.length(), vessel.width()));
                case FRONT -> areas.add(area(i, 0, 0, vessel.length(), t));
                case BACK -> areas.add(area(i, 0, vessel.width() - t, vessel.length(), vessel.width()));
                default -> {
                    // under the ground or on the lid: not seen from above
                }
            }
        }
        return areas;
    }

    /** In a section along the front: those at its ends, under the ground and under the lid. */
    static List<Area> section(Design design, Vessel vessel) {
        List<Area> areas = new ArrayList<>();
        double l = vessel.length();
        double h = vessel.height();
        for (Envelope.Insulation i : inside(design)) {
            double t = i.thickness();
            switch (i.face()) {
                case LEFT -> areas.add(area(i, 0, 0, t, h));
                case RIGHT -> areas.add(area(i, l - t, 0, l, h));
                case BOTTOM -> areas.add(area(i, 0, 0, l, t));
                case LID -> areas.add(area(i, 0, h - t, l, h));
                default -> {
                    // behind the cut or before it
                }
            }
        }
        return areas;
    }

    private static List<Envelope.Insulation> inside(Design design) {
        return design.vessel().stream()
                .flatMap(v -> v.envelope().insulation().stream())
                .filter(i -> i.inside().orElse(false))
                .toList();
    }

    private static Area area(Envelope.Insulation i, double x0, double y0, double x1, double y1) {
        return new Area(
                i.id(),
                Texture.FOAM,
                List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)));
    }
}
