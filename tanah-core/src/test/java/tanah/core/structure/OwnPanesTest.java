package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Envelope.Face;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.WaterPart;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.NotAssessed;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Each pane is judged by its own thickness and material. */
class OwnPanesTest {
    /** 90 x 45 x 50 cm, float glass of 6 mm, 30 cm of sand. */
    private static final Design BOX = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.3));

    private static Design with(Design d, Face face, String material, double thickness) {
        Envelope.Pane pane =
                new Envelope.Pane(face, Optional.of(material), OptionalDouble.of(thickness), OptionalDouble.empty());
        return d.withVessel(d.vessel().orElseThrow().withEnvelope(Envelope.PLAIN.withPanes(List.of(pane))));
    }

    private static PaneResult panes(Design d) {
        return Evaluator.evaluate(d, TestMedia.catalogue()).panes().orElseThrow();
    }

    /** Small deflections: stress goes with 1/t², bow with 1/t³ (Timoshenko and Woinowsky-Krieger). */
    @Test
    void aThinnerBackIsTheWorseOfTwo() {
        PaneResult alike = panes(BOX);
        PaneResult thin = panes(with(BOX, Face.BACK, "glass_annealed", 0.004));
        PaneResult thick = panes(with(BOX, Face.BACK, "glass_annealed", 0.012));
        assertThat(thin.front().plate().stress())
                .isCloseTo(alike.front().plate().stress() * 2.25, within(1.0));
        assertThat(thin.front().plate().deflection())
                .isCloseTo(alike.front().plate().deflection() * 3.375, within(1e-9));
        assertThat(thin.front().thickness()).isEqualTo(0.004);
        assertThat(thick.front()).as("the front is as it was").isEqualTo(alike.front());
        assertThat(thin.side()).isEqualTo(alike.side());
        assertThat(thick.apart(false)).isLessThan(alike.apart(false));
        assertThat(thin.apart(false)).isGreaterThan(alike.apart(false));
    }

    /** Stress does not hang on the material, but what it may be does: acrylic is worked to 5.2 MPa and never past 7.0. */
    @Test
    void aPaneIsJudgedByItsOwnMaterial() {
        PaneResult acrylic = panes(with(BOX, Face.FRONT, "acrylic", 0.006));
        assertThat(acrylic.front().allowed()).isEqualTo(new Allowed(5.2e6, 7.0e6));
        assertThat(acrylic.side().allowed()).isEqualTo(new Allowed(5.0e6, 7.25e6));
    }

    @Test
    void aWallOfUnknownStrengthIsSaidToBeNotAssessed() {
        Evaluation e = Evaluator.evaluate(with(BOX, Face.BACK, "polypropylene", 0.006), TestMedia.catalogue());
        assertThat(e.panes()).isEmpty();
        assertThat(e.notAssessed()).extracting(NotAssessed::topic).contains("panes");
    }

    @Test
    void aBaseOnItsRimIsJudgedByItsOwnPane() {
        Design held = BOX.withVessel(
                BOX.vessel().orElseThrow().withKept(new OtherFields(Map.of("base_support", "perimeter"))));
        double stress = panes(held).base().orElseThrow().stress();
        PaneResult.Base thick =
                panes(with(held, Face.BOTTOM, "acrylic", 0.012)).base().orElseThrow();
        assertThat(thick.stress()).isBetween(stress / 6, stress / 3);
        assertThat(thick.allowed()).isEqualTo(new Allowed(5.2e6, 7.0e6));
    }

    /** A divider of acrylic in a box of glass is no glass. */
    @Test
    void aDividerIsJudgedByItsOwnMaterial() {
        assertThat(divider("acrylic").allowed()).isEqualTo(new Allowed(5.2e6, 7.0e6));
        assertThat(divider("glass").allowed()).isEqualTo(new Allowed(5.0e6, 7.25e6));
    }

    private static PaneResult.Held divider(String kind) {
        Dam wall = new Dam(
                "divider",
                kind,
                new Layer.Region(ConvexPolygon.rectangle(0.4, 0, 0.406, 0.45), true),
                0.3,
                Optional.of(true),
                OptionalDouble.empty());
        Design d = BOX.withGround(new Ground(BOX.ground().layers(), List.of(wall)))
                .withWater(Optional.of(WaterPart.upTo(0.2)));
        return panes(d).divider().orElseThrow();
    }
}
