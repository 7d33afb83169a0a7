package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;
import static tanah.core.climaterule.RuleInput.kelvin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.box.Floor;
import tanah.core.catalogue.Range;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Extreme;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.HardLimits;
import tanah.core.need.Want;
import tanah.core.time.Season;

/**
 * Hard limits where the animal cannot get away: its coolest place on the hottest day, its warmest on the coldest night, its
 * water. Past the limit is a stop; a limit that lies within the band is a caution that asks for a reading.
 */
public final class LimitRule {
    public static final RuleId HIGH = new RuleId("climate.limit.high");
    public static final RuleId LOW = new RuleId("climate.limit.low");
    public static final RuleId ROOM = new RuleId("climate.room.too_warm");

    private LimitRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        for (boolean upper : new boolean[] {true, false}) {
            for (ClimatePlace place : HardLimits.places(j.animal(), upper)) {
                passed(j, upper, place).ifPresent(findings::add);
            }
        }
        room(j).ifPresent(findings::add);
        return findings;
    }

    /** Heat where it is coolest on the hottest day, cold where it is warmest in the coldest night, the water on both. */
    private static Optional<Finding> passed(RuleInput j, boolean upper, ClimatePlace place) {
        HardLimits limits = HardLimits.of(j.animal());
        Optional<Extreme> there = j.forecast().extreme(place, upper ? Season.SUMMER : Season.WINTER, upper);
        if (there.isEmpty() || limits.judge(there.get().value(), upper) == Severity.GOOD) {
            return Optional.empty();
        }
        Expected value = there.get().value();
        Severity severity = limits.judge(value, upper);
        String water = place == ClimatePlace.WATER ? "water" : "";
        List<Remedy> remedies = upper
                ? cooler(j, place, limits.high())
                : List.of(Remedy.change("heat-at-night", new Action.GoTo(Stage.HEAT)));
        return Optional.of(j.finding(
                upper ? HIGH : LOW,
                severity,
                Place.of(place == ClimatePlace.WATER ? Stage.WATER : Stage.HEAT),
                water + (severity == Severity.STOP ? "" : "maybe"),
                List.of(
                        celsius("value", value.value()),
                        kelvin("band", value.half()),
                        celsius("limit", upper ? limits.high() : limits.low())),
                remedies.toArray(Remedy[]::new)));
    }

    private static List<Remedy> cooler(RuleInput j, ClimatePlace place, double limit) {
        double room = place == ClimatePlace.WATER ? j.room(Season.SUMMER).meanCelsius() : j.warmestRoom(Season.SUMMER);
        return j.cooling(room >= limit, false);
    }

    /** Water that the room alone makes too warm: no heater causes it, none cures it. Of the air the rules of the room say so. */
    private static Optional<Finding> room(RuleInput j) {
        ClimateCase.RoomCourse summer = j.forecast().mapped().summer();
        Optional<Range> water = Want.WATER.of(j.needs());
        boolean wet = j.forecast().mapped().enclosure().floor().stream().anyMatch(f -> f instanceof Floor.Water);
        double mean = summer.meanCelsius();
        if (water.isPresent() && wet && mean > water.get().max()) {
            return Optional.of(tooWarm(
                    j,
                    Place.of(Stage.WATER),
                    "water",
                    mean,
                    water.get().max(),
                    Remedy.change("cooler-room", new Action.GoTo(Stage.VESSEL)),
                    Remedy.byHand("chiller")));
        }
        return Optional.empty();
    }

    private static Finding tooWarm(
            RuleInput j, Place place, String wording, double room, double limit, Remedy... remedies) {
        List<Measure> numbers = List.of(celsius("room", room), celsius("limit", limit), kelvin("over", room - limit));
        return j.finding(ROOM, Severity.STOP, place, wording, numbers, remedies);
    }
}
