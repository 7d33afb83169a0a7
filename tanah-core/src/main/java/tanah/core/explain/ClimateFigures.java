package tanah.core.explain;

import static tanah.core.physics.Constants.HOUR;
import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Range;
import tanah.core.climate.WaterLedger;
import tanah.core.design.Device;
import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.forecast.Forecast;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.Extent;
import tanah.core.need.SeasonPhase;
import tanah.core.units.Unit;

/** What is expected of heat, light and air, from the coldest to the hottest day. */
final class ClimateFigures {
    private static final double DAY = 24 * HOUR;
    private static final double KILOWATT_HOUR = 3.6e6; // J
    private static final double WATER_BAND = 0.5; // of what evaporates or drains: films and skin are from memory

    private final List<Figure> all = new ArrayList<>();
    private final Forecast f;
    private final List<Input> inputs = new ArrayList<>();

    private ClimateFigures(Evaluation e, Forecast f, Catalogue catalogue) {
        this.f = f;
        e.design().room().ifPresent(this::room);
        e.design().vessel().flatMap(VesselPlan::lid).ifPresent(this::lid);
        e.design().devices().forEach(d -> device(d, catalogue));
    }

    static List<Figure> of(Evaluation e, Forecast f, Catalogue catalogue) {
        ClimateFigures figures = new ClimateFigures(e, f, catalogue);
        figures.degrees("basking", ClimatePlace.BASKING, true);
        figures.degrees("warm", ClimatePlace.WARM_AIR, true);
        figures.degrees("cool", ClimatePlace.COOL_AIR, true);
        figures.degrees("night", ClimatePlace.WARM_AIR, false);
        figures.degrees("water", ClimatePlace.WATER, true);
        figures.humidity("humidity_day", true);
        figures.humidity("humidity_night", false);
        figures.light();
        figures.energy();
        for (boolean summer : new boolean[] {false, true}) {
            f.day(summer).ifPresent(d -> {
                String season = summer ? "summer." : "winter.";
                figures.plain(season + "wet", "climate.fog", d.wetHours() * HOUR, Unit.HOUR);
                figures.plain(season + "fog", "climate.fog", d.fogHours() * HOUR, Unit.HOUR);
                figures.mist(season, d.water());
            });
        }
        return figures.all;
    }

    private void room(RoomPlan room) {
        inputs.add(new Input.Typed("room_winter", "room.winter", room.winter().tempDay(), Unit.CELSIUS));
        inputs.add(new Input.Typed("room_summer", "room.summer", room.summer().tempDay(), Unit.CELSIUS));
    }

    private void lid(VesselPlan.Lid lid) {
        lid.meshFraction().ifPresent(m -> inputs.add(new Input.Typed("mesh", "air.lid", m, Unit.PERCENT)));
    }

    private void device(Device d, Catalogue catalogue) {
        Optional<LampModel> lamp = catalogue.findLamp(d.item());
        Optional<Gear> gear = catalogue.findGear(d.item());
        if (lamp.isPresent()) {
            inputs.add(new Input.Listed(
                    "power",
                    "lamps",
                    d.item(),
                    lamp.get().power(),
                    Unit.WATT,
                    lamp.get().source()));
        } else if (gear.isPresent() && gear.get().power().isPresent()) {
            inputs.add(new Input.Listed(
                    "power",
                    gear.get().isHeater() ? "heaters" : "watergear",
                    d.item(),
                    gear.get().power().getAsDouble(),
                    Unit.WATT,
                    gear.get().source()));
        }
    }

    private void degrees(String key, ClimatePlace spot, boolean day) {
        Optional<Expected> winter = f.expected(spot, SeasonPhase.of(false, day));
        Optional<Expected> summer = f.expected(spot, SeasonPhase.of(true, day));
        if (winter.isPresent() && summer.isPresent()) {
            extent(key, "climate.steady", Extent.of(winter.get(), summer.get()), Unit.CELSIUS, Double.MAX_VALUE);
        }
    }

    private void humidity(String key, boolean day) {
        Optional<Expected> winter = f.mean(ClimatePlace.HUMIDITY, SeasonPhase.of(false, day));
        Optional<Expected> summer = f.mean(ClimatePlace.HUMIDITY, SeasonPhase.of(true, day));
        if (winter.isPresent() && summer.isPresent()) {
            extent(key, "climate.humidity", Extent.of(winter.get(), summer.get()), Unit.PERCENT, 1);
        }
    }

    private void light() {
        if (f.light().hasUv()) {
            Expected index = f.light().restingBand(0);
            extent("uvi", "climate.uvi", Extent.of(index, index), Unit.UV_INDEX, Double.MAX_VALUE);
        }
    }

    private void energy() {
        extent(
                "energy",
                "climate.energy",
                Extent.of(
                        new Expected(f.energy().day(false) * KILOWATT_HOUR, 0),
                        new Expected(f.energy().day(true) * KILOWATT_HOUR, 0)),
                Unit.KILOWATT_HOUR,
                Double.MAX_VALUE);
    }

    private void mist(String season, WaterLedger w) {
        if (w.sprayed() > 0) {
            plain(season + "mist", "climate.mist", w.sprayed() / WATER_DENSITY, Unit.LITRE);
            plain(season + "carried", "climate.carried", w.carried() / WATER_DENSITY, Unit.LITRE);
            plain(season + "drained", "climate.drained", w.drained() / WATER_DENSITY, Unit.LITRE);
        }
        f.rise(season.startsWith("summer")).ifPresent(r -> plain(season + "rise", "climate.rise", r, Unit.MILLIMETRE));
        f.daysToSeparator(season.startsWith("summer"))
                .ifPresent(d -> plain(season + "separator", "climate.separator", d * DAY, Unit.DAY));
    }

    private void plain(String id, String formula, double value, Unit unit) {
        double half = WATER_BAND * Math.abs(value);
        all.add(new Figure(
                "climate." + id,
                formula,
                "",
                value,
                OptionalDouble.empty(),
                unit,
                value == 0 ? Optional.empty() : Optional.of(new Range(value - half, value + half)),
                Standing.MEMORY,
                inputs));
    }

    private void extent(String id, String formula, Extent x, Unit unit, double most) {
        double high = Math.min(most, x.high());
        double low = Math.min(most, x.low());
        all.add(new Figure(
                "climate." + id,
                formula,
                "",
                low,
                high > low ? OptionalDouble.of(high) : OptionalDouble.empty(),
                unit,
                x.half() > 0
                        ? Optional.of(new Range(x.low() - x.half(), Math.min(most, x.high() + x.half())))
                        : Optional.empty(),
                Standing.PUBLISHED,
                inputs));
    }
}
