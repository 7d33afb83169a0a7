package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.OffsetDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The wait grows with every try, up to its limit, and runs from the last one. */
class TriesTest {
    private static final OffsetDateTime NOW = OffsetDateTime.parse("2026-03-01T12:00:00Z");

    @ParameterizedTest
    @CsvSource({
        "0, 0, 0",
        "3, 0, 0",
        "4, 0, 1",
        "4, 1, 0",
        "5, 0, 2",
        "5, 1, 1",
        "6, 0, 4",
        "9, 0, 32",
        "9, 31, 1",
        "9, 32, 0",
        "13, 0, 512",
        "14, 0, 900",
        "90, 0, 900",
        "90, 899, 1",
        "90, 900, 0"
    })
    void fourAreFreeThenEachWaitsTwiceAsLong(int count, int secondsAgo, int wait) {
        assertThat(new Tries(count, NOW.minusSeconds(secondsAgo)).wait(4, Duration.ofMinutes(15), NOW))
                .isEqualTo(Duration.ofSeconds(wait));
    }

    @Test
    void withoutATryNobodyWaits() {
        assertThat(new Tries(0, null).wait(0, Duration.ofMinutes(1), NOW)).isEqualTo(Duration.ZERO);
    }
}
