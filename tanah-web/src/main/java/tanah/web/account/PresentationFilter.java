package tanah.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tanah.web.forms.Presentation;
import tanah.web.shell.Flashes;

/** Binds the keeper's language, units and marks to the request; before sign-in those of the browser. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class PresentationFilter extends OncePerRequestFilter {
    /** Where the request's settings are found by pages. */
    static final String SETTINGS = "settings";

    private final SettingsService settings;

    PresentationFilter(SettingsService settings) {
        this.settings = settings;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return Flashes.isWithoutSession(request);
    }

    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Locale asked = request.getLocale();
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        Settings set = who != null && who.getPrincipal() instanceof Keeper keeper
                ? settings.of(keeper.id(), asked)
                : Settings.fresh(asked);
        request.setAttribute(SETTINGS, set);
        Presentation.bind(set.presentation());
        try {
            chain.doFilter(request, response);
        } finally {
            Presentation.unbind();
        }
    }
}
