package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.light.Emitter;
import tanah.core.light.Vec;
import tanah.core.mapping.MappedDesign;

/** What is over a place: the lid, lamps that burn leaves and nozzles that must stay free. Distances are common practice or the maker's. */
final class Headroom {
    private static final double UNDER_LID = 0.02; // m
    private static final double UNDER_NOZZLE = 0.05; // m
    private static final double SMALL = 75; // W, of a basking lamp
    private static final double BURNS_SMALL = 0.30; // m, under a small basking lamp
    private static final double BURNS_LARGE = 0.45; // m
    private static final double BURNS_UV = 0.20; // m, under a strong UV tube
    private static final double BURNS_LIGHT = 0.10; // m, under a plant light

    /** A lamp with the distance that leaves keep from it. */
    private record Hot(Emitter shape, double distance) {}

    private final double height;
    private final List<Hot> lamps = new ArrayList<>();
    private final List<Device.Spot> nozzles;

    Headroom(MappedDesign mapped, Design design, Catalogue catalogue) {
        ClimateCase box = mapped.enclosure();
        height = box.shell().height();
        nozzles = design.air()
                .flatMap(AirPlan::mist)
                .map(m -> m.nozzles().stream().map(AirPlan.Nozzle::at).toList())
                .orElse(List.of());
        for (int i = 0; i < mapped.devices().size(); i++) {
            if (box.fixtures().get(i).part() instanceof Fixture.Lamp lamp) {
                double power = box.fixtures().get(i).power();
                double keeps = catalogue
                        .findLamp(mapped.devices().get(i).item())
                        .map(m -> m.distance().plant().orElse(burns(m.isHeater(), m.isUv(), power)))
                        .orElse(0.0);
                lamps.add(new Hot(lamp.shape(), keeps));
            }
        }
    }

    private static double burns(boolean heats, boolean uv, double power) {
        if (heats) {
            return power <= SMALL ? BURNS_SMALL : BURNS_LARGE;
        }
        return uv ? BURNS_UV : BURNS_LIGHT;
    }

    /** Free height over a foot (m); 0 where there is none. */
    double over(double x, double y, double z) {
        double top = height - UNDER_LID;
        for (Hot lamp : lamps) {
            Vec at = nearest(lamp.shape(), x, y);
            double aside = Math.hypot(at.x() - x, at.y() - y);
            if (aside < lamp.distance()) {
                top = Math.min(top, at.z() - Math.sqrt(lamp.distance() * lamp.distance() - aside * aside));
            }
        }
        for (Device.Spot n : nozzles) {
            boolean there = Math.hypot(n.x().orElse(-1) - x, n.y().orElse(-1) - y) < UNDER_NOZZLE;
            top = there && n.z().isPresent() ? Math.min(top, n.z().getAsDouble() - UNDER_NOZZLE) : top;
        }
        return Math.max(0, top - z);
    }

    /** The place of a lamp that is nearest to what stands under it. */
    private static Vec nearest(Emitter e, double x, double y) {
        double halfX = e.kind() == Emitter.Kind.TUBE && e.alongX() ? e.length() / 2 : e.sizeX() / 2;
        double halfY = e.kind() == Emitter.Kind.TUBE && !e.alongX() ? e.length() / 2 : e.sizeY() / 2;
        return new Vec(within(x, e.at().x(), halfX), within(y, e.at().y(), halfY), e.at().z());
    }

    private static double within(double value, double middle, double half) {
        return Math.max(middle - half, Math.min(middle + half, value));
    }
}
