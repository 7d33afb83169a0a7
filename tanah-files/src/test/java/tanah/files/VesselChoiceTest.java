package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Resident;
import tanah.core.evaluate.VesselChoice;
import tanah.files.catalogue.CatalogueReader;

/** The vessel that is offered first is one to live with: to look into, with a lid, to open in front, and then the smallest. */
class VesselChoiceTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static Inhabitant animal(String species) {
        return Inhabitant.of(Resident.one("a", species), CATALOGUE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "bufo-bufo",
                "bufotes-viridis",
                "theloderma-corticale",
                "eublepharis-macularius",
                "crotaphytus-collaris"
            })
    void nobodyIsOfferedABlindTubFirst(String species) {
        Optional<VesselModel> first = VesselChoice.forLife(animal(species), CATALOGUE);
        List<VesselModel> fit = VesselChoice.candidates(animal(species), CATALOGUE).stream()
                .filter(VesselChoice.Candidate::suits)
                .map(VesselChoice.Candidate::model)
                .toList();
        if (fit.stream()
                .anyMatch(m -> m.opening().equals("front") && !m.lidMaterial().equals("none"))) {
            assertThat(first.orElseThrow().opening()).isEqualTo("front");
            assertThat(first.orElseThrow().lidMaterial()).isNotEqualTo("none");
        }
        assertThat(first.isPresent()).isEqualTo(!fit.isEmpty());
        first.ifPresent(m -> assertThat(fit.stream()
                        .filter(o -> o.opening().equals(m.opening())
                                && o.lidMaterial().equals(m.lidMaterial()))
                        .min(Comparator.comparingDouble(o -> o.innerLength() * o.innerWidth() * o.innerHeight())))
                .get()
                .satisfies(o -> assertThat(o.innerLength() * o.innerWidth() * o.innerHeight())
                        .isGreaterThanOrEqualTo(0.999 * m.innerLength() * m.innerWidth() * m.innerHeight())));
    }

    @Test
    void whereNoneLastsForLifeTheNearestOfItsKindComesFirst() {
        int without = 0;
        for (Species species : CATALOGUE.allSpecies()) {
            List<VesselChoice.Candidate> all = VesselChoice.candidates(animal(species.id()), CATALOGUE);
            if (all.stream().anyMatch(VesselChoice.Candidate::suits)) {
                continue;
            }
            without++;
            VesselChoice.Candidate first =
                    all.stream().sorted(VesselChoice.NEAREST).findFirst().orElseThrow();
            assertThat(first.kind()).as(species.id()).isEqualTo(all.stream().anyMatch(VesselChoice.Candidate::kind));
            assertThat(all)
                    .as(species.id())
                    .filteredOn(c -> c.kind() == first.kind() && c.deep() == first.deep())
                    .allMatch(c -> c.space().ratio() <= first.space().ratio());
        }
        assertThat(without).as("animals that need a vessel built to measure").isPositive();
    }
}
