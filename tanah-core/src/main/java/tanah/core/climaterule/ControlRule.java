package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;
import static tanah.core.climaterule.RuleInput.kelvin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Range;
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
import tanah.core.forecast.PointForecast;
import tanah.core.need.HardLimits;
import tanah.core.time.SeasonPhase;
import tanah.core.units.Unit;

/** What switches the heat: every heater has a control of the right kind, that feels the right thing and carries the load. */
public final class ControlRule {
    public static final RuleId NONE = new RuleId("climate.no_thermostat");
    public static final RuleId KIND = new RuleId("climate.control");
    public static final RuleId LOAD = new RuleId("power.load");
    public static final RuleId LIT = new RuleId("climate.probe.lit");
    public static final RuleId PLACE = new RuleId("climate.probe.place");
    public static final RuleId SETPOINT = new RuleId("climate.setpoint");

    private static final double USED = 0.8; // of a control's rating, common practice
    private static final double SEEN = 1; // K by which light lifts a probe
    private static final double FAR = 0.3; // m from a mat's or panel's middle beyond which it is not felt
    private static final double NO_SPOT = 15; // W: a lamp weaker than this is no heater

    private ControlRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        for (RuleInput.Fitted x : j.fitted()) {
            Optional<Gear> gear = j.catalogue().findGear(x.device().item());
            if (isHeater(x.lamp(), gear, x.fixture())) {
                control(j, x.device(), x.fixture(), x.lamp(), findings);
            }
            load(j, x.device(), x.fixture()).ifPresent(findings::add);
        }
        return findings;
    }

    /** Whether a device is bought for its warmth and can overheat the box. */
    static boolean isHeater(Optional<LampModel> lamp, Optional<Gear> gear, Fixture fixture) {
        if (fixture.dim() <= 0) {
            return false;
        }
        if (lamp.isPresent()) {
            return lamp.get().isHeater() && fixture.power() >= NO_SPOT;
        }
        return gear.filter(
                        g -> g.category().equals("heat_mat") || g.category().equals("heat_cable") || g.isWaterHeater())
                .isPresent();
    }

    private static void control(
            RuleInput j, Device d, Fixture fixture, Optional<LampModel> lamp, List<Finding> findings) {
        Place place = Place.part(Stage.HEAT, d.id());
        boolean timerOnly = lamp.filter(l -> l.control().startsWith("timer")).isPresent();
        if (d.thermostat().isEmpty() && fixture.thermostat().isPresent()) {
            findings.add(j.finding(
                    NONE,
                    Severity.HINT,
                    place,
                    "inside",
                    List.of(RuleInput.celsius("set", fixture.thermostat().get().day())),
                    Remedy.byHand("set-built-in")));
            return;
        }
        if (d.thermostat().isEmpty()) {
            if (timerOnly) {
                return; // a discharge lamp may hang on nothing but a timer; its place is judged by what it does
            }
            findings.add(j.finding(
                    NONE,
                    Severity.STOP,
                    place,
                    "",
                    List.of(new Measure("power", fixture.power(), Unit.WATT)),
                    Remedy.change("give-control", new DeviceEdit.Control(d.id(), item(lamp), setpoint(j, lamp)))));
            return;
        }
        Fixture.Control kind = PointForecast.control(d.thermostat().get());
        boolean right = lamp.isEmpty()
                || switch (kind) {
                    case DIMMING -> lamp.get().dims();
                    case PULSE -> lamp.get().control().contains("pulse");
                    case ON_OFF -> !lamp.get().isBright();
                };
        if (timerOnly || !right) {
            findings.add(j.finding(
                    KIND,
                    Severity.STOP,
                    place,
                    timerOnly ? "timer" : kind == Fixture.Control.DIMMING ? "dims" : "switches",
                    List.of(),
                    timerOnly
                            ? Remedy.byHand("timer-only")
                            : Remedy.change(
                                    "give-control", new DeviceEdit.Control(d.id(), item(lamp), setpoint(j, lamp)))));
        }
        if (fixture.thermostat().isEmpty()) {
            findings.add(j.finding(
                    PLACE,
                    Severity.STOP,
                    place,
                    "nowhere",
                    List.of(),
                    Remedy.change("place-probe", new Action.GoTo(Stage.HEAT))));
            return;
        }
        setpoint(j, d, fixture, lamp, findings);
        lit(j, d, fixture).ifPresent(findings::add);
        far(j, d, fixture).ifPresent(findings::add);
    }

    private static String item(Optional<LampModel> lamp) {
        return lamp.filter(LampModel::dims).isPresent() ? "thermostat-dim-300" : "thermostat-pulse-600";
    }

    private static double setpoint(RuleInput j, Optional<LampModel> lamp) {
        Optional<Range> basking = j.needs().baskingSurface();
        boolean spot = lamp.filter(l -> l.isBeam()).isPresent();
        Range range = spot && basking.isPresent() ? basking.get() : j.needs().warmAir();
        return Math.round(range.min() + range.max()) / 2.0;
    }

    /** A set point past what the animal bears makes every fault of the probe a danger. */
    private static void setpoint(
            RuleInput j, Device d, Fixture fixture, Optional<LampModel> lamp, List<Finding> findings) {
        Fixture.Thermostat t = fixture.thermostat().orElseThrow();
        boolean air = t.probe() instanceof Fixture.Probe.Air;
        boolean water = t.probe() instanceof Fixture.Probe.Water;
        double limit = air
                ? HardLimits.of(j.animal()).high()
                : water
                        ? j.needs()
                                .water()
                                .map(Range::max)
                                .orElse(HardLimits.of(j.animal()).high())
                        : Double.MAX_VALUE;
        double set = Math.max(t.day(), t.night());
        if (set > limit) {
            findings.add(j.finding(
                    SETPOINT,
                    Severity.STOP,
                    Place.part(Stage.HEAT, d.id()),
                    "",
                    List.of(celsius("set", set), celsius("limit", limit)),
                    Remedy.change("lower-setpoint", new Action.GoTo(Stage.HEAT))));
        }
    }

    /** A probe in the light does not feel the air. */
    private static Optional<Finding> lit(RuleInput j, Device d, Fixture fixture) {
        if (!(fixture.thermostat().orElseThrow().probe() instanceof Fixture.Probe.Air at)) {
            return Optional.empty();
        }
        PointForecast here = PointForecast.at(j.forecast(), at.x(), at.y(), at.z(), SeasonPhase.SUMMER_DAY);
        double lift = here.bareProbe() - here.air();
        if (lift <= SEEN) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                LIT,
                Severity.CAUTION,
                Place.part(Stage.HEAT, d.id()),
                "",
                List.of(kelvin("lift", lift), celsius("air", here.air()), celsius("shows", here.bareProbe())),
                Remedy.byHand("shade-probe"),
                Remedy.change("place-probe", new Action.GoTo(Stage.HEAT))));
    }

    /** A spot lamp's probe that is not near its spot, so that it heats without being felt. */
    private static Optional<Finding> far(RuleInput j, Device d, Fixture fixture) {
        Fixture.Probe probe = fixture.thermostat().orElseThrow().probe();
        if (!(fixture.part() instanceof Fixture.Lamp l) || l.beam() <= 0) {
            return Optional.empty();
        }
        double x;
        double y;
        if (probe instanceof Fixture.Probe.Air a) {
            x = a.x();
            y = a.y();
        } else if (probe instanceof Fixture.Probe.Surface s) {
            x = s.x();
            y = s.y();
        } else {
            return Optional.empty();
        }
        double off = Math.hypot(x - l.shape().at().x(), y - l.shape().at().y());
        if (off <= FAR) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                PLACE,
                Severity.CAUTION,
                Place.part(Stage.HEAT, d.id()),
                "far",
                List.of(new Measure("off", off, Unit.CENTIMETRE)),
                Remedy.change("place-probe", new Action.GoTo(Stage.HEAT))));
    }

    private static Optional<Finding> load(RuleInput j, Device d, Fixture fixture) {
        return d.thermostat()
                .flatMap(Device.Thermostat::item)
                .flatMap(j.catalogue()::findGear)
                .filter(g -> g.heat().load().isPresent())
                .filter(g -> fixture.power() > USED * g.heat().load().getAsDouble())
                .map(g -> j.finding(
                        LOAD,
                        Severity.STOP,
                        Place.part(Stage.HEAT, d.id()),
                        "",
                        List.of(
                                new Measure("power", fixture.power(), Unit.WATT),
                                new Measure("rating", g.heat().load().getAsDouble(), Unit.WATT)),
                        Remedy.byHand("larger-control")));
    }
}
