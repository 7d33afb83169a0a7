package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import tanah.web.SharedApplication;

/** Whoever is removed is out everywhere, and nobody else. */
@SharedApplication
class SittingsIT {
    private final Sittings sittings;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    @Autowired
    SittingsIT(Sittings sittings, FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sittings = sittings;
        this.sessions = sessions;
    }

    private static <S extends Session> void signIn(FindByIndexNameSessionRepository<S> all, Keeper keeper) {
        S session = all.createSession();
        session.setAttribute(
                HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY,
                new SecurityContextImpl(
                        UsernamePasswordAuthenticationToken.authenticated(keeper, null, keeper.getAuthorities())));
        all.save(session);
    }

    @Test
    void allSessionsOfAKeeperEnd() {
        Keeper one = new Keeper(-1, "one " + UUID.randomUUID(), "x");
        Keeper other = new Keeper(-2, "other " + UUID.randomUUID(), "x");
        for (Keeper keeper : List.of(one, one, other)) {
            signIn(sessions, keeper);
        }
        assertThat(sessions.findByPrincipalName(one.name())).hasSize(2);
        sittings.end(one);
        assertThat(sessions.findByPrincipalName(one.name())).isEmpty();
        assertThat(sessions.findByPrincipalName(other.name())).hasSize(1);
        sittings.end(other);
    }
}
