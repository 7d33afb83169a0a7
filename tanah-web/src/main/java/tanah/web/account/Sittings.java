package tanah.web.account;

import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sessions of a keeper, on all devices and in all processes. */
@Component
class Sittings {
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sittings(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** Ends every one of them. */
    void end(Keeper keeper) {
        sessions.findByPrincipalName(keeper.getUsername()).keySet().forEach(sessions::deleteById);
    }
}
