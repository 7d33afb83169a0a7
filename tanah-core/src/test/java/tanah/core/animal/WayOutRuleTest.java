package tanah.core.animal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MeshModel;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Resident;
import tanah.core.design.edit.AirEdit;
import tanah.core.design.edit.AirNumber;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.VentNumber;
import tanah.core.design.edit.WallEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestSpecies;

/** Every way out is compared with what holds the animal; one of which nothing is known is said to be so. */
class WayOutRuleTest {
    private static final Catalogue CATALOGUE = new Catalogue(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            new Catalogue.Air(
                    List.of(),
                    List.of(),
                    List.of(
                            mesh("fine", 0.0012, 0.66),
                            mesh("two", 0.002, 0.62),
                            mesh("six", 0.006, 0.79),
                            mesh("wide", 0.013, 0.86))),
            Catalogue.Living.NONE,
            List.of());
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1));

    private static MeshModel mesh(String id, double hole, double open) {
        return new MeshModel(id, id, hole, open, open, "test");
    }

    private static Inhabitant animal(double limitMm, double grown) {
        Species s = TestSpecies.lizard().with("gap_limit_mm", limitMm);
        Resident r = Resident.one("a", s.id()).withLength(OptionalDouble.of(grown * s.growthLengthAdult()));
        return new Inhabitant(r, s, s);
    }

    private static Design take(Design d, Edit... edits) {
        Design now = d;
        for (Edit e : edits) {
            now = e.apply(now, CONTEXT);
        }
        return now;
    }

    private static Design lidded(String mesh, double share) {
        return take(
                TestDesigns.box(0.9, 0.45, 0.45),
                AirEdit.mesh(share),
                new AirEdit.UseMesh(Optional.of(mesh).filter(m -> !m.isEmpty())));
    }

    private static List<Finding> ways(Inhabitant animal, Design d) {
        return WayOutRule.judge(animal, d, CATALOGUE).stream()
                .filter(f -> f.rule().equals(WayOutRule.LETS_OUT))
                .toList();
    }

    /** A snake is held by 2 mm; of a young one 0.6 of that counts. */
    @ParameterizedTest
    @CsvSource({
        "wide, 2, 1, STOP",
        "six, 2, 1, STOP",
        "two, 2, 1, STOP",
        "two, 2.01, 1, ",
        "fine, 2, 1, ",
        "fine, 2, 0.59, STOP",
        "fine, 2.01, 0.59, ",
        "fine, 2, 0.60, ",
        "'', 2, 1, CAUTION"
    })
    void theMeshOfTheLidHoldsTheAnimalOrNot(String mesh, double limit, double grown, Severity severity) {
        List<Finding> found = ways(animal(limit, grown), lidded(mesh, 0.5));
        assertThat(found).extracting(Finding::severity).isEqualTo(severity == null ? List.of() : List.of(severity));
        assertThat(found).allMatch(f -> f.place().part().equals("lid"));
    }

    @Test
    void aLidWithoutMeshIsNoWayOut() {
        assertThat(ways(animal(2, 1), lidded("wide", 0))).isEmpty();
        assertThat(ways(animal(0, 1), lidded("wide", 1)))
                .as("nobody knows what holds it")
                .isEmpty();
        assertThat(ways(animal(2, 1), Design.named("x"))).isEmpty();
    }

    @Test
    void theRemedyIsTheAiriestMeshThatHolds() {
        Design d = lidded("wide", 0.5);
        Finding open = ways(animal(7, 1), d).get(0);
        Design mended = Edit.take(open.remedies().get(0), d, CONTEXT);
        assertThat(mended.vessel().orElseThrow().lid().orElseThrow().mesh().item())
                .contains("six");
        assertThat(ways(animal(7, 1), mended)).isEmpty();
        assertThat(ways(animal(1, 1), d).get(0).remedies())
                .as("no mesh is fine enough")
                .noneMatch(Remedy::changesPlan);
    }

    @ParameterizedTest
    @CsvSource({", STOP, mesh", "0.6, STOP, mesh", "0.98, STOP, mesh", "0.99, STOP, ''", "1, STOP, ''", "0, ,"})
    void anOpeningInASideIsOneToo(Double open, Severity severity, String wording) {
        Design d = take(
                lidded("wide", 0),
                new WallEdit.AddVent(Envelope.Face.LEFT),
                new WallEdit.SetVent(
                        "vent-left", VentNumber.OPEN, open == null ? OptionalDouble.empty() : OptionalDouble.of(open)));
        List<Finding> found = ways(animal(12, 1), d);
        assertThat(found).extracting(Finding::severity).isEqualTo(severity == null ? List.of() : List.of(severity));
        found.forEach(f -> {
            assertThat(f.variant()).isEqualTo(wording);
            assertThat(f.place().part()).isEqualTo("vent-left");
        });
    }

    @Test
    void aNewOpeningOfWhichNothingIsSaidIsNotSilent() {
        Design d = take(lidded("", 0), new WallEdit.AddVent(Envelope.Face.LEFT));
        assertThat(ways(animal(2, 1), d)).extracting(Finding::severity).containsExactly(Severity.CAUTION);
    }

    @Test
    void aBareOpeningIsMeshedOnlyByWhatHolds() {
        WallEdit bare = new WallEdit.SetVent("vent-left", VentNumber.OPEN, OptionalDouble.of(1));
        Design wide = take(lidded("wide", 0), new WallEdit.AddVent(Envelope.Face.LEFT), bare);
        assertThat(ways(animal(12, 1), wide).get(0).remedies()).noneMatch(Remedy::changesPlan);
        Design fine = take(wide, new AirEdit.UseMesh(Optional.of("two")));
        Design mended = Edit.take(ways(animal(12, 1), fine).get(0).remedies().get(0), fine, CONTEXT);
        assertThat(ways(animal(12, 1), mended)).isEmpty();
    }

    @Test
    void aNarrowSlotIsAsWideAsItsShorterSide() {
        Design d = take(
                lidded("two", 0),
                new WallEdit.AddVent(Envelope.Face.LEFT),
                new WallEdit.SetVent("vent-left", VentNumber.OPEN, OptionalDouble.of(1)),
                new WallEdit.SetVent("vent-left", VentNumber.TO, OptionalDouble.of(0.031)));
        assertThat(ways(animal(12, 1), d)).as("11 mm of 20").isEmpty();
        assertThat(ways(animal(11, 1), d)).hasSize(1);
    }

    @Test
    void whatNoPlanShowsIsAskedFor() {
        Finding gaps = WayOutRule.judge(animal(7, 0.5), lidded("fine", 1), CATALOGUE).stream()
                .filter(f -> f.rule().equals(WayOutRule.GAPS))
                .findFirst()
                .orElseThrow();
        assertThat(gaps.severity()).isEqualTo(Severity.HINT);
        assertThat(gaps.measure("limit").value()).isEqualTo(0.6 * 0.007);
        assertThat(AirNumber.LID_MESH.of(lidded("fine", 1), CATALOGUE)).hasValue(1);
    }
}
