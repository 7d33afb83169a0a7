package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.percent;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Range;
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
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.SeasonPhase;
import tanah.core.units.Unit;

/** Humidity by day and by night over the whole course of a day, mist that runs through, a front that stays wet. */
public final class HumidityRule {
    public static final RuleId LOW = new RuleId("climate.rh.low");
    public static final RuleId HIGH = new RuleId("climate.rh.high");
    public static final RuleId FOG = new RuleId("climate.fog");
    public static final RuleId DRAINS = new RuleId("climate.mist.drains");
    public static final RuleId RETREAT = new RuleId("climate.retreat");

    private static final double FOGGED =
            8; // h a day of a wet or fogged front that are more than wanted, common practice
    private static final double THROUGH = 0.3; // of the mist
    private static final double DAMP = 0.7; // share of saturation a humid retreat offers at least, common practice

    private HumidityRule() {}

    /** Needs the course of a day; nothing is said before it is known. */
    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        if (!j.forecast().hasDays() || j.needs().isAquatic()) {
            return findings;
        }
        for (boolean day : new boolean[] {true, false}) {
            Range wanted = day ? j.needs().humidityDay() : j.needs().humidityNight();
            humidity(j, day, wanted).ifPresent(findings::add);
        }
        j.forecast().day(false).ifPresent(winter -> {
            fog(j, winter).ifPresent(findings::add);
            drains(j, winter.water()).ifPresent(findings::add);
        });
        retreat(j).ifPresent(findings::add);
        return findings;
    }

    private static Optional<Finding> humidity(RuleInput j, boolean day, Range wanted) {
        Optional<Expected> winter = j.forecast().mean(ClimatePlace.HUMIDITY, SeasonPhase.of(false, day));
        Optional<Expected> summer = j.forecast().mean(ClimatePlace.HUMIDITY, SeasonPhase.of(true, day));
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        Expected dry = winter.get().value() < summer.get().value() ? winter.get() : summer.get();
        Expected damp = winter.get().value() < summer.get().value() ? summer.get() : winter.get();
        String phase = day ? "day" : "night";
        double under = wanted.min() - dry.value();
        double over = damp.value() - wanted.max();
        Expected shown = over > under ? damp : dry;
        List<Measure> numbers = List.of(
                percent("value", Math.min(1, shown.value())),
                percent("band", shown.half()),
                percent("low", wanted.min()),
                percent("high", wanted.max()));
        if (under <= 1e-9 && over <= 1e-9) {
            boolean sure = dry.low() >= wanted.min() - 1e-9 && Math.min(1, damp.high()) <= wanted.max() + 1e-9;
            return Optional.of(
                    sure
                            ? j.finding(LOW, Severity.GOOD, Place.of(Stage.AIR), phase, numbers)
                            : j.finding(
                                    over > under ? HIGH : LOW,
                                    Severity.HINT,
                                    Place.of(Stage.AIR),
                                    "maybe_" + phase,
                                    numbers,
                                    Remedy.byHand("measure-there")));
        }
        return Optional.of(
                under > over
                        ? j.finding(
                                LOW,
                                Severity.CAUTION,
                                Place.of(Stage.AIR),
                                phase,
                                numbers,
                                Remedy.change("mist-more", new Action.GoTo(Stage.AIR)),
                                Remedy.change("find-equipment", new Action.Find()))
                        : j.finding(
                                HIGH,
                                Severity.CAUTION,
                                Place.of(Stage.AIR),
                                phase,
                                numbers,
                                Remedy.change("air-more", new Action.GoTo(Stage.AIR)),
                                Remedy.change("find-equipment", new Action.Find())));
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
