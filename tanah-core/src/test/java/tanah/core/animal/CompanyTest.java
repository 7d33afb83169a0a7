package tanah.core.animal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Resident;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.testing.TestMedia;
import tanah.core.testing.TestSpecies;

/** Animals of one species are one company, in however many entries of the plan they stand. */
class CompanyTest {
    private static Inhabitant some(String id, Species s, int count, int males) {
        Resident r = Resident.one(id, s.id()).withCount(count, males < 0 ? OptionalInt.empty() : OptionalInt.of(males));
        return new Inhabitant(r, s, s);
    }

    private static List<Finding> judge(Inhabitant... animals) {
        return Company.of(Arrays.asList(animals)).stream()
                .flatMap(c -> GroupRule.judge(c).stream())
                .toList();
    }

    private static List<Severity> of(List<Finding> findings, RuleId rule) {
        return findings.stream()
                .filter(f -> f.rule().equals(rule))
                .map(Finding::severity)
                .toList();
    }

    @Test
    void twoEntriesOfASolitarySpeciesAreTwoAnimals() {
        Species alone = TestSpecies.lizard().with("social", "solitary");
        assertThat(of(judge(some("a", alone, 1, -1)), GroupRule.SOLITARY)).isEmpty();
        assertThat(of(judge(some("a", alone, 1, -1), some("b", alone, 1, -1)), GroupRule.SOLITARY))
                .containsExactly(Severity.STOP);
    }

    /** One male of the species at most, three animals. */
    @ParameterizedTest
    @CsvSource({
        "1, 1, 1, 0, , ",
        "1, 1, 1, 1, STOP, ",
        "2, 0, 2, 1, , STOP",
        "2, 0, 1, 1, , ",
        "1, 0, 2, 2, STOP, ",
    })
    void malesAndNumberAreCountedOverAllEntries(
            int first, int itsMales, int second, int theirMales, Severity males, Severity group) {
        Species lizard = TestSpecies.lizard();
        List<Finding> findings = judge(some("a", lizard, first, itsMales), some("b", lizard, second, theirMales));
        assertThat(of(findings, GroupRule.MALES)).isEqualTo(males == null ? List.of() : List.of(males));
        assertThat(of(findings, GroupRule.GROUP)).isEqualTo(List.of(group == null ? Severity.GOOD : group));
    }

    @Test
    void oneEntryWhoseSexNobodyKnowsIsEnoughToAsk() {
        Species lizard = TestSpecies.lizard();
        assertThat(of(judge(some("a", lizard, 1, 0), some("b", lizard, 1, -1)), GroupRule.SEX_UNKNOWN))
                .containsExactly(Severity.CAUTION);
        assertThat(of(judge(some("a", lizard, 1, 0), some("b", lizard, 1, 1)), GroupRule.SEX_UNKNOWN))
                .isEmpty();
    }

    @Test
    void theStrictestEntryCounts() {
        Species loose = TestSpecies.lizard().with("group_max", 5);
        Inhabitant strict = some("a", TestSpecies.lizard(), 2, 0);
        Inhabitant easy = new Inhabitant(
                Resident.one("b", loose.id()).withCount(2, OptionalInt.of(0)), loose, TestSpecies.lizard());
        assertThat(of(judge(easy, strict), GroupRule.GROUP)).containsExactly(Severity.STOP);
    }

    @Test
    void theRemedyTakesTheLastEntriesAndHeals() {
        Species alone = TestSpecies.lizard().with("social", "solitary");
        Design d = Design.named("x")
                .withAnimals(List.of(
                        Resident.one("a", alone.id()),
                        Resident.one("frog", "theloderma-corticale"),
                        Resident.one("b", alone.id()).withCount(3, OptionalInt.of(1))));
        Finding stop = judge(some("a", alone, 1, -1), some("b", alone, 3, 1)).get(0);
        Design mended =
                Edit.take(stop.remedies().get(0), d, new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1)));
        assertThat(mended.animals()).extracting(Resident::id).containsExactly("a", "frog");
        assertThat(mended.animals()).allMatch(r -> r.count() == 1);
    }

    @Test
    void fewerMalesAreKeptOverAllEntries() {
        Species lizard = TestSpecies.lizard();
        Design d = Design.named("x")
                .withAnimals(List.of(
                        Resident.one("a", lizard.id()).withCount(1, OptionalInt.of(1)),
                        Resident.one("b", lizard.id()).withCount(2, OptionalInt.of(1))));
        Finding stop = judge(some("a", lizard, 1, 1), some("b", lizard, 2, 1)).stream()
                .filter(f -> f.rule().equals(GroupRule.MALES))
                .findFirst()
                .orElseThrow();
        Design mended =
                Edit.take(stop.remedies().get(0), d, new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1)));
        assertThat(mended.animals()).extracting(Resident::count).containsExactly(1, 1);
        assertThat(mended.animals().stream().mapToInt(r -> r.males().orElse(0)).sum())
                .isEqualTo(1);
    }

    // ---- room

    private static Space space(Inhabitant of, Inhabitant... all) {
        return Space.compute(of, new Space.Box(1.2, 0.6, 0.6, 0.5), Company.of(Arrays.asList(all)));
    }

    @Test
    void theFloorIsSharedByAllEntriesOfASpecies() {
        Species lizard = TestSpecies.lizard(); // 60 % more floor for each further animal
        Inhabitant one = some("a", lizard, 1, 0);
        Inhabitant two = some("b", lizard, 1, 0);
        Inhabitant both = some("c", lizard, 2, 0);
        assertThat(space(one, one, two).area()).isEqualTo(space(both, both).area());
        assertThat(space(one, one).area()).isGreaterThan(space(one, one, two).area());
    }

    @Test
    void otherAnimalsOfTheLandNeedTheirFloorToo() {
        Species lizard = TestSpecies.lizard();
        Species other = new Species("other", lizard.numbers(), lizard.texts(), lizard.lists());
        Inhabitant one = some("a", lizard, 1, 0);
        Inhabitant guest = some("b", other, 1, 0);
        assertThat(space(one, one, guest).area())
                .isCloseTo(space(one, one).area() / Math.sqrt(2), org.assertj.core.api.Assertions.within(1e-12));
        Species fish = other.with("land_fraction_max", 0.1).with("land_fraction_min", 0);
        assertThat(space(one, one, some("f", fish, 4, 0)).area())
                .as("what lives in the water takes no land")
                .isEqualTo(space(one, one).area());
    }
}
