package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;
import static tanah.core.climaterule.RuleInput.percent;

import java.util.ArrayList;
import java.util.List;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.Expected;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Verdict;
import tanah.core.need.Want;

/**
 * Temperatures and humidity of the named places against the wanted ranges, in the season in which they are worse. Outside is a
 * caution; a range that only the band leaves is a hint to measure. UV has a rule of its own.
 */
public final class NeedRule {
    public static final RuleId BASKING = new RuleId("climate.basking");
    public static final RuleId WARM = new RuleId("climate.warm_air");
    public static final RuleId COOL = new RuleId("climate.cool_air");
    public static final RuleId NIGHT = new RuleId("climate.night");
    public static final RuleId WATER = new RuleId("climate.water");
    public static final RuleId DRY = new RuleId("climate.rh.low");
    public static final RuleId DAMP = new RuleId("climate.rh.high");

    private NeedRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        for (Need need : Need.of(j.animal())) {
            // mist is no part of a steady state: humidity is judged when the whole day is known
            boolean early = need.want().isHumidity() && !j.forecast().hasDays();
            if (need.want() != Want.UV && !early) {
                j.forecast()
                        .outlook(need)
                        .filter(o -> isSaid(j, o))
                        .map(o -> of(j, o))
                        .ifPresent(findings::add);
            }
        }
        return findings;
    }

    /**
     * Nothing is called good before the whole day is known, and a box without heat is not told place by place that it is cold:
     * {@link HeatRule} says it once.
     */
    private static boolean isSaid(RuleInput j, Outlook o) {
        Severity severity = o.verdict().severity();
        boolean preview = severity == Severity.GOOD && !j.forecast().hasDays();
        return !preview && !(HeatRule.isForWantOfHeat(o) && HeatRule.isUnheated(j));
    }

    private static RuleId rule(Outlook o) {
        return switch (o.need().want()) {
            case BASKING -> BASKING;
            case WARM -> WARM;
            case COOL -> COOL;
            case NIGHT -> NIGHT;
            case WATER -> WATER;
            case HUMIDITY_DAY, HUMIDITY_NIGHT ->
                o.verdict().severity() == Severity.GOOD
                                || o.verdict().standing().isLow()
                        ? DRY
                        : DAMP;
            case UV -> throw new IllegalArgumentException("UV is judged by UvRule");
        };
    }

    private static Finding of(RuleInput j, Outlook o) {
        Want want = o.need().want();
        Stage stage = want == Want.WATER ? Stage.WATER : want.stage();
        Severity severity = o.verdict().severity();
        return j.finding(
                rule(o),
                severity,
                Place.of(stage),
                wording(o),
                want.isHumidity() ? humid(o) : warm(o),
                remedies(j, o).toArray(Remedy[]::new));
    }

    /** Value and half band of the prediction, then the two ends of what is wanted. */
    private static List<Measure> warm(Outlook o) {
        return celsius(o.judged(), o.need().range().min(), o.need().range().max());
    }

    private static List<Measure> humid(Outlook o) {
        Expected e = o.judged();
        return List.of(
                percent("value", e.value()),
                percent("band", e.half()),
                percent("low", o.need().range().min()),
                percent("high", o.need().range().max()));
    }

    private static String wording(Outlook o) {
        Verdict v = o.verdict();
        Want want = o.need().want();
        if (want.isHumidity()) {
            return (v.severity() == Severity.HINT ? "maybe_" : "")
                    + want.hours().phase().word();
        }
        if (v.severity() == Severity.GOOD) {
            return "";
        }
        return (v.severity() == Severity.HINT ? "maybe_" : "")
                + (v.standing().isLow() ? "low_" : "high_")
                + o.worse().word();
    }

    private static List<Remedy> remedies(RuleInput j, Outlook o) {
        boolean low = o.verdict().standing().isLow();
        Want want = o.need().want();
        return switch (o.verdict().severity()) {
            case GOOD -> List.of();
            case HINT -> List.of(Remedy.byHand("measure-there"));
            default ->
                want.isHumidity()
                        ? List.of(Remedy.change(low ? "mist-more" : "air-more", new Action.GoTo(Stage.AIR)), find())
                        : low ? List.of(find(), warmer(want)) : cooler(j, o);
        };
    }

    private static Remedy warmer(Want want) {
        return want == Want.WATER
                ? Remedy.change("plan-heater", new Action.GoTo(Stage.WATER))
                : Remedy.change("more-heat", new Action.GoTo(Stage.HEAT));
    }

    private static List<Remedy> cooler(RuleInput j, Outlook o) {
        double room = o.need().want() == Want.WATER ? j.room(o.worse()).meanCelsius() : j.warmestRoom(o.worse());
        return j.cooling(room > o.need().range().max(), true);
    }

    private static Remedy find() {
        return Remedy.change("find-equipment", new Action.Find());
    }
}
