package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Long enough and not guessed at once; nothing is said of what it must be made of. */
class PasswordCheckTest {
    private final PasswordCheck check = new PasswordCheck();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1234567890",
                "          ",
                "aaaaaaaaaaaa",
                "password123",
                "qwertyuiop",
                "abcdefghijkl",
                "Fernhollow1",
                "0987654321"
            })
    void whatIsTriedFirstIsRefused(String password) {
        assertThat(check.refusal(password, "Fernhollow")).contains("register.password.common");
    }

    @ParameterizedTest
    @ValueSource(strings = {"a long enough word", "moss-and-sand", "regen trommelt leise", "ägyptische wüste"})
    void wordsWillDo(String password) {
        assertThat(check.refusal(password, "somebody")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"9, true", "10, false", "72, false", "73, true"})
    void itHasALengthBetweenTenAndWhatTheEncoderReads(int length, boolean refused) {
        String text = "vqzjkxwpmgybh".repeat(6).substring(0, length);
        assertThat(check.refusal(text, "x")
                        .filter("register.password.size"::equals)
                        .isPresent())
                .isEqualTo(refused);
    }

    @ParameterizedTest
    @CsvSource({"36, false", "37, true"})
    void lettersWithAccentsCountDouble(int length, boolean refused) {
        String text = "ßäöüñéçøåí".repeat(4).substring(0, length);
        assertThat(check.refusal(text, "x")
                        .filter("register.password.size"::equals)
                        .isPresent())
                .isEqualTo(refused);
    }
}
