package tanah.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tanah.web.shell.Flashes;

/** Whoever has given the account up sees how to return, and takes out what there is; nothing else. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 1)
class LeavingFilter extends OncePerRequestFilter {
    private static final String PAGE = "/account/leaving";
    private static final Set<String> OPEN = Set.of(PAGE, "/account/return", "/export.zip", "/sign-out", "/error");

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return Flashes.isWithoutSession(request) || OPEN.contains(request.getServletPath());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof Keeper keeper && keeper.isLeaving() && !keeper.isHalf()) {
            response.sendRedirect(request.getContextPath() + PAGE);
            return;
        }
        chain.doFilter(request, response);
    }
}
