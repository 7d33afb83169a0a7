package tanah.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.web.forms.Quantity;

/** Numbers as people type them, to SI. */
class QuantityTest {
    @ParameterizedTest(name = "{1} as {0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "LENGTH | 12.5 | 0.125",
                "LENGTH | 12,5 | 0.125",
                "LENGTH | 5 in | 0.127",
                "LENGTH | 125mm | 0.125",
                "LENGTH | 12+3.5 | 0.155",
                "LENGTH | 10 cm + 1 in | 0.1254",
                "LENGTH | -3 | -0.03",
                "LENGTH | −3 | -0.03",
                "VOLUME | 3 gal | 0.011356235352",
                "VOLUME | 243 L | 0.243",
                "VOLUME | 12 litres | 0.012",
                "VOLUME | 12 liters | 0.012",
                "VOLUME | 12 gallons | 0.0454249414",
                "VOLUME | 12 US gal | 0.0454249414",
                "VOLUME | 12 gal us | 0.0454249414",
                "VOLUME | 12 gallons (US) | 0.0454249414",
                "VOLUME | 12 gal imp | 0.05455308",
                "VOLUME | 12 imperial gallons | 0.05455308",
                "VOLUME | 12 UK gallon | 0.05455308",
                "VOLUME | 12galimp | 0.05455308",
                "LENGTH | 5 inches | 0.127",
                "LENGTH | 2 feet | 0.6096",
                "MASS | 10 pounds | 4.5359237",
                "MASS | 10 lb | 4.5359237",
                "TEMPERATURE | 54F | 12.2222222",
                "TEMPERATURE | 21,5 | 21.5",
                "TEMPERATURE | 21.5 °C | 21.5",
                "SHARE | 55 % | 0.55",
            })
    void readsUnitsSumsAndBothDecimalMarks(Quantity.Kind kind, String text, double si) {
        assertThat(Quantity.parse(text, kind).orElseThrow()).isCloseTo(si, within(1e-7));
    }

    @ParameterizedTest
    @CsvSource({
        "abc",
        "''",
        "12 parsecs",
        "1e9",
        "12.5.1",
        "5 kg",
        "12 13",
        "cm",
        "1/2",
        "12 gal",
        "12 galloped",
        "5 inched",
        "NaN",
        "Infinity",
        "--3"
    })
    void refusesWhatIsNoLength(String text) {
        assertThat(Quantity.parse(text, Quantity.Kind.LENGTH)).isEmpty();
    }
}
