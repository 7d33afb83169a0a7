package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Envelope.Face;
import tanah.core.design.Faces;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.vessel.Material;

/** A face that is not made as the rest of the box: what is said of it is taken, what is not is the box's. */
class PaneEditsTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    /** 90 x 45 x 50 cm inside, float glass of 6 mm. */
    private static final Design BOX = TestDesigns.box(0.9, 0.45, 0.5);

    private static Design take(Design d, Edit... edits) {
        Design now = d;
        for (Edit e : edits) {
            now = e.apply(now, CONTEXT);
        }
        return now;
    }

    private static Optional<Envelope.Pane> pane(Design d, Face face) {
        return Faces.own(d.vessel().orElseThrow(), face);
    }

    private static Material material(Design d, Face face) {
        return Faces.material(d.vessel().orElseThrow(), face, CONTEXT.catalogue());
    }

    private static OptionalDouble thickness(Design d, Face face) {
        return Faces.thickness(d.vessel().orElseThrow(), face, CONTEXT.catalogue());
    }

    private static double mass(Design d) {
        return Boxes.resolve(d.vessel().orElseThrow(), CONTEXT.catalogue()).emptyMass();
    }

    @ParameterizedTest
    @EnumSource(Face.class)
    void aPaneOfItsOwnBeginsAsTheBox(Face face) {
        Design made = take(BOX, new PaneEdit.AddPane(face));
        assertThat(pane(made, face).isPresent()).isEqualTo(face != Face.LID);
        assertThat(material(made, face)).isEqualTo(Material.GLASS_ANNEALED);
        assertThat(thickness(made, face)).hasValue(0.006);
        assertThat(mass(made)).isCloseTo(mass(BOX), within(1e-9));
        assertThat(take(made, new PaneEdit.AddPane(face))).as("it has one").isEqualTo(made);
        assertThat(take(made, new PaneEdit.RemovePane(face))).isEqualTo(BOX);
        assertThat(take(Design.named("x"), new PaneEdit.AddPane(face))).isEqualTo(Design.named("x"));
    }

    @Test
    void oneFaceAloneChanges() {
        Design made = take(
                BOX,
                new PaneEdit.AddPane(Face.BACK),
                new PaneEdit.AddPane(Face.LEFT),
                new PaneEdit.MakePaneOf(Face.BACK, Material.PLYWOOD),
                new PaneEdit.SetPane(Face.BACK, PaneNumber.THICK, OptionalDouble.of(0.018)),
                new PaneEdit.SetPane(Face.BACK, PaneNumber.REFLECTS, OptionalDouble.of(0.8)));
        assertThat(material(made, Face.BACK)).isEqualTo(Material.PLYWOOD);
        assertThat(thickness(made, Face.BACK)).hasValue(0.018);
        assertThat(pane(made, Face.BACK).orElseThrow().reflects()).hasValue(0.8);
        for (Face other : List.of(Face.FRONT, Face.LEFT, Face.RIGHT, Face.BOTTOM)) {
            assertThat(material(made, other)).isEqualTo(Material.GLASS_ANNEALED);
            assertThat(thickness(made, other)).hasValue(0.006);
        }
        Design clear = take(made, new PaneEdit.MakePaneOf(Face.BACK, Material.ACRYLIC));
        assertThat(pane(clear, Face.BACK).orElseThrow().reflects())
                .as("what lets light through throws none back")
                .isEmpty();
        assertThat(thickness(
                        take(made, new PaneEdit.SetPane(Face.BACK, PaneNumber.THICK, OptionalDouble.empty())),
                        Face.BACK))
                .as("not said: the box's")
                .hasValue(0.006);
    }

    @Test
    void aBottomOfMeshHoldsNoGround() {
        Design made = take(BOX, new PaneEdit.AddPane(Face.BOTTOM), new PaneEdit.AddPane(Face.BACK));
        assertThat(take(made, new PaneEdit.MakePaneOf(Face.BOTTOM, Material.ALUMINIUM_MESH)))
                .isEqualTo(made);
        assertThat(material(take(made, new PaneEdit.MakePaneOf(Face.BACK, Material.ALUMINIUM_MESH)), Face.BACK))
                .isEqualTo(Material.ALUMINIUM_MESH);
    }

    /**
     * Area of the face times thickness times density, less that of 6 mm of glass (15 kg/m²), by hand: a back of 90 x 50 cm in 10 mm of
     * glass 0.45 x (25 - 15), in 18 mm of plywood 0.45 x (11.7 - 15); a side of 45 x 50 cm; a bottom of 90 x 45 cm.
     */
    @ParameterizedTest
    @CsvSource({
        "BACK, GLASS_ANNEALED, 0.010, 4.5",
        "FRONT, PLYWOOD, 0.018, -1.485",
        "LEFT, ACRYLIC, 0.008, -1.233",
        "BOTTOM, GLASS_TEMPERED, 0.008, 2.025"
    })
    void whatItWeighsIsWeighed(Face face, Material material, double thickness, double more) {
        Design made = take(
                BOX,
                new PaneEdit.AddPane(face),
                new PaneEdit.MakePaneOf(face, material),
                new PaneEdit.SetPane(face, PaneNumber.THICK, OptionalDouble.of(thickness)));
        assertThat(mass(made) - mass(BOX)).isCloseTo(more, within(1e-9));
    }
}
