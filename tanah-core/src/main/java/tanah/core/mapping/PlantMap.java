package tanah.core.mapping;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.core.ground.GroundResult;
import tanah.core.light.Block;
import tanah.core.light.Leaves;
import tanah.core.vessel.Vessel;

/** Plants of a design that have their measures, as leaves that shade; the others are not known well enough. */
final class PlantMap {
    private PlantMap() {}

    static List<Leaves> of(Design design, Vessel vessel, GroundResult ground) {
        List<Leaves> all = new ArrayList<>();
        for (OtherFields p : design.kept().objects("plants")) {
            OptionalDouble x = cm(p, "x_cm");
            OptionalDouble y = cm(p, "y_cm");
            OptionalDouble height = cm(p, "height_cm");
            OptionalDouble spread = cm(p, "spread_cm");
            boolean known = x.isPresent() && y.isPresent() && height.isPresent() && spread.isPresent();
            if (known && p.number("lai").orElse(0) > 0 && height.getAsDouble() > 0 && spread.getAsDouble() > 0) {
                double half = spread.getAsDouble() / 2;
                double z = cm(p, "z_cm").orElse(ground.terrain().surfaceAt(x.getAsDouble(), y.getAsDouble()));
                double top = Math.min(vessel.height(), z + height.getAsDouble());
                if (top > z) {
                    all.add(new Leaves(
                            new Block(
                                    Math.max(0, x.getAsDouble() - half),
                                    Math.min(vessel.length(), x.getAsDouble() + half),
                                    Math.max(0, y.getAsDouble() - half),
                                    Math.min(vessel.width(), y.getAsDouble() + half),
                                    z,
                                    top),
                            p.number("lai").getAsDouble(),
                            p.number("k_ext").orElse(0.5)));
                }
            }
        }
        return all;
    }

    private static OptionalDouble cm(OtherFields p, String name) {
        OptionalDouble v = p.number(name);
        return v.isPresent() ? OptionalDouble.of(v.getAsDouble() / 100) : v;
    }
}
