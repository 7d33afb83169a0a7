package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.core.design.Ramp;
import tanah.core.design.Resident;
import tanah.core.design.WaterPart;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestSpecies;
import tanah.core.testing.WaterStub;

/** A frog that wants water of 5 to 15 cm and 20 to 50 % land, against water just inside, at and outside of it. */
class WaterAnimalRulesTest {
    private static final Species FROG = TestSpecies.frog()
            .with("water_depth_min_cm", 5)
            .with("water_depth_max_cm", 15)
            .with("swims", "good");

    private static final GroundResult GROUND = TestDesigns.ground(TestDesigns.box(1, 0.5, 0.5));

    private static Design plan(Ramp... ramps) {
        return TestDesigns.box(1, 0.5, 0.5)
                .withWater(Optional.of(WaterPart.upTo(0.1).withRamps(List.of(ramps))));
    }

    private static Optional<Finding> of(Species s, WaterStub water, RuleId rule, Ramp... ramps) {
        return of(TestSpecies.inhabitant(s, 1), water, rule, ramps);
    }

    private static Optional<Finding> of(Inhabitant animal, WaterStub water, RuleId rule, Ramp... ramps) {
        return WaterAnimalRules.judge(animal, plan(ramps), GROUND, water.state()).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    private static List<String> keys(Finding f) {
        return f.remedies().stream().map(Remedy::key).toList();
    }

    private static double first(Finding f) {
        return f.remedies().get(0).measures().get(0).value();
    }

    // ---- depth

    @ParameterizedTest
    @CsvSource({"0.1494, GOOD", "0.150, GOOD", "0.1506, CAUTION", "0.200, CAUTION"})
    void waterIsNotDeeperThanWanted(double depth, Severity severity) {
        Finding f = of(FROG, new WaterStub().level(depth).deep(depth), WaterAnimalRules.DEEP)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("least").value()).isEqualTo(0.05);
        assertThat(f.measure("most").value()).isEqualTo(0.15);
        if (severity == Severity.CAUTION) {
            assertThat(keys(f)).containsExactly("lower-water", "raise-floor");
            assertThat(first(f)).isCloseTo(0.15, within(1e-9));
        }
    }

    @Test
    void whatSwimsPoorlyIsStoppedByDepth() {
        Finding f = of(FROG.with("swims", "poor"), new WaterStub().level(0.2).deep(0.2), WaterAnimalRules.DEEP)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
    }

    @Test
    void waterThatCannotBeLoweredEnoughNeedsAFloor() {
        Finding f = of(FROG, new WaterStub().level(0.1).deep(0.3), WaterAnimalRules.DEEP)
                .orElseThrow();
        assertThat(keys(f)).containsExactly("raise-floor");
    }

    @ParameterizedTest
    @CsvSource({"0.0506, false", "0.05, false", "0.0494, true", "0.03, true"})
    void waterIsNotShallowerThanWanted(double depth, boolean said) {
        Optional<Finding> f = of(FROG, new WaterStub().level(0.1).deep(depth), WaterAnimalRules.SHALLOW);
        assertThat(f.isPresent()).isEqualTo(said);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.CAUTION);
            // half centimetres, rounded up
            assertThat(first(x)).isCloseTo(Math.ceil((0.1 + 0.05 - depth) / 0.005 - 1e-6) * 0.005, within(1e-9));
        });
    }

    @ParameterizedTest
    @CsvSource({"13.9, true", "14, false"})
    void theYoungHaveADepthOfTheirOwn(double months, boolean young) {
        Species s = FROG.with("water_depth_juvenile_max_cm", 3);
        Resident r = new Resident(
                "a",
                s.id(),
                1,
                OptionalInt.empty(),
                OptionalDouble.of(months),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
        Finding f = of(
                        new Inhabitant(r, s, s),
                        new WaterStub().level(0.04).deep(0.04),
                        young ? WaterAnimalRules.DEEP : WaterAnimalRules.SHALLOW)
                .orElseThrow();
        assertThat(f.variant()).isEqualTo(young ? "young" : "");
        if (young) {
            assertThat(f.measure("most").value()).isEqualTo(0.03);
            assertThat(f.measure("least").value()).as("never over the most").isEqualTo(0.03);
        }
    }

    @Test
    void withoutWishOrWaterDepthIsNotJudged() {
        Species dry = FROG.with("water_depth_min_cm", 0).with("water_depth_max_cm", 0);
        assertThat(of(dry, new WaterStub().deep(0.3), WaterAnimalRules.DEEP)).isEmpty();
        assertThat(of(FROG, new WaterStub().dry(), WaterAnimalRules.SHALLOW)).isEmpty();
    }

    // ---- ramps: a frog that climbs takes 80 degrees; 2 cm below the lowest level, up to the highest, 3 cm wide, rough

    private static Ramp ramp(double foot, double top, double length, double width, boolean rough) {
        return new Ramp("ramp", foot, top, length, width, Optional.of(rough), OtherFields.NONE);
    }

    @ParameterizedTest
    @CsvSource({
        "0.08, 0.11, 0.2, 0.03, true, ",
        "0.0801, 0.11, 0.2, 0.03, true, reach",
        "0.08, 0.0999, 0.2, 0.03, true, reach",
        "0.08, 0.11, 0.2, 0.0299, true, narrow",
        "0.08, 0.11, 0.2, 0.03, false, smooth",
        "0.00, 0.1973, 0.2, 0.03, true, steep",
        "0.00, 0.1965, 0.2, 0.03, true, "
    })
    void aRampLeadsOut(double foot, double top, double length, double width, boolean rough, String fault) {
        Ramp r = ramp(foot, top, length, width, rough);
        Optional<Finding> f = of(FROG, new WaterStub(), WaterAnimalRules.RAMP, r);
        assertThat(f.map(Finding::variant)).isEqualTo(Optional.ofNullable(fault));
        RuleId out = fault == null ? WaterAnimalRules.WAY_OUT : WaterAnimalRules.NO_WAY_OUT;
        assertThat(WaterAnimalRules.judge(TestSpecies.inhabitant(FROG, 1), plan(r), boxed(), new WaterStub().state()))
                .extracting(Finding::rule)
                .contains(out);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.CAUTION);
            assertThat(x.measure("needed").value())
                    .isCloseTo((top - foot) / Math.sin(Math.toRadians(80)), within(1e-9));
        });
    }

    /** Water from wall to wall: nothing but a ramp leads out. */
    private static GroundResult boxed() {
        return GROUND;
    }

    @Test
    void waterWithoutAWayOutIsAStop() {
        Finding f = of(FROG, new WaterStub().moves(0.08, 0.1), WaterAnimalRules.NO_WAY_OUT)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(keys(f)).containsExactly("lay-ramp", "shape-beach");
        Remedy lay = f.remedies().get(0);
        assertThat(lay.measures().get(1).value())
                .as("foot 2 cm under the lowest")
                .isCloseTo(0.06, within(1e-9));
        assertThat(lay.measures().get(2).value())
                .as("top 3 cm over the highest")
                .isCloseTo(0.13, within(1e-9));
        assertThat(lay.measures().get(0).value())
                .isCloseTo(Math.ceil(0.07 / Math.sin(Math.toRadians(80)) / 0.005 - 1e-6) * 0.005, within(1e-9));
    }

    @Test
    void whatLivesInTheWaterNeedsNoWayOut() {
        Species newt = FROG.with("land_fraction_max", 0.1).with("land_fraction_min", 0);
        assertThat(of(newt, new WaterStub(), WaterAnimalRules.NO_WAY_OUT)).isEmpty();
        assertThat(of(newt, new WaterStub(), WaterAnimalRules.WAY_OUT, ramp(0.05, 0.12, 0.2, 0.05, true)))
                .as("one that is there is said")
                .isPresent();
    }

    @Test
    void aPuddleThatIsPoreWaterOnlyTrapsNobody() {
        assertThat(of(FROG, new WaterStub().dry(), WaterAnimalRules.NO_WAY_OUT)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"lizard, 1, 30", "newt, 1, 45", "salamander, 1, 45", "frog-toad, 2, 80", "frog-toad, 3, 90"})
    void howSteepAnAnimalClimbs(String group, double climbs, double degrees) {
        Way way = Way.of(TestSpecies.inhabitant(FROG.with("group", group).with("climbs", climbs), 1));
        assertThat(Math.toDegrees(way.steepest())).isCloseTo(degrees, within(1e-9));
    }

    // ---- land against water, 20 to 50 % and half a point

    @ParameterizedTest
    @CsvSource({"0.194, CAUTION, less", "0.196, GOOD, ''", "0.504, GOOD, ''", "0.506, CAUTION, more"})
    void theShareOfLandIsWhatIsWanted(double land, Severity severity, String words) {
        Finding f = of(FROG, new WaterStub().land(land), WaterAnimalRules.SHARE).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("land").value()).isEqualTo(land);
    }

    @ParameterizedTest
    @CsvSource({"0.5, 5, true", "1, 5, false", "0.5, 0, false"})
    void anAnimalOfTheWaterMissesIt(double land, double depth, boolean said) {
        Species s = FROG.with("land_fraction_max", land).with("water_depth_min_cm", depth);
        assertThat(WaterAnimalRules.missing(TestSpecies.inhabitant(s, 1)).isPresent())
                .isEqualTo(said);
    }

    @Test
    void theStubStandsAsItSays() {
        WaterVolumes w = new WaterStub().volumes();
        assertThat(w.turnsOver()).isEqualTo(0.02);
        assertThat(new WaterStub().circulation().running()).isEqualTo(0.1);
    }
}
