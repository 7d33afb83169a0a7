package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MomentsTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-12-01T12:00:00Z"), ZoneOffset.UTC);

    @ParameterizedTest
    @CsvSource({
        "2026-12-01T12:00:00Z, 2026-12-01T12:00:00Z, ",
        "2026-12-01T12:02:00Z, 2026-12-01T12:02:00Z, ",
        "2026-12-01T12:02:01Z, , FUTURE",
        "2026-12-01T20:00:00+08:00, 2026-12-01T12:00:00Z, ",
        // an offset that Java knows and PostgreSQL does not
        "2026-12-01T18:00:00+18:00, 2026-12-01T00:00:00Z, ",
        "1990-01-01T00:00:00Z, 1990-01-01T00:00:00Z, ",
        "1989-12-31T23:59:59Z, , OLD",
        "+999999999-12-31T23:59:59-18:00, , FORM",
        "+300000000-01-01T00:00:00Z, , FUTURE",
        "-999999999-01-01T00:00:00Z, , OLD",
        "2026-12-01, , FORM",
        "2026-12-01T12:00:00, , FORM",
        "yesterday, , FORM",
        "'', , FORM"
    })
    void aMomentIsReadOrRefused(String text, OffsetDateTime at, Moments.Refusal refusal) {
        Moments.Read read = Moments.read(text, CLOCK);
        assertThat(read.at()).isEqualTo(Optional.ofNullable(at));
        assertThat(read.refusal()).isEqualTo(Optional.ofNullable(refusal));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-12-01, 2026-12-01",
        "2026-12-02, ",
        "1990-01-01, 1990-01-01",
        "1989-12-31, ",
        "' 2025-02-28 ', 2025-02-28",
        "2025-02-29, ",
        "+999999999-12-31, ",
        "-999999999-01-01, ",
        "01.03.2025, ",
        "'', "
    })
    void aDayIsReadOrRefused(String text, LocalDate day) {
        assertThat(Moments.day(text, CLOCK)).isEqualTo(Optional.ofNullable(day));
    }
}
