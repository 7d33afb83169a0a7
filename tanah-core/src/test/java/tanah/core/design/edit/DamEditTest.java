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
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.vessel.Vessel;

/** The wall is moved within the box, sealed only where its kind can, and the water keeps to its side. */
class DamEditTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    private static final double CLOSE = 1e-9;

    /** A box of 90 by 45 cm, a wall from 40 to 42 cm, 5 to 35 cm deep, 12 cm high. */
    private static Design walled(String kind, boolean sealed) {
        Layer.Region plan = new Layer.Region(ConvexPolygon.rectangle(0.4, 0.05, 0.42, 0.35), true);
        Dam dam = new Dam("dam", kind, plan, 0.12, Optional.of(sealed), OptionalDouble.empty());
        Design d = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1));
        return d.withGround(new Ground(d.ground().layers(), List.of(dam))).withWater(Optional.of(WaterPart.upTo(0.08)));
    }

    private static Dam after(DamEdit edit) {
        return edit.apply(walled("foam", false), CONTEXT).ground().dams().get(0);
    }

    private static double edge(Dam d, Surface.Axis axis, boolean far) {
        return DamMove.edge(d.region().outline(), axis, far);
    }

    private static void assertFaces(Dam d, double left, double right, double front, double back) {
        assertThat(edge(d, Surface.Axis.X, false)).as("left").isEqualTo(left, within(CLOSE));
        assertThat(edge(d, Surface.Axis.X, true)).as("right").isEqualTo(right, within(CLOSE));
        assertThat(edge(d, Surface.Axis.Y, false)).as("front").isEqualTo(front, within(CLOSE));
        assertThat(edge(d, Surface.Axis.Y, true)).as("back").isEqualTo(back, within(CLOSE));
    }

    @ParameterizedTest
    @EnumSource(DamNumber.class)
    void aNumberIsSetAndNoOtherChanges(DamNumber number) {
        Dam before = walled("foam", false).ground().dams().get(0);
        Dam set = after(new DamEdit.SetNumber("dam", number, 0.11));
        for (DamNumber other : DamNumber.values()) {
            assertThat(other.of(set))
                    .as(other.word())
                    .isEqualTo(other == number ? 0.11 : other.of(before), within(CLOSE));
        }
    }

    /** 3 mm of water are left beside the wall across the box; from front to back it may fill the box. */
    @ParameterizedTest
    @CsvSource({"X, 0.877", "WIDTH, 0.497", "Y, 0.15", "DEPTH, 0.4", "TOP, Infinity"})
    void howFarAWallMayGo(DamNumber number, double most) {
        Design d = walled("foam", false);
        Vessel vessel = Boxes.resolve(d.vessel().orElseThrow(), TestMedia.catalogue());
        double found = number.most(d.ground().dams().get(0), vessel);
        assertThat(found).isCloseTo(most, within(Double.isInfinite(most) ? 0 : CLOSE));
    }

    /** A box of 90 by 45 cm; the wall is 2 cm thick at 40 cm and 30 cm deep at 5 cm. Against the right side there is no room for water. */
    @ParameterizedTest
    @CsvSource({
        "X, 0.01, ",
        "X, 0.0099, OUT_OF_RANGE",
        "X, 0.8799, ",
        "X, 0.88, OUT_OF_RANGE",
        "X, 0.9, OUT_OF_RANGE",
        "WIDTH, 0.4999, ",
        "WIDTH, 0.5, OUT_OF_RANGE",
        "WIDTH, 0.003, ",
        "WIDTH, 0.0029, OUT_OF_RANGE",
        "Y, 0, ",
        "Y, 0.15, ",
        "Y, 0.1501, OUT_OF_RANGE",
        "DEPTH, 0.4, ",
        "DEPTH, 0.4001, OUT_OF_RANGE",
        "TOP, 2, ",
        "TOP, 2.01, OUT_OF_RANGE"
    })
    void aNumberThatLeavesTheBoxIsRefused(DamNumber number, double value, Refusal refusal) {
        assertThat(new DamEdit.SetNumber("dam", number, value).refused(walled("foam", false), CONTEXT))
                .isEqualTo(Optional.ofNullable(refusal));
    }

    private static Design along(double from, double to) {
        Layer.Region plan = new Layer.Region(ConvexPolygon.rectangle(from, 0.05, to, 0.35), true);
        Dam dam = new Dam("dam", "foam", plan, 0.12, Optional.of(false), OptionalDouble.empty());
        Design d = walled("foam", false);
        return d.withGround(d.ground().withDams(List.of(dam)));
    }

    /** A wall from side to side holds water in front of it; one that only touches the right side, or is past it, does not. */
    @ParameterizedTest
    @CsvSource({"0, 0.9, ", "0.1, 0.9, OUT_OF_RANGE", "0, 0.9001, OUT_OF_RANGE", "-0.001, 0.9, OUT_OF_RANGE"})
    void aWallFromSideToSideMayTouchBoth(double from, double to, Refusal refusal) {
        assertThat(new DamEdit.SetNumber("dam", DamNumber.TOP, 0.2).refused(along(from, to), CONTEXT))
                .isEqualTo(Optional.ofNullable(refusal));
    }

    @Test
    void withoutAVesselOrOfAnotherWallNothingIsRefused() {
        Design d = along(0.1, 0.95);
        assertThat(new DamEdit.SetNumber("dam", DamNumber.TOP, 0.2).refused(d.withVessel(Optional.empty()), CONTEXT))
                .isEmpty();
        assertThat(new DamEdit.SetNumber("other", DamNumber.TOP, 0.2).refused(d, CONTEXT))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.2, 0.1, 0.2, 0.1", "0.88, 0.15, 0.88, 0.15", "0.89, 0.16, 0.88, 0.15", "-1, -1, 0, 0"})
    void aMovedWallKeepsItsThicknessAndStaysInTheBox(double x, double y, double left, double front) {
        assertFaces(after(new DamEdit.Move("dam", x, y)), left, left + 0.02, front, front + 0.3);
    }

    @ParameterizedTest
    @CsvSource({
        "LEFT, 0.3, 0.3, 0.42, 0.05, 0.35",
        "LEFT, -0.1, 0, 0.42, 0.05, 0.35",
        "LEFT, 0.418, 0.417, 0.42, 0.05, 0.35",
        "RIGHT, 0.5, 0.4, 0.5, 0.05, 0.35",
        "RIGHT, 2, 0.4, 0.9, 0.05, 0.35",
        "RIGHT, 0.402, 0.4, 0.403, 0.05, 0.35",
        "FRONT, 0.1, 0.4, 0.42, 0.1, 0.35",
        "BACK, 0.5, 0.4, 0.42, 0.05, 0.45",
        "BACK, 0.01, 0.4, 0.42, 0.05, 0.053"
    })
    void aFaceIsMovedUpToTheOtherAndToTheSide(
            DamEdit.Face face, double at, double left, double right, double front, double back) {
        assertFaces(after(new DamEdit.Reshape("dam", face, at)), left, right, front, back);
    }

    @ParameterizedTest
    @CsvSource({"foam, true", "glass, true", "acrylic, true", "stones, false", "wood, false", "none, false"})
    void onlyAKindThatCanHoldsWaterBack(String kind, boolean holds) {
        Dam made = after(new DamEdit.Make("dam", kind, true));
        assertThat(made.kind()).isEqualTo(kind);
        assertThat(made.isWatertight()).isEqualTo(holds);
        assertThat(after(new DamEdit.Make("dam", kind, false)).isWatertight()).isFalse();
    }

    @Test
    void aSealedWallKeepsTheWaterOnTheLeftAndAnOpenOneOnNoSide() {
        Design sealed = new DamEdit.Make("dam", "glass", true).apply(walled("stones", false), CONTEXT);
        assertThat(sealed.water().orElseThrow().sideRegion().orElseThrow().outline())
                .isEqualTo(ConvexPolygon.rectangle(0, 0, 0.4, 0.45));
        for (DamEdit open : List.of(new DamEdit.Make("dam", "stones", true), new DamEdit.Remove("dam"))) {
            assertThat(open.apply(sealed, CONTEXT).water().orElseThrow().sideRegion())
                    .isEmpty();
        }
    }

    @Test
    void theWaterIsOnTheRightWhereItsBottomLies() {
        Design d = walled("foam", false);
        Layer.Region right = new Layer.Region(ConvexPolygon.rectangle(0.42, 0, 0.9, 0.45), true);
        List<Layer> bottom = d.ground().layers().stream()
                .map(l -> l.withOptions(l.options().withAquatic(true)).withRegion(Optional.of(right)))
                .toList();
        Design sealed = new DamEdit.Make("dam", "foam", true)
                .apply(d.withGround(new Ground(bottom, d.ground().dams())), CONTEXT);
        assertThat(sealed.water().orElseThrow().sideRegion().orElseThrow().outline())
                .isEqualTo(ConvexPolygon.rectangle(0.42, 0, 0.9, 0.45));
    }

    @Test
    void aWallThatIsGoneChangesNothing() {
        Design d = walled("foam", false);
        assertThat(List.of(
                        DamEdit.top("gone", 0.2),
                        new DamEdit.Move("gone", 0.1, 0.1),
                        new DamEdit.Reshape("gone", DamEdit.Face.LEFT, 0.1)))
                .allSatisfy(edit -> assertThat(edit.apply(d, CONTEXT)).isEqualTo(d));
    }
}
