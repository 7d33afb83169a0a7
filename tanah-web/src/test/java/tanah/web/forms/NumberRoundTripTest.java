package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.web.design.edit.NumberField;

/** What a field shows is what it reads: a keeper who presses Enter on a number that stands there changes nothing by it. */
class NumberRoundTripTest {
    private static final int DRAWN = 400;

    static Stream<Presentation> presentations() {
        return Stream.of(
                of(Presentation.Units.METRIC, '.', Locale.ENGLISH),
                of(Presentation.Units.METRIC, ',', Locale.GERMAN),
                of(Presentation.Units.US, '.', Locale.ENGLISH),
                of(Presentation.Units.US, ',', Locale.GERMAN));
    }

    private static Presentation of(Presentation.Units units, char decimal, Locale locale) {
        return new Presentation(locale, units, decimal, "", 1, Presentation.Dates.DAY_FIRST, false);
    }

    @AfterEach
    void asUsual() {
        Presentation.unbind();
    }

    private static NumberField field(Quantity.Kind kind) {
        return new NumberField(
                "x",
                kind,
                1,
                -1000,
                1e6,
                switch (kind) {
                    case LENGTH, THICKNESS -> tanah.core.units.Unit.CENTIMETRE;
                    case VOLUME -> tanah.core.units.Unit.LITRE;
                    case MASS, GRAMS -> tanah.core.units.Unit.KILOGRAM;
                    case TEMPERATURE -> tanah.core.units.Unit.CELSIUS;
                    case SHARE -> tanah.core.units.Unit.PERCENT;
                    case NUMBER -> tanah.core.units.Unit.COUNT;
                },
                true,
                0);
    }

    @ParameterizedTest
    @EnumSource(
            value = Quantity.Kind.class,
            names = {"LENGTH", "VOLUME", "MASS", "TEMPERATURE", "SHARE", "NUMBER"})
    void whatIsShownIsReadAgain(Quantity.Kind kind) {
        presentations().forEach(p -> {
            Presentation.bind(p);
            Random random = new Random(kind.ordinal());
            for (int i = 0; i < DRAWN; i++) {
                double si = switch (kind) {
                    case TEMPERATURE -> -20 + 80 * random.nextDouble();
                    case SHARE -> random.nextDouble();
                    case NUMBER -> 500 * random.nextDouble();
                    default -> 3 * random.nextDouble();
                };
                NumberField field = field(kind);
                String shown = field.show(si);
                double read = Quantity.parse(shown, kind).orElseThrow();
                // once more shown it is the same text: nothing drifts from edit to edit
                assertThat(field.show(read)).as(kind + " " + si).isEqualTo(shown);
                double coarse = switch (kind) {
                    case TEMPERATURE -> 0.06;
                    case SHARE -> 0.0006;
                    case NUMBER -> 0.006;
                    case VOLUME -> 2.1e-5;
                    case MASS -> 0.0051;
                    default -> 0.00013;
                };
                assertThat(read).as(shown).isCloseTo(si, within(coarse));
            }
        });
    }

    @ParameterizedTest
    @MethodSource("presentations")
    void aNumberWithItsUnitIsReadWhateverTheKeeperUses(Presentation p) {
        Presentation.bind(p);
        for (double metres : new double[] {0.01, 0.3, 0.45, 1.2}) {
            assertThat(Quantity.parse(Numbers.lengthWithUnit(metres), Quantity.Kind.LENGTH)
                            .orElseThrow())
                    .isCloseTo(metres, within(0.0015));
        }
        for (double celsius : new double[] {-5, 0, 21.5, 42}) {
            assertThat(Quantity.parse(Numbers.temperatureWithUnit(celsius), Quantity.Kind.TEMPERATURE)
                            .orElseThrow())
                    .isCloseTo(celsius, within(0.06));
        }
    }

    @ParameterizedTest
    @MethodSource("presentations")
    void bothDecimalMarksAreReadEverywhere(Presentation p) {
        Presentation.bind(p);
        double point = Quantity.parse("12.5 cm", Quantity.Kind.LENGTH).orElseThrow();
        double comma = Quantity.parse("12,5 cm", Quantity.Kind.LENGTH).orElseThrow();
        assertThat(point).isEqualTo(comma).isCloseTo(0.125, within(1e-12));
        String shown = Numbers.upTo(12.5, 2);
        assertThat(shown).contains(p.decimal() == ',' ? "12,5" : "12.5");
    }
}
