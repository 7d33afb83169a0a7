package tanah.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlainTextTest {
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 8, 0x0B, 0x0C, 0x0E, 0x1F, 0x7F, 0x85, 0x9F, 0xD800, 0xDFFF, 0xFFFE, 0xFFFF, 0x1FFFE})
    void whatCannotBeDrawnIsNotPlain(int c) {
        String text = "frog" + (c >= 0xD800 && c <= 0xDFFF ? String.valueOf((char) c) : Character.toString(c)) + "s";
        assertThat(PlainText.isPlain(text)).isFalse();
        assertThat(PlainText.of(text)).isEqualTo("frogs");
    }

    @ParameterizedTest
    @ValueSource(ints = {0x09, 0x0A, 0x0D, 0x20, 0x7E, 0xA0, 0xD7FF, 0xE000, 0xFFFD, 0x1F438})
    void whatIsWrittenStays(int c) {
        String text = "a" + Character.toString(c) + "b";
        assertThat(PlainText.isPlain(text)).isTrue();
        assertThat(PlainText.of(text)).isEqualTo(text);
    }

    @Test
    void aPairOfHalvesIsOneCharacter() {
        assertThat(PlainText.isPlain("\uD83D\uDC38")).isTrue();
        assertThat(PlainText.of("\uDC38\uD83D")).isEmpty();
    }
}
