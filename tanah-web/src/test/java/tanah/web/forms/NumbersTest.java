package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Range;
import tanah.core.units.Unit;

/** Numbers as they are shown: no false precision, no zero that is none, a true minus, a thin space. */
class NumbersTest {
    private static final String THIN = "\u2009";

    @AfterEach
    void unbind() {
        Presentation.unbind();
    }

    @ParameterizedTest
    @CsvSource({
        "1.25, 1, 1.3",
        "1.24, 1, 1.2",
        "1.20, 2, 1.2",
        "100, 0, 100",
        "-0.04, 1, 0",
        "-1.5, 1, −1.5",
        "0.0004, 3, 0"
    })
    void asManyDecimalsAsAreNeeded(double value, int decimals, String shown) {
        assertThat(Numbers.upTo(value, decimals)).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"1.2, 2, 1.20", "-0.004, 2, 0.00", "-0.006, 2, −0.01", "99.95, 1, 100.0"})
    void asManyDecimalsAsAreAsked(double value, int decimals, String shown) {
        assertThat(Numbers.fixed(value, decimals)).isEqualTo(shown);
    }

    /** Below a tenth of a litre or a kilogram the smaller unit says more. */
    @ParameterizedTest
    @CsvSource({"0.000094, 94, mL", "0.000095, 0.1, L", "0.0999, 99.9, L", "0.1, 100, L"})
    void aVolumeHasTheUnitThatSaysMost(double cubicMetres, String number, String unit) {
        assertThat(Numbers.volumeWithUnit(cubicMetres)).isEqualTo(number + THIN + unit);
    }

    @ParameterizedTest
    @CsvSource({"0.0994, 99, g", "0.0995, 0.1, kg", "99.9, 99.9, kg", "100, 100, kg"})
    void aMassHasTheUnitThatSaysMost(double kilograms, String number, String unit) {
        assertThat(Numbers.massWithUnit(kilograms)).isEqualTo(number + THIN + unit);
    }

    @ParameterizedTest
    @CsvSource({
        "KELVIN_DIFFERENCE, 1.5, 1.5 K",
        "PERCENT, 0.456, 46 %",
        "DEGREE, 0.5235987756, 30.0°",
        "SHARE, 1.456, 1.46",
        "MEGAPASCAL, 5000000, 5 MPa",
        "MILLIMETRE, 0.0062, 6.2 mm",
        "LITRE_PER_HOUR, 0.0001, 360 L/h"
    })
    void everyUnitHasItsDigits(Unit unit, double si, String shown) {
        assertThat(Numbers.withUnit(si, unit).replace(THIN, " ")).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "0.20, 0.45, 0.20–0.45",
        "4, 9.99, 4.00–9.99",
        "8, 10, 8–10",
        "12, 33, 12–33",
        "14.44, 14.444, 14.44",
        "0, 0, 0.00"
    })
    void aSmallPriceIsNotRoundedAway(double low, double high, String shown) {
        assertThat(Numbers.price(new Range(low, high)).replaceAll("\u2009.*", ""))
                .isEqualTo(shown);
    }

    @Test
    void aPriceIsInTheKeepersCurrency() {
        Presentation.bind(new Presentation(
                Locale.GERMAN, Presentation.Units.METRIC, ',', "EUR", 2, Presentation.Dates.DAY_FIRST, false));
        assertThat(Numbers.price(new Range(1.5, 1.5))).isEqualTo("3,00" + THIN + "EUR");
    }
}
