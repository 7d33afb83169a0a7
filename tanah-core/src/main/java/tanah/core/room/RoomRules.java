package tanah.core.room;

import java.util.ArrayList;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.RoomPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.HardLimits;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/**
 * What the room breaks before any lamp. A box without a chiller is never cooler than its room, so a hot room is a
 * stop; a cold one only asks for warmth.
 */
public final class RoomRules {
    public static final RuleId SUMMER = new RuleId("room.summer_heat");
    public static final RuleId WINTER = new RuleId("room.winter_cold");
    public static final RuleId COOL_END = new RuleId("room.cool_end");
    public static final RuleId NIGHT = new RuleId("room.warm_night");
    public static final RuleId HUMIDITY = new RuleId("room.humidity");

    private RoomRules() {}

    public static List<Finding> judge(Inhabitant animal, RoomPlan room) {
        List<Finding> findings = new ArrayList<>();
        findings.add(summer(animal, room));
        findings.add(winter(animal, room));
        coolEnd(animal, room, findings);
        night(animal, room, findings);
        humidity(animal, room, findings);
        return findings;
    }

    private static Finding summer(Inhabitant animal, RoomPlan room) {
        double highest = room.summer().highest();
        // an override may tighten the limit; loosening it does not lift the stop
        double limit = HardLimits.of(animal).high();
        List<Measure> numbers = List.of(
                celsius("room", highest),
                celsius("limit", limit),
                kelvin("difference", Math.abs(highest - limit)),
                kelvin("band", room.band()));
        if (!Resolution.TEMPERATURE.atMost(highest, limit) || Math.abs(highest - limit) < 1e-9) {
            return finding(SUMMER, Severity.STOP, animal, numbers, otherRoom("cooler-room"));
        }
        if (!Resolution.TEMPERATURE.atMost(highest + room.band(), limit)) {
            return finding(SUMMER, Severity.CAUTION, animal, numbers, otherRoom("cooler-room"));
        }
        return Finding.of(SUMMER, Severity.GOOD, place(), numbers, List.of())
                .worded("", animal.row().scientificName());
    }

    private static Finding winter(Inhabitant animal, RoomPlan room) {
        double lowest = room.winter().lowest();
        double limit = HardLimits.of(animal).low();
        double wanted = animal.profile().night().min();
        double toAdd = Math.max(wanted, limit) - lowest;
        List<Measure> numbers = List.of(
                celsius("room", lowest),
                celsius("limit", limit),
                celsius("wanted", wanted),
                kelvin("to_add", Math.max(0, toAdd)));
        if (!Resolution.TEMPERATURE.atLeast(lowest - room.band(), limit)) {
            return finding(WINTER, Severity.CAUTION, animal, numbers, heat(toAdd))
                    .worded("limit", animal.row().scientificName());
        }
        if (!Resolution.TEMPERATURE.atLeast(lowest, wanted)) {
            return finding(WINTER, Severity.HINT, animal, numbers, heat(toAdd));
        }
        return Finding.of(WINTER, Severity.GOOD, place(), numbers, List.of())
                .worded("", animal.row().scientificName());
    }

    private static void coolEnd(Inhabitant animal, RoomPlan room, List<Finding> findings) {
        double limit = animal.profile().coolAir().max();
        double day = room.summer().tempDay();
        boolean alreadyStopped = day >= HardLimits.of(animal).high();
        if (alreadyStopped || Resolution.TEMPERATURE.atMost(day, limit)) {
            return;
        }
        findings.add(finding(
                COOL_END,
                Severity.CAUTION,
                animal,
                List.of(celsius("room", day), celsius("limit", limit), kelvin("difference", day - limit)),
                otherRoom("cooler-room")));
    }

    private static void night(Inhabitant animal, RoomPlan room, List<Finding> findings) {
        double limit = animal.profile().night().max();
        double night = room.summer().tempNight();
        if (Resolution.TEMPERATURE.atMost(night, limit)) {
            return;
        }
        boolean needsCoolNights = animal.profile().biome().equals("montane-cool")
                || animal.profile().biome().equals("aquatic-cool");
        findings.add(finding(
                NIGHT,
                needsCoolNights ? Severity.CAUTION : Severity.HINT,
                animal,
                List.of(celsius("room", night), celsius("limit", limit), kelvin("difference", night - limit)),
                otherRoom("air-at-night")));
    }

    private static void humidity(Inhabitant animal, RoomPlan room, List<Finding> findings) {
        Species profile = animal.profile();
        Range wanted = profile.humidityDay();
        double driest = Math.min(room.winter().humidityDay(), room.summer().humidityDay());
        double dampest = Math.max(room.winter().humidityDay(), room.summer().humidityDay());
        List<Measure> numbers = List.of(
                new Measure("low", driest, Unit.PERCENT),
                new Measure("high", dampest, Unit.PERCENT),
                new Measure("wanted_low", wanted.min(), Unit.PERCENT),
                new Measure("wanted_high", wanted.max(), Unit.PERCENT));
        if (!Resolution.RATIO.atMost(dampest, wanted.max())) {
            findings.add(finding(HUMIDITY, Severity.CAUTION, animal, numbers, Remedy.byHand("dry-the-room"))
                    .worded("damp", animal.row().scientificName()));
        } else if (!Resolution.RATIO.atLeast(driest, wanted.min())) {
            findings.add(finding(HUMIDITY, Severity.HINT, animal, numbers, Remedy.byHand("hold-moisture"))
                    .worded("dry", animal.row().scientificName()));
        } else {
            findings.add(Finding.of(HUMIDITY, Severity.GOOD, place(), numbers, List.of())
                    .worded("", animal.row().scientificName()));
        }
    }

    private static Finding finding(
            RuleId rule, Severity severity, Inhabitant animal, List<Measure> numbers, Remedy remedy) {
        return Finding.of(rule, severity, place(), numbers, List.of(remedy))
                .worded("", animal.row().scientificName());
    }

    private static Remedy otherRoom(String key) {
        return Remedy.change(key, new Action.GoTo(Stage.VESSEL));
    }

    private static Remedy heat(double toAdd) {
        return Remedy.byHand("plan-warmth", kelvin("to_add", Math.max(0, toAdd)));
    }

    private static Place place() {
        return Place.part(Stage.VESSEL, "room");
    }

    private static Measure celsius(String name, double value) {
        return new Measure(name, value, Unit.CELSIUS);
    }

    private static Measure kelvin(String name, double value) {
        return new Measure(name, value, Unit.KELVIN_DIFFERENCE);
    }
}
