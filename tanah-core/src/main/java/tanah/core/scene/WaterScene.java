package tanah.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Gear;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.WaterFeature;
import tanah.core.geometry.Point;
import tanah.core.scene.Scene.Area;
import tanah.core.scene.Scene.Texture;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.Run;

/** Devices in the water and the water that they lift, as they are drawn. */
final class WaterScene {
    private static final double THIN = 0.012; // m, of a film seen from the side; drawn larger than it is
    private static final double BED = 0.015; // m, of a stream; drawn larger than it is

    private WaterScene() {}

    static List<Scene.Device> devices(Optional<Circulation> circulation) {
        List<Scene.Device> all = new ArrayList<>();
        circulation.ifPresent(c -> {
            c.heaters()
                    .forEach(h -> place(h.device(), Scene.Gear.HEATER, h.gear()).ifPresent(all::add));
            c.runs().forEach(r -> place(r.device(), kind(r), r.gear()).ifPresent(all::add));
        });
        return all;
    }

    private static Scene.Gear kind(Run run) {
        if (run.gear().isFilter()) {
            return Scene.Gear.FILTER;
        }
        return run.gear().isStreamPump() ? Scene.Gear.STIRRER : Scene.Gear.PUMP;
    }

    private static Optional<Scene.Device> place(Device device, Scene.Gear kind, Gear gear) {
        Device.Spot at = device.at();
        if (at.x().isEmpty() || at.y().isEmpty() || at.z().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Scene.Device(
                device.id(),
                kind,
                at.x().getAsDouble(),
                at.y().getAsDouble(),
                at.z().getAsDouble(),
                kind == Scene.Gear.HEATER ? gear.heat().length().orElse(0) : 0));
    }

    /** From the front; where a film has no place along its wall it is drawn over the middle of the water. */
    static List<Area> flows(Design design, Vessel vessel, Optional<Circulation> circulation) {
        if (circulation.isEmpty()) {
            return List.of();
        }
        double level = circulation.get().level();
        List<Area> areas = new ArrayList<>();
        for (WaterFeature f : design.water().orElseThrow().features()) {
            if (f.bar().isEmpty() || f.bar().getAsDouble() <= level) {
                continue;
            }
            double bar = f.bar().getAsDouble();
            if (f.kind() == WaterFeature.Kind.STREAM) {
                areas.add(stream(f, bar, shore(design, vessel), vessel));
            } else {
                areas.add(film(f, bar, level, shore(design, vessel), vessel));
            }
        }
        return areas;
    }

    private static double shore(Design design, Vessel vessel) {
        return design.ground().dams().stream()
                .filter(Dam::isWall)
                .findFirst()
                .map(d -> DamMove.edge(d.region().outline(), false))
                .orElse(vessel.length() / 2);
    }

    private static Area film(WaterFeature f, double bar, double level, double shore, Vessel vessel) {
        String face = f.face().orElse("back");
        double width = Math.min(vessel.length(), f.width().orElse(THIN));
        double left;
        double right;
        if (face.equals("left") || face.equals("right")) {
            left = face.equals("left") ? 0 : vessel.length() - THIN;
            right = left + THIN;
        } else {
            left = Math.max(0, Math.min(vessel.length() - width, shore / 2 - width / 2));
            right = left + width;
        }
        return box(f.id(), left, right, level, bar);
    }

    private static Area stream(WaterFeature f, double bar, double shore, Vessel vessel) {
        double length = Math.min(vessel.length() - shore, f.length().orElse(0.3));
        double fall = length * f.slope().orElse(0);
        return new Area(
                f.id(),
                Texture.WATER,
                List.of(
                        new Point(shore, bar - fall),
                        new Point(shore + length, bar),
                        new Point(shore + length, bar + BED),
                        new Point(shore, bar - fall + BED)));
    }

    private static Area box(String part, double left, double right, double low, double high) {
        return new Area(
                part,
                Texture.WATER,
                List.of(new Point(left, low), new Point(right, low), new Point(right, high), new Point(left, high)));
    }
}
