package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
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
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.evaluate.RemedyTrials;
import tanah.core.failure.Failure;
import tanah.core.failure.FailureCourse;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.forecast.WaterHeat;
import tanah.core.forecast.WaterMoved;
import tanah.core.need.ClimatePlace;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The heater of the water: one answer of one climate, for the cold night and for the day on which its control sticks. */
class WaterHeatTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1));

    /** Dwarf frogs, which want water of 23 to 26 °C and bear 30, in a box of glass filled with water. */
    private static Design box(String inside, double level, String lid, double winter, double summer, int watts) {
        String heater = watts == 0 ? "" : """
                {"id":"heater","item":"water-heater-%dw","x_cm":5,"y_cm":5,"z_cm":6,"schedule":"always","guard":"guard-heater",
                 "thermostat":{"item":"built_in","setpoint_day_c":24,"setpoint_night_c":24}}""".formatted(watts);
        String json = """
                {"format":"tanah-design","version":1,"name":"Dwarf frogs",
                 "animals":[{"id":"frogs","species":"hymenochirus-boettgeri","count":4}],
                 "vessel":{"shape":"rectangle","inside_cm":{%s},"pane_mm":{"side":6,"base":6},"material":"glass_annealed",
                  "lid":{%s}},
                 "room":{"winter":{"temp_day_c":%s,"temp_night_c":%s,"rh_day_pct":50,"rh_night_pct":50},
                  "summer":{"temp_day_c":%s,"temp_night_c":%s,"rh_day_pct":50,"rh_night_pct":50}},
                 "ground":{"layers":[{"id":"sand","kind":"substrate","media":"sand_play","aquatic":true,
                  "surface":{"type":"thickness","thickness_cm":1}}]},
                 "water":{"level_cm":%s,"temp_c":24},"devices":[%s]}""".formatted(inside, lid, winter, winter, summer, summer, level, heater);
        return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(json.getBytes(StandardCharsets.UTF_8))).design();
    }

    private static Design small(int watts) {
        return box(
                "\"length\":60,\"width\":30,\"height\":36",
                28,
                "\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":0",
                18,
                26,
                watts);
    }

    private static Evaluation whole(Design d) {
        return Evaluator.evaluate(d, CATALOGUE, Depth.WHOLE);
    }

    private static WaterHeat heat(Design d) {
        return whole(d).forecast().orElseThrow().waterHeat().orElseThrow();
    }

    private static List<Finding> of(Evaluation e, String rule) {
        return e.findings().stream().filter(f -> f.rule().value().equals(rule)).toList();
    }

    private static double measure(Finding f, String name) {
        return f.measures().stream()
                .filter(m -> m.name().equals(name))
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** The hottest day of the same box with the heater always on, computed apart. */
    @ParameterizedTest
    @CsvSource({"50, 35.6", "75, 40.1", "100, 44.3"})
    void aHeaterThatSticksOnTheHottestDayIsAStop(int watts, double ends) {
        Evaluation e = whole(small(watts));
        Finding stuck = of(e, "GW-086").get(0);
        assertThat(stuck.severity()).isEqualTo(Severity.STOP);
        assertThat(measure(stuck, "stuck")).isCloseTo(ends, within(0.6));
        assertThat(measure(stuck, "hours")).isBetween(2 * 3600.0, 60 * 3600.0);
        assertThat(measure(stuck, "most")).isLessThan(watts);
    }

    @Test
    void theLargestPowerThatCannotPassTheLimitCannot() {
        WaterHeat h = heat(small(50));
        int most = (int) Math.floor(h.mostPower(30));
        Design safe = small(25).withDevice("heater", d -> d.withPower(OptionalDouble.of(most)));
        assertThat(heat(safe).stuck()).isLessThanOrEqualTo(30);
        // and it is no more timid than need be
        Design over = small(25).withDevice("heater", d -> d.withPower(OptionalDouble.of(1.5 * most)));
        assertThat(heat(over).stuck()).isGreaterThan(30);
    }

    @Test
    void theNeedIsWhatTheThermostatOfTheSameClimateUses() {
        for (int watts : new int[] {50, 100}) {
            // a control without droop: it holds the set point itself
            Design sharp = small(watts)
                    .withDevice(
                            "heater",
                            d -> d.withThermostat(new Device.Thermostat(
                                    Optional.of("built_in"),
                                    Optional.of("dimming"),
                                    OptionalDouble.of(24),
                                    OptionalDouble.of(24),
                                    OptionalDouble.empty(),
                                    OptionalDouble.of(0.02),
                                    Optional.empty())));
            Evaluation e = whole(sharp);
            double duty = e.forecast()
                    .orElseThrow()
                    .at(SeasonPhase.of(Season.WINTER, Phase.NIGHT))
                    .duty(0);
            assertThat(duty * watts).isCloseTo(heat(small(watts)).need(), within(0.3));
        }
    }

    /** A lid of glass over 85 % of the top: 50 W hold the water, which was called too small. */
    @Test
    void theLidCountsInWhatAHeaterHolds() {
        String size = "\"length\":60,\"width\":40,\"height\":36";
        String lid = "\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":0.15";
        Evaluation e = whole(box(size, 27, lid, 18, 24, 50));
        assertThat(of(e, "GW-085")).extracting(Finding::severity).doesNotContain(Severity.STOP);
        double need = heat(box(size, 27, lid, 18, 24, 50)).need();
        // a run apart holds 24.7 °C with 0.81 of 50 W: 6.05 W/K, here to 24 °C
        assertThat(need).isCloseTo(6 * 6.05, within(2.0));
        assertThat(heat(box(size, 27, "\"material\":\"none\"", 18, 24, 50)).need())
                .isGreaterThan(1.2 * need);
    }

    /** What evaporates out of 91 x 61 cm of water at 24 °C in a room of 19 °C depends on the lid. */
    @Test
    void evaporationIsThatOfTheClimate() {
        String size = "\"length\":91,\"width\":61,\"height\":46";
        String closed = "\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":0";
        String mesh = "\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":1,\"mesh\":\"mesh-alu-insect\"";
        double under = litres(box(size, 30, closed, 19, 19, 200));
        double through = litres(box(size, 30, mesh, 19, 19, 200));
        double open = litres(box(size, 30, "\"material\":\"none\"", 19, 19, 200));
        assertThat(under).isLessThan(0.1);
        assertThat(through).isBetween(0.5, 2.0);
        assertThat(open).isGreaterThan(through).isLessThan(3);
    }

    private static double litres(Design d) {
        return WaterMoved.carriedOut(whole(d).forecast().orElseThrow()).orElseThrow() * 86_400;
    }

    @Test
    void aSecondControlInLineIsACautionAndItsProbeIsInTheWater() {
        Finding stuck = of(whole(small(100)), "GW-086").get(0);
        Remedy second = stuck.remedies().stream()
                .filter(r -> r.key().equals("second-control"))
                .findFirst()
                .orElseThrow();
        DeviceEdit.Control edit = new DeviceEdit.Control("heater", "thermostat-onoff-1000", 24);
        assertThat(second.action().toString()).contains("thermostat-onoff-1000");
        Design guarded = edit.apply(small(100), CONTEXT);
        assertThat(guarded.probes()).isEmpty();
        Evaluation e = whole(guarded);
        assertThat(of(e, "GW-086").get(0).severity()).isEqualTo(Severity.CAUTION);
        assertThat(of(e, "GW-086").get(0).variant()).isEqualTo("second");
        Optional<Fixture.Thermostat> felt = e.forecast()
                .orElseThrow()
                .mapped()
                .enclosure()
                .fixtures()
                .get(0)
                .thermostat();
        assertThat(felt.orElseThrow().probe()).isEqualTo(new Fixture.Probe.Water(0));
    }

    @Test
    void withoutAHeaterTheSizeIsSaidAndWhatItWouldDoStuck() {
        Evaluation e = whole(small(0));
        Finding wanted = of(e, "GW-085").get(0);
        assertThat(wanted.severity()).isEqualTo(Severity.CAUTION);
        WaterHeat h = heat(small(0));
        assertThat(measure(wanted, "need")).isEqualTo(h.need());
        assertThat(h.size().orElseThrow()).isGreaterThanOrEqualTo(1.3 * h.need());
        assertThat(of(e, "GW-086")).allMatch(f -> f.severity() != Severity.STOP);
    }

    @Test
    void aRoomThatIsWarmEnoughNeedsNone() {
        Design warm = box(
                "\"length\":60,\"width\":30,\"height\":36",
                28,
                "\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":0",
                25,
                26,
                0);
        Evaluation e = whole(warm);
        assertThat(of(e, "GW-087")).extracting(Finding::severity).containsExactly(Severity.GOOD);
        assertThat(of(e, "GW-086")).isEmpty();
        assertThat(of(e, "GW-085")).isEmpty();
    }

    @Test
    void nothingIsSaidOfAHeaterBeforeTheDayIsKnown() {
        Evaluation e = Evaluator.evaluate(small(100), CATALOGUE, Depth.STEADY);
        assertThat(of(e, "GW-085")).isEmpty();
        assertThat(of(e, "GW-086")).isEmpty();
        assertThat(e.notAssessed()).anyMatch(n -> n.topic().equals("day"));
    }

    /** Frogs that live on land and in water: the water boils first, and is said first. */
    @Test
    void aDrillSaysFirstWhatIsPassedFirst() throws java.io.IOException {
        byte[] document =
                java.nio.file.Files.readAllBytes(java.nio.file.Path.of("../docs/examples/mossy-frog-paludarium.json"));
        Design frogs = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        Device heater = small(100).device("heater").orElseThrow();
        List<Device> devices = new java.util.ArrayList<>(frogs.devices());
        devices.add(heater);
        Evaluation e = Evaluator.evaluate(frogs.withDevices(devices), CATALOGUE, Depth.STEADY);
        FailureCourse played = FailureCourse.of(
                new Failure(Failure.Kind.STUCK, "heater", 48, Season.SUMMER),
                e.forecast().orElseThrow().mapped(),
                e.animals(),
                15);
        assertThat(played.limits())
                .extracting(FailureCourse.Limit::spot)
                .containsExactly(ClimatePlace.WATER, ClimatePlace.COOL_AIR);
        assertThat(played.limits().get(0).isPassed()).isTrue();
        assertThat(Failure.of(e.forecast().orElseThrow().mapped()))
                .anyMatch(f -> f.kind() == Failure.Kind.LAMP_OUT && f.device().equals("heater"));
    }

    /** A larger heater that would boil the box when it sticks is not offered as a cure; a second control is, and cures. */
    @Test
    void whatIsOfferedForAHeaterHeals() {
        assertThat(of(whole(small(25)), "GW-085").get(0).remedies())
                .extracting(Remedy::key)
                .doesNotContain("larger-heater");
        Design twice = new DeviceEdit.Control("heater", "thermostat-onoff-1000", 24).apply(small(25), CONTEXT);
        Evaluation weak = RemedyTrials.whole(whole(twice), CATALOGUE, () -> false);
        Remedy larger = remedy(of(weak, "GW-085").get(0), "larger-heater");
        assertThat(larger.heals()).isTrue();
        assertThat(whole(Edit.take(larger, twice, CONTEXT)).count(Severity.STOP))
                .isZero();
        Evaluation strong = RemedyTrials.whole(whole(small(100)), CATALOGUE, () -> false);
        Remedy second = remedy(of(strong, "GW-086").get(0), "second-control");
        assertThat(second.heals()).isTrue();
        Evaluation after = whole(Edit.take(second, small(100), CONTEXT));
        assertThat(of(after, "GW-086")).extracting(Finding::severity).containsExactly(Severity.CAUTION);
        assertThat(after.count(Severity.STOP)).isLessThan(strong.count(Severity.STOP));
    }

    private static Remedy remedy(Finding f, String key) {
        return f.remedies().stream()
                .filter(r -> r.key().equals(key))
                .findFirst()
                .orElseThrow();
    }
}
