package tanah.web.account;

import java.util.Locale;
import java.util.Optional;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts of keepers. */
@Service
public class KeeperService implements UserDetailsService {
    private static final String DEMO_LOADED = "demo_loaded";

    private final KeeperMapper keepers;
    private final PasswordEncoder passwords;

    KeeperService(KeeperMapper keepers, PasswordEncoder passwords) {
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
        return keepers.insert(KeeperName.of(name), passwords.encode(password), false);
    }

    /** The message of why nobody can be called so now; empty where somebody can. */
    Optional<String> refusal(KeeperName name) {
        return name.refusal()
                .map(r -> "register.name." + r.name().toLowerCase(Locale.ROOT))
                .or(() -> keepers.isTaken(name)
                        ? Optional.of("register.name.taken")
                        : keepers.looksLikeAnother(name) ? Optional.of("register.name.like") : Optional.empty());
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
