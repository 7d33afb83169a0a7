package tanah.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import tanah.web.shell.Secrets;

/** The sessions of a keeper, on all devices and in all processes. */
@Component
public class Sittings {
    private static final String ADDRESS = "sitting.address";
    private static final String HAND = "sitting.hand";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sittings(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** Notes where a session began, when somebody got in. */
    public static void begin(HttpServletRequest request) {
        HttpSession session = request.getSession();
        String browser = Objects.requireNonNullElse(request.getHeader("User-Agent"), "");
        session.setAttribute(ADDRESS, request.getRemoteAddr());
        session.setAttribute(HAND, browser.contains("Mobi") || browser.contains("Tablet"));
    }

    /** The one used last comes first. */
    List<Sitting> of(String name, String current) {
        return sessions.findByPrincipalName(name).values().stream()
                .map(s -> new Sitting(
                        Secrets.hash(s.getId()),
                        Boolean.TRUE.equals(s.getAttribute(HAND)),
                        Objects.requireNonNullElse(s.getAttribute(ADDRESS), ""),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(current)))
                .sorted(Comparator.comparing(Sitting::seen).reversed())
                .toList();
    }

    /** Ends one; false if it is none of this keeper's. */
    boolean end(String name, String key) {
        List<String> found = sessions.findByPrincipalName(name).keySet().stream()
                .filter(id -> Secrets.hash(id).equals(key))
                .toList();
        found.forEach(sessions::deleteById);
        return !found.isEmpty();
    }

    /** Ends all but one. */
    void endOthers(String name, String kept) {
        sessions.findByPrincipalName(name).keySet().stream()
                .filter(id -> !id.equals(kept))
                .forEach(sessions::deleteById);
    }

    /** Ends every one of them. */
    public void endAll(String name) {
        sessions.findByPrincipalName(name).keySet().forEach(sessions::deleteById);
    }

    /** The session goes on with the account as it is now, under an id that nobody has seen. */
    static void goOn(Keeper keeper, HttpServletRequest request) {
        SecurityContext context = new SecurityContextImpl(
                UsernamePasswordAuthenticationToken.authenticated(keeper, null, keeper.getAuthorities()));
        SecurityContextHolder.setContext(context);
        request.changeSessionId();
        request.getSession().setAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY, context);
    }
}
