package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.GroundResult;
import tanah.core.ground.SoilMoisture;
import tanah.files.catalogue.CatalogueReader;

/** Water in the ground where a reader stands in it. */
class SoilMoistureTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design WATER_TABLE = Examples.read("shared-water-table");

    private static OptionalDouble at(Design design, double z) {
        Evaluation e = Evaluator.evaluate(design, CATALOGUE);
        GroundResult ground = e.ground().orElseThrow();
        return SoilMoisture.at(design, ground, 0.1, 0.1, z);
    }

    /** Gravel to 6 cm, soil to 14, water to 8: full below the level, field capacity over it, nothing over the ground. */
    @Test
    void itIsFullUnderTheLevelAndDripsOverIt() {
        Evaluation e = Evaluator.evaluate(WATER_TABLE, CATALOGUE);
        double level = e.ground().orElseThrow().water().orElseThrow().level();
        var soil = e.ground().orElseThrow().soil("soil").orElseThrow();
        var drain = e.ground().orElseThrow().soil("drain").orElseThrow();
        assertThat(level).isCloseTo(0.08, within(0.005));
        assertThat(at(WATER_TABLE, 0.03)).hasValue(drain.water().saturated());
        assertThat(at(WATER_TABLE, level - 0.001)).hasValue(soil.water().saturated());
        assertThat(at(WATER_TABLE, level + 0.001)).hasValue(soil.fieldCapacity());
        assertThat(at(WATER_TABLE, 0.141)).isEmpty();
    }

    @Test
    void soilKeptDrierHoldsThatShareOfIt() {
        Layer soil = WATER_TABLE.ground().layer("soil").orElseThrow();
        Design drier = WATER_TABLE.withGround(WATER_TABLE
                .ground()
                .withLayers(WATER_TABLE.ground().layers().stream()
                        .map(l -> l.id().equals(soil.id()) ? l.withWetness(0.4) : l)
                        .toList()));
        assertThat(at(drier, 0.12).orElseThrow())
                .isCloseTo(0.4 * at(WATER_TABLE, 0.12).orElseThrow(), within(1e-12));
    }
}
