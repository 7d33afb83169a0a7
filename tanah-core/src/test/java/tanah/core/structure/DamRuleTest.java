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
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.WaterPart;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Walls that the land stands over, and walls that float. */
class DamRuleTest {
    private static Design plan(String kind, double top, double land, double level, OptionalDouble density) {
        Layer soil = TestDesigns.layer("soil", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(land))
                .withRegion(Optional.of(new Layer.Region(ConvexPolygon.rectangle(0, 0, 0.5, 0.5), true)));
        Dam dam = new Dam(
                "wall",
                kind,
                new Layer.Region(ConvexPolygon.rectangle(0.5, 0, 0.54, 0.5), true),
                top,
                Optional.of(false),
                density);
        Design box = TestDesigns.box(1, 0.5, 0.6, soil);
        return box.withGround(box.ground().withDams(List.of(dam))).withWater(Optional.of(WaterPart.upTo(level)));
    }

    private static Optional<Finding> of(Design design, RuleId rule) {
        return DamRule.judge(design, TestDesigns.ground(design)).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    private static double measure(Finding f, String name) {
        return f.measures().stream()
                .filter(m -> m.name().equals(name))
                .mapToDouble(m -> m.value())
                .findFirst()
                .orElseThrow();
    }

    // ---- land over its wall: below, at and above
    @ParameterizedTest
    @CsvSource({"0.10, 0.20, false", "0.20, 0.20, false", "0.205, 0.20, false", "0.206, 0.20, true", "0.23, 0.20, true"
    })
    void landThatStandsOverItsWallSlides(double land, double top, boolean slides) {
        Optional<Finding> found = of(plan("glass", top, land, 0.1, OptionalDouble.empty()), DamRule.LOW);
        assertThat(found.isPresent()).isEqualTo(slides);
        found.ifPresent(f -> {
            assertThat(f.severity()).isEqualTo(Severity.CAUTION);
            assertThat(measure(f, "over")).isCloseTo(land - top, within(1e-9));
        });
    }

    @Test
    void raisingTheWallHeals() {
        Design low = plan("glass", 0.20, 0.23, 0.1, OptionalDouble.empty());
        Remedy remedy = of(low, DamRule.LOW).orElseThrow().remedies().get(0);
        Design raised = Edit.take(remedy, low, new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1)));
        assertThat(raised.ground().dams().get(0).top()).isCloseTo(0.25, within(1e-9));
        assertThat(of(raised, DamRule.LOW)).isEmpty();
    }

    @Test
    void aSlopeCountsWhereItMeetsTheWall() {
        Layer slope = TestDesigns.slope("sand_play", 0.10, 0.26)
                .withRegion(Optional.of(new Layer.Region(ConvexPolygon.rectangle(0, 0, 0.5, 0.5), true)));
        Design plan = plan("glass", 0.20, 0.1, 0.1, OptionalDouble.empty());
        Design sloped = plan.withGround(plan.ground().withLayers(List.of(slope)));
        Finding f = of(sloped, DamRule.LOW).orElseThrow();
        assertThat(measure(f, "over")).isBetween(0.04, 0.06);
    }

    /** A wall of 30 × 10 cm in the middle of the box and a bed of soil that touches only one of its sides. */
    @ParameterizedTest
    @CsvSource({
        "left, 0, 0, 0.35, 0.5, true",
        "right, 0.65, 0, 1, 0.5, true",
        "front, 0, 0, 1, 0.2, true",
        "back, 0, 0.3, 1, 0.5, true",
        "left but a centimetre off, 0, 0, 0.34, 0.5, false",
        "right but a centimetre off, 0.66, 0, 1, 0.5, false",
        "front but a centimetre off, 0, 0, 1, 0.19, false",
        "back but a centimetre off, 0, 0.31, 1, 0.5, false",
        "a corner of the left, 0, 0.285, 0.35, 0.5, true",
        "the end of the back, 0.62, 0.3, 1, 0.5, true"
    })
    void landOnAnySideCounts(String where, double x0, double y0, double x1, double y1, boolean slides) {
        Layer soil = TestDesigns.layer("soil", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(0.2))
                .withRegion(Optional.of(new Layer.Region(ConvexPolygon.rectangle(x0, y0, x1, y1), true)));
        Dam dam = new Dam(
                "wall",
                "glass",
                new Layer.Region(ConvexPolygon.rectangle(0.35, 0.2, 0.65, 0.3), true),
                0.15,
                Optional.of(false),
                OptionalDouble.empty());
        Design box = TestDesigns.box(1, 0.5, 0.6, soil);
        Optional<Finding> found = of(box.withGround(box.ground().withDams(List.of(dam))), DamRule.LOW);
        assertThat(found.isPresent()).as(where).isEqualTo(slides);
        found.ifPresent(f -> assertThat(measure(f, "over")).isCloseTo(0.05, within(1e-9)));
    }

    // ---- lift of foam, by Archimedes
    @ParameterizedTest
    @CsvSource({"0.10, 1.88", "0.20, 3.88", "0.30, 3.88", "0.05, 0.88"})
    void foamUnderWaterLifts(double level, double kilograms) {
        Finding f = of(plan("foam", 0.20, 0.1, level, OptionalDouble.empty()), DamRule.LIFTS)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.HINT);
        assertThat(measure(f, "lift")).isCloseTo(kilograms, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"glass, 0.1", "acrylic, 0.1", "stones, 0.1", "wood, 0.1", "foam, 0.006", "foam, 0.01"})
    void whatIsHeavyOrHardlyWetDoesNot(String kind, double level) {
        assertThat(of(plan(kind, 0.20, 0.1, level, OptionalDouble.empty()), DamRule.LIFTS))
                .isEmpty();
    }

    @Test
    void heavyFoamLiftsLess() {
        Design heavy = plan("foam", 0.20, 0.1, 0.1, OptionalDouble.of(300));
        assertThat(measure(of(heavy, DamRule.LIFTS).orElseThrow(), "lift")).isCloseTo(0.8, within(1e-9));
        assertThat(of(plan("foam", 0.20, 0.1, 0.1, OptionalDouble.of(600)), DamRule.LIFTS))
                .isEmpty();
    }
}
