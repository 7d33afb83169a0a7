package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Probe;
import tanah.core.design.Schedule;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.AirEdit;
import tanah.core.design.edit.AirNumber;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.WallEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.PointForecast;
import tanah.core.need.ClimatePlace;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Answers that could harm an animal: what was called good, or was silent, and must not be. */
class SafetyTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1));

    private static Design example(String name) {
        try {
            byte[] document = Files.readAllBytes(Path.of("../docs/examples/" + name + ".json"));
            return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Design with(Design d, Device device) {
        List<Device> all = new ArrayList<>(d.devices());
        all.add(device);
        return d.withDevices(all);
    }

    private static List<Finding> of(Evaluation e, String rule) {
        return e.findings().stream().filter(f -> f.rule().value().equals(rule)).toList();
    }

    private static Evaluation steady(Design d) {
        return Evaluator.evaluate(d, CATALOGUE, Depth.STEADY);
    }

    private static Evaluation whole(Design d) {
        return Evaluator.evaluate(d, CATALOGUE, Depth.WHOLE);
    }

    // ---- heat that is not planned

    @Test
    void aBaskingAnimalWithoutHeatIsAStopAndIsSaidOnce() {
        Design bare = new DeviceEdit.RemoveDevice("flood").apply(example("collared-lizard-arid"), CONTEXT);
        Evaluation e = steady(bare);
        assertThat(of(e, "climate.heat.none")).extracting(Finding::severity).containsExactly(Severity.STOP);
        for (String place : List.of("climate.basking", "climate.warm_air", "climate.cool_air", "climate.night")) {
            assertThat(of(e, place))
                    .as(place)
                    .noneMatch(
                            f -> f.severity() == Severity.CAUTION && f.variant().startsWith("low"));
        }
        assertThat(of(steady(example("collared-lizard-arid")), "climate.heat.none"))
                .isEmpty();
    }

    @Test
    void anAnimalThatNeedNotBaskIsACaution() {
        Design bare = new DeviceEdit.RemoveDevice("side-mat").apply(example("giant-millipede-box"), CONTEXT);
        assertThat(of(steady(bare), "climate.heat.none"))
                .extracting(Finding::severity)
                .containsExactly(Severity.CAUTION);
    }

    // ---- UV for an animal that wants none

    private static Design litMillipedes(double over) {
        Design d = example("giant-millipede-box");
        double ground = steady(d).ground().orElseThrow().surfaceMax();
        double z = over > 1 ? steady(d).vessel().orElseThrow().height() + 0.05 : ground + over;
        return with(
                d,
                Device.of("uv", "uvb-t5-high-54", Device.Spot.at(0.3, 0.2, z))
                        .withRunning(Device.Running.UNSAID.on(Schedule.DAY)));
    }

    @Test
    void whetherUvIsWantedComesBeforeHowToLetItIn() {
        Evaluation e = steady(litMillipedes(9));
        assertThat(of(e, "uv.unwanted")).hasSize(1);
        assertThat(of(e, "uv.glass")).isEmpty();
        assertThat(e.findings().stream().flatMap(f -> f.remedies().stream()).map(Remedy::key))
                .doesNotContain("lamp-inside");
    }

    /** A back is 3 cm high: a lamp at that height or lower is touched. */
    @ParameterizedTest
    @CsvSource({"0.013, true", "0.029, true", "0.031, false"})
    void aLampAsLowAsTheAnimalIsAStopAndItsUvIsCounted(double over, boolean low) {
        Evaluation e = steady(litMillipedes(over));
        assertThat(of(e, "climate.lamp.low").isEmpty()).isNotEqualTo(low);
        assertThat(of(e, "climate.lamp.low")).allMatch(f -> f.severity() == Severity.STOP);
        assertThat(e.forecast().orElseThrow().light().peak())
                .as("highest UV within reach")
                .isGreaterThan(3);
        assertThat(of(e, "uv.high")).noneMatch(f -> f.severity() == Severity.GOOD);
    }

    // ---- devices with hours of their own

    /** A strong heater from 8 to 12, of which the middle of the day knows nothing. */
    private static Design heated(double on, double hours) {
        Design d = example("giant-millipede-box");
        double z = steady(d).vessel().orElseThrow().height() - 0.05;
        return with(
                d,
                Device.of("hot", "halogen-flood-75", Device.Spot.at(0.3, 0.22, z))
                        .withPower(java.util.OptionalDouble.of(150))
                        .withRunning(Device.Running.UNSAID.on(Schedule.clock(on, hours))));
    }

    @Test
    void whatRunsForSomeHoursOfTheDayIsJudgedByThem() {
        Evaluation day = whole(heated(8, 4));
        assertThat(of(day, "climate.limit.high")).extracting(Finding::severity).contains(Severity.STOP);
        double hottest = day.forecast()
                .orElseThrow()
                .extreme(ClimatePlace.COOL_AIR, Season.SUMMER, true)
                .orElseThrow()
                .value()
                .value();
        double alone = whole(example("giant-millipede-box"))
                .forecast()
                .orElseThrow()
                .extreme(ClimatePlace.COOL_AIR, Season.SUMMER, true)
                .orElseThrow()
                .value()
                .value();
        assertThat(hottest).isGreaterThan(alone + 3);
        assertThat(of(steady(heated(8, 4)), "climate.limit.high"))
                .as("the preview is no better than the day")
                .extracting(Finding::severity)
                .contains(Severity.STOP);
    }

    @Test
    void aHeaterOfTheSmallHoursDoesNotHideTheRestOfTheNight() {
        Evaluation e = whole(heated(1, 3));
        double coldest = e.forecast()
                .orElseThrow()
                .extreme(ClimatePlace.WARM_AIR, Season.WINTER, false)
                .orElseThrow()
                .value()
                .value();
        double steadyNight = e.forecast()
                .orElseThrow()
                .expected(ClimatePlace.WARM_AIR, tanah.core.time.SeasonPhase.WINTER_NIGHT)
                .orElseThrow()
                .value();
        assertThat(coldest).isLessThan(steadyNight - 2);
    }

    @Test
    void nothingIsCalledGoodBeforeTheDayIsKnown() {
        for (String name : List.of("collared-lizard-arid", "mossy-frog-paludarium", "giant-millipede-box")) {
            Evaluation preview = steady(example(name));
            assertThat(preview.findings())
                    .filteredOn(f -> f.severity() == Severity.GOOD)
                    .extracting(f -> f.rule().value())
                    .doesNotContain(
                            "climate.basking",
                            "climate.warm_air",
                            "climate.cool_air",
                            "climate.night",
                            "climate.water",
                            "climate.rh.low");
            assertThat(preview.notAssessed()).anyMatch(g -> g.topic().equals("day"));
        }
    }

    @Test
    void anExtremeIsTheMeanOfAQuarterHourAndSaysWhen() {
        Evaluation e = whole(example("collared-lizard-arid"));
        var hot = e.forecast()
                .orElseThrow()
                .extreme(ClimatePlace.BASKING, Season.SUMMER, true)
                .orElseThrow();
        double most = e.forecast()
                .orElseThrow()
                .day(Season.SUMMER)
                .orElseThrow()
                .max(s -> ClimatePlace.BASKING.at(s.places()).orElseThrow());
        assertThat(hot.from()).isPresent();
        assertThat(hot.value().value()).isBetween(most - 1, most);
        assertThat(Optional.of(hot.from().getAsDouble()))
                .hasValueSatisfying(h -> assertThat(h).isBetween(7.0, 20.0));
    }

    // ---- nothing is dropped in silence

    @ParameterizedTest
    @CsvSource({
        "fogger-1, Fan, ''",
        "fogger-tank-2l, Outside, ''",
        "mist-pump-10, Outside, ''",
        "thermostat-onoff-300, Outside, ''",
        "fan-80, Fan, ''",
        "rain-bar-45, Outside, device_rain",
        "nozzle-65, '', device_apart",
        "sprayer-trigger-1l, '', device_apart"
    })
    void aDeviceIsComputedOrListedAsNotAssessed(String item, String part, String gap) {
        Design d = with(example("mossy-frog-paludarium"), Device.of("extra", item, Device.Spot.at(0.3, 0.2, 0.4)));
        Evaluation e = steady(d);
        Optional<Integer> index = e.forecast().orElseThrow().mapped().fixture("extra");
        assertThat(index.map(i -> e.forecast()
                                .orElseThrow()
                                .mapped()
                                .enclosure()
                                .fixtures()
                                .get(i)
                                .part()
                                .getClass()
                                .getSimpleName())
                        .orElse(""))
                .isEqualTo(part);
        assertThat(e.notAssessed().stream()
                        .filter(n -> "extra".equals(n.place().part()))
                        .map(n -> n.topic())
                        .findFirst()
                        .orElse(""))
                .isEqualTo(gap);
    }

    @Test
    void aPumpOfTheMistUsesCurrentWhileItSprays() {
        Design plain = example("mossy-frog-paludarium");
        Design pumped = with(plain, Device.of("extra", "mist-pump-10", Device.Spot.at(0.3, 0.2, 0.4)));
        double watts =
                CATALOGUE.findMistGear("mist-pump-10").orElseThrow().power().orElseThrow();
        double seconds = plain.air().orElseThrow().mist().orElseThrow().events().stream()
                .mapToDouble(m -> m.seconds())
                .sum();
        double more = steady(pumped).forecast().orElseThrow().energy().day(Season.WINTER)
                - steady(plain).forecast().orElseThrow().energy().day(Season.WINTER);
        assertThat(seconds).isGreaterThan(0);
        assertThat(more).isCloseTo(watts * seconds / 3.6e6, within(1e-9));
    }

    // ---- a thermostat steers by what its probe shows

    /** A probe in the lamp's light, 12 cm over where it aims. */
    private static Design litProbe(double set) {
        Design lizard = example("collared-lizard-arid");
        Device flood = lizard.device("flood").orElseThrow();
        List<Probe> probes = new ArrayList<>(lizard.probes());
        probes.add(new Probe(
                "p-lit",
                Optional.empty(),
                Probe.Kind.AIR,
                Optional.of(Probe.Zone.WARM),
                flood.at().x(),
                flood.at().y(),
                OptionalDouble.of(flood.at().z().orElseThrow() - 0.25),
                Optional.empty(),
                List.of("temp_air")));
        return lizard.withProbes(probes)
                .withDevice(
                        "flood",
                        d -> d.withThermostat(new Device.Thermostat(
                                Optional.of("thermostat-dim-300"),
                                Optional.of("dimming"),
                                OptionalDouble.of(set),
                                OptionalDouble.of(15),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                Optional.of("p-lit"))));
    }

    @Test
    void aProbeInTheLightDimsTheLampThatLightsIt() {
        Forecast f = steady(litProbe(33.3)).forecast().orElseThrow();
        int flood = f.mapped().fixture("flood").orElseThrow();
        double duty = f.at(SeasonPhase.WINTER_DAY).duty(flood);
        assertThat(duty).isBetween(0.05, 0.95);
        Fixture.Probe.Air at = (Fixture.Probe.Air) f.mapped()
                .enclosure()
                .fixtures()
                .get(flood)
                .thermostat()
                .orElseThrow()
                .probe();
        PointForecast there = PointForecast.at(f, at.x(), at.y(), at.z(), SeasonPhase.WINTER_DAY);
        assertThat(there.bareProbe() - there.air()).isGreaterThan(1);
        // what a bare probe shows there is the set point, not the air
        assertThat(there.bareProbe()).isCloseTo(33.3, within(0.8));
        assertThat(there.air()).isLessThan(32.6);
    }

    // ---- an opening in the lid

    /** A closed wet box: 0, 10, 40 and 160 cm² of opening in its lid each leave less vapour in it. */
    @Test
    void anOpeningInTheLidLetsDampAirOut() {
        Design tight = new AirEdit.SetNumber(AirNumber.LID_MESH, OptionalDouble.of(0))
                .apply(example("mossy-frog-paludarium"), CONTEXT);
        VesselPlan box = tight.vessel().orElseThrow();
        Design closed = tight.withVessel(box.withEnvelope(box.envelope().withVents(List.of())));
        Design cut = new WallEdit.AddVent(Envelope.Face.LID).apply(closed, CONTEXT);
        String id = cut.vessel().orElseThrow().envelope().vents().stream()
                .filter(v -> v.face() == Envelope.Face.LID)
                .findFirst()
                .orElseThrow()
                .id();
        double last = steadyVapour(closed);
        for (double area : new double[] {10e-4, 40e-4, 160e-4}) {
            VesselPlan plan = cut.vessel().orElseThrow();
            Design sized = cut.withVessel(plan.withEnvelope(plan.envelope()
                    .withVents(plan.envelope().vents().stream()
                            .map(v -> v.id().equals(id)
                                    ? v.withArea(OptionalDouble.of(area)).withOpen(OptionalDouble.of(1))
                                    : v)
                            .toList())));
            double now = steadyVapour(sized);
            assertThat(now).as("%.0f cm²", area * 1e4).isLessThan(last - 2e-5);
            last = now;
        }
    }

    private static double steadyVapour(Design d) {
        return steady(d)
                .forecast()
                .orElseThrow()
                .at(SeasonPhase.WINTER_DAY)
                .places()
                .meanVapour();
    }

    /** The bottom lies under the ground: an opening in it is said not to be computed. */
    @Test
    void anOpeningInTheBottomIsListed() {
        Design d = example("mossy-frog-paludarium");
        VesselPlan plan = d.vessel().orElseThrow();
        OptionalDouble none = OptionalDouble.empty();
        Envelope.Vent bottom =
                new Envelope.Vent("hole", Envelope.Face.BOTTOM, none, none, none, none, none, none, none, none);
        Design holed = d.withVessel(plan.withEnvelope(plan.envelope().withVents(List.of(bottom))));
        assertThat(steady(holed).notAssessed())
                .anyMatch(
                        n -> n.topic().equals("vent_bottom") && n.place().part().equals("hole"));
    }
}
