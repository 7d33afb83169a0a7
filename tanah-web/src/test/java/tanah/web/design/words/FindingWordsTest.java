package tanah.web.design.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.i18n.LocaleContextHolder;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;
import tanah.web.shell.Words;

/** What comes in so many months is told as dates. */
class FindingWordsTest {
    private final Words words = mock(Words.class);
    private final FindingWords findings =
            new FindingWords(words, Clock.fixed(Instant.parse("2026-03-01T12:00:00Z"), ZoneOffset.UTC));

    @BeforeEach
    void english() {
        LocaleContextHolder.setLocale(Locale.ENGLISH);
        when(words.of(eq("finding.vessel.space_grown.why"), any(Object[].class)))
                .thenReturn("Why.");
        when(words.of(eq("finding.ahead"), any(Object[].class)))
                .thenAnswer(c -> c.getArgument(1) + " to " + c.getArgument(2));
    }

    @AfterEach
    void again() {
        LocaleContextHolder.resetLocaleContext();
    }

    private String reason(Measure... measures) {
        return findings.reason(Finding.of(
                new RuleId("vessel.space_grown"),
                Severity.CAUTION,
                Place.of(Stage.VESSEL),
                List.of(measures),
                List.of(Remedy.byHand("cut-shorter"))));
    }

    /** derived: 10 months of 30.44 days from 1 March are 304 days: 30 December; 4 are 122: 1 July. */
    @Test
    void monthsAheadAreDates() {
        assertThat(reason(new Measure("ahead", 10, Unit.MONTH_AHEAD), new Measure("ahead_low", 4, Unit.MONTH_AHEAD)))
                .isEqualTo("Why. July 2026 to December 2026");
    }

    @Test
    void withoutAnAgeThereIsNoDate() {
        assertThat(reason(new Measure("month", 10, Unit.MONTH))).isEqualTo("Why.");
    }
}
