package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.ClimateCase;
import tanah.core.design.Device;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.light.Block;
import tanah.core.light.Leaves;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestSpecies;

/**
 * A spot lamp that needs 30 cm to animals, 20 to plants and 40 to what burns, in a box of 60 cm; the animal's back is 3 cm over what
 * it stands on.
 */
class DistanceRuleTest {
    private static ForecastStub at(double z) {
        return new ForecastStub().lamp(Device.of("s", "spot", Device.Spot.at(0.6, 0.3, z)), 100, z, Optional.empty());
    }

    private static List<Finding> all(ForecastStub f, RuleId rule) {
        return DistanceRule.judge(f.input()).stream()
                .filter(x -> x.rule().equals(rule))
                .toList();
    }

    private static Optional<Finding> of(ForecastStub f, RuleId rule) {
        return all(f, rule).stream().findFirst();
    }

    @ParameterizedTest
    @CsvSource({"0.429, true", "0.430, false", "0.431, false"})
    void theGroundIsFarEnough(double z, boolean stops) {
        Optional<Finding> f = of(at(z).groundAt(0.1), DistanceRule.DISTANCE);
        assertThat(f.isPresent()).isEqualTo(stops);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.STOP);
            assertThat(x.measure("least").value()).isEqualTo(0.3);
            assertThat(x.measure("distance").value()).isCloseTo(z - 0.13, within(1e-9));
            assertThat(x.measure("missing").value()).isCloseTo(0.43 - z, within(1e-9));
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("hang-higher", "weaker-lamp");
            assertThat(x.remedies().get(0).measures().get(0).value()).isCloseTo(0.43, within(1e-9));
        });
    }

    @ParameterizedTest
    @CsvSource({"0.529, true", "0.530, false"})
    void aSlabUnderTheLampCounts(double z, boolean stops) {
        assertThat(of(at(z).platform(0.6, 0.2), DistanceRule.DISTANCE).isPresent())
                .isEqualTo(stops);
    }

    @Test
    void aSlabAsideCountsByTheSlantedWay() {
        // its near edge is 20 cm aside and its top, with the back, 22.36 cm below: 30 cm away
        double below = Math.sqrt(0.09 - 0.04);
        assertThat(of(at(0.23 + below + 0.001).platform(0.9, 0.2), DistanceRule.DISTANCE))
                .isEmpty();
        assertThat(of(at(0.23 + below - 0.002).platform(0.9, 0.2), DistanceRule.DISTANCE))
                .isPresent();
    }

    @Test
    void whatTheKeeperMeasuredHolds() {
        Device near = Device.of("s", "spot", Device.Spot.at(0.6, 0.3, 0.58));
        Device measured = near.withRay(near.ray().withClearance(OptionalDouble.of(0.29)));
        ForecastStub f = new ForecastStub().lamp(measured, 100, 0.58, Optional.empty());
        assertThat(of(f, DistanceRule.DISTANCE)
                        .orElseThrow()
                        .measure("distance")
                        .value())
                .isEqualTo(0.29);
    }

    @ParameterizedTest
    @CsvSource({"1, 0.649, false", "2, 0.849, true", "2, 0.851, false"})
    void aClimberReachesUpToTheLid(double climbs, double z, boolean stops) {
        ForecastStub f = at(z).animal(TestSpecies.lizard().with("climbs", climbs));
        assertThat(of(f, DistanceRule.DISTANCE).isPresent()).isEqualTo(stops);
    }

    // ---- as low as the animal, or in something

    @ParameterizedTest
    @CsvSource({"0.13, true", "0.131, false"})
    void aLampAtTheHeightOfABackIsAStop(double z, boolean stops) {
        ForecastStub f = at(z).groundAt(0.1);
        Optional<Finding> low = of(f, DistanceRule.LOW);
        assertThat(low.isPresent()).isEqualTo(stops);
        // its distance is said once
        assertThat(of(f, DistanceRule.DISTANCE).isPresent()).isEqualTo(!stops);
        low.ifPresent(x -> {
            assertThat(x.measure("over").value()).isCloseTo(0.03, within(1e-9));
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("hang-free", "take-out");
            assertThat(x.remedies().get(0).measures().get(0).value()).isCloseTo(0.64, within(1e-9));
        });
    }

    @Test
    void aLampInTheGroundIsInside() {
        Finding f = of(at(0.09).groundAt(0.1), DistanceRule.INSIDE).orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(0.55, within(1e-9));
        assertThat(of(at(0.1).groundAt(0.1), DistanceRule.INSIDE)).isEmpty();
    }

    @Test
    void aLampInAPieceIsInside() {
        ClimateCase.Obstacle log = new ClimateCase.Obstacle(new Block(0.5, 0.7, 0.2, 0.4, 0, 0.5), 0);
        assertThat(of(at(0.45).obstacle(log), DistanceRule.INSIDE)).isPresent();
        assertThat(of(at(0.55).obstacle(log), DistanceRule.INSIDE)).isEmpty();
        assertThat(of(at(0.19).platform(0.6, 0.2), DistanceRule.INSIDE)).isPresent();
    }

    // ---- leaves, lids, guards, backs

    @ParameterizedTest
    @CsvSource({"0.499, true", "0.500, false"})
    void leavesAreFarEnough(double z, boolean said) {
        Leaves bush = new Leaves(new Block(0.5, 0.7, 0.2, 0.4, 0, 0.3), 2, 0.5);
        List<Finding> leaf = all(at(z).plant(bush), DistanceRule.DISTANCE).stream()
                .filter(f -> f.variant().equals("leaf"))
                .toList();
        assertThat(leaf.isEmpty()).isEqualTo(!said);
        leaf.forEach(f -> {
            assertThat(f.severity()).isEqualTo(Severity.CAUTION);
            assertThat(f.measure("least").value()).isEqualTo(0.2);
            assertThat(f.measure("missing").value()).isCloseTo(0.001, within(1e-9));
        });
    }

    @ParameterizedTest
    @CsvSource({
        // z, closed, clear, said: a quarter of 40 cm stays free over the lamp
        "0.501, true, false, true",
        "0.500, true, false, false",
        "0.501, true, true, false",
        "0.501, false, false, false",
        "0.601, true, false, false"
    })
    void aLidThatMayBurnIsFarEnough(double z, boolean closed, boolean clear, boolean said) {
        ForecastStub f = closed ? at(z).closed(clear) : at(z);
        List<Finding> lid = all(f, DistanceRule.DISTANCE).stream()
                .filter(x -> x.variant().equals("lid"))
                .toList();
        assertThat(lid.isEmpty()).isEqualTo(!said);
        lid.forEach(x -> assertThat(x.measure("least").value()).isCloseTo(0.1, within(1e-9)));
    }

    @Test
    void aTubeThatDoesNotHeatMayHangUnderTheLid() {
        ForecastStub f = new ForecastStub()
                .closed(false)
                .lamp(Device.of("t", "tube", Device.Spot.at(0.6, 0.3, 0.58)), 24, 0.58, Optional.empty());
        assertThat(DistanceRule.judge(f.input())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // climbs, reach (cm), z, guarded, said
        "2, 0,  0.58, false, true",
        "2, 0,  0.60, false, true",
        "2, 0,  0.61, false, false",
        "2, 0,  0.58, true,  false",
        "1, 54, 0.58, false, false",
        "1, 56, 0.58, false, true"
    })
    void aHotLampInReachHasAGuard(double climbs, double reach, double z, boolean guarded, boolean said) {
        Device bare = Device.of("s", "spot", Device.Spot.at(0.6, 0.3, z));
        Device d = guarded ? bare.withGuard(Optional.of("guard-lamp")) : bare;
        ForecastStub f = new ForecastStub()
                .animal(TestSpecies.lizard().with("climbs", climbs).with("reach_cm", reach))
                .lamp(d, 100, z, Optional.empty());
        Optional<Finding> found = of(f, DistanceRule.GUARD);
        assertThat(found.isPresent()).isEqualTo(said);
        found.ifPresent(x -> assertThat(x.severity()).isEqualTo(Severity.STOP));
    }

    @ParameterizedTest
    @CsvSource({"1000, false", "1001, true"})
    void noBackGetsMoreThanFullSun(double watts, boolean said) {
        ForecastStub f = at(0.6).platform(0.6, 0.1).onBack(watts);
        Optional<Finding> found = of(f, DistanceRule.BACK);
        assertThat(found.isPresent()).isEqualTo(said);
        found.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.CAUTION);
            assertThat(x.measure("most").value()).isEqualTo(1000);
        });
    }
}
