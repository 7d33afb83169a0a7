package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.RoomPlan;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.water.Circulation;
import tanah.core.water.OpenFlow;
import tanah.core.water.PumpProposal;
import tanah.core.water.Run;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Pumps, filters, heaters and running water in a plan: what returns, what runs dry, what a proposal and a remedy do. */
class CirculationTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final LocalDate TODAY = LocalDate.of(2026, 1, 5);
    private static final Set<String> DANGERS = Set.of(
            "GW-020",
            "GW-027",
            "GW-080",
            "GW-082",
            "water.heater_guard",
            "water.inlet_guard",
            "water.heater_uncovered");

    private Design design;

    @BeforeEach
    void read() throws IOException {
        byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", "mossy-frog-paludarium.json"));
        design = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
    }

    private static Evaluation evaluated(Design d) {
        return Evaluator.evaluate(d, CATALOGUE);
    }

    private static Circulation circulation(Design d) {
        return evaluated(d).circulation().orElseThrow();
    }

    @Test
    void whatReturnsIsTheTubeAndTheFilmOverTheWaterThatMoves() {
        Circulation c = circulation(design);
        Run run = c.runs().get(0);
        double tube = Math.PI * 0.009 * 0.009 / 4 * 0.7;
        // film by W. Nusselt (1916): (3 mu Gamma / rho² g)^(1/3), water at 20 °C: mu 1.002e-3, rho 998.2 (handbook)
        double gamma = 998.2 * run.flow().orElseThrow() / 0.4;
        double film = Math.cbrt(3 * 1.002e-3 * gamma / (998.2 * 998.2 * 9.80665)) * 0.4 * (0.45 - 0.11);
        assertThat(run.tube()).isCloseTo(tube, within(1e-12));
        assertThat(run.under()).isCloseTo(film, within(film * 0.01));
        assertThat(c.riseOnStop()).isCloseTo((tube + film) / c.area(), within(1e-6));
        assertThat(c.running()).isCloseTo(0.11 - (tube + film) / c.area(), within(1e-6));
        assertThat(evaluated(design).water().orElseThrow().highest()).isCloseTo(0.11 + c.riseOnStop(), within(1e-12));
    }

    @Test
    void aCheckValveKeepsTheTubeFullAndCostsFlow() {
        Device pump = design.device("pump").orElseThrow();
        Device.Stretch bare = pump.circuit().orElseThrow().stretches().get(0);
        Design valved = design.withDevice(
                "pump",
                d -> d.withCircuit(Optional.of(new Device.Circuit(
                        OptionalDouble.empty(),
                        java.util.List.of(new Device.Stretch(
                                bare.length(),
                                bare.bore(),
                                bare.roughness(),
                                Map.of("check_valve", 1, "strainer", 1)))))));
        assertThat(circulation(valved).returned())
                .isLessThan(circulation(design).returned());
        assertThat(circulation(valved).returned()).isCloseTo(circulation(valved).transit(), within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(WaterFeature.Kind.class)
    void proposedRunningWaterIsLiftedAndHarmsNothing(WaterFeature.Kind kind) {
        Evaluation e = evaluated(design);
        Design made = PumpProposal.withFeature(
                design, kind, e.vessel().orElseThrow(), e.water().orElseThrow().water(), CATALOGUE);
        Circulation c = circulation(made);
        Run run = c.runs().get(c.runs().size() - 1);
        assertThat(run.feature().orElseThrow().kind()).isEqualTo(kind);
        assertThat(run.isComplete()).isTrue();
        assertThat(run.dirty().orElseThrow())
                .isGreaterThanOrEqualTo(run.wanted().orElseThrow());
        assertThat(run.under()).isPositive();
        assertThat(dangers(made)).isEmpty();
    }

    static java.util.stream.Stream<Gear> waterDevices() {
        return CATALOGUE.allGear().stream().filter(Gear::isWaterDevice);
    }

    @ParameterizedTest
    @MethodSource("waterDevices")
    void aDevicePutIntoTheWaterStandsUnderItAndIsGuarded(Gear gear) {
        Evaluation e = evaluated(design);
        Design made = PumpProposal.withDevice(
                design, gear, e.vessel().orElseThrow(), e.water().orElseThrow().water());
        assertThat(dangers(made)).isEmpty();
        assertThat(circulation(made).devices()).isEqualTo(3);
    }

    private static java.util.List<String> dangers(Design d) {
        return evaluated(d).findings().stream()
                .filter(f -> DANGERS.contains(f.rule().toString()))
                .filter(f -> f.severity() == Severity.STOP || f.severity() == Severity.CAUTION)
                .map(f -> f.rule() + "~" + f.variant() + f.measures())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.3, 0.4, 0.5, 0.56})
    void theLargerPumpThatIsOfferedSettlesTheFinding(double bar) {
        Design fast = design.withWater(design.water()
                .map(w -> w.withFeatures(w.features().stream()
                        .map(f -> f.withBar(OptionalDouble.of(bar)).withFlow(OptionalDouble.of(300e-3 / 3600)))
                        .toList())));
        Design weak = fast.withDevice("pump", d -> d.withItem("pump-200"));
        Finding finding = found(weak, "GW-080");
        assertThat(finding.severity()).isIn(Severity.STOP, Severity.CAUTION);
        Design strong = Edit.take(finding.remedies().get(0), weak, new EditContext(CATALOGUE, TODAY));
        assertThat(found(strong, "GW-080").severity()).isEqualTo(Severity.GOOD);
    }

    @Test
    void theOutletsThatAreOfferedCalmTheCurrent() {
        Design strong =
                design.withDevice("filter", d -> d.withItem("canister-800").withGuard(Optional.of("guard-intake")));
        Finding finding = found(strong, "GW-081");
        assertThat(finding.severity()).isEqualTo(Severity.STOP);
        Design calm = Edit.take(finding.remedies().get(0), strong, new EditContext(CATALOGUE, TODAY));
        assertThat(found(calm, "GW-081").severity()).isEqualTo(Severity.GOOD);
        assertThat(calm.device("filter").orElseThrow().outlet().count()).isPresent();
    }

    private static Finding found(Design d, String rule) {
        return evaluated(d).findings().stream()
                .filter(f -> f.rule().toString().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theJetIsTheRoundFreeJet() {
        // 400 l/h from one bore of 12 mm, 40 cm away: 6.2 v0 d / x
        assertThat(OpenFlow.jetSpeed(400e-3 / 3600, 1, 0.012, 0.4)).isCloseTo(0.18273345, within(1e-6));
    }

    @Test
    void heatOfPumpsEasesTheHeaterAndASmallHeaterIsStopped() {
        Design cold = design.withRoom(Optional.of(cold(design.room().orElseThrow())));
        double need = need(cold);
        assertThat(need(cold.withoutDevice("pump")) - need).isCloseTo(5, within(0.1));
        for (double share : new double[] {0.5, 0.85, 1.1, 1.28, 1.33, 2}) {
            Design heated = cold.withDevice(
                    "filter",
                    d -> d.withItem("water-heater-50w")
                            .withPower(OptionalDouble.of(share * need(cold.withoutDevice("filter")))));
            Severity severity = whole(heated).findings().stream()
                    .filter(f -> f.rule().value().equals("GW-085"))
                    .findFirst()
                    .orElseThrow()
                    .severity();
            assertThat(severity)
                    .as(share + " of the need")
                    .isEqualTo(share < 0.9 ? Severity.STOP : share < 1.3 ? Severity.CAUTION : Severity.GOOD);
        }
    }

    private static RoomPlan cold(RoomPlan room) {
        RoomPlan.Season winter = new RoomPlan.Season(12, 10, 0.5, 0.5);
        return new RoomPlan(winter, room.summer(), room.givenBand(), room.kept());
    }

    private static Evaluation whole(Design d) {
        return Evaluator.evaluate(d, CATALOGUE, Evaluator.Depth.WHOLE);
    }

    private static double need(Design d) {
        return whole(d).forecast().orElseThrow().waterHeat().orElseThrow().need();
    }

    @Test
    void aDeviceTakenOutFeedsNothingAnyMore() {
        Design less = design.withoutDevice("pump");
        assertThat(less.water().orElseThrow().features().get(0).pump()).isEmpty();
        assertThat(evaluated(less).notAssessed()).extracting(n -> n.topic()).contains("features");
    }
}
