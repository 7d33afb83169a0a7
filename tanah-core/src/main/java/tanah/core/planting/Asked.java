package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.finding.Measure;
import tanah.core.plant.Criterion;
import tanah.core.plant.Plant;
import tanah.core.plant.Spot;
import tanah.core.units.Unit;

/**
 * What a place offers of one thing, and what a kind wants of it.
 *
 * @param criterion what
 * @param value     of the place
 * @param low       least that the kind wants; empty where less is never too little
 * @param high      most that it bears; empty where more is never too much
 * @param unit      how all three are shown
 */
public record Asked(Criterion criterion, double value, OptionalDouble low, OptionalDouble high, Unit unit) {
    private static final double WET = 1.55; // water over field capacity from which wetter is no longer too wet
    private static final double SOAKED = 0.95; // humidity from which damper is no longer too damp
    private static final OptionalDouble NONE = OptionalDouble.empty();

    /** Whether the place has too much of it rather than too little. */
    public boolean isOver() {
        return high.isPresent() && (low.isEmpty() || value > (low.getAsDouble() + high.getAsDouble()) / 2);
    }

    /** Value, then the ends of what is wanted. */
    List<Measure> measures() {
        List<Measure> all = new ArrayList<>();
        all.add(new Measure("value", value, unit));
        low.ifPresent(v -> all.add(new Measure("low", v, unit)));
        high.ifPresent(v -> all.add(new Measure("high", v, unit)));
        return all;
    }

    /** Empty value where the place says nothing about it. */
    public static java.util.Optional<Asked> of(Criterion criterion, Plant plant, Spot spot) {
        OptionalDouble value = value(criterion, spot, plant);
        return value.isEmpty()
                ? java.util.Optional.empty()
                : java.util.Optional.of(of(criterion, plant, spot, value.getAsDouble()));
    }

    private static Asked of(Criterion c, Plant p, Spot spot, double value) {
        Plant.Warmth warm = p.warmth();
        return switch (c) {
            case AIRFLOW -> least(c, value, p.wet().airflow(), Unit.COUNT);
            case DRIP -> most(c, value, p.wet().drip(), Unit.COUNT);
            case DRY_SPELL -> most(c, value, p.wet().dryDays(), Unit.COUNT);
            case HEIGHT -> least(c, value, p.height().year(), Unit.CENTIMETRE);
            case LEAF_WET -> most(c, value, p.wet().leafHours(), Unit.COUNT);
            case LIGHT ->
                isGlaring(p, spot)
                        ? most(c, spot.peak().orElse(0), p.light().most(), Unit.MICROMOLE)
                        : both(
                                c,
                                value,
                                p.light().daily().least(),
                                p.light().daily().most(),
                                Unit.MOLE_A_DAY);
            case LIME -> most(c, value, 0, Unit.COUNT);
            case MOISTURE ->
                new Asked(
                        c,
                        value,
                        some(p.moisture().least(), p.moisture().least() > 0),
                        some(p.wettest(), p.wettest() < WET),
                        Unit.PERCENT);
            case NIGHT_DROP -> least(c, value, warm.nightDrop(), Unit.KELVIN_DIFFERENCE);
            case PH -> both(c, value, p.ground().leastPh(), p.ground().mostPh(), Unit.PH);
            case HUMIDITY ->
                new Asked(
                        c,
                        value,
                        OptionalDouble.of(p.humidity().least()),
                        some(p.humidity().most(), p.humidity().most() < SOAKED),
                        Unit.PERCENT);
            case DAY_TEMPERATURE -> both(c, value, warm.thrives(), warm.thrivesTo(), Unit.CELSIUS);
            case NIGHT_TEMPERATURE -> both(c, value, warm.nightFrom(), warm.nightTo(), Unit.CELSIUS);
            case WINTER -> least(c, value, warm.rest().weeks(), Unit.COUNT);
        };
    }

    private static OptionalDouble value(Criterion c, Spot s, Plant plant) {
        return switch (c) {
            case AIRFLOW -> whole(s.airflow());
            case DRIP -> whole(s.drip());
            case DRY_SPELL -> s.dryDays();
            case HEIGHT -> s.headroom();
            case LEAF_WET -> s.leafHours();
            case LIGHT -> s.daily();
            case LIME -> s.lime().map(l -> OptionalDouble.of(l ? 1 : 0)).orElse(NONE);
            case MOISTURE -> s.moisture();
            case NIGHT_DROP ->
                s.day().isPresent() && s.night().isPresent()
                        ? OptionalDouble.of(s.day().getAsDouble() - s.night().getAsDouble())
                        : NONE;
            case PH -> s.ph();
            case HUMIDITY -> s.humidity();
            case DAY_TEMPERATURE -> s.day();
            case NIGHT_TEMPERATURE -> s.night();
            case WINTER -> plant.warmth().rest() == Plant.WinterRest.NONE ? NONE : s.winter();
        };
    }

    /** Whether the strongest light of the day is the trouble, not the light of the whole day. */
    private static boolean isGlaring(Plant p, Spot s) {
        return s.peak().isPresent()
                && s.peak().getAsDouble() > p.light().most()
                && s.daily().isPresent()
                && s.daily().getAsDouble() <= p.light().daily().most();
    }

    private static OptionalDouble whole(java.util.OptionalInt value) {
        return value.isPresent() ? OptionalDouble.of(value.getAsInt()) : NONE;
    }

    private static OptionalDouble some(double value, boolean there) {
        return there ? OptionalDouble.of(value) : NONE;
    }

    private static Asked least(Criterion c, double value, double low, Unit unit) {
        return new Asked(c, value, OptionalDouble.of(low), NONE, unit);
    }

    private static Asked most(Criterion c, double value, double high, Unit unit) {
        return new Asked(c, value, NONE, OptionalDouble.of(high), unit);
    }

    private static Asked both(Criterion c, double value, double low, double high, Unit unit) {
        return new Asked(c, value, OptionalDouble.of(low), OptionalDouble.of(high), unit);
    }
}
