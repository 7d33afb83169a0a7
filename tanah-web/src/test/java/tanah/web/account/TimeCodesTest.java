package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** RFC 6238, appendix B, for HMAC-SHA-1: the last six of its eight digits, as a code of six has them. */
class TimeCodesTest {
    private static final byte[] SECRET = "12345678901234567890".getBytes(StandardCharsets.US_ASCII);

    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void codesOfTheStandard(long second, String code) {
        assertThat(TimeCodes.at(SECRET, Instant.ofEpochSecond(second))).isEqualTo(code);
    }

    /** The code of step 41152263 holds from one step before to one after: a clock half a minute off still opens. */
    @ParameterizedTest
    @CsvSource({"-31, false", "-30, true", "0, true", "29, true", "59, true", "60, false"})
    void aClockHalfAMinuteOffStillOpens(int off, boolean good) {
        long start = 41152263L * 30;
        String code = TimeCodes.at(SECRET, Instant.ofEpochSecond(start));
        OptionalLong step = TimeCodes.step(SECRET, code, Instant.ofEpochSecond(start + off));
        assertThat(step).isEqualTo(good ? OptionalLong.of(41152263L) : OptionalLong.empty());
    }

    @Test
    void otherTextIsNoCode() {
        for (String typed : new String[] {"", "28708", "2870822", "abcdef", "٢٨٧٠٨٢"}) {
            assertThat(TimeCodes.step(SECRET, typed, Instant.ofEpochSecond(59))).isEmpty();
        }
    }
}
