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
        sittings.endAll(one.name());
        assertThat(sessions.findByPrincipalName(one.name())).isEmpty();
        assertThat(sessions.findByPrincipalName(other.name())).hasSize(1);
        sittings.endAll(other.name());
    }

    /** Where somebody is in, one of these ended, and all but one. */
    @Test
    void oneIsEndedOrAllButOne() {
        Keeper keeper = new Keeper(-3, "several " + UUID.randomUUID(), "x");
        Keeper other = new Keeper(-4, "stranger " + UUID.randomUUID(), "x");
        for (Keeper who : List.of(keeper, keeper, keeper, other)) {
            signIn(sessions, who);
        }
        String mine =
                sessions.findByPrincipalName(keeper.name()).keySet().iterator().next();
        List<Sitting> all = sittings.of(keeper.name(), mine);
        assertThat(all).hasSize(3).filteredOn(Sitting::current).hasSize(1);
        assertThat(all).extracting(Sitting::key).doesNotContain(mine).doesNotHaveDuplicates();
        String strange = sittings.of(other.name(), "").get(0).key();
        assertThat(sittings.end(keeper.name(), strange)).isFalse();
        assertThat(sessions.findByPrincipalName(other.name())).hasSize(1);
        Sitting ended = all.stream().filter(s -> !s.current()).findFirst().orElseThrow();
        assertThat(sittings.end(keeper.name(), ended.key())).isTrue();
        assertThat(sessions.findByPrincipalName(keeper.name())).hasSize(2).containsKey(mine);
        sittings.endOthers(keeper.name(), mine);
        assertThat(sessions.findByPrincipalName(keeper.name())).containsOnlyKeys(mine);
        sittings.endAll(keeper.name());
        sittings.endAll(other.name());
    }
}
