package tanah.web.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.OffsetDateTime;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.forecast.Forecast;
import tanah.core.need.ReadingKind;
import tanah.core.time.Season;
import tanah.core.units.Unit;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The demo's readings say what the model says, with weather and error; no reading is made where the model is silent. */
class DemoReadingsTest {
    private static final OffsetDateTime COLDEST = OffsetDateTime.parse("2026-01-15T13:00:00Z");
    private static Design design;
    private static Forecast forecast;

    @BeforeAll
    static void compute() throws IOException {
        Catalogue catalogue = CatalogueReader.read();
        byte[] document = Files.readAllBytes(Path.of("../docs/examples/collared-lizard-arid.json"));
        design = ((Parsed.Accepted) new DesignReader(catalogue).read(document)).design();
        forecast = Evaluator.evaluate(design, catalogue, Depth.WHOLE).forecast().orElseThrow();
    }

    private static ReadingKind kind(ReadingKind.Of of, Unit unit, double step, double band) {
        return new ReadingKind("kind", unit, -20, 100, step, true, of, band);
    }

    private static OptionalDouble read(String place, ReadingKind kind, OffsetDateTime at, double weather) {
        Probe probe = design.probes().stream()
                .filter(p -> p.id().equals(place))
                .findFirst()
                .orElseThrow();
        return new DemoReadings(forecast).read(probe, kind, at, weather, new Random(7));
    }

    @ParameterizedTest
    @CsvSource({"15, 0", "106, 0.5", "198, 1", "289, 0.5"})
    void theYearGoesFromTheColdestToTheHottestDay(int day, double summer) {
        assertThat(DemoReadings.summer(day)).isCloseTo(summer, within(0.01));
    }

    @Test
    void aReadingWithoutErrorIsTheModel() {
        double room = forecast.day(Season.WINTER).orElseThrow().at(13).room();
        ReadingKind air = kind(ReadingKind.Of.AIR, Unit.CELSIUS, 0.001, 0);
        assertThat(read("p-room", air, COLDEST, 0).orElseThrow()).isCloseTo(room, within(0.01));
        assertThat(read("p-room", air, COLDEST, 1.5).orElseThrow()).isCloseTo(room + 1.5, within(0.01));
        double warm = forecast.day(Season.WINTER).orElseThrow().at(13).places().air(1.04, 0.12, 0.20);
        assertThat(read("p-warm", air, COLDEST, 0).orElseThrow()).isCloseTo(warm, within(0.01));
        double burrow = forecast.day(Season.WINTER)
                .orElseThrow()
                .at(13)
                .places()
                .buried(0.3, 0.4, 0.06)
                .orElseThrow();
        assertThat(read("p-burrow", kind(ReadingKind.Of.SUBSTRATE, Unit.CELSIUS, 0.001, 0), COLDEST, 0)
                        .orElseThrow())
                .isCloseTo(burrow, within(0.01));
    }

    @Test
    void aReadingHasTheStepAndTheErrorOfItsInstrument() {
        ReadingKind air = kind(ReadingKind.Of.AIR, Unit.CELSIUS, 0.1, 1);
        double exact = read("p-warm", kind(ReadingKind.Of.AIR, Unit.CELSIUS, 0.001, 0), COLDEST, 0)
                .orElseThrow();
        double shown = read("p-warm", air, COLDEST, 0).orElseThrow();
        assertThat(shown * 10).isCloseTo(Math.round(shown * 10), within(1e-9));
        assertThat(shown).isNotEqualTo(exact).isCloseTo(exact, within(2.0));
    }

    @Test
    void humidityStaysInItsScaleAndDriesInWarmWeather() {
        ReadingKind rh = kind(ReadingKind.Of.HUMIDITY, Unit.PERCENT, 1, 0);
        double usual = read("p-cool", rh, COLDEST, 0).orElseThrow();
        assertThat(read("p-cool", rh, COLDEST, 2).orElseThrow()).isCloseTo(usual - 5, within(1.01));
        assertThat(read("p-cool", rh, COLDEST, 90).orElseThrow()).isEqualTo(5);
        assertThat(read("p-cool", rh, COLDEST, -90).orElseThrow()).isEqualTo(99);
    }

    @Test
    void whatTheModelDoesNotSayIsNotMadeUp() {
        assertThat(read("p-warm", kind(ReadingKind.Of.OTHER, Unit.CELSIUS, 0.1, 1), COLDEST, 0))
                .isEmpty();
        assertThat(read("p-warm", kind(ReadingKind.Of.SUBSTRATE, Unit.CELSIUS, 0.1, 1), COLDEST, 0))
                .isEmpty();
        assertThat(read("p-room", kind(ReadingKind.Of.WATER, Unit.CELSIUS, 0.1, 1), COLDEST, 0))
                .isEmpty();
    }
}
