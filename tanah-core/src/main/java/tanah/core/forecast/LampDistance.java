package tanah.core.forecast;

import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Species;
import tanah.core.climate.ClimateModel;
import tanah.core.design.Device;
import tanah.core.light.Block;
import tanah.core.light.Vec;
import tanah.core.mapping.MappedDesign;

/** From a lamp to the nearest back of an animal. */
public final class LampDistance {
    private static final double CLIMBS_TO = 0.05; // m under the lid that a climber reaches
    private static final int CLIMBER = 2;

    private LampDistance() {}

    /**
     * From the front of a lamp to the nearest place where an animal's back may be (m): over the ground, on every piece, and for a
     * climber under a lamp above the lid. What the keeper measured holds before all.
     */
    public static double toAnimal(MappedDesign mapped, ClimateModel model, Device device, Vec at, Species animal) {
        if (device.ray().clearance().isPresent()) {
            return device.ray().clearance().getAsDouble();
        }
        ClimateCase c = mapped.enclosure();
        double back = mapped.reach().back();
        double nearest = at.z() - model.groundAt(at.x(), at.y()) - back;
        for (ClimateCase.Platform p : c.platforms()) {
            nearest = Math.min(nearest, toTop(p.block(), at, back));
        }
        for (ClimateCase.Obstacle o : c.obstacles()) {
            nearest = Math.min(nearest, toTop(o.block(), at, back));
        }
        double lid = c.shell().height();
        return at.z() > lid && animal.climbs() >= CLIMBER ? Math.min(nearest, at.z() - lid + CLIMBS_TO) : nearest;
    }

    /** From a lamp to the back of an animal on top of a box (m); far away where the lamp hangs below it. */
    public static double toTop(Block b, Vec at, double back) {
        double dx = Math.max(0, Math.max(b.x0() - at.x(), at.x() - b.x1()));
        double dy = Math.max(0, Math.max(b.y0() - at.y(), at.y() - b.y1()));
        double dz = at.z() - b.z1() - back;
        return dz < -back ? Double.MAX_VALUE : Math.sqrt(dx * dx + dy * dy + Math.max(0, dz) * Math.max(0, dz));
    }

    /** By how much the lamps of a plan hang too near, all together (m). */
    public static double missing(MappedDesign mapped, ClimateModel model, Species animal, Catalogue catalogue) {
        double missing = 0;
        for (int i = 0; i < mapped.devices().size(); i++) {
            Device d = mapped.devices().get(i);
            Optional<LampModel> lamp = catalogue.findLamp(d.item());
            if (lamp.isPresent() && mapped.enclosure().fixtures().get(i).part() instanceof Fixture.Lamp l) {
                double there = toAnimal(mapped, model, d, l.shape().at(), animal);
                missing += Math.max(0, lamp.get().distance().animal().orElse(0) - there);
            }
        }
        return missing;
    }
}
