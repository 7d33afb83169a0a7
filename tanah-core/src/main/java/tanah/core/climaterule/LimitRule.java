package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;
import static tanah.core.climaterule.RuleInput.kelvin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.catalogue.Range;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.SeasonPhase;

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
        boolean aquatic = j.needs().isAquatic();
        ClimatePlace cool = aquatic ? ClimatePlace.WATER : ClimatePlace.COOL_AIR;
        // an override may tighten a limit; loosening it does not lift the stop
        double high = Math.min(j.needs().limitHigh(), j.animal().row().limitHigh());
        double low = Math.max(j.needs().limitLow(), j.animal().row().limitLow());
        j.forecast()
                .expected(cool, SeasonPhase.SUMMER_DAY)
                .filter(e -> e.high() > high)
                .ifPresent(e -> findings.add(high(j, e, high, aquatic)));
        ClimatePlace warm = aquatic ? ClimatePlace.WATER : ClimatePlace.WARM_AIR;
        j.forecast()
                .expected(warm, SeasonPhase.WINTER_NIGHT)
                .filter(e -> e.low() < low)
                .ifPresent(e -> findings.add(low(j, e, low, aquatic)));
        room(j).ifPresent(findings::add);
        return findings;
    }

    private static Finding high(RuleInput j, Expected e, double limit, boolean water) {
        boolean past = e.value() > limit;
        List<Measure> numbers = List.of(celsius("value", e.value()), kelvin("band", e.half()), celsius("limit", limit));
        return j.finding(
                HIGH,
                past ? Severity.STOP : Severity.CAUTION,
                Place.of(Stage.HEAT),
                (water ? "water" : "") + (past ? "" : "maybe"),
                numbers,
                Remedy.change("less-heat", new Action.GoTo(Stage.HEAT)),
                Remedy.change("cooler-room", new Action.GoTo(Stage.VESSEL)));
    }

    private static Finding low(RuleInput j, Expected e, double limit, boolean water) {
        boolean past = e.value() < limit;
        List<Measure> numbers = List.of(celsius("value", e.value()), kelvin("band", e.half()), celsius("limit", limit));
        return j.finding(
                LOW,
                past ? Severity.STOP : Severity.CAUTION,
                Place.of(Stage.HEAT),
                (water ? "water" : "") + (past ? "" : "maybe"),
                numbers,
                Remedy.change("heat-at-night", new Action.GoTo(Stage.HEAT)));
    }

    /** Water or cool air that the room alone makes too warm: nothing that heats causes it, nothing that heats cures it. */
    private static Optional<Finding> room(RuleInput j) {
        ClimateCase.Season summer = j.forecast().mapped().summer();
        Optional<Range> water = j.needs().water();
        boolean wet = j.forecast().mapped().enclosure().floor().stream()
                .anyMatch(f -> f instanceof tanah.core.box.Floor.Water);
        double share = Math.max(0, Math.min(1, (summer.ends() - summer.begins()) / 24));
        double mean = summer.night().celsius()
                + share * (summer.day().celsius() - summer.night().celsius());
        if (water.isPresent() && wet && mean > water.get().max()) {
            return Optional.of(j.finding(
                    ROOM,
                    Severity.STOP,
                    Place.of(Stage.WATER),
                    "water",
                    List.of(
                            celsius("room", mean),
                            celsius("limit", water.get().max()),
                            kelvin("over", mean - water.get().max())),
                    Remedy.change("cooler-room", new Action.GoTo(Stage.VESSEL)),
                    Remedy.byHand("chiller")));
        }
        double limit = Math.min(j.needs().limitHigh(), j.animal().row().limitHigh());
        if (summer.day().celsius() >= limit) {
            return Optional.of(j.finding(
                    ROOM,
                    Severity.STOP,
                    Place.of(Stage.HEAT),
                    "",
                    List.of(
                            celsius("room", summer.day().celsius()),
                            celsius("limit", limit),
                            kelvin("over", summer.day().celsius() - limit)),
                    Remedy.change("cooler-room", new Action.GoTo(Stage.VESSEL))));
        }
        return Optional.empty();
    }
}
