package tanah.web.account;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.shell.NotFoundException;

/** Accounts of keepers. */
@Service
public class KeeperService implements UserDetailsService {
    private static final String DEMO_LOADED = "demo_loaded";

    private final KeeperMapper keepers;
    private final PasswordEncoder passwords;
    private final SiteLinks links;
    private final Audit audit;

    KeeperService(KeeperMapper keepers, PasswordEncoder passwords, SiteLinks links, Audit audit) {
        this.links = links;
        this.audit = audit;
        this.keepers = keepers;
        this.passwords = passwords;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        return keepers.findByName(KeeperName.of(name))
                .orElseThrow(() -> new UsernameNotFoundException("no such keeper"));
    }

    /** The id of the new keeper, or empty if the name or one that looks like it is taken. */
    @Transactional
    public Optional<Long> register(String name, String password) {
        String hash = passwords.encode(password);
        KeeperName wanted = KeeperName.of(name);
        Optional<Long> made = keepers.insert(wanted, hash, false)
                // two came at once to a site that nobody runs: the other runs it, and the name is as free as before
                .or(() -> keepers.isTaken(wanted, null) ? Optional.empty() : keepers.insert(wanted, hash, false));
        made.ifPresent(id -> audit.of(id, AuditKind.REGISTERED, ""));
        return made;
    }

    /**
     * The same by a link of the owner, which is used up.
     *
     * @throws NotFoundException if the link holds no longer
     */
    @Transactional
    public Optional<Long> register(String name, String password, String invitation) {
        Optional<Long> made = register(name, password);
        if (made.isPresent() && !links.useInvitation(invitation)) {
            throw new NotFoundException("invitation"); // takes the account back with it
        }
        return made;
    }

    /** The message of why nobody can be called so now; empty where somebody can. */
    Optional<String> refusal(KeeperName name) {
        return refusal(name, null);
    }

    /** @param own id of whose name may stay as it is */
    Optional<String> refusal(KeeperName name, @Nullable Long own) {
        return name.refusal()
                .map(r -> "register.name." + r.name().toLowerCase(Locale.ROOT))
                .or(() -> keepers.isTaken(name, own)
                        ? Optional.of("register.name.taken")
                        : keepers.looksLikeAnother(name, own) ? Optional.of("register.name.like") : Optional.empty());
    }

    /** The name of the demo account while the demo data is loaded. */
    public Optional<String> demoName() {
        return keepers.demoName();
    }

    /** Makes the demo account once in the life of a database; empty if it was made before. */
    @Transactional
    public Optional<Long> registerDemo(String name, String password) {
        if (keepers.setting(DEMO_LOADED).isPresent()) {
            return Optional.empty();
        }
        keepers.putSetting(DEMO_LOADED, "yes");
        return keepers.insert(KeeperName.of(name), passwords.encode(password), true);
    }

    /** Removes the demo account with all that it has. Does nothing to any other account. */
    @Transactional
    public boolean removeDemo(long id) {
        return keepers.deleteDemo(id) > 0;
    }
}
