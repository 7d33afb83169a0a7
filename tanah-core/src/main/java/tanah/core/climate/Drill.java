package tanah.core.climate;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tanah.core.box.Fixture;

/**
 * A failure that is played through.
 *
 * @param begins   hour of the first day at which it begins
 * @param hours    how long it lasts
 * @param off      fixtures that are off
 * @param stuck    fixtures whose control does not work: full power while their hours allow it
 * @param room     the room meanwhile; empty: as usual
 * @param warmDay  by how much the room is warmer than usual by day (K)
 * @param warmNight the same by night (K)
 * @param misting  whether the mist runs all the time, with the flow of its first spray
 * @param venting  share of the openings that is open: 1 all, 0 blocked
 */
@RecordBuilder
public record Drill(
        double begins,
        double hours,
        Set<Integer> off,
        Set<Integer> stuck,
        Optional<Double> room,
        double warmDay,
        double warmNight,
        boolean misting,
        double venting)
        implements DrillBuilder.With {
    public Drill {
        off = Set.copyOf(off);
        stuck = Set.copyOf(stuck);
    }

    /** Nothing happens. */
    public static Drill quiet(double begins, double hours) {
        return new Drill(begins, hours, Set.of(), Set.of(), Optional.empty(), 0, 0, false, 1);
    }

    public Drill withStuck(int fixture) {
        return withStuck(Set.of(fixture));
    }

    /** The room falls to a temperature and is held there (°C). */
    public Drill withRoom(double celsius) {
        return withRoom(Optional.of(celsius));
    }

    public Drill withHeatWave(double day, double night) {
        return with().warmDay(day).warmNight(night).build();
    }

    public Drill withMisting() {
        return withMisting(true);
    }

    boolean holds(double hour) {
        return hour >= begins && hour < begins + hours;
    }

    /** Devices with their own power only. */
    public static Set<Integer> all(List<Fixture> fixtures) {
        java.util.Set<Integer> all = new java.util.TreeSet<>();
        for (int i = 0; i < fixtures.size(); i++) {
            all.add(i);
        }
        return all;
    }
}
