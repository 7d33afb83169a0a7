package tanah.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import tanah.core.box.Factors;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.WaterLedger;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.Season;

/**
 * How damp a combination is over whole days, with mistings as long as its driest phase asks for.
 *
 * @param design with its mistings
 * @param values expected, by target
 * @param misses targets that no misting of sensible length meets
 */
record HumiditySearch(Design design, List<EquipmentFound.Value> values, List<Wish.Miss> misses) {
    private static final double LONGEST = 300; // s of a misting
    private static final double THROUGH = 0.3; // of the mist, more than that only drains
    private static final int HALVINGS = 5;
    private static final double TOLERANCE = 0.02; // K
    private static final String SCHOOL = "misting";

    /** @param targets of humidity */
    static HumiditySearch of(
            Design plan, List<Wish> targets, Catalogue catalogue, WholeDays whole, BooleanSupplier stop) {
        Sized sized = new Sized(catalogue, targets, whole);
        Days asPlanned = sized.days(plan);
        if (asPlanned.shortage <= 0 || stop.getAsBoolean()) {
            return asPlanned.humid();
        }
        Optional<Design> misted = misted(plan, catalogue);
        if (misted.isEmpty()) {
            return asPlanned.humid();
        }
        AirPlan.Mist mist = misted.get().air().flatMap(AirPlan::mist).orElseThrow();
        double now =
                mist.events().stream().mapToDouble(AirPlan.Event::seconds).max().orElse(LONGEST);
        double low = 0;
        double high = Math.max(1, LONGEST / now);
        Days best = sized.days(lasting(misted.get(), mist, high));
        if (best.shortage > 0) {
            return best.misses(asPlanned);
        }
        for (int i = 0; i < HALVINGS && !stop.getAsBoolean(); i++) {
            double middle = (low + high) / 2;
            Days there = sized.days(lasting(misted.get(), mist, middle));
            if (there.shortage <= 0) {
                high = middle;
                best = there;
            } else {
                low = middle;
            }
        }
        return best.drains ? best.misses(asPlanned) : best.humid();
    }

    /** The plan with something that mists, by the way that the keeper has chosen; empty where that is none at all. */
    private static Optional<Design> misted(Design plan, Catalogue catalogue) {
        boolean has = plan.air().flatMap(AirPlan::mist).stream()
                .anyMatch(m -> !m.nozzles().isEmpty() && !m.events().isEmpty());
        if (has) {
            return Optional.of(plan);
        }
        String way = plan.school(SCHOOL).orElse("automatic");
        return way.equals("none")
                ? Optional.empty()
                : Evaluator.evaluate(plan, catalogue)
                        .vessel()
                        .flatMap(v -> MistProposal.with(plan, way.equals("by_hand"), v, catalogue));
    }

    private static Design lasting(Design design, AirPlan.Mist mist, double by) {
        AirPlan.Mist longer = mist.withEvents(mist.events().stream()
                .map(v -> v.withSeconds(Math.max(1, Math.round(v.seconds() * by))))
                .toList());
        return design.withAir(Optional.of(design.air().orElseThrow().withMist(Optional.of(longer))));
    }

    /** Whole days of a design in both seasons. */
    private record Days(
            Design design, List<EquipmentFound.Value> values, List<Wish.Miss> misses, double shortage, boolean drains) {
        HumiditySearch humid() {
            return new HumiditySearch(design, values, misses);
        }

        /** What is missed stays as it was planned: the mist did not help or only ran through. */
        HumiditySearch misses(Days planned) {
            return planned.misses.isEmpty() ? humid() : planned.humid();
        }
    }

    private record Sized(Catalogue catalogue, List<Wish> targets, WholeDays whole) {
        Days days(Design design) {
            Evaluation e = Evaluator.evaluate(design, catalogue);
            MappedDesign mapped = MappedDesign.of(design, e.vessel(), e.ground(), e.animals(), catalogue)
                    .orElseThrow();
            Forecast f = whole.with(Forecast.steady(mapped, Optional.empty(), Factors.ONE, 0, TOLERANCE));
            List<EquipmentFound.Value> values = new ArrayList<>();
            List<Wish.Miss> misses = new ArrayList<>();
            double shortage = 0;
            for (Wish t : targets) {
                t.found(f).ifPresent(values::add);
                for (Wish.Miss m : t.misses(f)) {
                    misses.add(m);
                    shortage = Math.max(shortage, m.isBelow() ? m.weight() : 0);
                }
            }
            Optional<WaterLedger> water = f.day(Season.WINTER).map(d -> d.water());
            boolean drains = water.filter(w -> w.sprayed() > 0 && w.drained() > THROUGH * w.sprayed())
                    .isPresent();
            return new Days(design, values, misses, shortage, drains);
        }
    }
}
