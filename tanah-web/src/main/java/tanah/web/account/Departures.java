package tanah.web.account;

import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Removes for good who left 30 days ago. Running it twice, or on two nodes, is the same as once. */
@Component
class Departures {
    private static final Logger LOG = LoggerFactory.getLogger(Departures.class);

    private final AccountService accounts;
    private final Sittings sittings;

    Departures(AccountService accounts, Sittings sittings) {
        this.accounts = accounts;
        this.sittings = sittings;
    }

    @Scheduled(initialDelayString = "PT4M", fixedDelayString = "PT6H")
    void remove() {
        for (Optional<String> gone = accounts.removeNext(); gone.isPresent(); gone = accounts.removeNext()) {
            sittings.endAll(gone.get());
            LOG.info("An account was removed 30 days after it was given up");
        }
    }
}
