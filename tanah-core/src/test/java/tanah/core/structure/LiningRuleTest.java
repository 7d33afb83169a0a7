package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Envelope.Face;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceMove;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestGear;

/** Backgrounds in a box of 100 × 50 × 40 cm: room that they leave, pieces and devices that stand in them. */
class LiningRuleTest {
    private static final EditContext CONTEXT = new EditContext(TestGear.catalogue(), LocalDate.of(2026, 3, 1));

    private static Envelope.Insulation sheet(Face face, double thick, boolean inside) {
        return new Envelope.Insulation(
                face.word(), face, "cork_tile", thick, Optional.of(inside), OptionalDouble.empty());
    }

    private static Design lined(Envelope.Insulation... sheets) {
        Design d = TestDesigns.box(1, 0.5, 0.4, TestDesigns.soil("sand_play", 0.05));
        var plan = d.vessel().orElseThrow();
        return d.withVessel(plan.withEnvelope(plan.envelope().withInsulation(List.of(sheets))));
    }

    private static HardscapeItem piece(double left, double front, double base) {
        return new HardscapeItem(
                "stone",
                Optional.empty(),
                Optional.of("stone"),
                Optional.empty(),
                ConvexPolygon.rectangle(left, front, left + 0.2, front + 0.1).corners(),
                OptionalDouble.of(base),
                0.1,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(false),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }

    private static List<Finding> judge(Design d) {
        return LiningRule.judge(d, TestDesigns.vessel(d), TestGear.catalogue());
    }

    private static Optional<Finding> of(Design d, RuleId rule) {
        return judge(d).stream().filter(f -> f.rule().equals(rule)).findFirst();
    }

    private static Optional<Finding> of(Design d, HardscapeItem piece) {
        return of(d.withHardscape(List.of(piece)), LiningRule.PIECE);
    }

    // ---- 2 cm have to be left

    @ParameterizedTest
    @CsvSource({
        "LEFT, RIGHT, 0.49, 0.4899, false, 0.0201",
        "LEFT, RIGHT, 0.4901, 0.49, true, 0.0199",
        "RIGHT, LEFT, 0.51, 0.48, true, 0.01",
        "FRONT, BACK, 0.24, 0.2399, false, 0.0201",
        "BACK, FRONT, 0.25, 0.2301, true, 0.0199",
        "BOTTOM, LID, 0.20, 0.1799, false, 0.0201",
        "LID, BOTTOM, 0.30, 0.20, true, 0"
    })
    void sheetsLeaveRoomOrTheThickestIsStopped(
            Face thick, Face thin, double thicker, double thinner, boolean stops, double left) {
        Design d = lined(sheet(thin, thinner, true), sheet(thick, thicker, true), sheet(thick, 0.6, false));
        List<Finding> found = judge(d);
        assertThat(found).hasSize(stops ? 1 : 0);
        found.forEach(f -> {
            assertThat(f.rule()).isEqualTo(LiningRule.FULL);
            assertThat(f.severity()).isEqualTo(Severity.STOP);
            assertThat(f.place().stage()).isEqualTo(Stage.AIR);
            assertThat(f.place().part()).contains(thick.word());
            assertThat(f.measure("left").value()).isCloseTo(left, within(1e-9));
            assertThat(f.measure("thick").value()).isEqualTo(thicker);
            assertThat(f.remedies()).extracting(Remedy::key).containsExactly("sheet-outside", "sheet-away");
        });
    }

    @Test
    void eachRemedyLeavesRoomAgain() {
        Design d = lined(sheet(Face.BACK, 0.3, true), sheet(Face.FRONT, 0.2, true));
        Finding f = of(d, LiningRule.FULL).orElseThrow();
        for (Remedy r : f.remedies()) {
            assertThat(judge(Edit.take(r, d, CONTEXT))).as(r.key()).isEmpty();
        }
    }

    @Test
    void withoutASheetInsideNothingIsJudged() {
        Design bare = lined(sheet(Face.BACK, 0.1, false)).withHardscape(List.of(piece(0.4, 0.45, 0)));
        assertThat(judge(bare)).isEmpty();
    }

    // ---- a piece may be let in by half a centimetre

    @ParameterizedTest
    @CsvSource({
        // 10 cm on the left: it moves right
        "LEFT, 0.0951, 0.2, 0, ",
        "LEFT, 0.0949, 0.2, 0, 0.0051",
        "LEFT, 0.02, 0.2, 0, 0.08",
        // 10 cm on the right; its right end is 20 cm further
        "RIGHT, 0.7049, 0.2, 0, ",
        "RIGHT, 0.73, 0.2, 0, 0.03",
        // in front and at the back
        "FRONT, 0.4, 0.0951, 0, ",
        "FRONT, 0.4, 0.04, 0, 0.06",
        "BACK, 0.4, 0.3049, 0, ",
        "BACK, 0.4, 0.33, 0, 0.03",
        // under it
        "BOTTOM, 0.4, 0.2, 0.0951, ",
        "BOTTOM, 0.4, 0.2, 0.02, 0.08",
        // a sheet under the lid holds nothing
        "LID, 0.4, 0.2, 0, ",
        // beyond the box beside a wall without a sheet: not this rule's
        "LEFT, 0.9, 0.2, 0, ",
        "RIGHT, -0.1, 0.2, 0, ",
        "FRONT, 0.4, 0.45, 0, ",
        "BACK, 0.4, -0.05, 0, "
    })
    void aPieceInABackgroundComesFree(Face face, double left, double front, double base, Double in) {
        Design d = lined(sheet(face, 0.1, true));
        Optional<Finding> f = of(d, piece(left, front, base));
        assertThat(f.isPresent()).isEqualTo(in != null);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.CAUTION);
            assertThat(x.place().stage()).isEqualTo(Stage.HARDSCAPE);
            assertThat(x.place().part()).contains("stone");
            assertThat(x.measure("in").value()).isCloseTo(in, within(1e-9));
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("move-free", "cut-background");
            Design with = d.withHardscape(List.of(piece(left, front, base)));
            HardscapeItem moved =
                    Edit.take(x.remedies().get(0), with, CONTEXT).hardscape().get(0);
            PieceMove.Box box = PieceMove.box(moved);
            assertThat(box.left())
                    .isCloseTo(left + (face == Face.LEFT ? in : face == Face.RIGHT ? -in : 0), within(1e-9));
            assertThat(box.front())
                    .isCloseTo(front + (face == Face.FRONT ? in : face == Face.BACK ? -in : 0), within(1e-9));
            assertThat(moved.base()).isCloseTo(base + (face == Face.BOTTOM ? in : 0), within(1e-9));
        });
    }

    /** 40 cm on each side leave 20 cm: a piece of 20 cm that stands 3 cm too far left also ends 3 cm before the right one. */
    @Test
    void aPinchedPieceIsOnlyCutFor() {
        Design along = lined(sheet(Face.LEFT, 0.42, true), sheet(Face.RIGHT, 0.42, true));
        assertThat(of(along, piece(0.40, 0.2, 0)).orElseThrow().remedies())
                .extracting(Remedy::key)
                .containsExactly("cut-background");
        Design across = lined(sheet(Face.FRONT, 0.21, true), sheet(Face.BACK, 0.21, true));
        assertThat(of(across, piece(0.4, 0.2, 0)).orElseThrow().remedies())
                .extracting(Remedy::key)
                .containsExactly("cut-background");
        Design wide = lined(sheet(Face.LEFT, 0.38, true), sheet(Face.RIGHT, 0.38, true));
        assertThat(of(wide, piece(0.36, 0.2, 0)).orElseThrow().remedies())
                .extracting(Remedy::key)
                .contains("move-free");
    }

    // ---- a device with its middle in a sheet

    @ParameterizedTest
    @CsvSource({
        "0.0951, 0.2, 0.2, spot, ",
        "0.0949, 0.2, 0.2, spot, HEAT",
        "0.05, 0.2, 0.4, spot, HEAT",
        // over the lid nothing stands in it
        "0.05, 0.2, 0.41, spot, ",
        "0.05, 0.2, 0.2, heater-25, WATER",
        "0.5, 0.2, 0.2, heater-25, "
    })
    void aDeviceInABackgroundNeedsAHole(double x, double y, double z, String item, Stage stage) {
        Design d = lined(sheet(Face.LEFT, 0.1, true));
        Device device = Device.of("d", item, Device.Spot.at(x, y, z));
        Optional<Finding> f = of(d.withDevices(List.of(device)), LiningRule.DEVICE);
        assertThat(f.map(found -> found.place().stage())).isEqualTo(Optional.ofNullable(stage));
        f.ifPresent(found -> {
            assertThat(found.severity()).isEqualTo(Severity.CAUTION);
            assertThat(found.measure("in").value()).isCloseTo(0.1 - x, within(1e-9));
            assertThat(found.remedies()).extracting(Remedy::key).containsExactly("cut-background");
        });
    }

    @Test
    void aDeviceWithoutAPlaceIsNotJudged() {
        Design d = lined(sheet(Face.LEFT, 0.1, true));
        Device nowhere = Device.of("d", "spot", Device.Spot.NOWHERE);
        Device half = Device.of(
                "e", "spot", new Device.Spot(OptionalDouble.of(0.05), OptionalDouble.empty(), OptionalDouble.empty()));
        assertThat(of(d.withDevices(List.of(nowhere, half)), LiningRule.DEVICE)).isEmpty();
    }
}
