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
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.web.savedrequest.NullRequestCache;
import tanah.web.account.Keeper;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;

/** The door asks the brake before a password is checked, and keeps the name that was typed. */
class SignInFilterTest {
    private final SignInBrake brake = mock(SignInBrake.class);
    private final Audit audit = mock(Audit.class);
    private final SignInFilter door = new SignInFilter(
            brake,
            new DeviceCookie(),
            new NullRequestCache(),
            new KnownArrivals(brake, new DeviceCookie(), audit),
            audit);
    private final FilterChain chain = mock(FilterChain.class);
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private static MockHttpServletRequest signIn(String name) {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/sign-in");
        request.setServletPath("/sign-in");
        request.setRemoteAddr("192.0.2.7");
        request.setParameter("name", name);
        return request;
    }

    @Test
    void whoNeedNotWaitIsChecked() throws Exception {
        when(brake.attempt("keeper", "192.0.2.7", Optional.empty())).thenReturn(Duration.ZERO);
        door.doFilter(signIn(" Keeper"), response, chain);
        verify(chain).doFilter(any(), any());
    }

    @ParameterizedTest
    @CsvSource({"1000, 1", "1001, 2", "900000, 900"})
    void whoHasToWaitIsToldHowLong(long millis, String seconds) throws Exception {
        when(brake.attempt(anyString(), anyString(), any())).thenReturn(Duration.ofMillis(millis));
        MockHttpServletRequest request = signIn("keeper");
        door.doFilter(request, response, chain);
        verify(chain, never()).doFilter(any(), any());
        assertThat(response.getStatus()).isEqualTo(429);
        assertThat(response.getHeader("Retry-After")).isEqualTo(seconds);
        assertThat(response.getForwardedUrl()).isEqualTo("/sign-in/again");
        assertThat(request.getAttribute("signInWait")).isEqualTo(Long.valueOf(seconds));
        verify(audit).ofStranger("keeper", AuditKind.BRAKED);
    }

    @ParameterizedTest
    @CsvSource({"GET, /sign-in", "POST, /register", "POST, /enclosures/1/ground", "GET, /"})
    void otherPagesAreNeverBraked(String method, String path) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        request.setServletPath(path);
        door.doFilter(request, response, chain);
        verify(chain).doFilter(any(), any());
        verifyNoInteractions(brake);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Keeper", " keeper ", "KEEPER", "Ｋｅｅｐｅｒ"})
    void oneNameIsCountedHoweverItIsWritten(String written) throws Exception {
        when(brake.attempt(eq("keeper"), anyString(), any())).thenReturn(Duration.ofSeconds(8));
        door.doFilter(signIn(written), response, chain);
        assertThat(response.getStatus()).isEqualTo(429);
    }

    @Test
    void aWrongPasswordShowsTheDoorAgain() throws Exception {
        door.failureHandler().onAuthenticationFailure(signIn("keeper"), response, new BadCredentialsException("no"));
        assertThat(response.getStatus()).isEqualTo(401);
        verify(audit).ofStranger("keeper", AuditKind.REFUSED);
        assertThat(response.getForwardedUrl()).isEqualTo("/sign-in/again");
    }

    @Test
    void aDeviceIsKnownByItsCookieAndKeepsIt() throws Exception {
        TestingAuthenticationToken in = new TestingAuthenticationToken(new Keeper(7, "Keeper", "x"), "x");
        door.successHandler().onAuthenticationSuccess(signIn("Keeper"), response, in);
        Cookie given = response.getCookie("tanah-device");
        assertThat(given).isNotNull();
        assertThat(given.isHttpOnly()).isTrue();
        assertThat(given.getPath()).isEqualTo("/sign-in");
        assertThat(response.getRedirectedUrl()).isEqualTo("/");
        verify(audit).of(7, AuditKind.SIGNED_IN, "");
        verify(brake).gotIn(eq(7L), eq("keeper"), eq("192.0.2.7"), anyString());

        MockHttpServletRequest again = signIn("Keeper");
        again.setCookies(given);
        when(brake.attempt(anyString(), anyString(), any())).thenReturn(Duration.ZERO);
        door.doFilter(again, new MockHttpServletResponse(), chain);
        MockHttpServletResponse second = new MockHttpServletResponse();
        door.successHandler().onAuthenticationSuccess(again, second, in);
        assertThat(second.getCookie("tanah-device").getValue()).isEqualTo(given.getValue());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "short", "' or 1=1 --", "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa\n"})
    void aCookieThatIsNoneOfOursIsNone(String value) {
        MockHttpServletRequest request = signIn("keeper");
        request.setCookies(new Cookie("tanah-device", value.strip()));
        assertThat(new DeviceCookie().of(request)).isEmpty();
    }
}
