package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Range;
import tanah.core.design.Device;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.WaterHeat;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.HardLimits;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.core.units.Unit;

/** The heater of the water: whether it holds the coldest night, and what it does on the hottest day when its control sticks. */
public final class WaterHeatRule {
    public static final RuleId SMALL = new RuleId("GW-085");
    public static final RuleId STUCK = new RuleId("GW-086");
    public static final RuleId NEEDLESS = new RuleId("GW-087");

    /** A control of its own for a heater that has one built in; it is made for water. */
    private static final String SECOND = "thermostat-onoff-1000";

    private static final SeasonPhase HOTTEST = SeasonPhase.of(Season.SUMMER, Phase.DAY);

    private WaterHeatRule() {}

    public static List<Finding> judge(RuleInput j) {
        Optional<Range> wanted = j.needs().water();
        Optional<WaterHeat> heat = j.forecast().waterHeat();
        if (wanted.isEmpty() || heat.isEmpty()) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        WaterHeat h = heat.get();
        if (h.unheated() >= wanted.get().min()) {
            findings.add(needless(j, h, wanted.get()));
        } else {
            findings.add(h.planned() ? planned(j, h) : wanted(j, h));
        }
        if (h.planned() || h.unheated() < wanted.get().min()) {
            stuck(j, h).ifPresent(findings::add);
        }
        return findings;
    }

    /** Whether a note is of this rule; its remedies are tried with the water computed. */
    public static boolean isOf(Finding f) {
        return Set.of(SMALL, STUCK, NEEDLESS).contains(f.rule());
    }

    private static List<Device> heaters(Forecast f) {
        return f.mapped().heated().stream()
                .flatMap(h -> h.heaters().stream())
                .map(i -> f.mapped().devices().get(i))
                .toList();
    }

    private static Place place(RuleInput j) {
        return heaters(j.forecast()).stream()
                .findFirst()
                .map(d -> Place.part(Stage.WATER, d.id()))
                .orElse(Place.of(Stage.WATER));
    }

    private static Measure watts(String name, double value) {
        return new Measure(name, value, Unit.WATT);
    }

    private static Finding needless(RuleInput j, WaterHeat h, Range wanted) {
        List<Measure> numbers = List.of(
                celsius("unheated", h.unheated()),
                celsius("least", wanted.min()),
                RuleInput.kelvin("margin", h.unheated() - wanted.min()));
        return h.planned()
                ? j.finding(NEEDLESS, Severity.HINT, place(j), "", numbers, Remedy.byHand("ride-on-room"))
                : j.finding(NEEDLESS, Severity.GOOD, place(j), "", numbers);
    }

    /** No heater is planned yet: which size to buy. */
    private static Finding wanted(RuleInput j, WaterHeat h) {
        List<Measure> numbers = List.of(
                celsius("unheated", h.unheated()),
                watts("need", h.need()),
                watts("size", h.size().orElse(0)));
        return h.size().isEmpty()
                ? j.finding(SMALL, Severity.STOP, place(j), "none", numbers, Remedy.byHand("warmer-room-water"))
                : j.finding(
                        SMALL,
                        Severity.CAUTION,
                        place(j),
                        "",
                        numbers,
                        Remedy.byHand("guarded-heater", watts("size", h.size().getAsDouble())));
    }

    /** The heaters of the plan against the coldest night. */
    private static Finding planned(RuleInput j, WaterHeat h) {
        OptionalDouble warmUp = h.warmUp();
        List<Measure> numbers = List.of(
                watts("power", h.power()),
                watts("need", h.need()),
                celsius("reached", h.stuckWinter()),
                new Measure("hours", warmUp.orElse(0), Unit.HOUR));
        if (warmUp.isPresent() && h.isEnough(h.power())) {
            return j.finding(SMALL, Severity.GOOD, place(j), "planned", numbers);
        }
        List<Remedy> remedies = new ArrayList<>();
        List<Device> heaters = heaters(j.forecast());
        if (heaters.size() == 1) {
            // without a second control a heater that can overheat the water is no cure
            double most = hasSecond(heaters.get(0))
                    ? Double.MAX_VALUE
                    : h.mostPower(HardLimits.of(j.animal()).high());
            sold(j, h, most).ifPresent(g -> remedies.add(exchange("larger-heater", heaters.get(0), g)));
        }
        remedies.add(Remedy.byHand("warmer-room-water"));
        boolean never = warmUp.isEmpty();
        return j.finding(
                SMALL,
                never ? Severity.STOP : Severity.CAUTION,
                place(j),
                never ? "small" : "tight",
                numbers,
                remedies.toArray(Remedy[]::new));
    }

    /** The smallest heater of the catalogue that holds the water and is not over a power (W). */
    private static Optional<Gear> sold(RuleInput j, WaterHeat h, double most) {
        return j.catalogue().allGear().stream()
                .filter(g -> g.isWaterHeater() && g.power().isPresent())
                .filter(g -> h.isEnough(g.power().getAsDouble()) && g.power().getAsDouble() <= most)
                .min(Comparator.comparingDouble(g -> g.power().getAsDouble()));
    }

    private static Remedy exchange(String id, Device heater, Gear gear) {
        return Remedy.change(
                id,
                new DeviceEdit.SetDevice(heater.id(), gear.id()),
                watts("size", gear.power().orElse(0)));
    }

    /** Stuck on: past the hard limit a stop; a caution where the band alone reaches it, or a second control stands in line. */
    private static Optional<Finding> stuck(RuleInput j, WaterHeat h) {
        HardLimits limits = HardLimits.of(j.animal());
        double half = j.forecast().half(ClimatePlace.WATER, HOTTEST);
        Severity verdict = limits.judge(new Expected(h.stuck(), half), true);
        if (h.power() <= 0 || verdict == Severity.GOOD) {
            return Optional.empty();
        }
        List<Device> heaters = heaters(j.forecast());
        boolean second = h.planned() && heaters.stream().allMatch(WaterHeatRule::hasSecond);
        boolean surely = verdict == Severity.STOP && h.planned() && !second;
        double most = h.mostPower(limits.high());
        OptionalDouble until = h.until(limits.high());
        List<Measure> numbers = List.of(
                celsius("stuck", h.stuck()),
                celsius("limit", limits.high()),
                new Measure("hours", until.orElse(0), Unit.HOUR),
                watts("most", most),
                watts("power", h.power()));
        String wording = second ? "second" : !h.planned() ? "size" : until.isEmpty() ? "maybe" : "";
        return Optional.of(j.finding(
                STUCK,
                surely ? Severity.STOP : Severity.CAUTION,
                place(j),
                wording,
                numbers,
                remedies(j, h, heaters, second, most).toArray(Remedy[]::new)));
    }

    private static List<Remedy> remedies(RuleInput j, WaterHeat h, List<Device> heaters, boolean second, double most) {
        List<Remedy> remedies = new ArrayList<>();
        if (heaters.size() == 1) {
            Device heater = heaters.get(0);
            sold(j, h, most)
                    .filter(g -> g.power().orElse(0) < h.power())
                    .ifPresent(g -> remedies.add(exchange("smaller-heater", heater, g)));
            if (!second) {
                double set = heater.thermostat()
                        .map(Device.Thermostat::day)
                        .orElse(OptionalDouble.empty())
                        .orElse(h.target());
                remedies.add(Remedy.change("second-control", new DeviceEdit.Control(heater.id(), SECOND, set)));
            }
        }
        if (second) {
            remedies.add(Remedy.byHand("try-controls"));
        } else if (heaters.size() != 1) {
            remedies.add(Remedy.byHand("second-thermostat"));
        }
        return remedies;
    }

    /** Whether a control of its own stands before the heater's built-in one. */
    private static boolean hasSecond(Device heater) {
        return heater.thermostat()
                .flatMap(Device.Thermostat::item)
                .filter(i -> !i.equals("built_in"))
                .isPresent();
    }
}
