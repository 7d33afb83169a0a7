package tanah.core.animal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Species;
import tanah.core.design.NeedOverride;
import tanah.core.design.Resident;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestSpecies;

/** Each rule about the animals once met and once broken, and at its limit. */
class AnimalRulesTest {
    private static final Action GO = new Action.GoTo(Stage.VESSEL);

    @Test
    void solitaryAnimalsAreKeptAlone() {
        Species alone = TestSpecies.lizard().with("social", "solitary");
        assertThat(severity(
                        GroupRule.judge(new Company(List.of(TestSpecies.inhabitant(alone, 2)))), GroupRule.SOLITARY))
                .contains(Severity.STOP);
        assertThat(severity(
                        GroupRule.judge(new Company(List.of(TestSpecies.inhabitant(alone, 1)))), GroupRule.SOLITARY))
                .isEmpty();
    }

    @Test
    void aGroupHasALargestNumber() {
        Species frog = TestSpecies.frog();
        assertThat(severity(GroupRule.judge(new Company(List.of(TestSpecies.inhabitant(frog, 8)))), GroupRule.GROUP))
                .contains(Severity.GOOD);
        assertThat(severity(GroupRule.judge(new Company(List.of(TestSpecies.inhabitant(frog, 9)))), GroupRule.GROUP))
                .contains(Severity.STOP);
    }

    @Test
    void twoMalesFightAndUnknownSexIsACaution() {
        Species lizard = TestSpecies.lizard();
        assertThat(severity(GroupRule.judge(new Company(List.of(sexed(lizard, 2, 2)))), GroupRule.MALES))
                .contains(Severity.STOP);
        assertThat(severity(GroupRule.judge(new Company(List.of(sexed(lizard, 2, 1)))), GroupRule.MALES))
                .isEmpty();
        List<Finding> unknown = GroupRule.judge(new Company(List.of(TestSpecies.inhabitant(lizard, 2))));
        assertThat(severity(unknown, GroupRule.SEX_UNKNOWN)).contains(Severity.CAUTION);
        assertThat(severity(GroupRule.judge(new Company(List.of(sexed(lizard, 2, 1)))), GroupRule.SEX_UNKNOWN))
                .isEmpty();
    }

    @Test
    void anOverrideDoesNotLiftTheStopOfTheCatalogue() {
        Species row = TestSpecies.frog();
        NeedOverride looser = new NeedOverride(
                "group_max", new NeedOverride.Value.Number(20), "large hall", LocalDate.of(2026, 1, 2));
        Resident many = new Resident(
                "a",
                row.id(),
                12,
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of(looser));
        List<Finding> findings = GroupRule.judge(new Company(List.of(new Inhabitant(many, many.profile(row), row))));
        assertThat(severity(findings, GroupRule.GROUP)).contains(Severity.STOP);
        assertThat(findings.get(0).variant()).isEqualTo("overridden");
    }

    @Test
    void severalSpeciesNeedAReason() {
        List<Inhabitant> two =
                List.of(TestSpecies.inhabitant(TestSpecies.lizard(), 1), TestSpecies.inhabitant(TestSpecies.frog(), 1));
        assertThat(MixedSpeciesRule.judge(two, Optional.empty()).orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        assertThat(MixedSpeciesRule.judge(two, Optional.of("zoo hall"))
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.CAUTION);
        assertThat(MixedSpeciesRule.judge(two.subList(0, 1), Optional.empty())).isEmpty();
    }

    @Test
    void tooSmallNowIsAStopBelowFourFifths() {
        assertThat(space(0.30, 0.20, 0.2, SpaceRule.NOW)).contains(Severity.STOP);
        assertThat(space(1.00, 0.50, 0.5, SpaceRule.NOW)).contains(Severity.CAUTION);
        assertThat(space(1.20, 0.60, 0.6, SpaceRule.NOW)).contains(Severity.GOOD);
    }

    @Test
    void aBoxThatIsOutgrownIsACautionAndOneForNoAnimalAStop() {
        Inhabitant young = young(TestSpecies.lizard());
        assertThat(grown(young, 1.2, 0.6, 0.6)).contains(Severity.GOOD);
        assertThat(grown(young, 0.8, 0.5, 0.45)).contains(Severity.CAUTION);
        assertThat(grown(young, 0.4, 0.2, 0.2)).contains(Severity.STOP);
    }

    @Test
    void aYoungAnimalInAVeryLargeBoxIsAHint() {
        Inhabitant young = young(TestSpecies.lizard());
        assertThat(large(young, 3.2, 1.6, 1.6)).isPresent();
        assertThat(large(young, 1.2, 0.6, 0.6)).isEmpty();
    }

    @Test
    void aClimberWantsHeightAndARunnerFloor() {
        Inhabitant climber = TestSpecies.inhabitant(TestSpecies.frog().with("priority_axis", "height"), 1);
        assertThat(AxisRule.judge(climber, TestDesigns.vessel(TestDesigns.box(0.6, 0.45, 0.40)))
                        .orElseThrow()
                        .variant())
                .isEqualTo("low");
        assertThat(AxisRule.judge(climber, TestDesigns.vessel(TestDesigns.box(0.6, 0.45, 0.60))))
                .isEmpty();
        Inhabitant runner = TestSpecies.inhabitant(TestSpecies.lizard(), 1);
        assertThat(AxisRule.judge(runner, TestDesigns.vessel(TestDesigns.box(0.6, 0.45, 0.90)))
                        .orElseThrow()
                        .variant())
                .isEqualTo("tall");
        assertThat(AxisRule.judge(runner, TestDesigns.vessel(TestDesigns.box(1.2, 0.6, 0.6))))
                .isEmpty();
    }

    private static Optional<Severity> space(double l, double w, double h, RuleId rule) {
        Inhabitant grown = TestSpecies.inhabitant(TestSpecies.lizard(), 1);
        return severity(SpaceRule.judge(grown, Space.compute(grown, new Space.Box(l, w, h, h)), GO, ""), rule);
    }

    private static Optional<Severity> grown(Inhabitant animal, double l, double w, double h) {
        Space space = Space.compute(animal, new Space.Box(l, w, h, h));
        return severity(SpaceRule.judge(animal, space, GO, ""), SpaceRule.GROWN);
    }

    private static Optional<Severity> large(Inhabitant animal, double l, double w, double h) {
        Space space = Space.compute(animal, new Space.Box(l, w, h, h));
        return severity(SpaceRule.judge(animal, space, GO, ""), SpaceRule.LARGE);
    }

    private static Optional<Severity> severity(List<Finding> findings, RuleId rule) {
        return findings.stream()
                .filter(f -> f.rule().equals(rule))
                .map(Finding::severity)
                .findFirst();
    }

    private static Inhabitant sexed(Species species, int count, int males) {
        Resident r = Resident.one("a", species.id()).withCount(count, OptionalInt.of(males));
        return new Inhabitant(r, species, species);
    }

    private static Inhabitant young(Species species) {
        Resident r = new Resident(
                "a",
                species.id(),
                1,
                OptionalInt.empty(),
                OptionalDouble.of(0),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
        return new Inhabitant(r, species, species);
    }
}
