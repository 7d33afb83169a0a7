package tanah.web.account;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.shell.Secrets;

/** Links that the owner of the site hands out: each opens one thing, once. */
@Service
public class SiteLinks {
    /** How long a link to register holds. */
    public static final Duration REGISTER_HOLDS = Duration.ofDays(14);

    /** How long a link to choose a new password holds. */
    public static final Duration RESET_HOLDS = Duration.ofDays(1);

    private static final String REGISTER = "register";
    private static final String RESET = "reset";

    private final SiteLinkMapper links;
    private final KeeperMapper keepers;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final Clock clock;

    SiteLinks(SiteLinkMapper links, KeeperMapper keepers, PasswordEncoder passwords, Audit audit, Clock clock) {
        this.links = links;
        this.keepers = keepers;
        this.passwords = passwords;
        this.audit = audit;
        this.clock = clock;
    }

    /** Makes a link to register; its secret is shown once. */
    @Transactional
    public String invite(long owner) {
        String secret = Secrets.fresh();
        links.insert(REGISTER, Secrets.hash(secret), null, now().plus(REGISTER_HOLDS));
        audit.of(owner, AuditKind.SITE_INVITED, "");
        return secret;
    }

    /** Links to register that nobody has used. */
    public List<SiteLink> open() {
        return links.open(now());
    }

    @Transactional
    public void withdraw(long id) {
        links.withdraw(id);
    }

    /** Whether a link to register still holds. */
    boolean invites(String secret) {
        return links.find(REGISTER, Secrets.hash(secret), now()).isPresent();
    }

    /** Uses a link to register up; false if it held no longer. */
    boolean useInvitation(String secret) {
        return links.use(REGISTER, Secrets.hash(secret), now()) > 0;
    }

    /** Makes a link by which somebody chooses a new password; those before hold no longer. Its secret is shown once. */
    @Transactional
    public String reset(long owner, Account whose) {
        if (whose.demo()) {
            throw new IllegalArgumentException("the demo's password is known to all");
        }
        String secret = Secrets.fresh();
        links.withdrawOf(whose.id());
        links.insert(RESET, Secrets.hash(secret), whose.id(), now().plus(RESET_HOLDS));
        audit.of(owner, AuditKind.RESET_MADE, whose.name());
        return secret;
    }

    /** Whose password a link sets, while it holds. */
    Optional<Account> whose(String secret) {
        return links.find(RESET, Secrets.hash(secret), now())
                .flatMap(l -> Optional.ofNullable(l.keeperId()))
                .flatMap(keepers::account);
    }

    /** Sets the password and uses the link up; whose it was, or empty if the link held no longer. */
    @Transactional
    public Optional<Account> useReset(String secret, String password) {
        String hash = passwords.encode(password);
        Optional<Account> whose = whose(secret);
        if (whose.isEmpty() || links.use(RESET, Secrets.hash(secret), now()) == 0) {
            return Optional.empty();
        }
        keepers.putPassword(whose.get().id(), hash);
        audit.of(whose.get().id(), AuditKind.RESET_USED, "");
        return whose;
    }

    @Scheduled(initialDelayString = "PT6M", fixedDelayString = "PT12H")
    void forget() {
        links.forget(now().minus(REGISTER_HOLDS));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
