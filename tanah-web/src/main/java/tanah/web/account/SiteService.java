package tanah.web.account;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.shell.NotFoundException;

/** The site as a whole: who runs it, who is in it, and whether others may register. */
@Service
public class SiteService {
    private static final String REGISTRATION = "registration";

    private final KeeperMapper keepers;

    SiteService(KeeperMapper keepers) {
        this.keepers = keepers;
    }

    /** Whether a keeper runs the site: the first who registered. */
    public boolean isOwner(long keeper) {
        return keepers.owner().filter(id -> id == keeper).isPresent();
    }

    /** @throws NotFoundException for anybody else: the owner's pages are not there for them */
    public void demandOwner(Keeper keeper) {
        if (!isOwner(keeper.id())) {
            throw new NotFoundException("owner");
        }
    }

    /** Who may register; while nobody runs the site, anybody. */
    public Registration registration() {
        return keepers.owner().isEmpty()
                ? Registration.OPEN
                : keepers.setting(REGISTRATION).map(Registration::of).orElse(Registration.OPEN);
    }

    @Transactional
    public void setRegistration(Registration registration) {
        keepers.putSetting(REGISTRATION, registration.word());
    }

    /** All accounts, the oldest first. */
    public List<Person> people() {
        return keepers.people();
    }
}
