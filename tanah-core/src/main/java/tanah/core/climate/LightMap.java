package tanah.core.climate;

import static tanah.core.physics.Constants.HOUR;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import org.jspecify.annotations.Nullable;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.DeviceHeat;
import tanah.core.climate.engine.Grid;
import tanah.core.light.Band;
import tanah.core.light.Emitter;
import tanah.core.light.Space;
import tanah.core.light.UvIndex;
import tanah.core.light.Vec;

/**
 * UV index and plant light in an enclosure with its lamps on. Plant light has what panes, backgrounds and ground throw back; of UV they
 * give back little, which is left out: up to 15 % more in white or limestone-lined boxes.
 */
public final class LightMap {
    private static final double SHADE = 0.3; // UV index

    private final Grid grid;
    private final Space space;
    private final double uvFactor;
    private final double lampFactor;
    private final List<Source> sources = new ArrayList<>();
    /** Found when plant light is first asked for. */
    private @Nullable PlantField plants;

    /**
     * Light for plants by source, by unit of its light (1/m²).
     *
     * @param direct straight from it, by tile
     * @param thrown back, at every place alike
     */
    private record PlantField(double[][] direct, double[] thrown) {}

    /** A lamp with what does not change from place to place: its samples, its UV and its photons by unit of light. */
    private record Source(
            int fixture, Emitter shape, Emitter.Part part, List<Emitter.Sample> samples, double uv, double photons) {}

    /**
     * The animal that is judged.
     *
     * @param climbs    whether it reaches every place
     * @param back      height of its back (m)
     * @param fromTop   that it keeps from the lid (m)
     * @param fromLamps that a guard keeps it from a lamp inside (m)
     */
    public record Reach(boolean climbs, double back, double fromTop, double fromLamps) {
        public static final Reach GROUND = new Reach(false, 0.03, 0.05, 0);
    }

    LightMap(ClimateModel model) {
        this.grid = model.net.grid;
        this.space = DeviceHeat.space(model.enclosure(), model.net.factors);
        this.uvFactor = model.net.factors.uv();
        this.lampFactor = model.net.factors.lamp();
        List<Fixture> fixtures = grid.enclosure.fixtures();
        for (int i = 0; i < fixtures.size(); i++) {
            if (fixtures.get(i).part() instanceof Fixture.Lamp lamp) {
                sources.add(source(i, lamp));
            }
        }
    }

    private static Source source(int index, Fixture.Lamp lamp) {
        Emitter e = lamp.shape();
        Emitter.Part part = part(lamp);
        double uv = 0;
        if (lamp.uv().isPresent()) {
            Fixture.UvReading read = lamp.uv().get();
            Vec there = e.at().plus(e.aim().times(read.distance()));
            uv = read.index() / Space.free(e, part, there, Optional.of(e.aim().times(-1)));
        }
        return new Source(index, e, part, e.samples(part), uv, lamp.photons() * lamp.usable());
    }

    public static LightMap of(ClimateModel model) {
        return new LightMap(model);
    }

    /** UV index at a place for a level receiver, lamps new. */
    public double uvIndex(Vec at) {
        return uvIndex(at, Optional.of(Vec.UP));
    }

    /** UV index at a place by a meter; empty normal: it is held towards each lamp. */
    public double uvIndex(Vec at, Optional<Vec> normal) {
        return uv(at, normal, this::dimmed);
    }

    /** UV index for a level receiver at some duties of the devices. */
    public double uvIndex(Vec at, IntToDoubleFunction duty) {
        return uv(at, Optional.of(Vec.UP), duty);
    }

    /** The same by a meter that is held towards each lamp. */
    public double uvAimed(Vec at, IntToDoubleFunction duty) {
        return uv(at, Optional.empty(), duty);
    }

    private double dimmed(int fixture) {
        return grid.enclosure.fixtures().get(fixture).dim();
    }

    private double uv(Vec at, Optional<Vec> normal, IntToDoubleFunction duty) {
        double sum = 0;
        for (Source l : sources) {
            double share = l.uv() > 0 ? duty.applyAsDouble(l.fixture()) : 0;
            if (share > 0) {
                sum += share
                        * l.uv()
                        * space.irradiance(l.shape(), l.part(), l.samples(), Band.UV, at, normal, Space.Shade.ALL);
            }
        }
        return uvFactor * sum;
    }

    private static Emitter.Part part(Fixture.Lamp lamp) {
        boolean beam = lamp.shape().beam() > 0 || lamp.shape().kind() != Emitter.Kind.POINT;
        return beam ? Emitter.Part.BEAM : Emitter.Part.WIDE;
    }

    /** Photons that plants use at a place on a level receiver (mol/m² s). */
    public double photons(Vec at) {
        return photons(at, this::dimmed);
    }

    /** The same at some duties of the devices. */
    public double photons(Vec at, IntToDoubleFunction duty) {
        double sum = 0;
        double[] back = plants().thrown();
        for (int i = 0; i < back.length; i++) {
            Source l = sources.get(i);
            double share = l.photons() > 0 ? duty.applyAsDouble(l.fixture()) : 0;
            if (share > 0) {
                double direct = space.irradiance(
                        l.shape(), l.part(), l.samples(), Band.LIGHT, at, Optional.of(Vec.UP), Space.Shade.ALL);
                sum += share * l.photons() * (direct + back[i]);
            }
        }
        return sum;
    }

    /** Light of a day at a place on a level receiver, each lamp for its own hours (mol/m²). */
    public double photonsOfDay(Vec at) {
        return photons(at, this::ofDay);
    }

    /** How long a lamp shines in a day, at its dimming (s). */
    private double ofDay(int fixture) {
        return dimmed(fixture)
                * grid.enclosure.fixtures().get(fixture).hours().lasts(grid.enclosure.photoperiod())
                * HOUR;
    }

    /** Of it what is thrown back, at every place alike (mol/m² s). */
    public double photonsThrown() {
        double sum = 0;
        double[] back = plants().thrown();
        for (int i = 0; i < back.length; i++) {
            sum += dimmed(sources.get(i).fixture()) * sources.get(i).photons() * back[i];
        }
        return sum;
    }

    private PlantField plants() {
        PlantField found = plants;
        if (found == null) {
            ThrownLight box = new ThrownLight(grid, space);
            double[][] direct = new double[sources.size()][grid.tiles];
            double[] back = new double[direct.length];
            for (int i = 0; i < back.length; i++) {
                Source l = sources.get(i);
                if (l.photons() > 0) {
                    direct[i] = box.direct(l.shape(), l.part(), l.samples());
                    back[i] = box.of(l.shape(), l.part(), direct[i]);
                }
            }
            found = new PlantField(direct, back);
            plants = found;
        }
        return found;
    }

    /** All light and heat of the lamps' beams at a place on a receiver that faces each of them (W/m²), at some duties. */
    public double aimed(Vec at, IntToDoubleFunction duty) {
        return irradiance(at, Optional.empty(), duty);
    }

    /** The same on a level back (W/m²). */
    public double onBack(Vec at, IntToDoubleFunction duty) {
        return irradiance(at, Optional.of(Vec.UP), duty);
    }

    private double irradiance(Vec at, Optional<Vec> normal, IntToDoubleFunction duty) {
        double sum = 0;
        for (int i = 0; i < grid.enclosure.fixtures().size(); i++) {
            Fixture f = grid.enclosure.fixtures().get(i);
            double power = duty.applyAsDouble(i) * f.power() * lampFactor;
            if (power > 0 && f.part() instanceof Fixture.Lamp l) {
                Emitter e = l.shape();
                double beam = l.beam() > 0
                        ? l.beam() * space.irradiance(e, Emitter.Part.BEAM, l.band(), at, normal, Space.Shade.ALL)
                        : 0;
                double wide = l.wide() > 0
                        ? l.wide() * space.irradiance(e, Emitter.Part.WIDE, l.wideBand(), at, normal, Space.Shade.ALL)
                        : 0;
                sum += power * (beam + wide);
            }
        }
        return sum;
    }

    /** UV index over the tiles of the ground at the height of a back. */
    public Ground uvOnGround(double back) {
        double[] all = new double[grid.tiles];
        for (int t = 0; t < grid.tiles; t++) {
            all[t] = uvIndex(grid.over(t, back));
        }
        return new Ground(
                Arrays.stream(all).average().orElse(0),
                Arrays.stream(all).max().orElse(0),
                Arrays.stream(all).filter(v -> v < SHADE).count() / (double) grid.tiles);
    }

    /** Plant light over the tiles of the ground (mol/m² s). */
    public Ground photonsOnGround() {
        double[] all = new double[grid.tiles];
        for (int t = 0; t < grid.tiles; t++) {
            all[t] = photonsOn(t, this::dimmed);
        }
        return new Ground(
                Arrays.stream(all).average().orElse(0), Arrays.stream(all).max().orElse(0), 0);
    }

    private double photonsOn(int tile, IntToDoubleFunction duty) {
        PlantField field = plants();
        double sum = 0;
        for (int i = 0; i < sources.size(); i++) {
            Source l = sources.get(i);
            sum += duty.applyAsDouble(l.fixture()) * l.photons() * (field.direct()[i][tile] + field.thrown()[i]);
        }
        return sum;
    }

    /** Mean light of a day over the ground, each lamp for its own hours (mol/m²). */
    public double dailyOnGround() {
        double sum = 0;
        for (int t = 0; t < grid.tiles; t++) {
            sum += photonsOn(t, this::ofDay);
        }
        return sum / grid.tiles;
    }

    /**
     * A field over the ground.
     *
     * @param mean  by area
     * @param most  highest
     * @param shade share of the area below a UV index of 0.3
     */
    public record Ground(double mean, double most, double shade) {}

    /** UV index in the middle of a platform at the height of a back. */
    public double uvOnPlatform(int index, double back) {
        ClimateCase.Platform p = grid.enclosure.platforms().get(index);
        return uvIndex(new Vec(p.x(), p.y(), p.z() + back));
    }

    /** Highest UV index that the animal can reach: what safety is judged by. */
    public double uvPeak(Reach reach) {
        List<Vec> lamps = sources.stream()
                .filter(l -> l.uv() > 0)
                .map(l -> l.shape().at())
                .toList();
        return new UvPeak(grid, space, reach, this::uvIndex)
                .most(uvOnGround(reach.back()).most(), lamps);
    }

    /** Zone of the mean over the ground, 1 to 4, or 5 beyond. */
    public int zone(double back) {
        return UvIndex.zoneOfMean(uvOnGround(back).mean());
    }
}
