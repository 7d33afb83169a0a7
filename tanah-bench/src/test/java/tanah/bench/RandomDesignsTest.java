package tanah.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.explain.Figure;
import tanah.core.explain.Figures;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.result.EvaluationWriter;

/** Ten thousand drawn designs: none breaks the computation, none has a number that cannot be. */
class RandomDesignsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final int DESIGNS = 10_000;

    @Test
    void everyDesignIsEvaluatedToNumbersThatCanBe() {
        RandomDesigns designs = new RandomDesigns(CATALOGUE, 20_261_123);
        int wet = 0;
        int stops = 0;
        for (int i = 0; i < DESIGNS; i++) {
            Design design = designs.next();
            Evaluation e = Evaluator.evaluate(design, CATALOGUE);
            String what = "design " + i;
            for (Finding f : e.findings()) {
                for (Measure m : f.measures()) {
                    assertThat(m.value())
                            .as(what + " " + f.rule() + " " + m.name())
                            .isFinite();
                }
            }
            GroundResult ground = e.ground().orElseThrow();
            volumes(what, e.vessel().orElseThrow(), ground);
            assertThat(e.mass().orElseThrow().total()).as(what).isFinite().isPositive();
            ground.water().ifPresent(w -> water(what, w));
            wet += ground.water().isPresent() ? 1 : 0;
            stops += e.findings().isEmpty() || e.findings().get(0).severity().ordinal() > 0 ? 0 : 1;
            if (i % 50 == 0) {
                for (Figure f : Figures.of(e, CATALOGUE)) {
                    assertThat(f.value()).as(what + " " + f.id()).isFinite();
                }
                assertThat(EvaluationWriter.write(e))
                        .as(what)
                        .doesNotContain("NaN")
                        .doesNotContain("Infinity");
            }
        }
        // drawn designs have to reach what they are meant to try
        assertThat(wet).isGreaterThan(DESIGNS / 3);
        assertThat(stops).isGreaterThan(DESIGNS / 3);
    }

    /** Layers, wall, and the room above them make up the box. */
    private static void volumes(String what, Vessel vessel, GroundResult ground) {
        double filled = 0;
        double above = 0;
        double height = Math.max(vessel.height(), ground.surfaceMax() + 1);
        for (Cell cell : ground.terrain().cells()) {
            double room = cell.plan().roomBelow(cell.top(), height);
            above += room;
            filled += cell.plan().area() * height - room;
        }
        ground.layers()
                .forEach(l ->
                        assertThat(l.shape().volume()).as(what + " " + l.id()).isNotNegative());
        double box = vessel.outline().area() * height;
        assertThat(filled + above).as(what).isCloseTo(box, within(1e-9 * box));
        double layers =
                ground.layers().stream().mapToDouble(l -> l.shape().volume()).sum();
        assertThat(layers).as(what).isLessThanOrEqualTo(filled * (1 + 1e-9) + 1e-9);
    }

    private static void water(String what, WaterVolumes w) {
        assertThat(w.free()).as(what + " free").isFinite().isNotNegative();
        assertThat(w.pore()).as(what + " pore").isFinite().isNotNegative();
        assertThat(w.turnsOver()).as(what + " turns over").isFinite().isNotNegative();
        assertThat(w.drainable()).as(what + " drainable").isLessThanOrEqualTo(w.pore() + 1e-12);
        assertThat(w.depthMin()).as(what).isFinite().isNotNegative();
        assertThat(w.depthMax()).as(what).isGreaterThanOrEqualTo(w.depthMin() - 1e-12);
    }
}
