package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Species;
import tanah.core.design.Device;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.light.Lid;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestSpecies;

/** Heaters and what switches them, mats, probes in the light, loads; limits below, at and above. */
class ControlRuleTest {
    private static final Fixture.Probe SHADE = new Fixture.Probe.Air(0.6, 0.3, 0.2, false);

    private static Device device(String item, String control, String kind) {
        Device plain = Device.of("d", item, Device.Spot.at(0.6, 0.3, 0.7));
        return control == null
                ? plain
                : plain.withThermostat(Optional.of(new Device.Thermostat(
                        Optional.of(control),
                        Optional.of(kind),
                        OptionalDouble.of(30),
                        OptionalDouble.of(20),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.of("p"))));
    }

    private static Optional<Fixture.Thermostat> feels(Fixture.Probe probe, double day, double night) {
        return Optional.of(new Fixture.Thermostat(Fixture.Control.DIMMING, day, night, 1, 1, probe));
    }

    private static ForecastStub calm() {
        return new ForecastStub().everywhere(25, 25, 0, 0.01);
    }

    private static List<Finding> judge(ForecastStub f) {
        return ControlRule.judge(f.input());
    }

    private static Optional<Finding> of(ForecastStub f, RuleId rule) {
        return judge(f).stream().filter(x -> x.rule().equals(rule)).findFirst();
    }

    private static DeviceEdit.Control offered(Finding f) {
        Remedy.Action.Press press = (Remedy.Action.Press) f.remedies().get(0).action();
        return (DeviceEdit.Control) press.change();
    }

    @ParameterizedTest
    @CsvSource({
        "spot,      100, STOP, thermostat-dim-300,   43",
        "ceramic,   100, STOP, thermostat-pulse-600, 32",
        "spot,      14.9, , , ",
        "spot,      15, STOP, thermostat-dim-300, 43",
        "tube,      24, , , ",
        "discharge, 70, , , "
    })
    void everyHeaterHasAControl(String item, double watts, Severity severity, String control, Double set) {
        ForecastStub f = calm().lamp(device(item, null, null), watts, 0.7, Optional.empty());
        Optional<Finding> found = of(f, ControlRule.NONE);
        assertThat(found.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
        found.ifPresent(x -> {
            assertThat(x.measure("power").value()).isEqualTo(watts);
            assertThat(offered(x).item()).isEqualTo(control);
            assertThat(offered(x).set()).isEqualTo(set);
        });
    }

    @Test
    void withoutAWishToBaskTheWarmEndIsTheSetPoint() {
        ForecastStub f = calm().animal(TestSpecies.frog()).lamp(device("spot", null, null), 100, 0.7, Optional.empty());
        // middle of 21 to 24 °C
        assertThat(offered(of(f, ControlRule.NONE).orElseThrow()).set()).isEqualTo(22.5);
    }

    @ParameterizedTest
    @CsvSource({"mat", "cable", "heater-25"})
    void matsCablesAndWaterHeatersAreHeaters(String item) {
        ForecastStub f = calm().heater(device(item, null, null), 10);
        assertThat(of(f, ControlRule.NONE)).isPresent();
    }

    @Test
    void whatIsDimmedToNothingDoesNotHeat() {
        Fixture off = new Fixture("d", 50, new Fixture.Hours.Always(), 0, Optional.empty(), new Fixture.InWater(0, 1));
        assertThat(judge(calm().fixture(device("heater-50", null, null), off))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "spot,    dimming, ",
        "spot,    pulse,   switches",
        "spot,    on_off,  switches",
        "ceramic, dimming, dims",
        "ceramic, pulse,   ",
        "ceramic, on_off,  ",
        "discharge, dimming, timer",
        "discharge, on_off,  timer"
    })
    void theKindOfControlFitsTheLamp(String item, String kind, String wording) {
        ForecastStub f = calm().lamp(device(item, "thermostat-dim-300", kind), 100, 0.7, feels(SHADE, 30, 20));
        Optional<Finding> found = of(f, ControlRule.KIND);
        assertThat(found.map(Finding::variant)).isEqualTo(Optional.ofNullable(wording));
        found.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.STOP);
            assertThat(x.remedies().get(0).key()).isEqualTo(wording.equals("timer") ? "timer-only" : "give-control");
        });
    }

    @Test
    void aControlWithoutAProbeFeelsNothing() {
        ForecastStub f = calm().lamp(device("spot", "thermostat-dim-300", "dimming"), 100, 0.7, Optional.empty());
        Finding found = of(f, ControlRule.PLACE).orElseThrow();
        assertThat(found.variant()).isEqualTo("nowhere");
        assertThat(found.severity()).isEqualTo(Severity.STOP);
    }

    @ParameterizedTest
    @CsvSource({
        // limit of the air 42 °C; what is set by night counts too
        "42,   20, false",
        "42.1, 20, true",
        "20, 42.1, true"
    })
    void noSetPointOfTheAirIsOverTheLimit(double day, double night, boolean stops) {
        ForecastStub f =
                calm().lamp(device("spot", "thermostat-dim-300", "dimming"), 100, 0.7, feels(SHADE, day, night));
        Optional<Finding> found = of(f, ControlRule.SETPOINT);
        assertThat(found.isPresent()).isEqualTo(stops);
        found.ifPresent(x -> {
            assertThat(x.measure("limit").value()).isEqualTo(42);
            assertThat(x.measure("set").value()).isEqualTo(Math.max(day, night));
        });
    }

    @ParameterizedTest
    @CsvSource({"23, false", "23.1, true"})
    void noSetPointOfTheWaterIsOverItsWish(double set, boolean stops) {
        ForecastStub f = calm().animal(TestSpecies.frog())
                .lamp(
                        device("ceramic", "thermostat-pulse-600", "pulse"),
                        100,
                        0.7,
                        feels(new Fixture.Probe.Water(0), set, set));
        assertThat(of(f, ControlRule.SETPOINT).isPresent()).isEqualTo(stops);
    }

    @Test
    void waterOfWhatHasNoWishKeepsTheHardLimit() {
        Species dry = TestSpecies.lizard();
        ForecastStub f = calm().animal(dry)
                .lamp(
                        device("ceramic", "thermostat-pulse-600", "pulse"),
                        100,
                        0.7,
                        feels(new Fixture.Probe.Water(0), 42, 42));
        assertThat(of(f, ControlRule.SETPOINT)).isEmpty();
        ForecastStub over = calm().lamp(
                        device("ceramic", "thermostat-pulse-600", "pulse"),
                        100,
                        0.7,
                        feels(new Fixture.Probe.Water(0), 43, 43));
        assertThat(of(over, ControlRule.SETPOINT)).isPresent();
    }

    @Test
    void aSurfaceMayBeSetHot() {
        ForecastStub f = calm().lamp(
                        device("spot", "thermostat-dim-300", "dimming"),
                        100,
                        0.7,
                        feels(new Fixture.Probe.Surface(0.6, 0.3), 48, 20));
        assertThat(of(f, ControlRule.SETPOINT)).isEmpty();
    }

    // ---- where the probe is

    @Test
    void aProbeInTheLightIsSaid() {
        ForecastStub dark =
                calm().lamp(device("spot", "thermostat-dim-300", "dimming"), 100, 0.7, feels(SHADE, 30, 20));
        assertThat(of(dark, ControlRule.LIT)).isEmpty();
        ForecastStub bright = dark.everywhere(25, 25, 400, 0.01);
        Finding found = of(bright, ControlRule.LIT).orElseThrow();
        assertThat(found.measure("lift").value()).isGreaterThan(1);
        assertThat(found.measure("shows").value() - found.measure("air").value())
                .isCloseTo(found.measure("lift").value(), within(1e-9));
    }

    @Test
    void theLiftThatIsSaidIsOneKelvin() {
        double none = 0;
        double much = 400;
        ForecastStub f = calm().lamp(device("spot", "thermostat-dim-300", "dimming"), 100, 0.7, feels(SHADE, 30, 20));
        double seen = 0;
        for (int i = 0; i < 40; i++) {
            double middle = (none + much) / 2;
            Optional<Finding> found = of(f.everywhere(25, 25, middle, 0.01), ControlRule.LIT);
            if (found.isPresent()) {
                much = middle;
                seen = found.get().measure("lift").value();
            } else {
                none = middle;
            }
        }
        assertThat(seen).isCloseTo(1, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"0.899, 0.3, false", "0.901, 0.3, true", "0.6, 0.599, false", "0.6, 0.601, true"})
    void theProbeOfASpotIsNearIt(double x, double y, boolean said) {
        Fixture.Probe[] probes = {new Fixture.Probe.Air(x, y, 0.2, false), new Fixture.Probe.Surface(x, y)};
        for (Fixture.Probe probe : probes) {
            ForecastStub f =
                    calm().lamp(device("spot", "thermostat-dim-300", "dimming"), 100, 0.7, feels(probe, 30, 20));
            Optional<Finding> found = of(f, ControlRule.PLACE);
            assertThat(found.isPresent()).isEqualTo(said);
            found.ifPresent(p -> {
                assertThat(p.variant()).isEqualTo("far");
                assertThat(p.severity()).isEqualTo(Severity.CAUTION);
            });
        }
    }

    // ---- a control takes four fifths of what it is rated for

    @ParameterizedTest
    @CsvSource({
        "thermostat-dim-300, 240, false",
        "thermostat-dim-300, 241, true",
        "thermostat-pulse-600, 480, false",
        "thermostat-pulse-600, 481, true",
        "built_in, 900, false"
    })
    void aControlIsNotOverloaded(String control, double watts, boolean stops) {
        ForecastStub f = calm().lamp(device("spot", control, "dimming"), watts, 0.7, feels(SHADE, 30, 20));
        Optional<Finding> found = of(f, ControlRule.LOAD);
        assertThat(found.isPresent()).isEqualTo(stops);
        found.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.STOP);
            assertThat(x.measure("power").value()).isEqualTo(watts);
        });
    }

    // ---- mats: 5 cm of ground, a third of the face

    private static ForecastStub mat(Optional<Lid.Side> side, double from, double to, double low, double high) {
        Fixture.Mat part = new Fixture.Mat(side, from, to, low, high);
        return new ForecastStub()
                .animal(TestSpecies.frog())
                .fixture(
                        device("mat", null, null),
                        new Fixture("d", 15, new Fixture.Hours.Always(), 1, Optional.empty(), part));
    }

    private static List<RuleId> mats(ForecastStub f) {
        return MatRule.judge(f.input()).stream().map(Finding::rule).toList();
    }

    @ParameterizedTest
    @CsvSource({"0.05, false", "0.051, true"})
    void noMatLiesUnderDeepGround(double depth, boolean said) {
        assertThat(mats(mat(Optional.empty(), 0, 0.3, 0, 0.3).groundAt(depth)).contains(MatRule.DEEP))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        // face: the floor of 0.72 m², a third is 0.24; the back the same; the left end 0.36, a third is 0.12
        ",     0.39, 0.6,  false",
        ",     0.41, 0.6,  true",
        "BACK, 0.39, 0.6,  false",
        "BACK, 0.41, 0.6,  true",
        "FRONT, 0.41, 0.6, true",
        "LEFT, 0.19, 0.6,  false",
        "LEFT, 0.21, 0.6,  true",
        "RIGHT, 0.21, 0.6, true"
    })
    void aMatTakesAtMostAThirdOfItsFace(Lid.Side side, double to, double high, boolean said) {
        assertThat(mats(mat(Optional.ofNullable(side), 0, to, 0, high)).contains(MatRule.SHARE))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"0, false", "1, true", "2, true"})
    void noHeatLiesUnderWhatDigsAwayFromIt(double burrower, boolean stops) {
        Species s = TestSpecies.frog().with("burrower", burrower);
        assertThat(mats(mat(Optional.empty(), 0, 0.2, 0, 0.2).animal(s)).contains(MatRule.DIGGER))
                .isEqualTo(stops);
        Fixture.Cable cable = new Fixture.Cable(0, 0.3, 0, 0.3, 0.02);
        ForecastStub f = new ForecastStub()
                .animal(s)
                .fixture(
                        device("cable", null, null),
                        new Fixture("d", 25, new Fixture.Hours.Always(), 1, Optional.empty(), cable));
        assertThat(mats(f).contains(MatRule.DIGGER)).isEqualTo(stops);
    }

    @Test
    void aMatOnTheWallIsNotUnderTheAnimal() {
        assertThat(mats(mat(Optional.of(Lid.Side.BACK), 0, 0.3, 0, 0.3)
                        .animal(TestSpecies.lizard())
                        .groundAt(0.3)))
                .isEmpty();
    }
}
