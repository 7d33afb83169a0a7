package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.design.Resident;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.plant.RootPlace;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** What a planting as a whole gives an animal: cover, a screen, shade. */
class ShelterTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROGS = Examples.read("mossy-frog-paludarium");
    private static final String MOSS = "taxiphyllum-barbieri"; // low, neither cover nor shade
    private static final String FERN = "nephrolepis-exaltata"; // broad fronds

    private static List<Finding> said(Design plan, String rule) {
        return Evaluator.evaluate(plan, CATALOGUE, Evaluator.Depth.STEADY).findings().stream()
                .filter(f -> f.rule().value().equals(rule))
                .toList();
    }

    /** Without hides, with so many pieces of one kind in a row along the front. */
    private static Design planted(String kind, int count) {
        List<PlantPiece> plants = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            plants.add(PlantPiece.young("p" + i, kind, RootPlace.SOIL, 0.54 + 0.04 * i, 0.06));
        }
        return FROGS.withPlants(plants)
                .withHardscape(FROGS.hardscape().stream()
                        .map(h -> h.withHide(Optional.empty()))
                        .toList());
    }

    private static Design keeping(Design plan, String species) {
        Resident first = plan.animals().get(0);
        return plan.withAnimals(List.of(first.withSpecies(species)));
    }

    private static double share(Finding f) {
        return f.measures().get(0).value();
    }

    @Test
    void theDemoGivesCoverEnough() {
        assertThat(said(FROGS, "plant.shelter")).extracting(Finding::severity).containsExactly(Severity.GOOD);
    }

    @Test
    void lowMossIsNoCoverAndADenseFernIs() {
        Finding moss = said(planted(MOSS, 1), "plant.shelter").get(0);
        assertThat(moss.severity()).isEqualTo(Severity.CAUTION);
        assertThat(share(moss)).isZero();
        Finding fern = said(planted(FERN, 1), "plant.shelter").get(0);
        assertThat(share(fern)).isGreaterThan(0.3);
        assertThat(fern.severity()).isEqualTo(Severity.GOOD);
    }

    /** What is wanted grows with the need: three tenths of the floor for the frogs, 15 % for a lizard that needs less. */
    @Test
    void whatIsWantedFollowsTheAnimal() {
        assertThat(said(planted(MOSS, 1), "plant.shelter")
                        .get(0)
                        .measures()
                        .get(1)
                        .value())
                .isEqualTo(0.30);
        assertThat(said(keeping(planted(MOSS, 1), "crotaphytus-collaris"), "plant.shelter")
                        .get(0)
                        .measures()
                        .get(1)
                        .value())
                .isEqualTo(0.15);
    }

    @Test
    void aNervousAnimalIsScreenedByPlantsOrByAWall() {
        Design lizard = keeping(planted(FERN, 1), "crotaphytus-collaris");
        Design one = lizard.withVessel(lizard.vessel()
                .map(v -> v.withEnvelope(v.envelope().withInsulation(List.of()).withPanes(List.of()))));
        Finding glass = said(one, "plant.screen").get(0);
        assertThat(glass.severity()).isEqualTo(Severity.CAUTION);
        assertThat(share(glass)).isBetween(0.05, 0.59);
        Design arid = Examples.read("collared-lizard-arid");
        assertThat(said(arid, "plant.screen"))
                .as("PVC is opaque")
                .extracting(Finding::severity)
                .containsExactly(Severity.GOOD);
        assertThat(said(FROGS, "plant.screen")).as("frogs are not nervous").isEmpty();
    }

    @Test
    void withoutPlantsNothingIsSaid() {
        assertThat(said(FROGS.withPlants(List.of()), "plant.shelter")).isEmpty();
    }
}
