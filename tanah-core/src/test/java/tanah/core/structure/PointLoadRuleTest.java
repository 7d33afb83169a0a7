package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** A stone on a base that only its rim holds, against what the pane bears. */
class PointLoadRuleTest {
    private static final double WORKING = 6e6; // Pa
    private static final double LIMIT = 15e6; // Pa

    /** What of the box's own 6 mm base of glass, 1 × 0.5 m, with 4 cm² of contact comes to a megapascal (Roark, as in BasePlate). */
    private static double massFor(double stress, double contact) {
        double t = 0.006;
        double poisson = 0.23;
        double radius = Math.sqrt(contact / Math.PI);
        double perNewton = 3 / (2 * Math.PI * t * t) * ((1 + poisson) * Math.log(2 * 0.5 / (Math.PI * radius)) + 1);
        return stress / perNewton / 9.80665;
    }

    private static HardscapeItem stone(double base, OptionalDouble mass, Fixing fixing) {
        return new HardscapeItem(
                "stone",
                Optional.empty(),
                Optional.of("stone"),
                Optional.empty(),
                ConvexPolygon.rectangle(0.4, 0.2, 0.6, 0.3).corners(),
                OptionalDouble.of(base),
                0.1,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                mass,
                Optional.of(false),
                fixing,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }

    private static List<Finding> judge(HardscapeItem piece, String support, boolean computed) {
        Design d =
                TestDesigns.box(1, 0.5, 0.5, TestDesigns.soil("sand_play", 0.1)).withHardscape(List.of(piece));
        d = d.withVessel(d.vessel().orElseThrow().withKept(new OtherFields(Map.of("base_support", support))));
        PaneResult panes = new PaneResult(
                1000,
                0.3,
                Map.of(),
                Optional.empty(),
                computed ? Optional.of(new PaneResult.Base(1e6, new Allowed(WORKING, LIMIT))) : Optional.empty());
        return PointLoadRule.judge(
                d, TestDesigns.vessel(d), TestDesigns.ground(d), Optional.of(panes), TestMedia.catalogue());
    }

    @ParameterizedTest
    @CsvSource({"0.99, GOOD", "1.01, CAUTION", "2.49, CAUTION", "2.51, STOP"})
    void aStoneOnABaseThatOnlyItsRimHolds(double ofWorking, Severity severity) {
        double mass = massFor(ofWorking * WORKING, 4e-4);
        Finding f = judge(stone(0, OptionalDouble.of(mass), Fixing.UNSAID), "perimeter", true)
                .get(0);
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.place().part()).contains("stone");
        assertThat(f.measure("stress").value()).isCloseTo(ofWorking * WORKING, within(0.01 * WORKING));
        assertThat(f.measure("working").value()).isEqualTo(WORKING);
        assertThat(f.remedies()).hasSize(severity == Severity.GOOD ? 0 : 1);
    }

    @Test
    void aPadSpreadsTheLoad() {
        double mass = massFor(1.2 * WORKING, 4e-4);
        Fixing pad = Fixing.UNSAID.withPad(OptionalDouble.of(0.02));
        assertThat(judge(stone(0, OptionalDouble.of(mass), pad), "perimeter", true)
                        .get(0)
                        .severity())
                .isEqualTo(Severity.GOOD);
    }

    @Test
    void nothingIsSaidOfWhatIsHeldOrNotKnown() {
        OptionalDouble heavy = OptionalDouble.of(50);
        assertThat(judge(stone(0, heavy, Fixing.UNSAID), "full", true)).isEmpty();
        assertThat(judge(stone(0, heavy, Fixing.UNSAID), "perimeter", false)).isEmpty();
        assertThat(judge(stone(0.1, heavy, Fixing.UNSAID), "perimeter", true))
                .as("on the soil")
                .isEmpty();
        assertThat(judge(stone(0, OptionalDouble.empty(), Fixing.UNSAID), "perimeter", true))
                .as("of nobody knows what mass")
                .isEmpty();
    }
}
