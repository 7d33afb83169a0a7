package tanah.web.shell;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/**
 * Before anything is read for it: of one session only so many requests are let in at once. What a keeper's share is among those is
 * decided further in, where it is known who asks.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class CrowdFilter extends OncePerRequestFilter {
    /** A browser opens six connections; twenty-five are several browsers with one session. Common practice. */
    static final int MOST = 25;

    private static final String SESSION = "tanah";

    private final Map<String, Integer> inside = new ConcurrentHashMap<>();
    private final Busy busy;

    CrowdFilter(Busy busy) {
        this.busy = busy;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return Flashes.isWithoutSession(request) || WebUtils.getCookie(request, SESSION) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Cookie cookie = WebUtils.getCookie(request, SESSION);
        String session = cookie == null ? "" : cookie.getValue();
        if (inside.merge(session, 1, Integer::sum) > MOST) {
            leave(session);
            busy.answer(request, response);
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            leave(session);
        }
    }

    private void leave(String session) {
        inside.computeIfPresent(session, (k, n) -> n > 1 ? n - 1 : null);
    }

    /** Sessions that are being answered now. */
    int sessions() {
        return inside.size();
    }
}
