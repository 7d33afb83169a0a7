package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.light.Block;
import tanah.core.light.Space;

/** Where each watt of a device goes. The parts sum to its power. */
public final class DeviceHeat {
    private final Network net;
    private final Grid grid;
    private final LampHeat lamps;
    private final MatHeat mats;

    public DeviceHeat(Network net) {
        this.net = net;
        this.grid = net.grid;
        this.lamps = new LampHeat(net, space(grid.enclosure, net.factors));
        this.mats = new MatHeat(net);
    }

    public static Space space(ClimateCase c, Factors factors) {
        List<Block> solids = new ArrayList<>();
        c.obstacles().forEach(o -> solids.add(o.block()));
        c.platforms().forEach(p -> solids.add(p.block()));
        return new Space(c.shell().lid(), solids, c.plants(), factors.mesh());
    }

    /**
     * Where the power of a device goes.
     *
     * @param beams of a lamp, from {@link #beams}
     */
    public HeatSources of(Fixture f, HeatSources beams) {
        HeatSources s = new HeatSources(net);
        if (f.part() instanceof Fixture.Lamp lamp) {
            s.add(beams, net.factors.lamp());
            lamps.rest(f.power(), lamp, s);
        } else if (f.part() instanceof Fixture.InWater w) {
            s.water[w.water()] += f.power() * w.share();
            s.room += f.power() * (1 - w.share());
        } else if (f.part() instanceof Fixture.Outside) {
            s.room += f.power();
        } else if (f.part() instanceof Fixture.Fan fan) {
            s.zone[grid.zoneAt(fan.x(), fan.y(), fan.z())] += f.power();
        } else if (f.part() instanceof Fixture.Mat mat) {
            if (mat.side().isPresent()) {
                mats.side(f.power(), mat, mat.side().get(), s);
            } else {
                mats.bottom(f.power(), mat, s);
            }
        } else if (f.part() instanceof Fixture.Cable cable) {
            mats.cable(f.power(), cable, s);
        }
        return s;
    }

    /** Directed and undirected light of a lamp with the factor on its radiant shares at 1; nothing for others. */
    public HeatSources beams(Fixture f) {
        return f.part() instanceof Fixture.Lamp lamp ? lamps.beams(f.power(), lamp) : new HeatSources(net);
    }
}
