package tanah.web.security;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;
import tanah.web.shell.Secrets;

/** By which a browser is known again at the door. It opens nothing: it only spares its keeper the strangers' waits. */
@Component
class DeviceCookie {
    private static final String NAME = "tanah-device";
    private static final Duration AGE = Duration.ofDays(400);
    private static final Pattern FORM = Pattern.compile("[A-Za-z0-9_-]{32}");

    /** Hash of what the cookie holds; empty without one. */
    Optional<String> of(HttpServletRequest request) {
        return value(request).map(Secrets::hash);
    }

    private static Optional<String> value(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, NAME);
        return Optional.ofNullable(cookie)
                .map(Cookie::getValue)
                .filter(v -> FORM.matcher(v).matches());
    }

    /** Gives the browser a cookie, the same again if it has one; its hash. */
    String give(HttpServletRequest request, HttpServletResponse response) {
        String value = value(request).orElseGet(Secrets::fresh);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(NAME, value)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .path(request.getContextPath() + "/sign-in")
                        .maxAge(AGE)
                        .build()
                        .toString());
        return Secrets.hash(value);
    }
}
