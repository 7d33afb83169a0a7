package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import tanah.web.SharedApplication;
import tanah.web.shell.NotFoundException;

/** Accounts change name and password, go and return, and are handed links; nobody gets in by what is used up. */
@SharedApplication
class AccountsIT {
    private static final String PASSWORD = "a long enough word";
    private static final String OTHER = "seven quiet geckos";

    private final AccountService accounts;
    private final KeeperService keepers;
    private final SiteService site;
    private final SiteLinks links;
    private final PasswordEncoder encoder;
    private final JdbcTemplate database;

    @Autowired
    AccountsIT(
            AccountService accounts,
            KeeperService keepers,
            SiteService site,
            SiteLinks links,
            PasswordEncoder encoder,
            JdbcTemplate database) {
        this.accounts = accounts;
        this.keepers = keepers;
        this.site = site;
        this.links = links;
        this.encoder = encoder;
        this.database = database;
    }

    private static String fresh() {
        return "fern " + UUID.randomUUID();
    }

    private long made() {
        return keepers.register(fresh(), PASSWORD).orElseThrow();
    }

    private long owner() {
        made();
        return site.people().stream()
                .filter(Person::owner)
                .findFirst()
                .orElseThrow()
                .id();
    }

    private boolean opens(String name, String password) {
        return encoder.matches(password, keepers.loadUserByUsername(name).getPassword());
    }

    @Test
    void aNewNameOpensAndTheOldOneDoesNot() {
        String old = fresh();
        long id = keepers.register(old, PASSWORD).orElseThrow();
        String name = fresh();
        KeeperName loud = KeeperName.of(old.toUpperCase(java.util.Locale.ROOT));
        assertThat(keepers.refusal(loud, id))
                .as("the own name in other letters")
                .isEmpty();
        assertThat(keepers.refusal(loud)).contains("register.name.taken");
        assertThat(accounts.rename(id, KeeperName.of(name))).isTrue();
        assertThat(opens(name, PASSWORD)).isTrue();
        assertThatThrownBy(() -> keepers.loadUserByUsername(old)).isInstanceOf(UsernameNotFoundException.class);
        assertThat(keepers.register(old, PASSWORD)).as("the old name is free").isPresent();
    }

    /** A class of pupils on a fresh site: one of them runs it, and nobody is told that the name is taken. */
    @Test
    void ofManyWhoComeFirstAtOnceAllGetIn() throws Exception {
        long owner = owner();
        database.update("update keeper set owner = false where owner");
        List<Callable<Optional<Long>>> all = Collections.nCopies(8, () -> keepers.register(fresh(), PASSWORD));
        ExecutorService threads = Executors.newFixedThreadPool(8);
        try {
            for (Future<Optional<Long>> made : threads.invokeAll(all)) {
                assertThat(made.get()).isPresent();
            }
        } finally {
            threads.shutdownNow();
        }
        assertThat(site.people()).filteredOn(Person::owner).hasSize(1);
        database.update("update keeper set owner = false where owner");
        database.update("update keeper set owner = true where id = ?", owner);
    }

    @Test
    void whoGivesUpReturnsIn30DaysAndIsGoneAfter() {
        String name = fresh();
        long id = keepers.register(name, PASSWORD).orElseThrow();
        long stays = made();
        assertThat(accounts.leave(id)).isTrue();
        assertThat(accounts.leave(id)).as("twice is once").isFalse();
        assertThat(((Keeper) keepers.loadUserByUsername(name)).isLeaving()).isTrue();
        assertThat(accounts.comeBack(id)).isTrue();
        assertThat(((Keeper) keepers.loadUserByUsername(name)).isLeaving()).isFalse();
        accounts.leave(id);
        left(id, 29);
        assertThat(accounts.removeNext()).isEmpty();
        left(id, 31);
        assertThat(accounts.removeNext()).contains(name);
        assertThat(accounts.removeNext()).isEmpty();
        assertThatThrownBy(() -> accounts.of(id)).isInstanceOf(NotFoundException.class);
        assertThat(accounts.of(stays).leavesAt()).isNull();
    }

    private void left(long id, int days) {
        database.update("update keeper set leaves_at = now() - make_interval(days => ?) where id = ?", days, id);
    }

    @Test
    void theOwnerStaysWhileOthersAreInAndHandsTheSiteOver() {
        long owner = owner();
        long next = made();
        assertThat(accounts.leave(owner)).isFalse();
        assertThat(accounts.handOver(next, owner))
                .as("by one who does not run it")
                .isFalse();
        assertThat(accounts.handOver(owner, next)).isTrue();
        assertThat(site.isOwner(next)).isTrue();
        assertThat(site.isOwner(owner)).isFalse();
        assertThat(accounts.handOver(next, owner)).isTrue();
    }

    @Test
    void whoIsTakenOutReturnsByTheOwnerAlone() {
        long owner = owner();
        long id = made();
        assertThat(accounts.takeOut(owner, owner)).isFalse();
        assertThat(accounts.takeOut(owner, id)).isTrue();
        assertThat(accounts.comeBack(id)).isFalse();
        assertThat(accounts.handOver(owner, id)).isFalse();
        assertThat(accounts.takeBack(owner, id)).isTrue();
        assertThat(accounts.of(id).leavesAt()).isNull();
    }

    @Test
    void theDemoKeepsItsNameAndPasswordAndStays() {
        String name = keepers.demoName().orElseThrow();
        Keeper demo = (Keeper) keepers.loadUserByUsername(name);
        accounts.changePassword(demo.id(), OTHER);
        assertThat(opens(name, DemoAccount.PASSWORD)).isTrue();
        assertThat(accounts.rename(demo.id(), KeeperName.of(fresh()))).isFalse();
        assertThat(accounts.leave(demo.id())).isFalse();
        assertThat(accounts.takeOut(owner(), demo.id())).isFalse();
        assertThatThrownBy(() -> links.reset(owner(), accounts.of(demo.id())))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aLinkToRegisterIsUsedOnce() {
        String secret = links.invite(owner());
        assertThat(links.invites(secret)).isTrue();
        assertThat(links.invites(secret + "x")).isFalse();
        assertThat(keepers.register(fresh(), PASSWORD, secret)).isPresent();
        assertThat(links.invites(secret)).isFalse();
        String late = fresh();
        assertThatThrownBy(() -> keepers.register(late, PASSWORD, secret)).isInstanceOf(NotFoundException.class);
        assertThat(keepers.refusal(KeeperName.of(late))).as("nobody was made").isEmpty();
    }

    /** A name that is taken leaves the link as it was. */
    @Test
    void aTakenNameDoesNotUseTheLinkUp() {
        String taken = fresh();
        assertThat(keepers.register(taken, PASSWORD)).isPresent();
        String secret = links.invite(owner());
        assertThat(keepers.register(taken, PASSWORD, secret)).isEmpty();
        assertThat(links.invites(secret)).isTrue();
        links.withdraw(links.open().get(links.open().size() - 1).id());
        assertThat(links.invites(secret)).isFalse();
    }

    @Test
    void aResetSetsThePasswordOnceAndTheLinkBeforeItHoldsNoLonger() {
        String name = fresh();
        long id = keepers.register(name, PASSWORD).orElseThrow();
        String before = links.reset(owner(), accounts.of(id));
        String secret = links.reset(owner(), accounts.of(id));
        assertThat(links.useReset(before, OTHER)).isEmpty();
        assertThat(opens(name, PASSWORD)).isTrue();
        assertThat(links.invites(secret)).as("it opens one thing alone").isFalse();
        assertThat(links.useReset(secret, OTHER).map(Account::name)).isEqualTo(Optional.of(name));
        assertThat(opens(name, OTHER)).isTrue();
        assertThat(links.useReset(secret, PASSWORD)).isEmpty();
        assertThat(opens(name, OTHER)).isTrue();
    }

    @Test
    void aLinkHoldsForItsTime() {
        long id = made();
        String reset = links.reset(owner(), accounts.of(id));
        String join = links.invite(owner());
        database.update("update site_link set expires_at = expires_at - interval '23 hours' where used_at is null");
        assertThat(links.whose(reset)).isPresent();
        database.update("update site_link set expires_at = expires_at - interval '2 hours' where used_at is null");
        assertThat(links.whose(reset)).isEmpty();
        assertThat(links.useReset(reset, OTHER)).isEmpty();
        assertThat(links.invites(join)).isTrue();
        database.update("update site_link set expires_at = now() where used_at is null");
        assertThat(links.invites(join)).isFalse();
    }
}
