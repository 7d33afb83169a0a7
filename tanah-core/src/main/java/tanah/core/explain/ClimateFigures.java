package tanah.core.explain;

import static tanah.core.physics.Constants.HOUR;
import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Fixture;
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
import tanah.core.forecast.WaterMoved;
import tanah.core.need.Expected;
import tanah.core.need.Extent;
import tanah.core.need.Want;
import tanah.core.time.Season;
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
        for (int i = 0; i < f.mapped().devices().size(); i++) {
            device(
                    f.mapped().devices().get(i),
                    f.mapped().enclosure().fixtures().get(i),
                    catalogue);
        }
    }

    static List<Figure> of(Evaluation e, Forecast f, Catalogue catalogue) {
        ClimateFigures figures = new ClimateFigures(e, f, catalogue);
        for (Want want : Want.values()) {
            figures.want(want);
        }
        figures.energy();
        for (Season season : Season.values()) {
            f.day(season).ifPresent(d -> {
                String at = season.word() + ".";
                figures.plain(at + "wet", "climate.fog", d.wetHours() * HOUR, Unit.HOUR);
                figures.plain(at + "fog", "climate.fog", d.fogHours() * HOUR, Unit.HOUR);
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

    /** The watts that were computed: the plan's own where it has some, else those of the catalogue. */
    private void device(Device d, Fixture fixture, Catalogue catalogue) {
        if (d.power().isPresent()) {
            inputs.add(new Input.Typed("power", "heat.device", fixture.power(), Unit.WATT));
            return;
        }
        Optional<LampModel> lamp = catalogue.findLamp(d.item());
        Optional<Gear> gear = catalogue.findGear(d.item());
        String kind = lamp.isPresent() ? "lamps" : gear.filter(Gear::isHeater).isPresent() ? "heaters" : "watergear";
        String source = lamp.map(LampModel::source)
                .orElseGet(() -> gear.map(Gear::source).orElse(""));
        inputs.add(new Input.Listed("power", kind, d.item(), fixture.power(), Unit.WATT, source));
    }

    /** What is expected where something may be wanted, from the coldest to the hottest day. */
    private void want(Want want) {
        Optional<Extent> winter = f.extent(want, Season.WINTER);
        Optional<Extent> summer = f.extent(want, Season.SUMMER);
        if (winter.isPresent() && summer.isPresent()) {
            String formula = switch (want.place().kind()) {
                case TEMPERATURE ->
                    f.hasDays() ? "climate.by_" + want.statistic().word() : "climate.steady";
                case HUMIDITY -> "climate.humidity";
                case UV_INDEX -> "climate.uvi";
            };
            double most = want.isHumidity() ? 1 : Double.MAX_VALUE;
            extent(want.word(), formula, winter.get().union(summer.get()), want.unit(), most);
        }
    }

    private void energy() {
        extent(
                "energy",
                "climate.energy",
                Extent.of(
                        new Expected(f.energy().day(Season.WINTER) * KILOWATT_HOUR, 0),
                        new Expected(f.energy().day(Season.SUMMER) * KILOWATT_HOUR, 0)),
                Unit.KILOWATT_HOUR,
                Double.MAX_VALUE);
    }

    private void mist(Season season, WaterLedger w) {
        String at = season.word() + ".";
        if (w.sprayed() > 0) {
            plain(at + "mist", "climate.mist", w.sprayed() / WATER_DENSITY, Unit.LITRE);
            plain(at + "carried", "climate.carried", w.carried() / WATER_DENSITY, Unit.LITRE);
            plain(at + "drained", "climate.drained", w.drained() / WATER_DENSITY, Unit.LITRE);
        }
        WaterMoved.rise(f, season).ifPresent(r -> plain(at + "rise", "climate.rise", r, Unit.MILLIMETRE));
        WaterMoved.daysToSeparator(f, season)
                .ifPresent(d -> plain(at + "separator", "climate.separator", d * DAY, Unit.DAY));
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
