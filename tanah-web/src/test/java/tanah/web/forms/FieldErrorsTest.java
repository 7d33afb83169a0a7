package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.OptionalDouble;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.units.Unit;

/** What a field says of what was typed into it: missing, no number, out of its limits, in the units of the keeper. */
class FieldErrorsTest {
    private static final Presentation US = new Presentation(
            Locale.ENGLISH, Presentation.Units.US, '.', "USD", 1, Presentation.Dates.MONTH_FIRST, true);
    private static final Presentation COMMA = new Presentation(
            Locale.GERMAN, Presentation.Units.METRIC, ',', "EUR", 2, Presentation.Dates.DAY_FIRST, false);

    private final FieldErrors errors = new FieldErrors();

    @AfterEach
    void unbind() {
        Presentation.unbind();
    }

    private FieldErrors.Message message() {
        assertThat(errors.all()).containsOnlyKeys("depth");
        return errors.all().get("depth");
    }

    private OptionalDouble depth(String text) {
        return errors.required("depth", text, Quantity.Kind.LENGTH, 0.02, 0.4, Unit.CENTIMETRE);
    }

    @ParameterizedTest
    @CsvSource({"1.99, false", "2, true", "2.01, true", "39.99, true", "40, true", "40.01, false"})
    void aNumberKeepsToItsLimits(String text, boolean taken) {
        OptionalDouble value = depth(text);
        assertThat(value.isPresent()).isEqualTo(taken);
        assertThat(errors.isEmpty()).isEqualTo(taken);
        if (taken) {
            assertThat(value.getAsDouble()).isCloseTo(Double.parseDouble(text) / 100, within(1e-12));
        } else {
            assertThat(message().key()).isEqualTo("error.number.range");
            assertThat(message().arguments()).containsExactly("2", "40", " cm");
        }
    }

    @Test
    void theLimitsAreSaidInTheKeepersUnitsAndMark() {
        Presentation.bind(US);
        depth("0.5");
        assertThat(message().arguments()).containsExactly("0.79", "15.75", " in");
    }

    @ParameterizedTest
    @CsvSource({
        "VOLUME, 0.02, 0.5, LITRE, 5.28, 132.09, gal",
        "MASS, 1, 50, KILOGRAM, 2.2, 110.2, lb",
        "TEMPERATURE, 5, 40, CELSIUS, 41, 104, °F",
        "SHARE, 0.01, 1, PERCENT, 1, 100, %"
    })
    void everyKindHasItsUnit(
            Quantity.Kind kind, double min, double max, Unit shown, String low, String high, String unit) {
        Presentation.bind(US);
        errors.optional("depth", "9999", kind, min, max, shown);
        assertThat(message().arguments()).containsExactly(low, high, " " + unit);
    }

    @ParameterizedTest
    @CsvSource({"abc", "5 kg", "1e3", "NaN"})
    void whatIsNoNumberIsAnsweredByAnExample(String text) {
        assertThat(depth(text)).isEmpty();
        assertThat(message().key()).isEqualTo("error.number.form");
        assertThat(message().arguments()).containsExactly("12.5 cm / 5 in");
    }

    @Test
    void theExampleHasTheKeepersMark() {
        Presentation.bind(COMMA);
        depth("abc");
        assertThat(message().arguments()).containsExactly("12,5 cm / 5 in");
    }

    @Test
    void nothingTypedIsMissingOnlyWhereItIsNeeded() {
        assertThat(errors.optional("depth", "  ", Quantity.Kind.LENGTH, 0, 1, Unit.CENTIMETRE))
                .isEmpty();
        assertThat(errors.isEmpty()).isTrue();
        assertThat(depth("  ")).isEmpty();
        assertThat(message().key()).isEqualTo("error.number.missing");
    }

    @Test
    void theFirstFaultOfAFieldIsSaid() {
        depth("abc");
        depth("");
        assertThat(message().key()).isEqualTo("error.number.form");
        errors.add("name", "error.name");
        assertThat(errors.all()).containsOnlyKeys("depth", "name");
    }
}
