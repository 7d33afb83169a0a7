package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static tanah.core.physics.Constants.HOUR;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.finding.Finding;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.testing.TestSpecies;
import tanah.core.testing.WaterStub;

/** What the animals leave in the water against what takes it out. */
class WasteRuleTest {
    private static final Species FROG = TestSpecies.frog()
            .with("water_depth_max_cm", 20)
            .with("swims", "good")
            .with("waste_class", 3);
    private static final double VOLUME = 0.02; // m³

    /** @param turnsOver by the media (kg N/s) */
    private static List<Finding> judge(List<Inhabitant> animals, WaterStub water, double turnsOver) {
        WaterCare care = mock(WaterCare.class);
        when(care.volume()).thenReturn(VOLUME);
        when(care.turnsOver()).thenReturn(turnsOver);
        when(care.media()).thenReturn(1.0);
        return WasteRule.judge(animals, Design.named("x"), water.circulation(), care);
    }

    private static List<Finding> bare(Species s) {
        return judge(List.of(TestSpecies.inhabitant(s, 1)), new WaterStub(), 0);
    }

    private static WaterStub filter(double flow) {
        Gear sponge = mock(Gear.class);
        when(sponge.isFilter()).thenReturn(true);
        when(sponge.category()).thenReturn("sponge");
        return new WaterStub()
                .run(
                        Device.of("filter", "sponge", Device.Spot.NOWHERE),
                        sponge,
                        Optional.empty(),
                        OptionalDouble.of(flow),
                        flow,
                        0,
                        Optional.empty());
    }

    private static Optional<Finding> of(List<Finding> all, RuleId rule) {
        return all.stream().filter(f -> f.rule().equals(rule)).findFirst();
    }

    @ParameterizedTest
    @CsvSource({"3, 2, 4", "4, 4, 8", "5, 4, 8", "1, 2, 4"})
    void whatAFilterMovesByWaste(double waste, double least, double most) {
        assertThat(WasteRule.turnover(FROG.with("waste_class", waste)).min()).isEqualTo(least);
        assertThat(WasteRule.turnover(FROG.with("waste_class", waste)).max()).isEqualTo(most);
    }

    @ParameterizedTest
    @CsvSource({"1.999, CAUTION, ''", "2, GOOD, ''", "4, GOOD, ''", "4.001, CAUTION, over"})
    void theFilterTurnsTheWaterOver(double times, Severity severity, String words) {
        Finding f = of(
                        judge(List.of(TestSpecies.inhabitant(FROG, 1)), filter(times * 0.02 / HOUR), 1),
                        WasteRule.TURNOVER)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("turnover").value()).isCloseTo(times, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"2, false", "3, true", "5, true"})
    void muchWasteWantsAFilter(double waste, boolean said) {
        List<Finding> found = bare(FROG.with("waste_class", waste));
        assertThat(of(found, WasteRule.NO_FILTER).isPresent()).isEqualTo(said);
    }

    /**
     * derived: the stub holds 20 l. A frog of so many grams on a meal of 4 % every day, 0.2 protein, 0.16 nitrogen, 0.6
     * excreted, half of it into the water: 0.000384 of its mass a day; half a milligram a litre is 10 mg, 26.04 g of frogs.
     */
    @ParameterizedTest
    @CsvSource({"26.0, ", "26.1, CAUTION", "52.1, CAUTION"})
    void waterWithoutAFilterHoldsSoMany(double grams, Severity severity) {
        Species frogs = FROG.with("mass_adult_g", grams)
                .with("feed_interval_days_adult", 1)
                .with("waste_class", 1);
        Optional<Finding> f = of(bare(frogs), WasteRule.NO_FILTER);
        assertThat(f.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
        f.ifPresent(x -> {
            assertThat(x.variant()).isEqualTo("fouls");
            assertThat(x.measure("rise").value()).isCloseTo(grams * 0.384 / 20, within(1e-9));
            assertThat(x.measure("change").value()).isCloseTo(grams * 0.384 / 20 / 0.5, within(1e-9));
        });
    }

    @Test
    void whatItGrowsIntoIsAHint() {
        Species frog = FROG.with("mass_adult_g", 60)
                .with("feed_interval_days_adult", 1)
                .with("waste_class", 1);
        Inhabitant grown = TestSpecies.inhabitant(frog, 1);
        Inhabitant young =
                new Inhabitant(grown.resident().withMass(OptionalDouble.of(0.01)), grown.profile(), grown.row());
        Finding f = of(judge(List.of(young), new WaterStub(), 0), WasteRule.NO_FILTER)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.HINT);
        assertThat(f.measure("grown").value()).isCloseTo(6 * f.measure("load").value(), within(1e-9));
    }

    /** Two kinds that the water carries one by one, and not together. */
    @Test
    void allKindsCountTogether() {
        Species frog = FROG.with("mass_adult_g", 20)
                .with("feed_interval_days_adult", 1)
                .with("waste_class", 1);
        Inhabitant one = TestSpecies.inhabitant(frog, 1);
        assertThat(of(judge(List.of(one), new WaterStub(), 0), WasteRule.NO_FILTER))
                .isEmpty();
        List<Finding> both = judge(List.of(one, one), new WaterStub(), 0);
        assertThat(both).hasSize(1);
        assertThat(both.get(0).measure("load").value()).isCloseTo(2 * 20 * 0.384, within(1e-9));
        assertThat(both.get(0).severity()).isEqualTo(Severity.CAUTION);
    }

    /** The heaviest kind says how often the water is moved. */
    @Test
    void theHeaviestKindSetsTheFilter() {
        List<Inhabitant> both = List.of(
                TestSpecies.inhabitant(FROG.with("waste_class", 1), 1),
                TestSpecies.inhabitant(FROG.with("waste_class", 4), 1));
        Finding f = of(judge(both, filter(3 * VOLUME / HOUR), 1), WasteRule.TURNOVER)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.CAUTION);
        assertThat(f.measure("least").value()).isEqualTo(4);
    }

    /** derived: 100 g at 0.000384 a day are 38.4 mg of nitrogen. */
    @ParameterizedTest
    @CsvSource({"38.3, CAUTION", "38.5, GOOD", "400, GOOD"})
    void theMediaCarryTheWaste(double room, Severity severity) {
        Species frog = FROG.with("mass_adult_g", 100).with("feed_interval_days_adult", 1);
        Finding f = of(
                        judge(
                                List.of(TestSpecies.inhabitant(frog, 1)),
                                filter(3 * VOLUME / HOUR),
                                room * 1e-6 / 86_400),
                        WasteRule.MEDIA)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("used").value()).isCloseTo(38.4 / room, within(1e-9));
    }

    /** 300 mg a square metre and day at 25 °C and pH 7.5, a third of it while ammonia stays at 0.25 mg/L. */
    @Test
    void whatMediaTurnOver() {
        assertThat(NitrogenCycle.turnsOver(1, 25, 7.5) * 86_400 * 1e6).isCloseTo(100, within(1e-9));
        assertThat(NitrogenCycle.turnsOver(2, 15, 7.5))
                .isCloseTo(2 * NitrogenCycle.turnsOver(1, 25, 7.5) / Math.pow(1.07, 10), within(1e-18));
        assertThat(NitrogenCycle.turnsOver(1, 25, 5.5)).isZero();
    }

    @Test
    void whoNeverEntersTheWaterIsNotCounted() {
        assertThat(bare(FROG.with("water_depth_max_cm", 0))).isEmpty();
    }
}
