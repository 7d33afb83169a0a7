package tanah.web.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Slows guessing: after eight failures for a name, or forty from an address, within a quarter of an hour, signing in
 * is refused until the oldest has passed. Counted in the database, so it holds over several web processes.
 */
@Component
class SignInBrake extends OncePerRequestFilter {
    private static final Duration WINDOW = Duration.ofMinutes(15);
    private static final int MOST_FOR_NAME = 8;
    private static final int MOST_FOR_ADDRESS = 40;
    private static final int LONGEST_NAME = 60;

    private final SignInFailureMapper failures;
    private final Clock clock;

    SignInBrake(SignInFailureMapper failures, Clock clock) {
        this.failures = failures;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isSignIn(request) && isBraked(request)) {
            response.sendRedirect(request.getContextPath() + "/sign-in?wait");
            return;
        }
        chain.doFilter(request, response);
    }

    AuthenticationFailureHandler failureHandler() {
        return (request, response, failure) -> {
            failures.insert(name(request), request.getRemoteAddr(), OffsetDateTime.now(clock));
            response.sendRedirect(request.getContextPath() + "/sign-in?failed");
        };
    }

    AuthenticationSuccessHandler successHandler() {
        SavedRequestAwareAuthenticationSuccessHandler next = new SavedRequestAwareAuthenticationSuccessHandler();
        next.setDefaultTargetUrl("/");
        return (request, response, authentication) -> {
            failures.forget(name(request), OffsetDateTime.now(clock).minus(WINDOW));
            next.onAuthenticationSuccess(request, response, authentication);
        };
    }

    private boolean isBraked(HttpServletRequest request) {
        OffsetDateTime since = OffsetDateTime.now(clock).minus(WINDOW);
        return failures.countForName(name(request), since) >= MOST_FOR_NAME
                || failures.countForAddress(request.getRemoteAddr(), since) >= MOST_FOR_ADDRESS;
    }

    private static boolean isSignIn(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getServletPath().equals("/sign-in");
    }

    private static String name(HttpServletRequest request) {
        String name = request.getParameter("name");
        String text = name == null ? "" : name.strip().toLowerCase(Locale.ROOT);
        return text.length() <= LONGEST_NAME ? text : text.substring(0, LONGEST_NAME);
    }
}
