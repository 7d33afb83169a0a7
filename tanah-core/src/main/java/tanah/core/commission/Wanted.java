package tanah.core.commission;

import java.util.Optional;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.HeatDay;
import tanah.core.design.Probe;

/**
 * What is wanted at a place and an hour.
 *
 * @param range  wanted values (°C or share); empty where nothing is wanted there at that hour
 * @param limits values that no place which the animal cannot leave may pass; empty where none hold
 * @param basis  which need it rests on; selects the wording
 */
public record Wanted(Optional<Range> range, Optional<Range> limits, Basis basis) {

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

    private static final Range RETREAT = new Range(0.80, 1);

    /**
     * @param hour hour of the day, 0 to below 24, local time
     */
    public static Wanted at(Species needs, Probe probe, ReadingKind kind, double hour, HeatDay day) {
        Range limits = new Range(needs.limitLow(), needs.limitHigh());
        if (probe.kind() == Probe.Kind.ROOM) {
            return new Wanted(Optional.empty(), Optional.empty(), Basis.ROOM);
        }
        return switch (kind) {
            case TEMP_AIR -> air(needs, probe, hour, day, limits);
            case TEMP_SURFACE -> surface(needs, probe, hour, day, limits);
            case TEMP_SUBSTRATE -> new Wanted(Optional.of(soil(needs)), Optional.of(limits), Basis.SOIL);
            case TEMP_WATER -> new Wanted(needs.water(), Optional.empty(), Basis.WATER);
            case RH -> humidity(needs, probe, hour, day);
        };
    }

    private static Wanted air(Species needs, Probe probe, double hour, HeatDay day, Range limits) {
        Range byDay = dayAir(needs, probe);
        if (day.isDay(hour)) {
            return new Wanted(Optional.of(byDay), Optional.of(limits), dayBasis(probe));
        }
        double night = 24 - day.hours();
        boolean firstHalf = day.sinceStart(hour) - day.hours() < night / 2;
        // the box cools down in the first half of the night: anything between is on its way
        Range wanted = firstHalf ? needs.night().union(byDay) : needs.night();
        return new Wanted(Optional.of(wanted), Optional.of(limits), firstHalf ? Basis.EVENING : Basis.NIGHT);
    }

    private static Range dayAir(Species needs, Probe probe) {
        Probe.Zone zone = probe.zone().orElse(null);
        if (zone == Probe.Zone.WARM || zone == Probe.Zone.BASKING) {
            return needs.warmAir();
        }
        if (zone == Probe.Zone.COOL) {
            return needs.coolAir();
        }
        return needs.warmAir().union(needs.coolAir());
    }

    private static Basis dayBasis(Probe probe) {
        Probe.Zone zone = probe.zone().orElse(null);
        if (zone == Probe.Zone.WARM || zone == Probe.Zone.BASKING) {
            return Basis.WARM_DAY;
        }
        return zone == Probe.Zone.COOL ? Basis.COOL_DAY : Basis.GRADIENT_DAY;
    }

    private static Wanted surface(Species needs, Probe probe, double hour, HeatDay day, Range limits) {
        boolean basking =
                probe.zone().filter(z -> z == Probe.Zone.BASKING).isPresent() || probe.kind() == Probe.Kind.PLATFORM;
        Optional<Range> wanted = needs.baskingSurface();
        if (!basking || wanted.isEmpty()) {
            return new Wanted(Optional.empty(), Optional.of(limits), Basis.NONE);
        }
        double since = day.sinceStart(hour);
        boolean steady = since >= WARM_UP && since < day.hours() - WARM_UP;
        // a basking surface may pass the animal's limit: it can leave; its own highest value still holds
        Range ceiling = new Range(needs.limitLow(), wanted.get().max() + 5);
        return steady
                ? new Wanted(wanted, Optional.of(ceiling), Basis.BASKING)
                : new Wanted(Optional.empty(), Optional.of(ceiling), Basis.BASKING_OFF);
    }

    private static Range soil(Species needs) {
        Range air = needs.warmAir().union(needs.coolAir());
        return new Range(Math.min(needs.night().min(), air.min()), air.max());
    }

    private static Wanted humidity(Species needs, Probe probe, double hour, HeatDay day) {
        if (probe.zone().filter(z -> z == Probe.Zone.RETREAT).isPresent() && needs.number("needs_humid_retreat") > 0) {
            return new Wanted(Optional.of(RETREAT), Optional.empty(), Basis.HUMID_RETREAT);
        }
        boolean byDay = day.isDay(hour);
        return new Wanted(
                Optional.of(byDay ? needs.humidityDay() : needs.humidityNight()),
                Optional.empty(),
                byDay ? Basis.HUMIDITY_DAY : Basis.HUMIDITY_NIGHT);
    }
}
