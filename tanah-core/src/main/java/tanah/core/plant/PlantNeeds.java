package tanah.core.plant;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.IntUnaryOperator;
import tanah.core.numeric.Trapezoid;

/** How well a place meets each of a plant's needs, 0 to 1; what is not known there is left out. Common practice, no source. */
final class PlantNeeds {
    private static final double[] SHORT_BY = {1, 0.7, 0.4, 0.2}; // by classes
    private static final double OVER_LIGHT = 1.5; // of the most
    private static final double PERCENT = 0.01;

    private final Plant plant;
    private final Spot spot;
    private final Map<Criterion, Double> found = new EnumMap<>(Criterion.class);

    private PlantNeeds(Plant plant, Spot spot) {
        this.plant = plant;
        this.spot = spot;
    }

    /** Factors by criterion. */
    static Map<Criterion, Double> of(Plant plant, Spot spot) {
        PlantNeeds needs = new PlantNeeds(plant, spot);
        needs.light();
        needs.warmth();
        needs.water();
        needs.air();
        needs.ground();
        return needs.found;
    }

    /** Whether a criterion is asked of a plant there at all. */
    static boolean isAsked(Criterion criterion, Plant plant, Spot spot) {
        return switch (criterion) {
            case HEIGHT -> plant.prunable();
            case LEAF_WET -> spot.on() != RootPlace.UNDERWATER;
            default -> true;
        };
    }

    private void put(Criterion criterion, double factor) {
        if (isAsked(criterion, plant, spot)) {
            found.put(criterion, factor);
        }
    }

    private static double clamp(double x) {
        return Math.max(0, Math.min(1, x));
    }

    private void light() {
        if (spot.daily().isEmpty()) {
            return;
        }
        Plant.Range r = plant.light().daily();
        double daily = range(r, OptionalDouble.of(r.least() / 2), r.least(), r.most() * OVER_LIGHT)
                .at(spot.daily().getAsDouble());
        double peak = spot.peak().isPresent()
                ? clamp((3 - spot.peak().getAsDouble() / plant.light().most()) / 1.5)
                : 1;
        put(Criterion.LIGHT, Math.min(daily, peak));
    }

    /** Whole between the middles of least and liked, and of liked and most; half at least and most. */
    private static Trapezoid range(Plant.Range r, OptionalDouble none, double edge, double noneOver) {
        return new Trapezoid(
                edge > 0 ? none : OptionalDouble.empty(),
                edge,
                (r.liked() + r.least()) / 2,
                (r.liked() + r.most()) / 2,
                r.most(),
                noneOver);
    }

    private void warmth() {
        Plant.Warmth w = plant.warmth();
        spot.day()
                .ifPresent(t -> put(
                        Criterion.DAY_TEMPERATURE,
                        between(w.dies(), w.thrives(), w.thrivesTo(), w.diesOver())
                                .at(t)));
        spot.night()
                .ifPresent(t -> put(
                        Criterion.NIGHT_TEMPERATURE,
                        between(w.dies(), w.nightFrom(), w.nightTo(), w.diesOver())
                                .at(t)));
        if (w.nightDrop() == 0) {
            put(Criterion.NIGHT_DROP, 1);
        } else if (spot.day().isPresent() && spot.night().isPresent()) {
            double drop = spot.day().getAsDouble() - spot.night().getAsDouble();
            put(Criterion.NIGHT_DROP, 0.4 + 0.6 * clamp(drop / w.nightDrop()));
        }
        if (w.rest() == Plant.WinterRest.NONE) {
            put(Criterion.WINTER, 1);
        } else {
            boolean needed = w.rest() == Plant.WinterRest.NEEDED;
            spot.winter()
                    .ifPresent(weeks -> put(Criterion.WINTER, weeks >= w.rest().weeks() ? 1 : needed ? 0.35 : 0.8));
        }
    }

    private static Trapezoid between(double dies, double thrives, double thrivesTo, double diesOver) {
        return new Trapezoid(
                OptionalDouble.of(dies),
                (dies + thrives) / 2,
                thrives,
                thrivesTo,
                (thrivesTo + diesOver) / 2,
                diesOver);
    }

    private void water() {
        boolean wet = spot.on() == RootPlace.UNDERWATER || spot.on() == RootPlace.WATER_SURFACE;
        OptionalDouble content = wet ? OptionalDouble.of(Plant.SOAKED) : spot.moisture();
        content.ifPresent(w -> put(Criterion.MOISTURE, moisture(Math.min(Plant.SOAKED, w))));
        double bears = plant.wet().dryDays();
        spot.dryDays()
                .ifPresent(d ->
                        put(Criterion.DRY_SPELL, d <= bears ? 1 : clamp((3 * bears + 1 - d) / (2 * bears + 1))));
        spot.leafHours()
                .ifPresent(h ->
                        put(Criterion.LEAF_WET, clamp(1 - (h - plant.wet().leafHours()) / 8)));
        classes(Criterion.DRIP, spot.drip(), d -> d - plant.wet().drip());
    }

    private double moisture(double content) {
        int flood = plant.wet().flood();
        if (spot.on() == RootPlace.UNDERWATER && flood == 3) {
            return 1;
        }
        Plant.Range r = plant.moisture();
        double most = plant.wettest();
        boolean dryAsWell = r.least() == 0;
        boolean wetAsWell = most >= 1.55;
        return new Trapezoid(
                        OptionalDouble.of(r.least() - 0.25),
                        r.least(),
                        dryAsWell ? 0 : (r.liked() + r.least()) / 2,
                        wetAsWell ? Trapezoid.OPEN : (r.liked() + most) / 2,
                        most,
                        most + 0.3)
                .at(content);
    }

    private void air() {
        spot.humidity().ifPresent(mean -> {
            Plant.Range r = plant.humidity();
            boolean open = r.most() >= 0.95;
            double daily = new Trapezoid(
                            r.least() > 0 ? OptionalDouble.of(r.least() - 20 * PERCENT) : OptionalDouble.empty(),
                            r.least(),
                            r.liked(),
                            open ? Trapezoid.OPEN : r.most(),
                            r.most() + 8 * PERCENT,
                            r.most() + 16 * PERCENT)
                    .at(mean);
            double dry = spot.driest().isPresent()
                    ? clamp((spot.driest().getAsDouble() - (r.least() - 35 * PERCENT)) / (25 * PERCENT))
                    : 1;
            put(Criterion.HUMIDITY, Math.min(daily, dry));
        });
        classes(Criterion.AIRFLOW, spot.airflow(), a -> plant.wet().airflow() - a);
    }

    private void classes(Criterion criterion, OptionalInt here, IntUnaryOperator shortBy) {
        here.ifPresent(c ->
                put(criterion, SHORT_BY[Math.max(0, Math.min(SHORT_BY.length - 1, shortBy.applyAsInt(c)))]));
    }

    private void ground() {
        Plant.Ground g = plant.ground();
        spot.ph().ifPresent(ph -> {
            double outside = Math.max(0, Math.max(g.leastPh() - ph, ph - g.mostPh()));
            put(Criterion.PH, Math.max(0.2, 1 - outside / 1.5));
        });
        if (!g.avoidsLime()) {
            put(Criterion.LIME, 1);
        } else {
            spot.lime().ifPresent(l -> put(Criterion.LIME, l ? 0.3 : 1));
        }
        spot.headroom()
                .ifPresent(h -> put(
                        Criterion.HEIGHT,
                        Math.max(0.4, Math.min(1, h / plant.height().year()))));
    }
}
