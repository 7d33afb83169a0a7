package tanah.core.need;

import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.design.HeatDay;
import tanah.core.design.Probe;

/**
 * What is wanted at a place of readings and an hour.
 *
 * @param range  wanted values (°C or share); empty where nothing is wanted there at that hour
 * @param limits values that no place which the animal cannot leave may pass; empty where none hold
 * @param basis  which need it rests on; selects the wording
 */
public record WantedHere(Optional<Range> range, Optional<Range> limits, Basis basis) {

    /** The need behind a wanted range. */
    public enum Basis {
        BASKING,
        BASKING_OFF,
        WARM_DAY,
        COOL_DAY,
        GRADIENT_DAY,
        EVENING,
        NIGHT,
        SOIL,
        WATER,
        HUMIDITY_DAY,
        HUMIDITY_NIGHT,
        HUMID_RETREAT,
        ROOM,
        NONE
    }

    /** Hours after lamps on and before lamps off in which a basking place is judged only against its highest value. */
    private static final double WARM_UP = 2;

    private static final double OVER = 5; // K that a basking surface may pass its own highest value, common practice
    private static final Range RETREAT = new Range(0.80, 1); // common practice

    /**
     * @param of   what is read there
     * @param hour hour of the day, 0 to below 24, local time
     */
    public static WantedHere at(Inhabitant animal, Probe probe, ReadingKind.Of of, double hour, HeatDay day) {
        if (probe.kind() == Probe.Kind.ROOM) {
            return nothing(Optional.empty(), Basis.ROOM);
        }
        Range limits = HardLimits.of(animal).range();
        return switch (of) {
            case AIR -> air(animal, probe, hour, day, limits);
            case SURFACE -> surface(animal, probe, hour, day, limits);
            case SUBSTRATE -> new WantedHere(Optional.of(soil(animal)), Optional.of(limits), Basis.SOIL);
            case WATER -> new WantedHere(Want.WATER.of(animal.profile()), Optional.empty(), Basis.WATER);
            case HUMIDITY -> humidity(animal, probe, hour, day);
            case OTHER -> nothing(Optional.empty(), Basis.NONE);
        };
    }

    /**
     * What all animals of a plan want at a place and hour: what suits each of them, and no limit of any. Where they cannot be suited
     * together the first one's range holds; the rule on mixed species says so.
     */
    public static Optional<WantedHere> ofAll(
            List<Inhabitant> animals, Probe probe, ReadingKind.Of of, double hour, HeatDay day) {
        return animals.stream().map(a -> at(a, probe, of, hour, day)).reduce(WantedHere::and);
    }

    private WantedHere and(WantedHere other) {
        Optional<Range> both = range.isPresent() && other.range.isPresent()
                ? common(range.get(), other.range.get()).or(() -> range)
                : range.or(other::range);
        Optional<Range> tight = limits.isPresent() && other.limits.isPresent()
                ? common(limits.get(), other.limits.get()).or(() -> limits)
                : limits.or(other::limits);
        return new WantedHere(both, tight, range.isPresent() || other.range.isEmpty() ? basis : other.basis);
    }

    private static Optional<Range> common(Range a, Range b) {
        double low = Math.max(a.min(), b.min());
        double high = Math.min(a.max(), b.max());
        return low <= high ? Optional.of(new Range(low, high)) : Optional.empty();
    }

    /** A reading judged against it; empty where nothing is wanted there at that hour and no limit is passed. */
    public Optional<Verdict> judge(double value, double band) {
        return range.isPresent()
                ? Optional.of(Verdict.ofReading(value, range.get(), limits, band))
                : Verdict.ofLimits(value, limits);
    }

    private static WantedHere nothing(Optional<Range> limits, Basis basis) {
        return new WantedHere(Optional.empty(), limits, basis);
    }

    private static Range wants(Inhabitant animal, Want want) {
        return want.of(animal.profile()).orElseThrow();
    }

    private static WantedHere air(Inhabitant animal, Probe probe, double hour, HeatDay day, Range limits) {
        Range byDay = dayAir(animal, probe);
        if (day.isDay(hour)) {
            return new WantedHere(Optional.of(byDay), Optional.of(limits), dayBasis(probe));
        }
        double night = 24 - day.hours();
        boolean firstHalf = day.sinceStart(hour) - day.hours() < night / 2;
        // the box cools down in the first half of the night: anything between is on its way
        Range still = wants(animal, Want.NIGHT);
        Range wanted = firstHalf ? still.union(byDay) : still;
        return new WantedHere(Optional.of(wanted), Optional.of(limits), firstHalf ? Basis.EVENING : Basis.NIGHT);
    }

    private static Range dayAir(Inhabitant animal, Probe probe) {
        return switch (dayBasis(probe)) {
            case WARM_DAY -> wants(animal, Want.WARM);
            case COOL_DAY -> wants(animal, Want.COOL);
            default -> wants(animal, Want.WARM).union(wants(animal, Want.COOL));
        };
    }

    private static Basis dayBasis(Probe probe) {
        Probe.Zone zone = probe.zone().orElse(null);
        if (zone == Probe.Zone.WARM || zone == Probe.Zone.BASKING) {
            return Basis.WARM_DAY;
        }
        return zone == Probe.Zone.COOL ? Basis.COOL_DAY : Basis.GRADIENT_DAY;
    }

    private static WantedHere surface(Inhabitant animal, Probe probe, double hour, HeatDay day, Range limits) {
        boolean basking =
                probe.zone().filter(z -> z == Probe.Zone.BASKING).isPresent() || probe.kind() == Probe.Kind.PLATFORM;
        Optional<Range> wanted = Want.BASKING.of(animal.profile());
        if (!basking || wanted.isEmpty()) {
            return nothing(Optional.of(limits), Basis.NONE);
        }
        double since = day.sinceStart(hour);
        boolean steady = since >= WARM_UP && since < day.hours() - WARM_UP;
        // a basking surface may pass the animal's limit: it can leave; its own highest value still holds
        Range ceiling = new Range(limits.min(), wanted.get().max() + OVER);
        return steady
                ? new WantedHere(wanted, Optional.of(ceiling), Basis.BASKING)
                : nothing(Optional.of(ceiling), Basis.BASKING_OFF);
    }

    private static Range soil(Inhabitant animal) {
        Range air = wants(animal, Want.WARM).union(wants(animal, Want.COOL));
        return new Range(Math.min(wants(animal, Want.NIGHT).min(), air.min()), air.max());
    }

    private static WantedHere humidity(Inhabitant animal, Probe probe, double hour, HeatDay day) {
        boolean retreat = probe.zone().filter(z -> z == Probe.Zone.RETREAT).isPresent();
        if (retreat && animal.profile().number("needs_humid_retreat") > 0) {
            return new WantedHere(Optional.of(RETREAT), Optional.empty(), Basis.HUMID_RETREAT);
        }
        boolean byDay = day.isDay(hour);
        return new WantedHere(
                Optional.of(wants(animal, byDay ? Want.HUMIDITY_DAY : Want.HUMIDITY_NIGHT)),
                Optional.empty(),
                byDay ? Basis.HUMIDITY_DAY : Basis.HUMIDITY_NIGHT);
    }
}
