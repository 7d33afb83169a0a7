package tanah.web.account;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The site as a whole: who runs it, who is in it, and whether others may register. */
@Service
public class SiteService {
    private static final String REGISTRATION = "registration";
    private static final String CLOSED = "closed";

    private final KeeperMapper keepers;

    SiteService(KeeperMapper keepers) {
        this.keepers = keepers;
    }

    /** Whether a keeper runs the site: the first who registered. */
    public boolean isOwner(long keeper) {
        return keepers.owner().filter(id -> id == keeper).isPresent();
    }

    /** Whether anybody may register; while nobody runs the site, always. */
    public boolean isOpen() {
        return keepers.owner().isEmpty()
                || keepers.setting(REGISTRATION).filter(CLOSED::equals).isEmpty();
    }

    @Transactional
    public void setOpen(boolean open) {
        keepers.putSetting(REGISTRATION, open ? "open" : CLOSED);
    }

    /** All accounts, the oldest first. */
    public List<Person> people() {
        return keepers.people();
    }
}
