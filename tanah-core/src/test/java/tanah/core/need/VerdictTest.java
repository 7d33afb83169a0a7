package tanah.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Range;
import tanah.core.finding.Severity;
import tanah.core.need.Verdict.Standing;

/** One judgement for notes, bars, searches and readings; wanted are 20 to 26. */
class VerdictTest {
    private static final Range WANTED = new Range(20, 26);
    private static final Optional<Range> LIMITS = Optional.of(new Range(5, 35));

    @ParameterizedTest
    @CsvSource({
        // low, high, half, severity, standing, margin, reach
        "21, 25, 0.5, GOOD, WITHIN, 1, 25.5",
        "20, 26, 0, GOOD, WITHIN, 0, 26",
        "23, 23, 3, GOOD, WITHIN, 3, 26",
        "23, 23, 3.1, HINT, MAY_BE_ABOVE, 3, 26.1",
        "20.2, 24, 1, HINT, MAY_BE_BELOW, 0.2, 19.2",
        "22, 25.8, 1, HINT, MAY_BE_ABOVE, 0.2, 26.8",
        "19.9, 25, 0, CAUTION, BELOW, -0.1, 19.9",
        "19, 25, 0.5, CAUTION, BELOW, -1, 18.5",
        "21, 26.1, 0.5, CAUTION, ABOVE, -0.1, 26.6",
        "21, 28, 0.5, CAUTION, ABOVE, -2, 28.5",
        "18, 30, 0.5, CAUTION, ABOVE, -4, 30.5",
        "15, 30, 0.5, CAUTION, BELOW, -5, 14.5"
    })
    void theWorseEndCounts(
            double low, double high, double half, Severity severity, Standing standing, double margin, double reach) {
        Verdict v = Verdict.of(WANTED, new Extent(low, high, half));
        assertThat(v.severity()).isEqualTo(severity);
        assertThat(v.standing()).isEqualTo(standing);
        assertThat(v.margin()).isCloseTo(margin, within(1e-9));
        assertThat(v.reach()).isCloseTo(reach, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "20, GOOD, WITHIN, 0",
        "26, GOOD, WITHIN, 0",
        "22, GOOD, WITHIN, 2",
        "19.5, HINT, BELOW, -0.5",
        "19.49, CAUTION, BELOW, -0.51",
        "26.5, HINT, ABOVE, -0.5",
        "26.51, CAUTION, ABOVE, -0.51",
        "5.01, CAUTION, BELOW, -14.99",
        "5, STOP, BELOW, -15",
        "35, STOP, ABOVE, -9",
        "34.99, CAUTION, ABOVE, -8.99"
    })
    void aReadingIsJudgedWithItsInstrument(double value, Severity severity, Standing standing, double margin) {
        Verdict v = Verdict.ofReading(value, WANTED, LIMITS, 0.5);
        assertThat(v.severity()).isEqualTo(severity);
        assertThat(v.standing()).isEqualTo(standing);
        assertThat(v.margin()).isCloseTo(margin, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"4.9, STOP", "5, STOP", "5.1,", "34.9,", "35, STOP"})
    void whereNothingIsWantedTheLimitsStillHold(double value, Severity severity) {
        assertThat(Verdict.ofLimits(value, LIMITS).map(Verdict::severity)).isEqualTo(Optional.ofNullable(severity));
        assertThat(Verdict.ofLimits(value, Optional.empty())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // value, half, upper: past is a stop, reached by the band a caution
        "36, 0, true, STOP", "35, 0, true, GOOD", "34.5, 0.5, true, GOOD", "34.5, 0.6, true, CAUTION",
        "4, 0, false, STOP", "5, 0, false, GOOD", "5.5, 0.5, false, GOOD", "5.5, 0.6, false, CAUTION"
    })
    void hardLimitsAreStopsPastAndCautionsWithin(double value, double half, boolean upper, Severity severity) {
        assertThat(new HardLimits(5, 35).judge(new Expected(value, half), upper))
                .isEqualTo(severity);
    }

    @Test
    void worseIsBySeverityThenByMargin() {
        Verdict good = Verdict.of(WANTED, new Extent(22, 24, 0));
        Verdict tight = Verdict.of(WANTED, new Extent(21, 24, 0));
        Verdict hint = Verdict.of(WANTED, new Extent(21, 24, 2));
        Verdict out = Verdict.of(WANTED, new Extent(19, 24, 0));
        assertThat(tight.isWorseThan(good)).isTrue();
        assertThat(good.isWorseThan(tight)).isFalse();
        assertThat(hint.isWorseThan(tight)).isTrue();
        assertThat(out.isWorseThan(hint)).isTrue();
        assertThat(hint.isWorseThan(out)).isFalse();
        assertThat(good.isWorseThan(good)).isFalse();
    }

    @Test
    void whatFadesIsAHintOnlyWhereItWasGood() {
        Verdict good = Verdict.of(WANTED, new Extent(22, 24, 0)).butLater(Standing.MAY_BE_BELOW);
        assertThat(good.severity()).isEqualTo(Severity.HINT);
        assertThat(good.standing()).isEqualTo(Standing.MAY_BE_BELOW);
        Verdict out = Verdict.of(WANTED, new Extent(27, 28, 0)).butLater(Standing.MAY_BE_BELOW);
        assertThat(out.severity()).isEqualTo(Severity.CAUTION);
        assertThat(out.standing()).isEqualTo(Standing.ABOVE);
    }

    /** Air holds no more than it can: a band over saturation is none, and a range that ends there is not passed by one. */
    @ParameterizedTest
    @CsvSource({
        "0.95, 0.99, 0.1, 0.6, 1, GOOD, WITHIN",
        "0.95, 0.99, 0.1, 0.6, 0.98, CAUTION, ABOVE",
        "0.90, 0.92, 0.1, 0.6, 0.95, HINT, MAY_BE_ABOVE",
        "0.65, 0.99, 0.1, 0.6, 1, HINT, MAY_BE_BELOW",
        "0.75, 1.00, 0.1, 0.6, 1, GOOD, WITHIN"
    })
    void humidityEndsAtSaturation(
            double low, double high, double half, double min, double max, Severity severity, Standing standing) {
        Verdict v = Verdict.of(new Range(min, max), new Extent(low, high, half).atMost(1));
        assertThat(v.severity()).isEqualTo(severity);
        assertThat(v.standing()).isEqualTo(standing);
        assertThat(v.reach()).isLessThanOrEqualTo(1);
    }
}
