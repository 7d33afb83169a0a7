package tanah.core.climate;

import java.util.List;
import java.util.function.ToDoubleFunction;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.box.Shell;
import tanah.core.climate.engine.Grid;
import tanah.core.light.Block;
import tanah.core.light.Space;
import tanah.core.light.Vec;

/** The highest UV index at any place that an animal can reach. */
final class UvPeak {
    private static final int ACROSS = 24;
    private static final int DEEP = 12;
    private static final int HIGH = 12;
    private static final double CLOSE = 0.02; // m from a lamp that something is which touches it

    private final Grid grid;
    private final Space space;
    private final LightMap.Reach reach;
    private final ToDoubleFunction<Vec> index;

    UvPeak(Grid grid, Space space, LightMap.Reach reach, ToDoubleFunction<Vec> index) {
        this.grid = grid;
        this.space = space;
        this.reach = reach;
        this.index = index;
    }

    /**
     * @param ground highest over the ground
     * @param lamps  where those hang that give UV
     */
    double most(double ground, List<Vec> lamps) {
        double most = Math.max(ground, underLowLamps(lamps));
        for (ClimateCase.Platform p : grid.enclosure.platforms()) {
            for (int i = 0; i < 4; i++) {
                most = Math.max(
                        most,
                        index.applyAsDouble(new Vec(
                                p.x() + (i % 2 == 0 ? -1 : 1) * p.sizeX() / 4,
                                p.y() + (i < 2 ? -1 : 1) * p.sizeY() / 4,
                                p.z() + reach.back())));
            }
        }
        return reach.climbs() ? Math.max(most, everywhere()) : most;
    }

    private double everywhere() {
        Shell shell = grid.enclosure.shell();
        double high = shell.height() - reach.fromTop() - grid.ground;
        double most = 0;
        for (int i = 0; i < ACROSS; i++) {
            for (int j = 0; j < DEEP; j++) {
                for (int k = 0; k < HIGH; k++) {
                    Vec at = new Vec(
                            (i + 0.5) / ACROSS * shell.length(),
                            (j + 0.5) / DEEP * shell.width(),
                            grid.ground + (k + 0.5) / HIGH * high);
                    if (isReached(at)) {
                        most = Math.max(most, index.applyAsDouble(at));
                    }
                }
            }
        }
        return most;
    }

    /** Under lamps that hang no higher than a back: the animal is beside them and below. */
    private double underLowLamps(List<Vec> lamps) {
        double most = 0;
        for (Vec at : lamps) {
            double ground = grid.tileZ[grid.tileAt(at.x(), at.y())];
            if (at.z() <= ground + reach.back() + CLOSE) {
                double z = Math.max(Math.min(ground, at.z()), at.z() - CLOSE);
                most = Math.max(most, index.applyAsDouble(new Vec(at.x(), at.y(), z)));
            }
        }
        return most;
    }

    private boolean isReached(Vec at) {
        for (Block solid : space.solids()) {
            if (solid.contains(at)) {
                return false;
            }
        }
        for (Fixture f : grid.enclosure.fixtures()) {
            if (f.part() instanceof Fixture.Lamp lamp
                    && lamp.shape().at().minus(at).length() < reach.fromLamps()) {
                return false;
            }
        }
        return true;
    }
}
