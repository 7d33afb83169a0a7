package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.percent;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.climate.DayCourse;
import tanah.core.climate.WaterLedger;
import tanah.core.design.HardscapeItem;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.core.units.Unit;

/** What the moisture of a whole day comes to: a front that stays wet, mist that runs through, a retreat that is damp. */
public final class MoistureRule {
    public static final RuleId FOG = new RuleId("climate.fog");
    public static final RuleId DRAINS = new RuleId("climate.mist.drains");
    public static final RuleId RETREAT = new RuleId("climate.retreat");

    private static final double FOGGED =
            8; // h a day of a wet or fogged front that are more than wanted, common practice
    private static final double THROUGH = 0.3; // of the mist
    private static final double DAMP = 0.7; // share of saturation a humid retreat offers at least, common practice

    private MoistureRule() {}

    /** Needs the course of a day; nothing is said before it is known. */
    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        if (!j.forecast().hasDays() || j.needs().isAquatic()) {
            return findings;
        }
        j.forecast().day(Season.WINTER).ifPresent(winter -> {
            fog(j, winter).ifPresent(findings::add);
            drains(j, winter.water()).ifPresent(findings::add);
        });
        retreat(j).ifPresent(findings::add);
        return findings;
    }

    private static Optional<Finding> fog(RuleInput j, DayCourse winter) {
        if (winter.wetHours() <= FOGGED) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                FOG,
                Severity.HINT,
                Place.of(Stage.AIR),
                "",
                List.of(
                        new Measure("hours", winter.wetHours() * 3600, Unit.HOUR),
                        new Measure("condensing", winter.fogHours() * 3600, Unit.HOUR)),
                Remedy.change("air-more", new Action.GoTo(Stage.AIR))));
    }

    private static Optional<Finding> drains(RuleInput j, WaterLedger water) {
        if (water.sprayed() <= 0 || water.drained() <= THROUGH * water.sprayed()) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                DRAINS,
                Severity.CAUTION,
                Place.of(Stage.AIR),
                "",
                List.of(
                        percent("share", water.drained() / water.sprayed()),
                        new Measure("sprayed", water.sprayed() / 1000, Unit.LITRE),
                        new Measure("drained", water.drained() / 1000, Unit.LITRE)),
                Remedy.change("mist-less", new Action.GoTo(Stage.AIR))));
    }

    /** A humid retreat where one is wanted: what the damp hides of the plan offer. */
    private static Optional<Finding> retreat(RuleInput j) {
        if (j.needs().optional("needs_humid_retreat").orElse(0) <= 0) {
            return Optional.empty();
        }
        Optional<HardscapeItem> hide = j.design().hardscape().stream()
                .filter(h -> h.hide().filter(k -> k.kind().equals("humid")).isPresent())
                .findFirst();
        if (hide.isEmpty()) {
            return Optional.empty(); // the count of hides says so
        }
        Optional<Double> inside = HideAir.humidity(j.forecast(), hide.get(), SeasonPhase.WINTER_DAY);
        if (inside.isEmpty()) {
            return Optional.empty();
        }
        List<Measure> numbers = List.of(percent("inside", Math.min(1, inside.get())), percent("wanted", DAMP));
        boolean damp = inside.get() >= DAMP;
        return Optional.of(
                damp
                        ? j.finding(
                                RETREAT,
                                Severity.GOOD,
                                Place.part(Stage.HARDSCAPE, hide.get().id()),
                                "",
                                numbers)
                        : j.finding(
                                RETREAT,
                                Severity.CAUTION,
                                Place.part(Stage.HARDSCAPE, hide.get().id()),
                                "dry",
                                numbers,
                                Remedy.byHand("wet-retreat")));
    }
}
