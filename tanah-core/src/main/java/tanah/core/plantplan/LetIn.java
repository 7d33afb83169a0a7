package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.BiFunction;
import tanah.core.plant.Plant;
import tanah.core.plant.Spot;
import tanah.core.plant.Suitability;
import tanah.core.planting.GrowingPlace;
import tanah.core.time.Season;

/** The smallest single change of a place that would make it suit a kind; each is tried before it is told. */
public final class LetIn {
    private static final int HALVES = 12;

    private LetIn() {}

    /** What would have to be different. */
    public enum What {
        /** Light of a day (mol/m²). */
        LIGHT,
        /** All temperatures by so much (K). */
        WARMTH,
        /** Mean humidity of a day (share of saturation). */
        HUMIDITY,
        /** Water of the soil over its field capacity. */
        MOISTURE,
        /** Soil (m). */
        SOIL,
        /** Free height (m). */
        HEADROOM,
        /** Class of moving air. */
        AIRFLOW
    }

    /**
     * One change.
     *
     * @param from  as it is; of warmth 0
     * @param to    as it would have to be
     * @param score that the kind would then come to without the animals, 0 to 1
     */
    public record Change(What what, double from, double to, double score) {
        /** As a share of what is wanted at most, so that unlike things compare. */
        double size(double full) {
            return Math.abs(to - from) / Math.max(1e-9, full);
        }
    }

    private record Try(What what, double from, double liked, double full, BiFunction<Spot, Double, Spot> change) {}

    /** Empty where no change of one thing alone is enough. */
    public static Optional<Change> of(Plant plant, GrowingPlace place) {
        record Found(Change change, double size) {}
        return tries(plant, place).stream()
                .flatMap(t -> least(plant, place, t).stream().map(c -> new Found(c, c.size(t.full()))))
                .min(Comparator.comparingDouble(Found::size))
                .map(Found::change);
    }

    private static List<Try> tries(Plant plant, GrowingPlace place) {
        Spot spot = place.spot(Season.WINTER, plant);
        List<Try> all = new ArrayList<>();
        Plant.Range light = plant.light().daily();
        add(all, What.LIGHT, spot.daily(), light.liked(), light.liked(), LetIn::lit);
        double middle = (plant.warmth().thrives() + plant.warmth().thrivesTo()) / 2;
        OptionalDouble day = spot.day();
        if (day.isPresent()) {
            all.add(new Try(What.WARMTH, 0, middle - day.getAsDouble(), 10, LetIn::warmer));
        }
        add(all, What.HUMIDITY, spot.humidity(), plant.humidity().liked(), 0.5, LetIn::damper);
        add(all, What.MOISTURE, spot.moisture(), plant.moisture().liked(), 1, (s, v) -> s.withMoisture(some(v)));
        add(all, What.SOIL, spot.soil(), plant.roots().depth(), 0.2, (s, v) -> s.withSoil(some(v)));
        add(all, What.HEADROOM, spot.headroom(), plant.height().year(), 0.5, (s, v) -> s.withHeadroom(some(v)));
        OptionalDouble air = spot.airflow().isPresent() ? some(spot.airflow().getAsInt()) : OptionalDouble.empty();
        add(
                all,
                What.AIRFLOW,
                air,
                plant.wet().airflow(),
                3,
                (s, v) -> s.withAirflow(OptionalInt.of((int) Math.round(v))));
        return all;
    }

    private static void add(
            List<Try> all,
            What what,
            OptionalDouble from,
            double liked,
            double full,
            BiFunction<Spot, Double, Spot> change) {
        if (from.isPresent()) {
            all.add(new Try(what, from.getAsDouble(), liked, full, change));
        }
    }

    /** The first step from what is to what is liked at which the kind would live. */
    private static Optional<Change> least(Plant plant, GrowingPlace place, Try t) {
        boolean lives = score(plant, place, t, 0) > 0; // then something else is in its way
        if (lives || score(plant, place, t, 1) <= 0) {
            return Optional.empty();
        }
        double no = 0;
        double yes = 1;
        for (int i = 0; i < HALVES; i++) {
            double half = (no + yes) / 2;
            if (score(plant, place, t, half) > 0) {
                yes = half;
            } else {
                no = half;
            }
        }
        return Optional.of(
                new Change(t.what(), t.from(), t.from() + yes * (t.liked() - t.from()), score(plant, place, t, yes)));
    }

    /** Of the worse day, with a share of a change; 0 where the kind would not live. */
    private static double score(Plant plant, GrowingPlace place, Try t, double share) {
        double value = t.from() + share * (t.liked() - t.from());
        double least = 1;
        for (Season season : Season.values()) {
            Suitability s = Suitability.of(plant, t.change().apply(place.spot(season, plant), value));
            least = Math.min(least, s.score().orElse(0));
        }
        return least < PlanWish.SUITS ? 0 : least;
    }

    private static OptionalDouble some(double value) {
        return OptionalDouble.of(value);
    }

    private static Spot lit(Spot spot, double daily) {
        double before = spot.daily().orElse(0);
        OptionalDouble peak =
                spot.peak().isPresent() && before > 0 ? some(spot.peak().getAsDouble() * daily / before) : spot.peak();
        return spot.withDaily(some(daily)).withPeak(peak);
    }

    private static Spot damper(Spot spot, double mean) {
        double by = mean - spot.humidity().orElse(mean);
        return spot.withHumidity(some(mean)).withDriest(moved(spot.driest(), by));
    }

    private static Spot warmer(Spot spot, double by) {
        return spot.withDay(moved(spot.day(), by))
                .withNight(moved(spot.night(), by))
                .withColdest(moved(spot.coldest(), by))
                .withHottest(moved(spot.hottest(), by));
    }

    private static OptionalDouble moved(OptionalDouble value, double by) {
        return value.isPresent() ? some(value.getAsDouble() + by) : value;
    }
}
