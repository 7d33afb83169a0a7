package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.Resident;
import tanah.core.design.Surface;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.VesselChoice;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.GroundProposal;
import tanah.core.vessel.Vessel;
import tanah.files.catalogue.CatalogueReader;

/** A first ground that is proposed stays inside its box, whatever the animal and the box. */
class GroundProposalTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    static Stream<VesselModel> vessels() {
        return CATALOGUE.allVessels().stream().filter(VesselModel::fitsDesign);
    }

    static Stream<Species> animals() {
        return CATALOGUE.allSpecies().stream();
    }

    @ParameterizedTest
    @MethodSource("vessels")
    void noProposalStandsOverTheLip(VesselModel model) {
        Design empty = Design.named("plan").withVessel(Boxes.fromCatalogue(model, Optional.empty()));
        Vessel vessel = Boxes.resolve(empty.vessel().orElseThrow(), CATALOGUE);
        assertThat(CATALOGUE.allSpecies()).allSatisfy(species -> {
            List<Layer> layers = GroundProposal.propose(species, empty, vessel).layers();
            assertThat(total(layers)).isLessThanOrEqualTo(vessel.groundLimit());
            assertThat(layers).as(species.id()).isNotEmpty().allMatch(l -> depth(l) > 0);
        });
    }

    @ParameterizedTest
    @MethodSource("animals")
    void theGroundInTheVesselThatIsOfferedFirstStopsNothing(Species species) {
        VesselChoice.forLife(Inhabitant.of(Resident.one("a", species.id()), CATALOGUE), CATALOGUE)
                .ifPresent(model -> {
                    VesselPlan plan = Boxes.fromCatalogue(model, Optional.empty());
                    Design empty =
                            Design.named("plan").withVessel(plan).withAnimals(List.of(Resident.one("a", species.id())));
                    Ground ground = GroundProposal.propose(species, empty, Boxes.resolve(plan, CATALOGUE));
                    assertThat(Evaluator.evaluate(empty.withGround(ground), CATALOGUE)
                                    .findings())
                            .filteredOn(f -> f.severity() == Severity.STOP)
                            .filteredOn(f -> f.place().stage() == Stage.GROUND)
                            .isEmpty();
                });
    }

    /** Lip; drainage, soil and leaves that are laid under it for a damp gecko in a box of 45 cm (cm). */
    @ParameterizedTest
    @CsvSource({
        "15.0, 4.0, 6.0, 2.0",
        "11.0, 4.0, 4.5, 2.0",
        " 9.5, 4.0, 3.0, 2.0",
        " 9.0, 3.5, 3.0, 2.0",
        " 8.5, 3.0, 3.0, 2.0",
        " 8.0, 3.0, 3.0, 1.5",
        " 7.5, 3.0, 3.0, 1.0",
        " 7.0, 0.0, 4.5, 2.0",
        " 5.0, 0.0, 3.0, 1.5",
        " 4.5, 0.0, 3.0, 1.0",
        " 4.0, 0.0, 3.5, 0.0",
        " 3.0, 0.0, 2.5, 0.0"
    })
    void soilGivesWayThenDrainageThenLeaves(double lip, double drainage, double soil, double leaves) {
        Species gecko = CATALOGUE.findSpecies("lepidodactylus-lugubris").orElseThrow();
        VesselPlan tall = Boxes.fromCatalogue(
                vessels()
                        .filter(m -> m.id().equals("front-glass-30x30x45"))
                        .findFirst()
                        .orElseThrow(),
                Optional.empty());
        Vessel vessel = Boxes.resolve(tall.withFrontDam(OptionalDouble.of(lip / 100)), CATALOGUE);
        List<Layer> layers =
                GroundProposal.propose(gecko, Design.named("plan"), vessel).layers();
        assertThat(depthOf(layers, Layer.Kind.DRAINAGE)).isCloseTo(drainage / 100, within(1e-9));
        assertThat(depthOf(layers, Layer.Kind.SUBSTRATE)).isCloseTo(soil / 100, within(1e-9));
        assertThat(depthOf(layers, Layer.Kind.LITTER)).isCloseTo(leaves / 100, within(1e-9));
    }

    private static double depth(Layer layer) {
        return ((Surface.Thickness) layer.surface()).thickness();
    }

    private static double total(List<Layer> layers) {
        return layers.stream().mapToDouble(GroundProposalTest::depth).sum();
    }

    private static double depthOf(List<Layer> layers, Layer.Kind kind) {
        return total(layers.stream().filter(l -> l.is(kind)).toList());
    }
}
