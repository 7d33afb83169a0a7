package tanah.core.forecast;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleFunction;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.RelayCourse;
import tanah.core.climate.SteadyState;
import tanah.core.climate.Uncertainty;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.SeasonPhase;

/**
 * What the climate of a plan will be. The steady states come first, in a few hundredths of a second; bands and the whole day
 * are added when there is time for them.
 */
public final class Forecast {
    private static final double LIVE = 0.005; // K, tolerance of steady states
    private static final double BANDS = 0.02; // K, of those that only tell a slope
    private static final double MINUTE = 60; // s

    private final MappedDesign mapped;
    private final ClimateModel model;
    private final Map<SeasonPhase, SteadyState> steady;
    private final LightForecast light;
    private final Map<SeasonPhase, Uncertainty> bands;
    private final Map<Boolean, DayCourse> days;
    private final Map<Boolean, RelayCourse> switched;
    private final double roomBand;

    private Forecast(
            MappedDesign mapped,
            ClimateModel model,
            Map<SeasonPhase, SteadyState> steady,
            LightForecast light,
            Map<SeasonPhase, Uncertainty> bands,
            Map<Boolean, DayCourse> days,
            Map<Boolean, RelayCourse> switched,
            double roomBand) {
        this.mapped = mapped;
        this.model = model;
        this.steady = steady;
        this.light = light;
        this.bands = bands;
        this.days = days;
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
        ClimateModel model = ClimateModel.of(mapped.enclosure(), at);
        Map<SeasonPhase, SteadyState> steady = new EnumMap<>(SeasonPhase.class);
        for (SeasonPhase when : SeasonPhase.values()) {
            Optional<SteadyState> from = near.map(n -> n.steady.get(when));
            if (from.isEmpty() && when.isSummer()) {
                from = Optional.ofNullable(steady.get(SeasonPhase.of(false, when.isDay())));
            }
            steady.put(when, model.steady(outside(mapped, when), when.isDay(), from, tolerance));
        }
        return new Forecast(
                mapped, model, steady, LightForecast.of(model, mapped), Map.of(), Map.of(), Map.of(), roomBand);
    }

    /** UV and plant light alone; they need no heat. */
    public static LightForecast lightOf(ClimateModel model, MappedDesign mapped) {
        return LightForecast.of(model, mapped);
    }

    /** The model of a plan. */
    public static ClimateModel modelOf(MappedDesign mapped, Factors at) {
        return ClimateModel.of(mapped.enclosure(), at);
    }

    private static ClimateCase.Outside outside(MappedDesign mapped, SeasonPhase when) {
        ClimateCase.Season season = when.isSummer() ? mapped.summer() : mapped.winter();
        return when.isDay() ? season.day() : season.night();
    }

    /** The same with the bands of its numbers; itself where the work was given up. */
    public Forecast withBands(BooleanSupplier stop) {
        List<ClimateModel> moved = Uncertainty.moved(model);
        Map<SeasonPhase, Uncertainty> found = new EnumMap<>(SeasonPhase.class);
        for (SeasonPhase when : SeasonPhase.values()) {
            if (stop.getAsBoolean()) {
                return this;
            }
            SteadyState plain = steady.get(when);
            if (plain != null) {
                found.put(
                        when,
                        Uncertainty.of(
                                new Uncertainty.Variant(model, plain),
                                moved,
                                outside(mapped, when),
                                when.isDay(),
                                BANDS));
            }
        }
        return new Forecast(mapped, model, steady, light.withBands(moved), found, days, switched, roomBand);
    }

    /** The same with the whole day in winter and in summer; itself where the work was given up. */
    public Forecast withDays(BooleanSupplier stop) {
        Map<Boolean, DayCourse> found = new HashMap<>();
        for (boolean summer : new boolean[] {false, true}) {
            Optional<DayCourse> day = DayRun.of(model, summer ? mapped.summer() : mapped.winter(), stop);
            if (day.isEmpty()) {
                return this;
            }
            found.put(summer, day.get());
        }
        return new Forecast(mapped, model, steady, light, bands, found, switched, roomBand);
    }

    /** Whether a thermostat switches on and off, so that a relay is worth following. */
    public boolean hasRelays() {
        return mapped.enclosure().fixtures().stream()
                .flatMap(f -> f.thermostat().stream())
                .anyMatch(t -> t.control() == Fixture.Control.ON_OFF);
    }

    /** The same with relays followed by the minute; itself without any or where the work was given up. */
    public Forecast withRelays(BooleanSupplier stop) {
        Map<Boolean, RelayCourse> found = new HashMap<>();
        for (boolean summer : new boolean[] {false, true}) {
            Optional<RelayCourse> relays = hasRelays()
                    ? DayRun.switched(model, summer ? mapped.summer() : mapped.winter(), MINUTE, stop)
                    : Optional.empty();
            if (relays.isEmpty()) {
                return this;
            }
            found.put(summer, relays.get());
        }
        return new Forecast(mapped, model, steady, light, bands, days, found, roomBand);
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

    /** Whether every steady state settled. */
    public boolean isSettled() {
        return steady.values().stream().allMatch(SteadyState::isConverged);
    }

    /** Largest change of the last round over the four cases (K). */
    public double lastChange() {
        return steady.values().stream()
                .mapToDouble(SteadyState::lastChange)
                .max()
                .orElse(0);
    }

    public Optional<DayCourse> day(boolean summer) {
        return Optional.ofNullable(days.get(summer));
    }

    /** A place in a steady case with its band; empty where there is no such place. */
    public Optional<Expected> expected(ClimatePlace spot, SeasonPhase when) {
        OptionalDouble value = spot.at(at(when).places());
        return value.isEmpty() ? Optional.empty() : Optional.of(new Expected(value.getAsDouble(), half(spot, when)));
    }

    /** Half of the band of a place in a case, with what the room itself may be off. */
    public double half(ClimatePlace spot, SeasonPhase when) {
        return half(v -> spot.at(v.steady().places()).orElse(0), spot, when);
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
    public List<double[]> course(ClimatePlace spot, boolean summer) {
        List<double[]> points = new ArrayList<>();
        day(summer)
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
        if (day(when.isSummer()).isEmpty()) {
            return expected(spot, when);
        }
        double mean = day(when.isSummer())
                .get()
                .mean(when.isDay(), s -> spot.at(s.places()).orElse(Double.NaN));
        return Double.isFinite(mean) ? Optional.of(new Expected(mean, half(spot, when))) : expected(spot, when);
    }

    /** Height of the ground or the water at a place (m). */
    public double groundAt(double x, double y) {
        return model.groundAt(x, y);
    }

    /** Electricity; by the steady duties until the day is known, by relays where they were followed. */
    public Energy energy() {
        return new Energy(energy(false), energy(true));
    }

    private double energy(boolean summer) {
        RelayCourse relays = switched.get(summer);
        if (relays != null) {
            return relays.energy();
        }
        if (day(summer).isPresent()) {
            return day(summer).get().energy();
        }
        double lit = mapped.enclosure().photoperiod() * 3600;
        return at(SeasonPhase.of(summer, true)).balance().power() * lit
                + at(SeasonPhase.of(summer, false)).balance().power() * (24 * 3600 - lit);
    }

    /** What relays do; empty where there is none or they were not followed yet. */
    public Optional<RelayCourse> switched(boolean summer) {
        return Optional.ofNullable(switched.get(summer));
    }

    /** By how much water in drainage and pools rises in a day (m); empty until the day is known or without either. */
    public OptionalDouble rise(boolean summer) {
        return day(summer).isEmpty()
                ? OptionalDouble.empty()
                : model.filling().rise(day(summer).get().water().gained());
    }

    /** Such days until the water stands at the separator; empty where it does not rise or there is no drainage. */
    public OptionalDouble daysToSeparator(boolean summer) {
        return day(summer).isEmpty()
                ? OptionalDouble.empty()
                : model.filling().days(day(summer).get().water().gained());
    }
}
