package tanah.web.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tanah.web.account.Arrivals;
import tanah.web.account.Keeper;
import tanah.web.account.KeeperName;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;

/** The door: asks the brake before a password is checked, and says on the page of the door what went wrong, with the name kept. */
@Component
class SignInFilter extends OncePerRequestFilter {
    /** Where the door shows what went wrong. */
    static final String AGAIN = "/sign-in/again";

    /** Seconds to wait, as an attribute of the request. */
    static final String WAIT = "signInWait";

    private static final int TOO_MANY = 429;

    private final SignInBrake brake;
    private final DeviceCookie devices;
    private final RequestCache asked;
    private final Arrivals arrivals;
    private final Audit audit;

    SignInFilter(SignInBrake brake, DeviceCookie devices, RequestCache asked, Arrivals arrivals, Audit audit) {
        this.audit = audit;
        this.arrivals = arrivals;
        this.brake = brake;
        this.devices = devices;
        this.asked = asked;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isSignIn(request)) {
            Duration wait =
                    brake.attempt(KeeperName.of(name(request)).key(), request.getRemoteAddr(), devices.of(request));
            if (!wait.isZero()) {
                audit.ofStranger(KeeperName.of(name(request)).key(), AuditKind.BRAKED);
                long seconds = wait.plusMillis(999).toSeconds();
                response.setStatus(TOO_MANY);
                response.setHeader("Retry-After", String.valueOf(seconds));
                request.setAttribute(WAIT, seconds);
                request.getRequestDispatcher(AGAIN).forward(request, response);
                return;
            }
        }
        chain.doFilter(request, response);
    }

    AuthenticationFailureHandler failureHandler() {
        return (request, response, failure) -> {
            audit.ofStranger(KeeperName.of(name(request)).key(), AuditKind.REFUSED);
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            request.getRequestDispatcher(AGAIN).forward(request, response);
        };
    }

    AuthenticationSuccessHandler successHandler() {
        SavedRequestAwareAuthenticationSuccessHandler next = new SavedRequestAwareAuthenticationSuccessHandler();
        next.setDefaultTargetUrl("/");
        next.setRequestCache(asked);
        return (request, response, authentication) -> {
            if (authentication.getPrincipal() instanceof Keeper keeper) {
                if (keeper.isHalf()) {
                    response.sendRedirect(request.getContextPath() + "/second");
                    return;
                }
                arrivals.arrived(keeper, name(request), request, response);
            }
            next.onAuthenticationSuccess(request, response, authentication);
        };
    }

    private static boolean isSignIn(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getServletPath().equals("/sign-in");
    }

    private static String name(HttpServletRequest request) {
        String name = request.getParameter("name");
        return name == null ? "" : name;
    }
}
