package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;
import static tanah.core.climaterule.RuleInput.kelvin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Range;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.light.Emitter;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.SeasonPhase;

/**
 * Temperatures of the named places against the wanted ranges, in the season in which they are worst. Outside is a caution; a
 * range that only the band leaves is a hint to measure.
 */
public final class RangeRule {
    public static final RuleId BASKING = new RuleId("climate.basking");
    public static final RuleId WARM = new RuleId("climate.warm_air");
    public static final RuleId COOL = new RuleId("climate.cool_air");
    public static final RuleId NIGHT = new RuleId("climate.night");
    public static final RuleId WATER = new RuleId("climate.water");
    public static final RuleId UNWANTED = new RuleId("climate.basking.unwanted");
    public static final RuleId GRADIENT = new RuleId("climate.gradient");

    private static final double LEAST_GRADIENT = 2; // K between the ends' middles that count as a wish for one

    private RangeRule() {}

    /** A value in one season and how it stands. */
    private record Case(SeasonPhase when, Expected expected, Expected.Standing standing) {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        Optional<Range> basking = j.needs().baskingSurface();
        if (basking.isPresent()) {
            worst(j, ClimatePlace.BASKING, basking.get(), true)
                    .ifPresent(c -> findings.add(of(j, BASKING, c, basking.get())));
        } else {
            unwanted(j).ifPresent(findings::add);
        }
        if (!j.needs().isAquatic()) {
            worst(j, ClimatePlace.WARM_AIR, j.needs().warmAir(), true)
                    .ifPresent(c -> findings.add(of(j, WARM, c, j.needs().warmAir())));
            worst(j, ClimatePlace.COOL_AIR, j.needs().coolAir(), true)
                    .ifPresent(c -> findings.add(of(j, COOL, c, j.needs().coolAir())));
            worst(j, ClimatePlace.WARM_AIR, j.needs().night(), false)
                    .ifPresent(c -> findings.add(of(j, NIGHT, c, j.needs().night())));
            gradient(j).ifPresent(findings::add);
        }
        j.needs().water().ifPresent(range -> {
            Optional<Case> day = worst(j, ClimatePlace.WATER, range, true);
            Optional<Case> night = worst(j, ClimatePlace.WATER, range, false);
            Optional<Case> worse =
                    day.isEmpty() || night.isPresent() && isWorse(night.get(), day.get(), range) ? night : day;
            worse.ifPresent(c -> findings.add(of(j, WATER, c, range)));
        });
        return findings;
    }

    private static Optional<Case> worst(RuleInput j, ClimatePlace spot, Range wanted, boolean day) {
        Optional<Case> worst = Optional.empty();
        for (boolean summer : new boolean[] {false, true}) {
            SeasonPhase when = SeasonPhase.of(summer, day);
            Optional<Expected> e = j.forecast().expected(spot, when);
            if (e.isPresent()) {
                Case c = new Case(when, e.get(), e.get().against(wanted));
                if (worst.isEmpty() || isWorse(c, worst.get(), wanted)) {
                    worst = Optional.of(c);
                }
            }
        }
        return worst;
    }

    private static boolean isWorse(Case a, Case b, Range wanted) {
        int rank = rank(a.standing()) - rank(b.standing());
        return rank > 0 || rank == 0 && off(a, wanted) > off(b, wanted);
    }

    private static int rank(Expected.Standing s) {
        return switch (s) {
            case BELOW, ABOVE -> 2;
            case MAY_BE_BELOW, MAY_BE_ABOVE -> 1;
            case WITHIN -> 0;
        };
    }

    private static double off(Case c, Range wanted) {
        return Math.max(wanted.min() - c.expected().value(), c.expected().value() - wanted.max());
    }

    private static Finding of(RuleInput j, RuleId rule, Case c, Range wanted) {
        List<Measure> numbers = celsius(c.expected(), wanted.min(), wanted.max());
        Place place = rule.equals(WATER) ? Place.of(Stage.WATER) : Place.of(Stage.HEAT);
        String season = c.when().isSummer() ? "summer" : "winter";
        return switch (c.standing()) {
            case WITHIN -> j.finding(rule, Severity.GOOD, place, "", numbers);
            case BELOW ->
                j.finding(
                        rule,
                        Severity.CAUTION,
                        place,
                        "low_" + season,
                        numbers,
                        Remedy.change("find-equipment", new Action.Find()),
                        Remedy.change(
                                rule.equals(WATER) ? "plan-heater" : "more-heat", new Action.GoTo(place.stage())));
            case ABOVE ->
                j.finding(
                        rule,
                        Severity.CAUTION,
                        place,
                        "high_" + season,
                        numbers,
                        Remedy.change("find-equipment", new Action.Find()),
                        Remedy.change("less-heat", new Action.GoTo(Stage.HEAT)));
            default ->
                j.finding(
                        rule,
                        Severity.HINT,
                        place,
                        (c.standing() == Expected.Standing.MAY_BE_BELOW ? "maybe_low_" : "maybe_high_") + season,
                        numbers,
                        Remedy.byHand("measure-there"));
        };
    }

    /** A basking lamp where none is wanted. */
    private static Optional<Finding> unwanted(RuleInput j) {
        return j.fitted().stream()
                .filter(x -> x.fixture().part() instanceof Fixture.Lamp l
                        && l.shape().kind() == Emitter.Kind.POINT)
                .filter(x -> x.lamp().filter(l -> l.isHeater() && l.isBright()).isPresent())
                .filter(x -> x.fixture().dim() > 0)
                .map(x -> x.device().id())
                .findFirst()
                .map(id -> j.finding(
                        UNWANTED,
                        Severity.CAUTION,
                        Place.part(Stage.HEAT, id),
                        "",
                        List.of(celsius(
                                "spot",
                                j.forecast()
                                        .expected(ClimatePlace.BASKING, SeasonPhase.SUMMER_DAY)
                                        .map(Expected::value)
                                        .orElse(0.0))),
                        Remedy.change("take-out", new Action.RemoveDevice(id))));
    }

    /** Ends that are to differ and do not, air and ground alike: said as a hint, because mixing is what is known least. */
    private static Optional<Finding> gradient(RuleInput j) {
        double wish = (j.needs().warmAir().min()
                        + j.needs().warmAir().max()
                        - j.needs().coolAir().min()
                        - j.needs().coolAir().max())
                / 2;
        Optional<Expected> warm = j.forecast().expected(ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY);
        Optional<Expected> cool = j.forecast().expected(ClimatePlace.COOL_AIR, SeasonPhase.WINTER_DAY);
        if (wish < LEAST_GRADIENT || warm.isEmpty() || cool.isEmpty()) {
            return Optional.empty();
        }
        double air = warm.get().value() - cool.get().value();
        double ground = j.forecast()
                        .expected(ClimatePlace.WARM_GROUND, SeasonPhase.WINTER_DAY)
                        .map(Expected::value)
                        .orElse(0.0)
                - j.forecast()
                        .expected(ClimatePlace.COOL_GROUND, SeasonPhase.WINTER_DAY)
                        .map(Expected::value)
                        .orElse(0.0);
        List<Measure> numbers = List.of(kelvin("air", air), kelvin("ground", ground), kelvin("wish", wish));
        if (Math.max(air, ground) >= wish / 2) {
            return Optional.of(j.finding(GRADIENT, Severity.GOOD, Place.of(Stage.HEAT), "", numbers));
        }
        return Optional.of(j.finding(
                GRADIENT,
                Severity.HINT,
                Place.of(Stage.HEAT),
                "flat",
                numbers,
                Remedy.change("heat-one-end", new Action.GoTo(Stage.HEAT)),
                Remedy.byHand("measure-both-ends")));
    }
}
