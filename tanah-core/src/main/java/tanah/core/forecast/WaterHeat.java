package tanah.core.forecast;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.SteadyState;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.core.water.HeaterModel;

/**
 * What a heater in the water has to do and what it does when its control sticks, out of the same climate model as everything else:
 * lid, room, lamps, pumps and the air of the box are in it. The coldest night and the hottest day are taken as if they lasted, which
 * is the safe side of either.
 *
 * @param planned     whether the plan holds a heater
 * @param power       of the planned heaters, else of the size to buy (W)
 * @param target      planned warmth (°C)
 * @param need        heat that holds it on the coldest night (W); 0 if none is needed
 * @param size        next size sold above the need and its reserve (W); empty if none is large enough
 * @param unheated    on the coldest night without a heater (°C)
 * @param stuckWinter on the coldest night with {@code power} always on (°C)
 * @param cool        on the hottest day without a heater (°C)
 * @param stuckSummer on the hottest day with {@code power} always on (°C)
 * @param perKelvin   least heat by which the water stands a kelvin over {@code cool} (W/K), of some warmths over it
 * @param capacity    of the water (J/K)
 */
public record WaterHeat(
        boolean planned,
        double power,
        double target,
        double need,
        OptionalDouble size,
        double unheated,
        double stuckWinter,
        double cool,
        double stuckSummer,
        double perKelvin,
        double capacity) {
    /** Power over the need; common practice, no source. */
    public static final double RESERVE = 1.3;

    private static final double STRONG = 2000; // W of the heater by which a need is found: more than any box takes
    private static final double[] RISES = {2, 4, 8}; // K over the unheated water at which its loss is taken
    private static final double SHARP =
            0.2; // K, band of the control by which a need is found: hardly used, it holds the upper end
    private static final double TOLERANCE = 0.005; // K
    private static final double WARM = 0.5; // K under the target that counts as warm
    private static final SeasonPhase COLDEST = SeasonPhase.of(Season.WINTER, Phase.NIGHT);
    private static final SeasonPhase HOTTEST = SeasonPhase.of(Season.SUMMER, Phase.DAY);

    /** Empty without water that has a planned warmth. */
    static Optional<WaterHeat> of(ClimateModel model, MappedDesign mapped, Map<SeasonPhase, SteadyState> near) {
        return mapped.heated().map(h -> new Runs(model, mapped, near, h).answer());
    }

    /** Warmest that the water gets with the heater stuck on (°C). */
    public double stuck() {
        return Math.max(stuckWinter, stuckSummer);
    }

    /** Time from unheated water to half a kelvin under the target on the coldest night (s); empty where it is never reached. */
    public OptionalDouble warmUp() {
        return warmUp(unheated, stuckWinter, target, power, capacity);
    }

    /**
     * Time from unheated water to half a kelvin under a target (s); empty where it is never reached.
     *
     * @param unheated where it stands without the heater (°C)
     * @param stuck    where it ends with the heater always on (°C)
     * @param target   °C
     * @param power    W
     * @param capacity of the water (J/K)
     */
    public static OptionalDouble warmUp(double unheated, double stuck, double target, double power, double capacity) {
        return time(unheated, unheated, stuck, target - WARM, power, capacity);
    }

    /** Time from the planned warmth to a limit with the heater stuck on, on the hottest day (s); empty where it is never reached. */
    public OptionalDouble until(double limit) {
        return time(Math.max(target, cool), cool, stuckSummer, limit, power, capacity);
    }

    /**
     * Largest power that cannot pass a limit on the hottest day (W), by the least loss per kelvin: a little more may not either.
     */
    public double mostPower(double limit) {
        return Math.max(0, perKelvin * (limit - cool));
    }

    /** Whether a power holds the target with its reserve. */
    public boolean isEnough(double watts) {
        return watts >= RESERVE * need - 1e-9;
    }

    /** An even approach of the water to its end at full power. */
    private static OptionalDouble time(
            double from, double off, double end, double goal, double power, double capacity) {
        if (goal <= from) {
            return OptionalDouble.of(0);
        }
        if (goal >= end || end <= off || power <= 0) {
            return OptionalDouble.empty();
        }
        double perSecond = power / (end - off) / capacity;
        return OptionalDouble.of(Math.log((end - from) / (end - goal)) / perSecond);
    }

    /** The runs of the model that it takes. */
    private record Runs(
            ClimateModel model, MappedDesign mapped, Map<SeasonPhase, SteadyState> near, MappedDesign.Heated heated) {
        WaterHeat answer() {
            double off = unheated(COLDEST);
            double target = heated.celsius();
            double need = off >= target ? 0 : need(COLDEST, target);
            OptionalDouble size = HeaterModel.size(need);
            boolean planned = !heated.heaters().isEmpty();
            double planPower = heated.heaters().stream()
                    .mapToDouble(i -> mapped.enclosure().fixtures().get(i).power())
                    .sum();
            double power = planned ? planPower : size.orElse(0);
            List<Fixture> stuck = planned
                    ? heated.heaters().stream()
                            .map(i -> stuck(mapped.enclosure().fixtures().get(i)))
                            .toList()
                    : List.of(heater(power, Optional.empty()));
            double cool = unheated(HOTTEST);
            return new WaterHeat(
                    planned,
                    power,
                    target,
                    need,
                    size,
                    off,
                    power > 0 ? water(COLDEST, stuck) : off,
                    cool,
                    power > 0 ? water(HOTTEST, stuck) : cool,
                    Arrays.stream(RISES)
                            .map(k -> need(HOTTEST, cool + k) / k)
                            .min()
                            .orElseThrow(),
                    model.waterCapacity(heated.body()));
        }

        private Fixture heater(double watts, Optional<Fixture.Thermostat> thermostat) {
            return new Fixture(
                    "water", watts, new Fixture.Hours.Always(), 1, thermostat, new Fixture.InWater(heated.body(), 1));
        }

        /** A control that sticks, a timer too. */
        private static Fixture stuck(Fixture f) {
            return new Fixture(f.name(), f.power(), new Fixture.Hours.Always(), 1, Optional.empty(), f.part());
        }

        /** Where no heater is planned that is the plan itself. */
        private double unheated(SeasonPhase when) {
            SteadyState plain = near.get(when);
            return heated.heaters().isEmpty() && plain != null
                    ? plain.places().water(heated.body())
                    : water(when, List.of());
        }

        private double water(SeasonPhase when, List<Fixture> heaters) {
            return settled(when, heaters).places().water(heated.body());
        }

        /** Heat that holds a warmth (W). */
        private double need(SeasonPhase when, double celsius) {
            double set = celsius - SHARP / 2;
            Fixture.Thermostat control = new Fixture.Thermostat(
                    Fixture.Control.DIMMING, set, set, SHARP, SHARP, new Fixture.Probe.Water(heated.body()));
            SteadyState held = settled(when, List.of(heater(STRONG, Optional.of(control))));
            return STRONG * held.duty(mapped.devices().size() - heated.heaters().size());
        }

        /** The plan with other heaters in the water; they come last. */
        private SteadyState settled(SeasonPhase when, List<Fixture> heaters) {
            List<Fixture> all = new ArrayList<>();
            for (int i = 0; i < mapped.enclosure().fixtures().size(); i++) {
                if (!heated.heaters().contains(i)) {
                    all.add(mapped.enclosure().fixtures().get(i));
                }
            }
            all.addAll(heaters);
            ClimateCase.Outside outside = SteadyCases.outside(mapped, when);
            return model.with(all).steady(outside, when.isLit(), Optional.ofNullable(near.get(when)), TOLERANCE);
        }
    }
}
