package tanah.core.sizing;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.Factors;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.Mapped;
import tanah.core.forecast.Spot;

/** How long the mistings of a plan have to be for its humidity, by halving over whole winter days. */
final class MistSizing {
    private static final double LONGEST = 8; // times what is planned
    private static final int HALVINGS = 5;

    private MistSizing() {}

    /** The design with mistings of the length that the driest day asks for; itself without nozzles or with enough of it. */
    static Design sized(Design design, Catalogue catalogue, BooleanSupplier stop) {
        Optional<AirPlan.Mist> mist = design.air()
                .flatMap(AirPlan::mist)
                .filter(m -> !m.nozzles().isEmpty() && !m.events().isEmpty());
        Evaluation e = Evaluator.evaluate(design, catalogue);
        Optional<Range> wanted = e.animals().stream()
                .map(Inhabitant::profile)
                .map(s -> s.humidityDay())
                .findFirst();
        if (mist.isEmpty() || wanted.isEmpty()) {
            return design;
        }
        double low = 0;
        double high = LONGEST;
        if (humidity(times(design, mist.get(), high), catalogue, stop)
                < wanted.get().min()) {
            // more mist than that only drains
            return times(design, mist.get(), 1);
        }
        for (int i = 0; i < HALVINGS && !stop.getAsBoolean(); i++) {
            double middle = (low + high) / 2;
            if (humidity(times(design, mist.get(), middle), catalogue, stop)
                    >= wanted.get().min()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return times(design, mist.get(), high);
    }

    private static Design times(Design design, AirPlan.Mist mist, double by) {
        AirPlan.Mist longer = mist.withEvents(mist.events().stream()
                .map(v -> v.lasting(Math.max(1, Math.round(v.seconds() * by))))
                .toList());
        return design.withAir(Optional.of(design.air().orElseThrow().withMist(Optional.of(longer))));
    }

    /** Mean of the lit hours of the coldest day. */
    private static double humidity(Design design, Catalogue catalogue, BooleanSupplier stop) {
        Evaluation e = Evaluator.evaluate(design, catalogue);
        Mapped mapped = Mapped.of(design, e.vessel(), e.ground(), e.animals(), catalogue)
                .orElseThrow();
        Optional<DayCourse> day = DayRun.of(Forecast.modelOf(mapped, Factors.ONE), mapped.winter(), stop);
        return day.map(d -> d.mean(true, s -> Spot.HUMIDITY.at(s.places()).orElse(0)))
                .orElse(0.0);
    }
}
