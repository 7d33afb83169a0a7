package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.design.PieceMove;
import tanah.core.geometry.Point;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** A piece is moved, turned, sized and made of something else; the ones beside it stay. */
class PieceEditTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    private static final double CLOSE = 1e-9;

    /** A box of 90 by 45 cm with two stones of 20 by 10 by 8 cm. */
    private static Design stony() {
        return TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1))
                .withHardscape(List.of(stone("a", 0.1), stone("b", 0.5)));
    }

    private static HardscapeItem stone(String id, double left) {
        return new HardscapeItem(
                id,
                Optional.empty(),
                Optional.of("stone"),
                Optional.of("granite"),
                List.of(
                        new Point(left, 0.1),
                        new Point(left + 0.2, 0.1),
                        new Point(left + 0.2, 0.2),
                        new Point(left, 0.2)),
                OptionalDouble.of(0.1),
                0.08,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }

    private static HardscapeItem after(PieceEdit edit) {
        Design changed = edit.apply(stony(), CONTEXT);
        assertThat(changed.hardscape().get(1)).isEqualTo(stone("b", 0.5));
        return changed.hardscape().get(0);
    }

    private static OptionalDouble given(double value) {
        return OptionalDouble.of(value);
    }

    @ParameterizedTest
    @EnumSource(PieceNumber.class)
    void aNumberIsSetAndNoOtherChanges(PieceNumber number) {
        HardscapeItem set = after(new PieceEdit.SetNumber("a", number, given(0.037)));
        for (PieceNumber other : PieceNumber.values()) {
            OptionalDouble found = other.of(set);
            if (other == number) {
                assertThat(found.orElseThrow()).isEqualTo(0.037, within(CLOSE));
            } else if (other.of(stone("a", 0.1)).isEmpty()) {
                assertThat(found).as(other.word()).isEmpty();
            } else {
                assertThat(found.orElseThrow())
                        .as(other.word())
                        .isEqualTo(other.of(stone("a", 0.1)).orElseThrow(), within(CLOSE));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = PieceNumber.class,
            names = {"VOLUME", "MASS", "PAD", "ANCHOR"})
    void whatMayBeLeftOutIsTakenBack(PieceNumber number) {
        Design with = new PieceEdit.SetNumber("a", number, given(0.5)).apply(stony(), CONTEXT);
        assertThat(new PieceEdit.SetNumber("a", number, OptionalDouble.empty()).apply(with, CONTEXT))
                .isEqualTo(stony());
    }

    @ParameterizedTest
    @EnumSource(
            value = PieceNumber.class,
            names = {"X", "Y", "BASE", "LENGTH", "WIDTH", "HEIGHT"})
    void placesAndSizesHaveToBeGiven(PieceNumber number) {
        PieceEdit edit = new PieceEdit.SetNumber("a", number, OptionalDouble.empty());
        assertThatThrownBy(() -> edit.apply(stony(), CONTEXT)).isInstanceOf(NoSuchElementException.class);
    }

    /** The stone is 0.2 m long and 0.1 m wide, the box 0.9 by 0.45 m: its left edge ends at 0.7, its front at 0.35. */
    @ParameterizedTest
    @CsvSource({"0.3,0.2,0.3,0.2", "0.7,0.35,0.7,0.35", "0.71,0.36,0.7,0.35", "-0.01,-5,0,0", "9,9,0.7,0.35"})
    void aMovedPieceStaysInTheBox(double x, double y, double left, double front) {
        HardscapeItem moved = after(new PieceEdit.Move("a", x, given(y), OptionalDouble.empty()));
        PieceMove.Box box = PieceMove.box(moved);
        assertThat(box.left()).isEqualTo(left, within(CLOSE));
        assertThat(box.front()).isEqualTo(front, within(CLOSE));
        assertThat(moved.base()).as("its height").isEqualTo(0.1, within(CLOSE));
        assertThat(box.length()).isEqualTo(0.2, within(CLOSE));
    }

    @Test
    void aLiftedPieceKeepsItsFront() {
        HardscapeItem lifted = after(new PieceEdit.Move("a", 0.4, OptionalDouble.empty(), given(0.25)));
        assertThat(lifted.base()).isEqualTo(0.25, within(CLOSE));
        assertThat(PieceMove.box(lifted).front()).isEqualTo(0.1, within(CLOSE));
        assertThat(PieceMove.box(lifted).left()).isEqualTo(0.4, within(CLOSE));
    }

    @Test
    void aQuarterTurnChangesLengthForWidthAboutTheMiddle() {
        PieceMove.Box box = PieceMove.box(after(new PieceEdit.Turn("a", Math.PI / 2)));
        assertThat(box.length()).isEqualTo(0.1, within(CLOSE));
        assertThat(box.width()).isEqualTo(0.2, within(CLOSE));
        assertThat(box.left()).isEqualTo(0.15, within(CLOSE));
        assertThat(box.front()).isEqualTo(0.05, within(CLOSE));
    }

    @Test
    void aTurnThatWouldLeaveTheBoxIsPushedBackIn() {
        Design corner = new PieceEdit.Move("a", 0, given(0), OptionalDouble.empty()).apply(stony(), CONTEXT);
        PieceMove.Box box = PieceMove.box(new PieceEdit.Turn("a", Math.PI / 2)
                .apply(corner, CONTEXT)
                .hardscape()
                .get(0));
        assertThat(box.front()).isEqualTo(0, within(CLOSE));
    }

    @Test
    void aCopyLiesTwoCentimetresAside() {
        Design changed = new PieceEdit.Copy("a", "c").apply(stony(), CONTEXT);
        assertThat(changed.hardscape()).extracting(HardscapeItem::id).containsExactly("a", "b", "c");
        PieceMove.Box box = PieceMove.box(changed.hardscape().get(2));
        assertThat(box.left()).isEqualTo(0.12, within(CLOSE));
        assertThat(box.front()).isEqualTo(0.12, within(CLOSE));
        assertThat(changed.hardscape().get(2).media()).contains("granite");
    }

    @Test
    void onlyTheNamedPieceIsTakenOut() {
        assertThat(new PieceEdit.Remove("a").apply(stony(), CONTEXT).hardscape())
                .containsExactly(stone("b", 0.5));
        assertThat(new PieceEdit.Remove("x").apply(stony(), CONTEXT)).isEqualTo(stony());
    }

    @Test
    void nameMaterialSupportAndWater() {
        assertThat(after(new PieceEdit.NamePiece("a", Optional.of("Ledge"))).name())
                .contains("Ledge");
        HardscapeItem wood = after(new PieceEdit.MakeOf("a", "wood", "bogwood"));
        assertThat(wood.kind()).contains("wood");
        assertThat(wood.media()).contains("bogwood");
        assertThat(wood.outline()).isEqualTo(stone("a", 0.1).outline());
        for (Fixing.Support support : Fixing.Support.values()) {
            assertThat(after(new PieceEdit.Support("a", support)).fixing().support())
                    .contains(support);
        }
        assertThat(after(new PieceEdit.PutInWater("a", true)).inWater()).contains(true);
        assertThat(after(new PieceEdit.PutInWater("a", false)).inWater()).contains(false);
    }

    @Test
    void aHideKeepsItsMeasuresWhenItsKindChanges() {
        OtherFields measures = OtherFields.NONE.with("entrance_cm", new BigDecimal("6"));
        Design warm = stony().withHardscape(List.of(
                stone("a", 0.1).asHide(Optional.of(new HardscapeItem.Hide("warm", measures))), stone("b", 0.5)));
        HardscapeItem cool = new PieceEdit.MakeHide("a", Optional.of("cool"))
                .apply(warm, CONTEXT)
                .hardscape()
                .get(0);
        assertThat(cool.hide()).contains(new HardscapeItem.Hide("cool", measures));
        assertThat(after(new PieceEdit.MakeHide("a", Optional.of("humid"))).hide())
                .contains(new HardscapeItem.Hide("humid", OtherFields.NONE));
        assertThat(new PieceEdit.MakeHide("a", Optional.empty())
                        .apply(warm, CONTEXT)
                        .hardscape()
                        .get(0)
                        .hide())
                .isEmpty();
    }

    @Test
    void aFormIsDrawnAndNothingElseChanges() {
        HardscapeItem formed = after(new PieceEdit.Form("a", PieceForm.STACK, 5));
        assertThat(formed.look()).contains(PieceLook.made(stone("a", 0.1), PieceForm.STACK, 5));
        assertThat(formed.withLook(Optional.empty())).isEqualTo(stone("a", 0.1));
    }

    @Test
    void anotherOutlineKeepsTheForm() {
        Design formed = new PieceEdit.Form("a", PieceForm.ROOT, 0xffff).apply(stony(), CONTEXT);
        Design again = new PieceEdit.FormAnew("a").apply(formed, CONTEXT);
        PieceLook look = again.hardscape().get(0).look().orElseThrow();
        assertThat(look.form()).isEqualTo(PieceForm.ROOT);
        assertThat(look.seed()).as("after the last comes the first").isZero();
        assertThat(look.front())
                .isNotEqualTo(PieceLook.of(formed.hardscape().get(0)).front());
    }

    @Test
    void whatIsMadeOfSomethingElseLooksLikeIt() {
        Design formed = new PieceEdit.Form("a", PieceForm.STACK, 5).apply(stony(), CONTEXT);
        Design wood = new PieceEdit.MakeOf("a", "wood", "bogwood").apply(formed, CONTEXT);
        assertThat(wood.hardscape().get(0).look()).isEmpty();
    }

    /** The stone begins 0.1 m from the left and the front and is 0.2 by 0.1 by 0.08 m, 0.1 m over the base. */
    @ParameterizedTest
    @CsvSource({
        "PLAN,0.15,0.18,0.25,0.8",
        "FRONT,0.15,0.16,0.25,0.75",
        "PLAN,0.05,0.25,0,1",
        "FRONT,0.35,0.09,1,0",
    })
    void aCornerGoesWhereItIsPutAndNoFartherThanTheBox(
            PieceLook.View view, double x, double other, double along, double share) {
        PieceEdit edit = new PieceEdit.Outline("a", view, 4, new OutlineChange.To(x, other));
        Point put = after(edit).look().orElseThrow().seen(view).get(4);
        assertThat(put.x()).isEqualTo(along, within(CLOSE));
        assertThat(put.y()).isEqualTo(share, within(CLOSE));
    }

    private static Optional<Refusal> refused(int corners, int corner, OutlineChange change) {
        PieceLook full = PieceLook.of(stone("a", 0.1));
        List<Point> plan = new java.util.ArrayList<>();
        for (int i = 0; i < corners; i++) {
            plan.add(new Point((double) i / corners, i % 2));
        }
        Design drawn = stony().withHardscape(List.of(stone("a", 0.1).withLook(Optional.of(full.withPlan(plan)))));
        return new PieceEdit.Outline("a", PieceLook.View.PLAN, corner, change).refused(drawn, CONTEXT);
    }

    @Test
    void anOutlineHasNeitherTooFewNorTooManyCorners() {
        assertThat(refused(3, 0, new OutlineChange.Drop())).contains(Refusal.CORNERS_FEW);
        assertThat(refused(4, 0, new OutlineChange.Drop())).isEmpty();
        assertThat(refused(59, 0, new OutlineChange.Split())).isEmpty();
        assertThat(refused(60, 0, new OutlineChange.Split())).contains(Refusal.CORNERS_MANY);
    }

    @Test
    void aCornerThatIsNotThereIsRefused() {
        assertThat(refused(5, 4, new OutlineChange.Split())).isEmpty();
        assertThat(refused(5, 5, new OutlineChange.Split())).contains(Refusal.CORNER_GONE);
        assertThat(refused(5, -1, new OutlineChange.Drop())).contains(Refusal.CORNER_GONE);
        assertThat(refused(5, 1, new OutlineChange.To(Double.NaN, 0.1))).contains(Refusal.CORNER_GONE);
        assertThat(new PieceEdit.Outline("gone", PieceLook.View.PLAN, 0, new OutlineChange.Drop())
                        .refused(stony(), CONTEXT))
                .contains(Refusal.CORNER_GONE);
    }
}
