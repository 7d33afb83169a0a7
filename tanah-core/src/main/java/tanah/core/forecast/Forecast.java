package tanah.core.forecast;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleFunction;
import tanah.core.box.Factors;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.RelayCourse;
import tanah.core.climate.SteadyState;
import tanah.core.climate.Uncertainty;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.Extent;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Want;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * What the climate of a plan will be. The steady states come first, in a few hundredths of a second; bands and the whole day
 * are added when there is time for them.
 */
public final class Forecast {
    private static final double LIVE = 0.005; // K, tolerance of steady states
    private static final double MINUTE = 60; // s

    private final MappedDesign mapped;
    private final ClimateModel model;
    private final Map<SeasonPhase, SteadyState> steady;
    private final LightForecast light;
    private final Map<SeasonPhase, Uncertainty> bands;
    private final Map<Season, DayCourse> days;
    private final Optional<WaterHeat> water;
    private final Map<Season, RelayCourse> switched;
    private final double roomBand;

    private Forecast(
            MappedDesign mapped,
            ClimateModel model,
            Map<SeasonPhase, SteadyState> steady,
            LightForecast light,
            Map<SeasonPhase, Uncertainty> bands,
            Map<Season, DayCourse> days,
            Optional<WaterHeat> water,
            Map<Season, RelayCourse> switched,
            double roomBand) {
        this.mapped = mapped;
        this.model = model;
        this.steady = steady;
        this.light = light;
        this.bands = bands;
        this.days = days;
        this.water = water;
        this.switched = switched;
        this.roomBand = roomBand;
    }

    /**
     * The four steady states and the light.
     *
     * @param near     a forecast of nearly the same plan to start from, such as that before an edit
     * @param at       multipliers, all 1 unless readings have moved them
     * @param roomBand how far the room may be off (K)
     */
    public static Forecast steady(MappedDesign mapped, Optional<Forecast> near, Factors at, double roomBand) {
        return steady(mapped, near, at, roomBand, LIVE);
    }

    /** @param tolerance of the steady states (K) */
    public static Forecast steady(
            MappedDesign mapped, Optional<Forecast> near, Factors at, double roomBand, double tolerance) {
        ClimateModel model = near.map(n -> n.model.to(mapped.enclosure(), at))
                .orElseGet(() -> ClimateModel.of(mapped.enclosure(), at));
        Map<SeasonPhase, SteadyState> steady = SteadyCases.of(model, mapped, near.map(n -> n.steady), tolerance);
        return plain(mapped, model, steady, roomBand);
    }

    /** The steady states and the water alone, with usual bands. */
    public Forecast steadyOnly() {
        return plain(mapped, model, steady, roomBand).withWater(water);
    }

    /** The same with what heats the water. */
    public Forecast withWater() {
        return withWater(WaterHeat.of(model, mapped, steady));
    }

    private Forecast withWater(Optional<WaterHeat> found) {
        return new Forecast(mapped, model, steady, light, bands, days, found, switched, roomBand);
    }

    private static Forecast plain(
            MappedDesign mapped, ClimateModel model, Map<SeasonPhase, SteadyState> steady, double roomBand) {
        LightForecast light = LightForecast.of(model, mapped);
        return new Forecast(mapped, model, steady, light, Map.of(), Map.of(), Optional.empty(), Map.of(), roomBand);
    }

    /** What this climate depends on. */
    public ClimateKey key() {
        return ClimateKey.of(mapped, roomBand);
    }

    /** The same climate for another plan of the same key: only the UV that an animal can reach is asked anew where its reach differs. */
    public Forecast of(MappedDesign other) {
        if (!ClimateKey.of(other, roomBand).equals(key())) {
            throw new IllegalArgumentException("not the same climate");
        }
        LightForecast seen = light;
        if (!other.reach().equals(mapped.reach())) {
            seen = LightForecast.of(model, other);
            seen = hasBands() ? seen.withBands(Uncertainty.moved(model)) : seen;
        }
        return new Forecast(other, model, steady, seen, bands, days, water, switched, roomBand);
    }

    /** The same with the bands of its numbers; itself where the work was given up. */
    public Forecast withBands(BooleanSupplier stop) {
        List<Uncertainty.Moved> moved = Uncertainty.moved(model);
        Map<SeasonPhase, Uncertainty> found = new EnumMap<>(SeasonPhase.class);
        for (SeasonPhase when : SeasonPhase.values()) {
            if (stop.getAsBoolean()) {
                return this;
            }
            found.put(when, Uncertainty.of(model, at(when), moved, SteadyCases.outside(mapped, when), when.isLit()));
        }
        return new Forecast(mapped, model, steady, light.withBands(moved), found, days, water, switched, roomBand);
    }

    /** The same with the whole day in winter and in summer, and what heats the water; itself where the work was given up. */
    public Forecast withDays(BooleanSupplier stop) {
        Map<Season, DayCourse> found = new EnumMap<>(Season.class);
        for (Season season : Season.values()) {
            Optional<DayCourse> day = DayRun.of(model, mapped.room(season), stop);
            if (day.isEmpty()) {
                return this;
            }
            found.put(season, day.get());
        }
        return new Forecast(
                mapped, model, steady, light, bands, found, WaterHeat.of(model, mapped, steady), switched, roomBand);
    }

    /** The same with the whole days, and what heats the water, of another forecast of the same climate; bands of the room may differ. */
    public Forecast withDaysOf(Forecast other) {
        if (!ClimateKey.of(mapped, 0).equals(ClimateKey.of(other.mapped, 0))) {
            throw new IllegalArgumentException("not the same climate");
        }
        return new Forecast(mapped, model, steady, light, bands, other.days, other.water, switched, roomBand);
    }

    /** The same with relays followed by the minute; itself without any or where the work was given up. */
    public Forecast withRelays(BooleanSupplier stop) {
        Map<Season, RelayCourse> found = new EnumMap<>(Season.class);
        for (Season season : Season.values()) {
            Optional<RelayCourse> relays = mapped.enclosure().hasRelays()
                    ? DayRun.switched(model, mapped.room(season), MINUTE, stop)
                    : Optional.empty();
            if (relays.isEmpty()) {
                return this;
            }
            found.put(season, relays.get());
        }
        return new Forecast(mapped, model, steady, light, bands, days, water, found, roomBand);
    }

    public MappedDesign mapped() {
        return mapped;
    }

    public ClimateModel model() {
        return model;
    }

    public LightForecast light() {
        return light;
    }

    public SteadyState at(SeasonPhase when) {
        return java.util.Objects.requireNonNull(steady.get(when));
    }

    public boolean hasBands() {
        return !bands.isEmpty();
    }

    public boolean hasDays() {
        return !days.isEmpty();
    }

    /** What heats the water and what that may do; empty until the day is computed or without water. */
    public Optional<WaterHeat> waterHeat() {
        return water;
    }

    /** Whether every steady state settled. */
    public boolean isSettled() {
        return steady.values().stream().allMatch(SteadyState::isConverged);
    }

    /** Largest change of the last round over the four cases (K). */
    public double lastChange() {
        return Collections.max(
                steady.values().stream().map(SteadyState::lastChange).toList());
    }

    public Optional<DayCourse> day(Season season) {
        return Optional.ofNullable(days.get(season));
    }

    /** A place in a steady case with its band; empty where there is no such place. */
    public Optional<Expected> expected(ClimatePlace spot, SeasonPhase when) {
        OptionalDouble value = spot.at(at(when).places());
        return value.isEmpty() ? Optional.empty() : Optional.of(new Expected(value.getAsDouble(), half(spot, when)));
    }

    /** Half of the band of a place in a case, with what the room itself may be off. */
    public double half(ClimatePlace spot, SeasonPhase when) {
        return half(v -> spot.at(v.places()).orElse(0), spot, when);
    }

    /** Half of the band of any number of a case that is of the kind of a place, with what the room may be off. */
    public double half(ToDoubleFunction<Uncertainty.Variant> number, ClimatePlace kind, SeasonPhase when) {
        Uncertainty u = bands.get(when);
        double half = u == null ? kind.usual() : u.half(number, kind.own());
        return kind.kind() == ClimatePlace.Kind.TEMPERATURE ? half + roomBand : half;
    }

    /** What the room may be off (K). */
    public double roomBand() {
        return roomBand;
    }

    /** Values of a place over a whole day, by the samples of the course; empty until it is computed. */
    public List<double[]> course(ClimatePlace spot, Season season) {
        List<double[]> points = new ArrayList<>();
        day(season)
                .ifPresent(d -> d.samples().forEach(s -> {
                    OptionalDouble value = spot.at(s.places());
                    if (value.isPresent()) {
                        points.add(new double[] {s.hour(), value.getAsDouble()});
                    }
                }));
        return points;
    }

    /** Mean of a place over the lit or unlit hours with the band of the same phase; the steady state until the day is known. */
    public Optional<Expected> mean(ClimatePlace spot, SeasonPhase when) {
        Optional<DayCourse> day = day(when.season());
        // a place is there all day or never; lamps that burn round the clock leave no night
        Optional<DayCourse.Sample> one = day.flatMap(
                d -> d.samples().stream().filter(s -> s.lit() == when.isLit()).findFirst());
        if (one.isEmpty() || spot.at(one.get().places()).isEmpty()) {
            return expected(spot, when);
        }
        double mean =
                day.orElseThrow().mean(when.isLit(), s -> spot.at(s.places()).orElseThrow());
        return Optional.of(new Expected(mean, half(spot, when)));
    }

    /** What is expected where and when something is wanted, by the statistic of the need; empty where the plan has no such place. */
    public Optional<Extent> extent(Want want, Season season) {
        return NeedForecast.extent(this, want, season);
    }

    /** The highest or the lowest quarter of an hour of a day at a place; empty where the plan has no such place. */
    public Optional<Extreme> extreme(ClimatePlace place, Season season, boolean highest) {
        return NeedForecast.extreme(this, place, season, highest);
    }

    /** A need against the coldest and the hottest day; empty where the plan has no such place. */
    public Optional<Outlook> outlook(Need need) {
        return NeedForecast.outlook(this, need);
    }

    /** Height of the ground or the water at a place (m). */
    public double groundAt(double x, double y) {
        return model.groundAt(x, y);
    }

    /** Electricity; by the steady duties until the day is known, by relays where they were followed. */
    public Energy energy() {
        return Energy.of(this);
    }

    /** What relays do; empty where there is none or they were not followed yet. */
    public Optional<RelayCourse> switched(Season season) {
        return Optional.ofNullable(switched.get(season));
    }
}
