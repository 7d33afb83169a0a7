package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.BadCredentialsException;

/** Guessing is slowed by name and by address, and nothing else is. */
class SignInBrakeTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-01T12:00:00Z"), ZoneOffset.UTC);
    private static final OffsetDateTime QUARTER_AGO = OffsetDateTime.parse("2026-03-01T11:45:00Z");

    private final SignInFailureMapper failures = mock(SignInFailureMapper.class);
    private final SignInBrake brake = new SignInBrake(failures, CLOCK);
    private final FilterChain chain = mock(FilterChain.class);
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private static MockHttpServletRequest signIn(String name) {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/sign-in");
        request.setServletPath("/sign-in");
        request.setRemoteAddr("192.0.2.7");
        request.setParameter("name", name);
        return request;
    }

    @ParameterizedTest
    @CsvSource({"0, 0, true", "7, 0, true", "8, 0, false", "9, 0, false", "0, 39, true", "0, 40, false", "7, 39, true"})
    void eightFailuresOfANameOrFortyOfAnAddressAreEnough(int ofName, int ofAddress, boolean through) throws Exception {
        when(failures.countForName("keeper", QUARTER_AGO)).thenReturn(ofName);
        when(failures.countForAddress("192.0.2.7", QUARTER_AGO)).thenReturn(ofAddress);
        brake.doFilter(signIn("keeper"), response, chain);
        if (through) {
            verify(chain).doFilter(any(), any());
            assertThat(response.getRedirectedUrl()).isNull();
        } else {
            verify(chain, never()).doFilter(any(), any());
            assertThat(response.getRedirectedUrl()).isEqualTo("/sign-in?wait");
        }
    }

    @ParameterizedTest
    @CsvSource({"GET, /sign-in", "POST, /register", "POST, /enclosures/1/ground", "GET, /"})
    void otherPagesAreNeverBraked(String method, String path) throws Exception {
        when(failures.countForName(anyString(), any())).thenReturn(1000);
        when(failures.countForAddress(anyString(), any())).thenReturn(1000);
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        request.setServletPath(path);
        brake.doFilter(request, response, chain);
        verify(chain).doFilter(any(), any());
        verifyNoInteractions(failures);
    }

    @ParameterizedTest
    @CsvSource({"Keeper", "' keeper '", "KEEPER"})
    void oneNameIsCountedHoweverItIsWritten(String written) throws Exception {
        when(failures.countForName("keeper", QUARTER_AGO)).thenReturn(8);
        brake.doFilter(signIn(written), response, chain);
        assertThat(response.getRedirectedUrl()).isEqualTo("/sign-in?wait");
    }

    @Test
    void aFailureIsWrittenDownWithNameAddressAndTime() throws Exception {
        brake.failureHandler().onAuthenticationFailure(signIn(" Keeper"), response, new BadCredentialsException("no"));
        verify(failures).insert("keeper", "192.0.2.7", OffsetDateTime.now(CLOCK));
        assertThat(response.getRedirectedUrl()).isEqualTo("/sign-in?failed");
    }

    @Test
    void aNameOfAnyLengthIsCutBeforeItIsStored() throws Exception {
        brake.failureHandler()
                .onAuthenticationFailure(signIn("x".repeat(5000)), response, new BadCredentialsException("no"));
        verify(failures).insert(eq("x".repeat(60)), anyString(), any());
        MockHttpServletRequest nameless = new MockHttpServletRequest("POST", "/sign-in");
        nameless.setRemoteAddr("192.0.2.7");
        brake.failureHandler()
                .onAuthenticationFailure(nameless, new MockHttpServletResponse(), new BadCredentialsException("no"));
        verify(failures).insert(eq(""), anyString(), any());
    }

    @Test
    void whoGetsInIsForgiven() throws Exception {
        org.springframework.security.core.Authentication in =
                new org.springframework.security.authentication.TestingAuthenticationToken("keeper", "x");
        brake.successHandler().onAuthenticationSuccess(signIn("Keeper"), response, in);
        verify(failures).forget("keeper", QUARTER_AGO);
        assertThat(response.getRedirectedUrl()).isEqualTo("/");
    }
}
