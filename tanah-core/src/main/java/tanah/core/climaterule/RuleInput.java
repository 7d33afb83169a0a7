package tanah.core.climaterule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.need.Expected;
import tanah.core.time.Season;
import tanah.core.units.Unit;

/**
 * What a rule is given.
 *
 * @param animal    whose needs count
 * @param design    plan
 * @param forecast  of the plan
 * @param catalogue facts
 */
public record RuleInput(Inhabitant animal, Design design, Forecast forecast, Catalogue catalogue) {
    Species needs() {
        return animal.profile();
    }

    /** The warmest that the room is on a season's day (°C). */
    double warmestRoom(Season season) {
        ClimateCase.RoomCourse room = room(season);
        return Math.max(room.day().celsius(), room.night().celsius());
    }

    ClimateCase.RoomCourse room(Season season) {
        return season == Season.SUMMER
                ? forecast.mapped().summer()
                : forecast.mapped().winter();
    }

    /**
     * What helps where it is too warm: where the room alone passes what is wanted, less heat cannot cure it, and a box in which
     * nothing heats cannot heat less.
     *
     * @param search whether equipment is looked for before the room is changed
     */
    List<Remedy> cooling(boolean roomPasses, boolean search) {
        Remedy room = Remedy.change("cooler-room", new Action.GoTo(Stage.VESSEL));
        Remedy less = Remedy.change("less-heat", new Action.GoTo(Stage.HEAT));
        if (!roomPasses) {
            return search ? List.of(Remedy.change("find-equipment", new Action.Find()), less) : List.of(less, room);
        }
        return HeatRule.isUnheated(this) ? List.of(room) : List.of(room, less);
    }

    /**
     * A device that the climate knows.
     *
     * @param lamp its catalogue entry, if it is a lamp
     */
    record Fitted(Device device, Fixture fixture, Optional<LampModel> lamp) {}

    /** All devices that the climate knows, in their order. */
    List<Fitted> fitted() {
        List<Fitted> all = new ArrayList<>();
        for (int i = 0; i < forecast.mapped().devices().size(); i++) {
            Device d = forecast.mapped().devices().get(i);
            all.add(new Fitted(d, forecast.mapped().enclosure().fixtures().get(i), catalogue.findLamp(d.item())));
        }
        return all;
    }

    String name() {
        return animal.row().scientificName();
    }

    Finding finding(
            RuleId rule, Severity severity, Place place, String wording, List<Measure> numbers, Remedy... remedies) {
        return Finding.of(rule, severity, place, numbers, List.of(remedies)).worded(wording, name());
    }

    static Measure celsius(String name, double value) {
        return new Measure(name, value, Unit.CELSIUS);
    }

    static Measure kelvin(String name, double value) {
        return new Measure(name, value, Unit.KELVIN_DIFFERENCE);
    }

    static Measure percent(String name, double value) {
        return new Measure(name, value, Unit.PERCENT);
    }

    static Measure uvi(String name, double value) {
        return new Measure(name, value, Unit.UV_INDEX);
    }

    /** Value and half band of a prediction, then the two ends of what is wanted. */
    static List<Measure> celsius(Expected e, double low, double high) {
        return List.of(
                celsius("value", e.value()), kelvin("band", e.half()), celsius("low", low), celsius("high", high));
    }
}
