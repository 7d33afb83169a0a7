package tanah.web.design.hardscape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static tanah.web.design.edit.EditingSupport.EMPTY;
import static tanah.web.design.edit.EditingSupport.FROG;
import static tanah.web.design.edit.EditingSupport.LIZARD;
import static tanah.web.design.edit.EditingSupport.WRONG;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.design.PieceMove;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.StockItem;
import tanah.web.catalogue.StockService;
import tanah.web.design.edit.EditingSupport;
import tanah.web.design.edit.EditingSupport.Done;
import tanah.web.design.edit.NumberField;
import tanah.web.shell.NotFoundException;

/** Edits of pieces: nothing leaves the box, nothing that was typed wrong changes anything, own pieces keep their measures. */
class HardscapeEditsTest {
    private static final String PIECE = LIZARD.hardscape().get(0).id();

    private final EditingSupport with = new EditingSupport();
    private final StockService stock = mock(StockService.class);
    private final HardscapeEdits edits = new HardscapeEdits(
            with.catalogues,
            new NewPiece(with.catalogues, stock, with.names, with.words, with.edits),
            with.names,
            with.words,
            with.numbers,
            with.edits,
            new Corners(with.edits, with.names, with.catalogues, with.words));

    @BeforeEach
    void nothingInStock() {
        when(stock.get(anyLong(), anyLong())).thenThrow(new NotFoundException("gone"));
    }

    private Done apply(Design design, String op, String part, String value, String other) {
        return EditingSupport.apply(edits::apply, design, op, part, value, other);
    }

    private Done apply(Design design, String op, String part, String value) {
        return apply(design, op, part, value, "");
    }

    private static HardscapeItem item(Design design, String id) {
        return design.hardscape().stream()
                .filter(h -> h.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Vessel box(Design design) {
        return Boxes.resolve(design.vessel().orElseThrow(), EditingSupport.CATALOGUE);
    }

    // ---- numbers
    static Stream<NumberField> numbers() {
        return PieceFields.ALL.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("numbers")
    void aWrongNumberIsToldBesideItsField(NumberField field) {
        for (String wrong : WRONG) {
            apply(LIZARD, field.op(), PIECE, wrong).refusedAt(field.op() + "-" + PIECE);
        }
        Done empty = apply(LIZARD, field.op(), PIECE, "");
        assertThat(empty.errors().isEmpty()).isEqualTo(!field.needed());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("numbers")
    void aNumberIsTakenAndNothingElseChanges(NumberField field) {
        double value = Math.max(field.min(), 0.04);
        Done done = apply(LIZARD, field.op(), PIECE, field.show(value)).taken();
        assertThat(PieceFields.number(field).of(item(done.design(), PIECE)).orElseThrow())
                .isCloseTo(value, within(1e-4 * Math.max(1, value)));
        assertThat(done.design().withHardscape(LIZARD.hardscape())).isEqualTo(LIZARD);
        assertThat(done.design().hardscape().stream()
                        .filter(h -> !h.id().equals(PIECE))
                        .toList())
                .isEqualTo(LIZARD.hardscape().stream()
                        .filter(h -> !h.id().equals(PIECE))
                        .toList());
        apply(done.design(), field.op(), PIECE, field.show(value)).idle();
    }

    @ParameterizedTest
    @ValueSource(strings = {"x", "y", "length", "width"})
    void noNumberTakesAPieceThroughAWall(String op) {
        apply(LIZARD, op, PIECE, "290").refusedAt(op + "-" + PIECE);
    }

    // ---- dragged
    @ParameterizedTest
    @CsvSource({"500 cm, 500 cm", "-50 cm, -50 cm", "0 cm, 500 cm", "1e3 cm, 0 cm"})
    void aDraggedPieceStaysInTheBox(String x, String y) {
        Design moved = apply(LIZARD, "move", PIECE, x, y).design();
        PieceMove.Box at = PieceMove.box(item(moved, PIECE));
        assertThat(at.left()).isGreaterThanOrEqualTo(-1e-9);
        assertThat(at.front()).isGreaterThanOrEqualTo(-1e-9);
        assertThat(at.left() + at.length()).isLessThanOrEqualTo(box(LIZARD).length() + 1e-9);
        assertThat(at.front() + at.width()).isLessThanOrEqualTo(box(LIZARD).width() + 1e-9);
    }

    @Test
    void aDragWithoutNumbersIsTold() {
        apply(LIZARD, "move", PIECE, "", "5 cm").refusedAt("form");
        apply(LIZARD, "move", PIECE, "5 cm", "there").refusedAt("form");
        apply(LIZARD, "lift", PIECE, "5 cm", "").refusedAt("form");
    }

    @Test
    void aLiftedPieceDoesNotSinkUnderTheBase() {
        Design lifted = apply(LIZARD, "lift", PIECE, "20 cm", "-40 cm").design();
        assertThat(item(lifted, PIECE).base()).isGreaterThanOrEqualTo(0);
    }

    @Test
    void aTurnAndItsContraryComeBack() {
        Design turned = apply(LIZARD, "turn", PIECE, "+").taken().design();
        Design back = apply(turned, "turn", PIECE, "-").taken().design();
        List<tanah.core.geometry.Point> before = item(LIZARD, PIECE).outline();
        List<tanah.core.geometry.Point> after = item(back, PIECE).outline();
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).x()).isCloseTo(before.get(i).x(), within(1e-9));
            assertThat(after.get(i).y()).isCloseTo(before.get(i).y(), within(1e-9));
        }
    }

    // ---- choices
    @ParameterizedTest
    @CsvSource({
        "media, coir_fibre, error.media.unknown",
        "media, gold, error.media.unknown",
        "support, magic, error.choice",
        "hide, cold-war, error.choice"
    })
    void anUnknownChoiceIsToldBesideItsField(String op, String value, String key) {
        assertThat(apply(LIZARD, op, PIECE, value).refusedAt(op + "-" + PIECE).wording(op + "-" + PIECE))
                .isEqualTo(key);
    }

    @Test
    void aPieceIsNamedMadeOfOtherStuffAndPutOnTheBase() {
        Design named = apply(LIZARD, "name", PIECE, "  Old slab ").taken().design();
        assertThat(item(named, PIECE).name()).contains("Old slab");
        assertThat(item(apply(named, "name", PIECE, "").design(), PIECE).name()).isEmpty();
        apply(LIZARD, "name", PIECE, "x".repeat(81)).refusedAt("name-" + PIECE);
        apply(LIZARD, "name", PIECE, "x".repeat(80)).taken();
        Design cork = apply(LIZARD, "media", PIECE, "cork_bark_flat").taken().design();
        assertThat(item(cork, PIECE).kind()).contains("cork");
        Design based =
                apply(LIZARD, "support", PIECE, Fixing.Support.BASE.word()).design();
        assertThat(item(based, PIECE).fixing().support()).contains(Fixing.Support.BASE);
    }

    @Test
    void aHideKeepsItsMeasuresWhenItsKindChanges() {
        Design warm = apply(LIZARD, "hide", PIECE, "warm").design();
        Design humid = apply(warm, "hide", PIECE, "humid").taken().design();
        assertThat(item(humid, PIECE).hide().orElseThrow().kind()).isEqualTo("humid");
        assertThat(item(humid, PIECE).hide().orElseThrow().kept())
                .isEqualTo(item(warm, PIECE).hide().orElseThrow().kept());
        Design none = apply(humid, "hide", PIECE, "").taken().design();
        assertThat(item(none, PIECE).hide()).isEmpty();
    }

    // ---- laid, copied, taken out
    @ParameterizedTest
    @ValueSource(strings = {"granite", "bogwood", "cork_bark_tube", "foam_xps"})
    void aPieceOfTheCatalogueIsLaidInside(String media) {
        Done done = apply(FROG, "add", "", media).taken();
        HardscapeItem laid = item(done.design(), done.outcome().part());
        PieceMove.Box at = PieceMove.box(laid);
        assertThat(at.left()).isGreaterThanOrEqualTo(0);
        assertThat(at.left() + at.length()).isLessThanOrEqualTo(box(FROG).length());
        assertThat(done.design().hardscape()).hasSize(FROG.hardscape().size() + 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "coir_fibre", "stock:7", "stock:x", "stock:", "stock:99999999999999999999"})
    void whatIsNoPieceIsNotLaid(String what) {
        apply(FROG, "add", "", what).refusedAt("add");
    }

    @Test
    void withoutAVesselNothingIsLaid() {
        Done done = apply(EMPTY, "add", "", "granite").refusedAt("add");
        assertThat(done.wording("add")).isEqualTo("error.vessel.first");
    }

    @Test
    void anOwnPieceKeepsItsMeasuresAndItsWeight() {
        StockItem own = mock(StockItem.class);
        when(own.name()).thenReturn("River slab");
        when(own.media()).thenReturn("slate");
        when(own.lengthCm()).thenReturn(new java.math.BigDecimal("21"));
        when(own.widthCm()).thenReturn(new java.math.BigDecimal("14"));
        when(own.heightCm()).thenReturn(new java.math.BigDecimal("0.1"));
        when(own.massKg()).thenReturn(new java.math.BigDecimal("3.2"));
        org.mockito.Mockito.doReturn(own).when(stock).get(1, 7);
        Done done = apply(LIZARD, "add", "", "stock:7").taken();
        HardscapeItem laid = item(done.design(), done.outcome().part());
        assertThat(laid.name()).contains("River slab");
        assertThat(PieceMove.box(laid).length()).isCloseTo(0.21, within(1e-9));
        assertThat(PieceMove.box(laid).width()).isCloseTo(0.14, within(1e-9));
        // a millimetre is no height of a piece: the usual one
        assertThat(laid.height()).isGreaterThan(0.01);
        assertThat(PieceFields.number(PieceFields.MASS).of(laid).orElseThrow()).isCloseTo(3.2, within(1e-9));
    }

    @Test
    void copiesEndAtTheMostThatAPlanHolds() {
        Design design = LIZARD;
        Done done = null;
        for (int i = 0; i < 90; i++) {
            done = apply(design, "copy", PIECE, "");
            design = done.design();
        }
        assertThat(design.hardscape()).hasSize(80);
        assertThat(done.refusedAt("form").wording("form")).isEqualTo("error.pieces.many");
        assertThat(design.hardscape().stream().map(HardscapeItem::id).distinct().count())
                .isEqualTo(80);
        Done added = apply(design, "add", "", "granite").refusedAt("add");
        assertThat(added.wording("add")).isEqualTo("error.pieces.many");
        Design one = apply(design, "remove", PIECE, "").taken().design();
        apply(one, "add", "", "granite").taken();
    }

    @Test
    void whatIsGoneIsTold() {
        for (String op : List.of("x", "name", "media", "turn", "move", "copy", "remove")) {
            Done done = apply(LIZARD, op, "never-there", "5", "5").refusedAt("form");
            assertThat(done.wording("form")).isEqualTo("error.piece.gone");
        }
        apply(LIZARD, "explode", PIECE, "").refusedAt("form");
    }

    // ---- outlines
    @Test
    void aPieceIsDrawnAsAFormAndAnew() {
        Done formed = apply(LIZARD, "form", PIECE, "stack").taken();
        assertThat(PieceLook.of(item(formed.design(), PIECE)).form()).isEqualTo(PieceForm.STACK);
        Done anew = apply(formed.design(), "form-anew", PIECE, "").taken();
        assertThat(PieceLook.of(item(anew.design(), PIECE)).form()).isEqualTo(PieceForm.STACK);
        assertThat(PieceLook.of(item(anew.design(), PIECE)).plan())
                .isNotEqualTo(PieceLook.of(item(formed.design(), PIECE)).plan());
        apply(LIZARD, "form", PIECE, "pebble").refusedAt("form-" + PIECE);
    }

    private static String centimetres(double metres) {
        return String.format(java.util.Locale.ROOT, "%.4f", metres * 100);
    }

    @Test
    void aCornerIsPutDoubledAndTakenOut() {
        PieceMove.Box box = PieceMove.box(item(LIZARD, PIECE));
        String x = centimetres(box.left() + box.length() / 4);
        String y = centimetres(box.front() + box.width() / 2);
        Done put = apply(LIZARD, "corner-plan-1", PIECE, x, y).taken();
        assertThat(PieceLook.of(item(put.design(), PIECE)).plan().get(1).x()).isCloseTo(0.25, within(1e-9));
        assertThat(PieceLook.of(item(put.design(), PIECE)).plan().get(1).y()).isCloseTo(0.5, within(1e-9));
        int corners = PieceLook.of(item(LIZARD, PIECE)).front().size();
        Done split = apply(LIZARD, "corner-front-0", PIECE, "split").taken();
        assertThat(PieceLook.of(item(split.design(), PIECE)).front()).hasSize(corners + 1);
        Done dropped = apply(split.design(), "corner-front-1", PIECE, "drop").taken();
        assertThat(PieceLook.of(item(dropped.design(), PIECE))).isEqualTo(PieceLook.of(item(LIZARD, PIECE)));
    }

    @ParameterizedTest
    @CsvSource({
        "corner-side-1,10,10",
        "corner-plan,10,10",
        "corner-plan-,10,10",
        "corner-plan-x,10,10",
        "corner-plan-9999,10,10",
        "corner-plan-999,10,10",
        "corner-plan-1,ten,10",
        "corner-plan-1,10,",
        "corner-front-1,twist,",
    })
    void whatIsNoCornerChangesNothing(String op, String value, String other) {
        apply(LIZARD, op, PIECE, value, other == null ? "" : other).refusedAt("form");
        apply(LIZARD, op, "gone", "10", "10").refusedAt("form");
    }
}
