package tanah.web.security;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import tanah.web.account.Keeper;

/** Whoever has given the password but not the second factor is led to it, whatever he asks for. */
final class HalfWay implements AccessDeniedHandler {
    private final AccessDeniedHandlerImpl others = new AccessDeniedHandlerImpl();

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException, ServletException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof Keeper keeper && keeper.isHalf()) {
            response.sendRedirect(request.getContextPath() + "/second");
            return;
        }
        others.handle(request, response, denied);
    }
}
