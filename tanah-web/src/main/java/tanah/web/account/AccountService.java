package tanah.web.account;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.shell.NotFoundException;

/** What a keeper does with the own account, and the owner of the site with another's. */
@Service
public class AccountService {
    /** How long one can return. */
    public static final Duration RETURN = Duration.ofDays(30);

    private final KeeperMapper keepers;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final Clock clock;

    AccountService(KeeperMapper keepers, PasswordEncoder passwords, Audit audit, Clock clock) {
        this.keepers = keepers;
        this.passwords = passwords;
        this.audit = audit;
        this.clock = clock;
    }

    /** @throws NotFoundException if there is none */
    public Account of(long id) {
        return keepers.account(id).orElseThrow(() -> new NotFoundException("account " + id));
    }

    /** Whether it was given a new name; false if another came first. */
    @Transactional
    public boolean rename(long id, KeeperName name) {
        String before = of(id).name();
        boolean done = keepers.rename(id, name) > 0;
        if (done) {
            audit.of(id, AuditKind.NAME_CHANGED, before);
        }
        return done;
    }

    @Transactional
    public void changePassword(long id, String password) {
        keepers.putPassword(id, passwords.encode(password));
        audit.of(id, AuditKind.PASSWORD_CHANGED, "");
    }

    /** Whether it is given up now; false for the demo's and for the owner's while others are in. */
    @Transactional
    public boolean leave(long id) {
        boolean done = keepers.leave(id, OffsetDateTime.now(clock), false) > 0;
        if (done) {
            audit.of(id, AuditKind.LEAVES, "");
        }
        return done;
    }

    /** Whether it is in use again; false where the owner of the site took it out. */
    @Transactional
    public boolean comeBack(long id) {
        boolean done = keepers.stay(id, false) > 0;
        if (done) {
            audit.of(id, AuditKind.RETURNED, "");
        }
        return done;
    }

    /** The owner takes somebody out. */
    @Transactional
    public boolean takeOut(long owner, long id) {
        boolean done = owner != id && keepers.leave(id, OffsetDateTime.now(clock), true) > 0;
        if (done) {
            audit.of(owner, AuditKind.TAKEN_OUT, of(id).name());
        }
        return done;
    }

    @Transactional
    public boolean takeBack(long owner, long id) {
        boolean done = keepers.stay(id, true) > 0;
        if (done) {
            audit.of(owner, AuditKind.TAKEN_BACK, of(id).name());
        }
        return done;
    }

    /** Another runs the site from now on. False for the demo's account and for one that is given up. */
    @Transactional
    public boolean handOver(long owner, long id) {
        Account next = of(id);
        if (owner == id || next.demo() || next.leavesAt() != null || keepers.giveUpSite(owner) == 0) {
            return false;
        }
        keepers.takeSite(id);
        audit.of(owner, AuditKind.HANDED_OVER, next.name());
        return true;
    }

    /** Removes one account whose time to return is over, with all that it has; empty when none is left. */
    @Transactional
    public Optional<String> removeNext() {
        return keepers.nextGone(OffsetDateTime.now(clock).minus(RETURN)).map(id -> {
            String name = of(id).name();
            audit.of(id, AuditKind.REMOVED, "");
            keepers.delete(id);
            keepers.ensureOwner();
            return name;
        });
    }
}
