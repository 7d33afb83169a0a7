package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.percent;
import static tanah.core.climaterule.RuleInput.uvi;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Device;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.LightForecast;
import tanah.core.light.UvIndex;
import tanah.core.need.Expected;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Want;
import tanah.core.units.Unit;

/**
 * UV against the profile and the zones of Ferguson et al. 2010: enough at the basking place with old lamps, never too much at
 * any place that the animal can reach with new ones, and shade on a fifth of the ground.
 */
public final class UvRule {
    public static final RuleId LOW = new RuleId("uv.low");
    public static final RuleId ZONE = new RuleId("uv.zone");
    public static final RuleId HIGH = new RuleId("uv.high");
    public static final RuleId GLASS = new RuleId("uv.glass");
    public static final RuleId ABSENT = new RuleId("uv.absent");
    public static final RuleId SHADE = new RuleId("uv.shade");
    public static final RuleId LIFE = new RuleId("uv.life");
    public static final RuleId UNWANTED = new RuleId("uv.unwanted");

    private static final double LEAST_SHADE = 0.2;

    private UvRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        LightForecast light = j.forecast().light();
        String school = j.needs().uvSchool();
        Optional<Need> need = Need.of(j.animal(), Want.UV);
        Optional<Range> wanted = need.map(Need::range);
        if (!light.hasUv()) {
            absent(j, school).ifPresent(findings::add);
            return findings;
        }
        boolean stopped = light.isStopped(j.forecast().mapped());
        if (wanted.isEmpty()) {
            // whether UV is wanted at all comes before how to let it in
            findings.add(j.finding(
                    UNWANTED,
                    Severity.HINT,
                    Place.part(Stage.HEAT, uvLamp(j)),
                    "",
                    List.of(uvi("peak", light.peak())),
                    Remedy.change("take-out", new DeviceEdit.RemoveDevice(uvLamp(j)))));
        } else if (stopped) {
            findings.add(behindGlass(j, light, school));
        } else {
            j.forecast()
                    .outlook(need.orElseThrow())
                    .map(o -> resting(j, light, o))
                    .ifPresent(findings::add);
        }
        if (stopped) {
            return findings;
        }
        high(j, light).ifPresent(findings::add);
        shade(j, light).ifPresent(findings::add);
        life(j).ifPresent(findings::add);
        return findings;
    }

    private static Finding behindGlass(RuleInput j, LightForecast light, String school) {
        return j.finding(
                GLASS,
                school.equals("required") ? Severity.STOP : Severity.CAUTION,
                Place.part(Stage.HEAT, uvLamp(j)),
                "",
                List.of(uvi("peak", light.peak())),
                Remedy.change(
                        "lamp-inside",
                        DeviceEdit.hang(
                                uvLamp(j),
                                j.forecast().mapped().enclosure().shell().height() - 0.05)),
                Remedy.change("mesh-lid", new Action.GoTo(Stage.AIR)));
    }

    private static Optional<Finding> absent(RuleInput j, String school) {
        Severity severity = switch (school) {
            case "required" -> Severity.STOP;
            case "recommended" -> Severity.CAUTION;
            case "optional" -> Severity.HINT;
            default -> Severity.GOOD;
        };
        if (severity == Severity.GOOD) {
            return Optional.empty();
        }
        Range wanted = j.needs().uvIndex().orElse(new Range(0, 0));
        return Optional.of(j.finding(
                ABSENT,
                severity,
                Place.of(Stage.HEAT),
                school,
                List.of(uvi("low", wanted.min()), uvi("high", wanted.max())),
                Remedy.change("plan-uv", new Action.GoTo(Stage.HEAT)),
                Remedy.change("find-equipment", new Action.Find())));
    }

    private static String uvLamp(RuleInput j) {
        return j.forecast().mapped().uvLamp().map(Device::id).orElse("");
    }

    private static double aged(RuleInput j) {
        return j.forecast().mapped().uvAgeing();
    }

    private static Finding resting(RuleInput j, LightForecast light, Outlook o) {
        Range wanted = o.need().range();
        Expected fresh = light.restingBand(0);
        Expected old = light.restingBand(aged(j));
        List<Measure> numbers = List.of(
                uvi("new", fresh.value()),
                uvi("band", fresh.half()),
                uvi("old", old.value()),
                uvi("low", wanted.min()),
                uvi("high", wanted.max()));
        Place place = Place.part(Stage.HEAT, uvLamp(j));
        Severity severity = o.verdict().severity();
        if (severity == Severity.CAUTION) {
            boolean low = o.verdict().standing().isLow();
            return j.finding(
                    low ? LOW : ZONE, severity, place, low ? "" : "high", numbers, nearer(j, light, wanted), find());
        }
        if (old.value() < wanted.min()) {
            return j.finding(LOW, severity, place, "old", numbers, Remedy.byHand("replace-uv"));
        }
        return severity == Severity.GOOD
                ? j.finding(ZONE, severity, place, "", numbers)
                : j.finding(ZONE, severity, place, "maybe", numbers, Remedy.byHand("measure-uv"));
    }

    private static Remedy find() {
        return Remedy.change("find-equipment", new Action.Find());
    }

    /** The height at which the UV at the resting place comes to the middle of what is wanted, by the square of distance. */
    private static Remedy nearer(RuleInput j, LightForecast light, Range wanted) {
        Optional<Device> lamp = j.design().device(uvLamp(j));
        double aim = (wanted.min() + wanted.max()) / 2;
        double bask = j.forecast().mapped().enclosure().platforms().stream()
                .mapToDouble(p -> p.z())
                .max()
                .orElse(0);
        double z = lamp.map(d -> d.at().z().orElse(0)).orElse(0.0);
        double distance = z - bask - j.forecast().mapped().reach().back();
        if (distance <= 0.05 || light.resting() <= 0) {
            return Remedy.change("move-uv", new Action.GoTo(Stage.HEAT));
        }
        double to = bask + j.forecast().mapped().reach().back() + distance * Math.pow(light.resting() / aim, 1 / 1.4);
        double kept = Math.round(Math.max(
                                bask + 0.15,
                                Math.min(
                                        j.forecast()
                                                        .mapped()
                                                        .enclosure()
                                                        .shell()
                                                        .height()
                                                - 0.03,
                                        to))
                        * 100)
                / 100.0;
        return Remedy.change(
                "hang-uv", DeviceEdit.hang(lamp.orElseThrow().id(), kept), new Measure("z", kept, Unit.CENTIMETRE));
    }

    /** Highest UV index within reach of an animal: the upper end of its zone, or what it wants where that is more. */
    public static double most(Species species) {
        int zone = Math.max(1, (int) species.optional("uv_zone").orElse(1));
        return Math.max(
                UvIndex.Zone.values()[Math.min(4, zone) - 1].maxHigh(),
                species.uvIndex().map(Range::max).orElse(0.0));
    }

    private static Optional<Finding> high(RuleInput j, LightForecast light) {
        double limit = most(j.needs());
        Expected peak = light.peakBand();
        List<Measure> numbers = List.of(uvi("peak", peak.value()), uvi("band", peak.half()), uvi("limit", limit));
        Place place = Place.part(Stage.HEAT, uvLamp(j));
        if (peak.value() > limit) {
            return Optional.of(j.finding(
                    HIGH,
                    Severity.STOP,
                    place,
                    "",
                    numbers,
                    Remedy.change("raise-uv", new Action.GoTo(Stage.HEAT)),
                    find()));
        }
        if (peak.high() > limit) {
            return Optional.of(j.finding(HIGH, Severity.CAUTION, place, "maybe", numbers, Remedy.byHand("measure-uv")));
        }
        return Optional.of(j.finding(HIGH, Severity.GOOD, place, "", numbers));
    }

    private static Optional<Finding> shade(RuleInput j, LightForecast light) {
        double share = light.ground().shade();
        List<Measure> numbers = List.of(percent("share", share), percent("least", LEAST_SHADE));
        return Optional.of(
                share >= LEAST_SHADE
                        ? j.finding(SHADE, Severity.GOOD, Place.of(Stage.HEAT), "", numbers)
                        : j.finding(
                                SHADE,
                                Severity.CAUTION,
                                Place.of(Stage.HEAT),
                                "little",
                                numbers,
                                Remedy.change("give-shade", new Action.GoTo(Stage.HARDSCAPE))));
    }

    private static Optional<Finding> life(RuleInput j) {
        return j.design()
                .device(uvLamp(j))
                .flatMap(d -> j.catalogue().findLamp(d.item()))
                .filter(l -> l.life().isPresent())
                .map(l -> lasts(j, l));
    }

    private static Finding lasts(RuleInput j, LampModel lamp) {
        double months = lamp.life().orElse(12);
        return j.finding(
                LIFE,
                Severity.HINT,
                Place.part(Stage.HEAT, uvLamp(j)),
                "",
                List.of(
                        new Measure("months", months, Unit.MONTH),
                        percent("aged", aged(j)),
                        uvi("old", j.forecast().light().restingBand(aged(j)).value())),
                Remedy.byHand("measure-uv-twice"));
    }
}
