package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.bioactive.BioactiveFound;
import tanah.core.bioactive.BioactiveSearch;
import tanah.core.bioactive.FloorChange;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.cleanup.Cleanup;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.RoomPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Severity;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** The fewest changes that make a floor bioactive: what is offered is run again as a whole plan. */
class BioactiveSearchTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROGS = Examples.read("mossy-frog-paludarium");
    private static final Design LIZARD = Examples.read("collared-lizard-arid");

    private static final Map<Design, BioactiveFound> FOUND = new HashMap<>();

    /** Each plan is searched once. */
    private static synchronized BioactiveFound search(Design plan) {
        return FOUND.computeIfAbsent(plan, BioactiveSearchTest::searched);
    }

    private static BioactiveFound searched(Design plan) {
        return BioactiveSearch.of(plan, CATALOGUE, () -> false).orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void whatIsOfferedHoldsAsAWholePlan(String name) {
        Design bare = Examples.read(name).withCrew(CrewChoice.NONE);
        BioactiveFound found = search(bare);
        assertThat(found.state()).isEqualTo(BioactiveFound.State.FOUND);
        assertThat(found.ways()).isNotEmpty();
        for (BioactiveFound.Way way : found.ways()) {
            Evaluation whole = Evaluator.evaluate(way.design(), CATALOGUE, Evaluator.Depth.WHOLE);
            Cleanup c = whole.cleanup().orElseThrow();
            assertThat(c.balance().orElse(c.year().staysThin() ? 0 : 1000)).isLessThanOrEqualTo(90);
            assertThat(c.plan().spot()).isLessThanOrEqualTo(0.2);
            assertThat(whole.findings())
                    .filteredOn(f -> f.rule().value().equals("crew.kind")
                            || f.rule().value().equals("crew.waste")
                            || f.rule().value().equals("litter.reserve")
                            || f.rule().value().equals("crew.no_refuge"))
                    .allMatch(f -> f.severity() == Severity.GOOD || f.severity() == Severity.HINT);
            assertThat(way.brings()).isEmpty();
            assertThat(way.changes()).isNotEmpty();
        }
    }

    @Test
    void aSmallAndALargeKindAreSetSmallFirst() {
        BioactiveFound.Way way = search(LIZARD.withCrew(CrewChoice.NONE)).ways().get(0);
        List<FloorChange.Set> set = way.changes().stream()
                .filter(FloorChange.Set.class::isInstance)
                .map(FloorChange.Set.class::cast)
                .toList();
        assertThat(set).hasSize(2);
        CrewModel small = CATALOGUE.findCrew(set.get(0).species()).orElseThrow();
        CrewModel large = CATALOGUE.findCrew(set.get(1).species()).orElseThrow();
        assertThat(small.isMicro()).isTrue();
        assertThat(large.isMicro()).isFalse();
        assertThat(set.get(0).week()).isZero();
        assertThat(set.get(1).week()).as("after the mould").isEqualTo(3);
        assertThat(small.law().caution() + large.law().caution()).isZero();
    }

    /** New leaves lie as damp as the sand under them: else a desert would look like a forest to its crew. */
    @Test
    void leavesThatAreLaidAreAsDryAsTheGround() {
        BioactiveFound.Way way = search(LIZARD.withCrew(CrewChoice.NONE)).ways().get(0);
        assertThat(way.changes()).anyMatch(FloorChange.Litter.class::isInstance);
        List<Layer> layers = way.design().ground().layers();
        assertThat(layers.get(layers.size() - 1).is(Layer.Kind.LITTER)).isTrue();
        assertThat(layers.get(layers.size() - 1).wetness())
                .isEqualTo(layers.get(layers.size() - 2).wetness());
    }

    @Test
    void whatDiesOutIsLeftOutAndNothingElse() {
        Design wrong = Crews.with(LIZARD, "trichorhina-tomentosa", "porcellionides-pruinosus");
        BioactiveFound.Way way = search(wrong).ways().get(0);
        assertThat(way.changes())
                .filteredOn(FloorChange.LeaveOut.class::isInstance)
                .containsExactly(new FloorChange.LeaveOut("trichorhina-tomentosa"));
        assertThat(way.design().crew().doses())
                .anyMatch(d -> d.species().equals("porcellionides-pruinosus"))
                .noneMatch(d -> d.species().equals("trichorhina-tomentosa"));
    }

    @Test
    void aPlanThatCarriesItsWasteIsLeftAlone() {
        BioactiveFound found = search(FROGS);
        assertThat(found.state()).isEqualTo(BioactiveFound.State.ALREADY);
        assertThat(found.ways()).isEmpty();
        assertThat(found.nearest().orElseThrow().changes()).isEmpty();
    }

    /** Plans of the documentation. */
    @ParameterizedTest
    @ValueSource(strings = {"arid-crew", "millipede-floor"})
    void theExamplesCarryTheirWaste(String name) {
        assertThat(search(Examples.read(name)).state()).isEqualTo(BioactiveFound.State.ALREADY);
    }

    @Test
    void withoutGroundThereIsNothingToLiveIn() {
        BioactiveFound found = search(LIZARD.withGround(Ground.EMPTY).withCrew(CrewChoice.NONE));
        assertThat(found.state()).isEqualTo(BioactiveFound.State.NO_GROUND);
    }

    /** No kind of the catalogue lives at 2 °C. */
    @Test
    void whereNobodyLivesItSaysWhatStandsAgainstIt() {
        RoomPlan room = FROGS.room().orElseThrow();
        RoomPlan.Season freezing = new RoomPlan.Season(2, 2, 0.5, 0.5);
        Design cold = Crews.with(FROGS, "sinella-curviseta")
                .withRoom(Optional.of(new RoomPlan(freezing, freezing, room.givenBand(), room.kept())));
        BioactiveFound found = search(cold);
        assertThat(found.state()).isEqualTo(BioactiveFound.State.NONE);
        assertThat(found.ways()).isEmpty();
        assertThat(found.nearest()).isPresent();
    }

    @Test
    void itIsGivenUpAtOnce() {
        assertThat(BioactiveSearch.of(LIZARD, CATALOGUE, () -> true)).isEmpty();
    }
}
