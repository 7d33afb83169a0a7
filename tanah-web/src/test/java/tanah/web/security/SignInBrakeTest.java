package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.InOrder;

/** Guessing is slowed by name and by address; a device that is known goes by its own tries. */
class SignInBrakeTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-01T12:00:00Z"), ZoneOffset.UTC);
    private static final OffsetDateTime NOW = OffsetDateTime.now(CLOCK);
    private static final OffsetDateTime QUARTER_AGO = NOW.minusMinutes(15);
    private static final String ADDRESS = "192.0.2.7";
    private static final Tries NONE = new Tries(0, null);

    private final SignInMapper tries = mock(SignInMapper.class);
    private final SignInBrake brake = new SignInBrake(tries, CLOCK);

    @BeforeEach
    void nothingTried() {
        tried(0, 0, 0, 0);
    }

    private static Tries just(int count) {
        return count == 0 ? NONE : new Tries(count, NOW);
    }

    private void tried(int ofPair, int ofName, int ofAddress, int ofDevice) {
        when(tries.ofPair("keeper", ADDRESS, QUARTER_AGO)).thenReturn(just(ofPair));
        when(tries.ofName("keeper", QUARTER_AGO)).thenReturn(just(ofName));
        when(tries.ofAddress(ADDRESS, QUARTER_AGO)).thenReturn(just(ofAddress));
        when(tries.ofDevice("keeper", "mine", QUARTER_AGO)).thenReturn(just(ofDevice));
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 0, 0",
        "3, 19, 39, 0",
        "4, 4, 4, 1",
        "5, 5, 5, 2",
        "20, 20, 20, 900",
        "0, 20, 0, 1",
        "0, 25, 0, 32",
        "0, 26, 0, 60",
        "0, 500, 0, 60",
        "0, 0, 40, 1",
        "0, 0, 44, 16",
        "0, 0, 45, 30",
        "0, 0, 5000, 30"
    })
    void aStrangerWaitsForTheLongestOfThree(int ofPair, int ofName, int ofAddress, int seconds) {
        tried(ofPair, ofName, ofAddress, 0);
        assertThat(brake.attempt("keeper", ADDRESS, Optional.empty())).isEqualTo(Duration.ofSeconds(seconds));
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "7, 0", "8, 1", "9, 2", "30, 900"})
    void aKnownDeviceGoesByItsOwn(int ofDevice, int seconds) {
        tried(5000, 5000, 5000, ofDevice);
        when(tries.isKnown("keeper", "mine")).thenReturn(true);
        assertThat(brake.attempt("keeper", ADDRESS, Optional.of("mine"))).isEqualTo(Duration.ofSeconds(seconds));
    }

    @Test
    void aDeviceOfSomebodyElseIsAStranger() {
        tried(20, 0, 0, 0);
        when(tries.isKnown("other", "mine")).thenReturn(true);
        assertThat(brake.attempt("keeper", ADDRESS, Optional.of("mine"))).isPositive();
    }

    @Test
    void aTryIsCountedBeforeItIsCheckedAndUnderALock() {
        assertThat(brake.attempt("keeper", ADDRESS, Optional.empty())).isZero();
        InOrder order = inOrder(tries);
        order.verify(tries).lock("name keeper");
        order.verify(tries).lock("address " + ADDRESS);
        order.verify(tries).ofPair("keeper", ADDRESS, QUARTER_AGO);
        order.verify(tries).insert("keeper", ADDRESS, null, NOW);
    }

    @Test
    void whoHasToWaitIsNotCountedAgain() {
        tried(9, 9, 9, 0);
        brake.attempt("keeper", ADDRESS, Optional.empty());
        verify(tries, never()).insert(anyString(), anyString(), any(), any());
    }

    @Test
    void whoGetsInIsForgivenAndKnown() {
        brake.gotIn(7, "keeper", ADDRESS, "mine");
        verify(tries).forgive("keeper", ADDRESS, "mine", QUARTER_AGO);
        verify(tries).know(7, "mine", NOW);
        verify(tries).keepNewest(7, 12);
    }
}
