package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.units.Unit;

/** What a keeper with other units sees and types; factors by definition (NIST Special Publication 811, appendix B). */
class PresentationTest {
    private static final Presentation US = new Presentation(
            Locale.ENGLISH, Presentation.Units.US, '.', "USD", 1, Presentation.Dates.MONTH_FIRST, true);
    private static final Presentation COMMA = new Presentation(
            Locale.GERMAN, Presentation.Units.METRIC, ',', "EUR", 2, Presentation.Dates.DAY_FIRST, false);

    @AfterEach
    void unbind() {
        Presentation.unbind();
    }

    @Test
    void usUnitsAreShown() {
        Presentation.bind(US);
        assertThat(Numbers.lengthWithUnit(0.127)).isEqualTo("5.00\u2009in");
        assertThat(Numbers.volumeWithUnit(0.003785411784)).isEqualTo("1.00\u2009gal");
        assertThat(Numbers.massWithUnit(4.5359237)).isEqualTo("10.0\u2009lb");
        assertThat(Numbers.temperatureWithUnit(25)).isEqualTo("77\u2009°F");
        assertThat(Numbers.kelvin(5)).isEqualTo("9\u2009°F");
    }

    @ParameterizedTest(name = "{1} as {0}")
    @CsvSource({
        "LENGTH, 5, 0.127",
        "LENGTH, 5 cm, 0.05",
        "VOLUME, 10, 0.03785411784",
        "VOLUME, 10 l, 0.01",
        "MASS, 2, 0.90718474",
        "TEMPERATURE, 77, 25",
        "TEMPERATURE, 25 C, 25",
        "THICKNESS, 0.25, 0.00635"
    })
    void aBareNumberHasTheKeepersUnit(Quantity.Kind kind, String text, double si) {
        Presentation.bind(US);
        assertThat(Quantity.parse(text, kind).orElseThrow()).isCloseTo(si, within(1e-9));
    }

    /** What is shown can be typed back: the value moves by no more than the digits that were shown. */
    @ParameterizedTest
    @ValueSource(doubles = {0.004, 0.0333, 0.12, 0.4375, 1.2, 2.35})
    void whatIsShownCanBeTypedBack(double metres) {
        for (Presentation p : new Presentation[] {Presentation.DEFAULT, US, COMMA}) {
            Presentation.bind(p);
            double again = Quantity.parse(Numbers.lengthWithUnit(metres), Quantity.Kind.LENGTH)
                    .orElseThrow();
            assertThat(again).isCloseTo(metres, within(0.0006));
        }
    }

    @Test
    void theDecimalMarkIsTheKeepersAndMoneyIsConverted() {
        Presentation.bind(COMMA);
        assertThat(Numbers.centimetres(0.125)).isEqualTo("12,5");
        assertThat(Numbers.upTo(-0.5, 2)).isEqualTo("−0,5");
        assertThat(Numbers.money(21)).isEqualTo(42);
    }

    @Test
    void limitsOfAFieldAreInTheKeepersUnit() {
        Presentation.bind(US);
        FieldErrors errors = new FieldErrors();
        assertThat(errors.required("depth", "900", Quantity.Kind.LENGTH, 0.0254, 0.254, Unit.CENTIMETRE))
                .isEmpty();
        assertThat(errors.all().get("depth").arguments()).containsExactly("1", "10", " in");
    }

    @Test
    void noKeepersUnitsLeakIntoTheNextRequest() {
        Presentation.bind(US);
        Presentation.unbind();
        assertThat(Presentation.current()).isEqualTo(Presentation.DEFAULT);
    }
}
