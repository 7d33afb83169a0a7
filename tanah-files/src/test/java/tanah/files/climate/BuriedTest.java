package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.Places;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.PointForecast;
import tanah.core.time.SeasonPhase;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** What is read under the surface of ground and water. */
class BuriedTest {
    private static Forecast lizard;
    private static Forecast frogs;

    private static Forecast forecast(String name) throws IOException {
        Catalogue catalogue = CatalogueReader.read();
        byte[] document = Files.readAllBytes(Path.of("../docs/examples/" + name + ".json"));
        Parsed.Accepted read = (Parsed.Accepted) new DesignReader(catalogue).read(document);
        return Evaluator.evaluate(read.design(), catalogue, Depth.STEADY)
                .forecast()
                .orElseThrow();
    }

    @BeforeAll
    static void compute() throws IOException {
        lizard = forecast("collared-lizard-arid");
        frogs = forecast("mossy-frog-paludarium");
    }

    private static Places places(Forecast f) {
        return f.at(SeasonPhase.WINTER_DAY).places();
    }

    @Test
    void overTheSurfaceIsAir() {
        assertThat(places(lizard).buried(0.3, 0.4, 0.25)).isEmpty();
        assertThat(PointForecast.at(lizard, 0.3, 0.4, 0.25, SeasonPhase.WINTER_DAY)
                        .buried())
                .isEmpty();
    }

    /** Warm above, cold below: the ground of a box under a lamp is as warm as its face at the top and cools downwards. */
    @Test
    void theGroundIsReadFromItsFaceDownwards() {
        Places p = places(lizard);
        double face = p.surface(0.6, 0.3);
        double before = face;
        for (double z = 0.155; z > 0; z -= 0.01) {
            double here = p.buried(0.6, 0.3, z).orElseThrow();
            assertThat(here).isLessThanOrEqualTo(before + 1e-9);
            before = here;
        }
        assertThat(p.buried(0.6, 0.3, 0.1599).orElseThrow()).isCloseTo(face, within(0.2));
        assertThat(before).isLessThan(face - 0.5).isGreaterThan(15);
    }

    @ParameterizedTest
    @CsvSource({"0.01", "0.05", "0.09"})
    void waterIsOneAtAnyDepth(double z) {
        assertThat(places(frogs).buried(0.2, 0.1, z).orElseThrow())
                .isEqualTo(places(frogs).anyWater().orElseThrow());
    }
}
