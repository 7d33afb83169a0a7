package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.climaterule.MistRule;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.EquipmentSearch;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.ground.GroundProposal;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** What a search offers, even as what misses least, brings no stop that the plan did not have. */
class SearchOfferTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static Design begun(String animal, String vessel) {
        VesselPlan plan = Boxes.fromCatalogue(CATALOGUE.findVessel(vessel).orElseThrow(), Optional.empty());
        Species species = CATALOGUE.findSpecies(animal).orElseThrow();
        Design design = Design.named("plan")
                .withVessel(plan)
                .withAnimals(List.of(Resident.one("a", animal)))
                .withRoom(new RoomPlan(
                        new RoomPlan.Season(20, 16, 0.35, 0.35),
                        new RoomPlan.Season(25, 20, 0.5, 0.5),
                        OptionalDouble.empty(),
                        OtherFields.NONE));
        return design.withGround(GroundProposal.propose(species, design, Boxes.resolve(plan, CATALOGUE)));
    }

    private static Set<RuleId> stops(Design design) {
        return Evaluator.evaluate(design, CATALOGUE, Evaluator.Depth.WHOLE).findings().stream()
                .filter(f -> f.severity() == Severity.STOP)
                .map(Finding::rule)
                .collect(Collectors.toSet());
    }

    /** A damp room for a dragon of dry air, whose tube is too strong close by; a python that wants mist beside its lamp. */
    @ParameterizedTest
    @CsvSource({"pogona-vitticeps, wood-120x60x60", "python-regius, front-glass-120x60x60"})
    void nothingThatIsOfferedBringsAStop(String animal, String vessel) {
        Design design = begun(animal, vessel);
        Set<RuleId> before = stops(design);
        EquipmentFound found =
                EquipmentSearch.run(design, CATALOGUE, () -> false, done -> {}).orElseThrow();
        assertThat(found.best().isEmpty() && found.nearest().isEmpty()).isFalse();
        for (EquipmentFound.Answer a :
                Stream.concat(found.best().stream(), found.nearest().stream()).toList()) {
            assertThat(before).as(a.choice().toString()).containsAll(stops(a.design()));
        }
    }

    /** In a room that frogs can have. */
    private static Design cooler(Design frogs) {
        RoomPlan r = frogs.room().orElseThrow();
        RoomPlan.Season cool =
                new RoomPlan.Season(23, 19, r.summer().humidityDay(), r.summer().humidityNight());
        return frogs.withRoom(new RoomPlan(r.winter(), cool, r.givenBand(), r.kept()));
    }

    /** A stop of the plan that the search cannot mend, such as a pump with too many nozzles, does not keep it from finding. */
    @Test
    void aStopThatIsNotItsOwnKeepsItFromNothing() {
        Design frogs = Examples.read("mossy-frog-paludarium");
        AirPlan air = frogs.air().orElseThrow();
        AirPlan.Mist mist = air.mist().orElseThrow();
        List<AirPlan.Nozzle> many = new ArrayList<>(mist.nozzles());
        for (int i = 0; i < 12; i++) {
            many.add(mist.nozzles().get(0).withId("more-" + i).withFlow(OptionalDouble.of(1e-7)));
        }
        Design design = cooler(frogs)
                .withAir(Optional.of(
                        air.withMist(Optional.of(mist.withNozzles(many).withPump(Optional.of("mist-pump-4"))))));
        assertThat(stops(design)).contains(MistRule.PUMP);
        assertThat(EquipmentSearch.run(design, CATALOGUE, () -> false, done -> {})
                        .orElseThrow()
                        .best())
                .isNotEmpty();
    }

    /** One misting more, and what meets every wish lies between a lid that is wide open and one half as wide. */
    @Test
    void whatLiesBetweenTwoLidsIsNotPassedOver() {
        Design frogs = Examples.read("mossy-frog-paludarium");
        AirPlan air = frogs.air().orElseThrow();
        AirPlan.Mist mist = air.mist().orElseThrow();
        List<AirPlan.Event> more = new ArrayList<>(mist.events());
        more.add(new AirPlan.Event(23.5, 45, List.of()));
        Design design = cooler(frogs).withAir(Optional.of(air.withMist(Optional.of(mist.withEvents(more)))));
        assertThat(EquipmentSearch.run(design, CATALOGUE, () -> false, done -> {})
                        .orElseThrow()
                        .best())
                .isNotEmpty();
    }
}
