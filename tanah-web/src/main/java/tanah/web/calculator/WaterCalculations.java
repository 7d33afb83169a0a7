package tanah.web.calculator;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.ChangeSchedule;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;
import tanah.core.evaluate.Evaluation;
import tanah.core.forecast.WaterMoved;
import tanah.core.units.Unit;
import tanah.core.water.ChangerRule;
import tanah.core.water.Changes;
import tanah.core.water.CycleWays;
import tanah.core.water.WaterCare;
import tanah.core.water.WaterProperties;
import tanah.web.forms.Numbers;

/** Keeping the water: what a changer changes, nitrate, blending, topping up. */
final class WaterCalculations {
    private static final String THIN = "\u2009";

    private WaterCalculations() {}

    private static OptionalDouble volume(Evaluation e) {
        return e.care().map(c -> OptionalDouble.of(c.volume())).orElse(OptionalDouble.empty());
    }

    private static Tap tap(Evaluation e) {
        return e.design().water().flatMap(WaterPart::tap).orElse(Tap.UNKNOWN);
    }

    private static String percent(double share) {
        return Numbers.upTo(100 * share, 1) + THIN + "%";
    }

    private static String milligrams(double kgPerCubicMetre) {
        return Numbers.upTo(kgPerCubicMetre * 1e3, 1) + THIN + "mg/L";
    }

    /** An automatic changer that was timed for another tank. */
    static final class Changer implements Calculation {
        @Override
        public String id() {
            return "changer";
        }

        @Override
        public boolean fits(Evaluation e) {
            return volume(e).isPresent();
        }

        @Override
        public List<Ask> asks(Evaluation e) {
            return List.of(
                    Ask.volume("changer-tank", 5000, volume(e)),
                    Ask.share("changer-share", OptionalDouble.empty()),
                    Ask.number("changer-times", Unit.COUNT, 1, 48, 1));
        }

        @Override
        public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
            double volume = volume(e).orElseThrow();
            double dose = a.number("changer-share") * a.number("changer-tank");
            int times = (int) Math.round(a.number("changer-times"));
            if (dose <= 0) {
                return Outcome.NONE;
            }
            double batch = Changes.drainThenFill(dose, volume);
            double drip = Changes.continuous(dose, volume);
            List<Line> rows = List.of(
                    new Line("changer_dose", Numbers.volumeWithUnit(dose)),
                    new Line("changer_batch", percent(batch)),
                    new Line("changer_drip", percent(drip)),
                    new Line("changer_batch_day", percent(Changes.repeated(batch, times))),
                    new Line("changer_drip_day", percent(Changes.repeated(drip, times))),
                    new Line("changer_day", Numbers.volumeWithUnit(dose * times)));
            return Outcome.of(rows, ChangerRule.judge(a.number("changer-share"), a.number("changer-tank"), volume));
        }
    }

    /** Steady nitrate under the schedule. */
    static final class Nitrate implements Calculation {
        @Override
        public String id() {
            return "nitrate";
        }

        @Override
        public boolean fits(Evaluation e) {
            return volume(e).isPresent();
        }

        @Override
        public List<Ask> asks(Evaluation e) {
            ChangeSchedule plan = e.design().water().flatMap(WaterPart::changes).orElse(ChangeSchedule.NONE);
            double load = e.animals().stream()
                    .mapToDouble(a -> CycleWays.load(a) * a.resident().count())
                    .sum();
            OptionalDouble target =
                    e.design().water().map(WaterPart::targetNitrate).orElse(OptionalDouble.empty());
            return List.of(
                    Ask.number("nitrate-load", Unit.COUNT, 0, 10_000, Math.round(load * DAY * 1e7) / 10.0),
                    Ask.number("nitrate-plants", Unit.COUNT, 0, 10_000, 0),
                    Ask.share("nitrate-share", plan.fraction()),
                    Ask.number("nitrate-every", Unit.DAY, 0.1, 365, plan.interval()),
                    Ask.number("nitrate-tap", Unit.MILLIGRAM_PER_LITRE, 0, 500, tap(e).nitrate()),
                    Ask.number("nitrate-target", Unit.MILLIGRAM_PER_LITRE, 0, 500, target));
        }

        @Override
        public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
            double share = a.number("nitrate-share");
            if (share <= 0) {
                return Outcome.NONE;
            }
            double load = Math.max(0, a.number("nitrate-load") - a.number("nitrate-plants")) * 1e-6 / DAY;
            Changes.Nitrate n = Changes.nitrate(
                    load, volume(e).orElseThrow(), share, a.number("nitrate-every"), a.number("nitrate-tap"));
            List<Line> rows = new ArrayList<>();
            rows.add(new Line("nitrate_step", milligrams(n.step())));
            rows.add(new Line("nitrate_peak", milligrams(n.peak())));
            rows.add(new Line("nitrate_after", milligrams(n.after())));
            rows.add(new Line("nitrate_changes", String.valueOf(n.changes())));
            OptionalDouble wanted = n.fractionFor(a.number("nitrate-target"), a.number("nitrate-tap"));
            rows.add(new Line("nitrate_wanted", wanted.isPresent() ? percent(wanted.getAsDouble()) : "–"));
            return Outcome.of(rows);
        }
    }

    /** Tap and pure water for a hardness. */
    static final class Blend implements Calculation {
        @Override
        public String id() {
            return "blend";
        }

        @Override
        public boolean fits(Evaluation e) {
            return volume(e).isPresent();
        }

        @Override
        public List<Ask> asks(Evaluation e) {
            OptionalDouble change = e.care().map(WaterCare::change).orElse(OptionalDouble.empty());
            return List.of(
                    Ask.number("blend-target", Unit.DEGREE_HARDNESS, 0, 60, OptionalDouble.empty()),
                    Ask.number("blend-tap", Unit.DEGREE_HARDNESS, 0, 60, tap(e).hardness()),
                    Ask.number("blend-pure", Unit.DEGREE_HARDNESS, 0, 60, 0),
                    Ask.volume("blend-volume", 5000, change.isPresent() ? change : volume(e)));
        }

        @Override
        public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
            double tap = a.number("blend-tap");
            double pure = a.number("blend-pure");
            OptionalDouble share =
                    tap == pure ? OptionalDouble.empty() : Changes.tapShare(a.number("blend-target"), tap, pure);
            if (share.isEmpty()) {
                return Outcome.of(List.of(new Line("blend_none", "–")));
            }
            double volume = a.number("blend-volume");
            return Outcome.of(List.of(
                    new Line("blend_share", percent(share.getAsDouble())),
                    new Line("blend_of_tap", Numbers.volumeWithUnit(volume * share.getAsDouble())),
                    new Line("blend_of_pure", Numbers.volumeWithUnit(volume * (1 - share.getAsDouble())))));
        }
    }

    /** Water that evaporates and is filled up. */
    static final class TopUp implements Calculation {
        @Override
        public String id() {
            return "topup";
        }

        @Override
        public boolean fits(Evaluation e) {
            return volume(e).isPresent() && e.water().isPresent();
        }

        private static OptionalDouble evaporation(Evaluation e) {
            double celsius = e.design().water().orElseThrow().celsius();
            OptionalDouble carried = e.forecast().map(WaterMoved::carriedOut).orElse(OptionalDouble.empty());
            OptionalDouble perSecond = carried.isPresent() ? carried : byHand(e, celsius);
            return perSecond.isEmpty()
                    ? perSecond
                    : OptionalDouble.of(perSecond.getAsDouble() / WaterProperties.density(celsius) * DAY);
        }

        /** While the climate is not known. */
        private static OptionalDouble byHand(Evaluation e, double celsius) {
            return e.care().flatMap(WaterCare::heater).stream()
                    .mapToDouble(h -> h.evaporation(celsius))
                    .findFirst();
        }

        @Override
        public List<Ask> asks(Evaluation e) {
            Optional<Tap> known = e.design().water().flatMap(WaterPart::tap);
            OptionalDouble tap = known.map(Tap::conductivity).orElse(OptionalDouble.empty());
            return List.of(
                    Ask.volume("topup-evaporation", 100, evaporation(e)),
                    Ask.length("topup-band", 1, 0.02),
                    Ask.number("topup-water", Unit.COUNT, 0, 20_000, tap),
                    Ask.number("topup-fresh", Unit.COUNT, 0, 20_000, tap),
                    Ask.number("topup-days", Unit.DAY, 1, 365, 30));
        }

        @Override
        public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
            double daily = a.number("topup-evaporation");
            double area = e.water().orElseThrow().perMetre();
            double reserve = a.number("topup-band") * area;
            List<Line> rows = new ArrayList<>();
            if (e.forecast()
                    .map(WaterMoved::carriedOut)
                    .orElse(OptionalDouble.empty())
                    .isEmpty()) {
                evaporation(e).stream().forEach(v -> rows.add(new Line("topup_hand", Numbers.volumeWithUnit(v))));
            }
            rows.add(new Line("topup_reserve", Numbers.volumeWithUnit(reserve)));
            if (daily > 0) {
                rows.add(new Line("topup_days", Numbers.upTo(reserve / daily, 1) + THIN + "d"));
            }
            double days = a.number("topup-days") / DAY;
            double after = a.number("topup-water")
                    + a.number("topup-fresh") * daily * days / volume(e).orElseThrow();
            rows.add(new Line("topup_after", Numbers.upTo(after, 0) + THIN + "µS/cm"));
            return Outcome.of(rows);
        }
    }
}
