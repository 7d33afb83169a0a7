package tanah.web.enclosure;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import tanah.web.quota.Quotas;

/** Deletes for good what has been in the trash for 30 days. Running it twice, or on two nodes, is the same as once. */
@Component
class Housekeeping {
    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

    private final EnclosureService enclosures;
    private final Quotas quotas;

    Housekeeping(EnclosureService enclosures, Quotas quotas) {
        this.quotas = quotas;
        this.enclosures = enclosures;
    }

    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT6H")
    void purge() {
        quotas.forget();
        int gone = enclosures.purge();
        if (gone > 0) {
            LOG.info("{} enclosures were deleted for good after 30 days", gone);
        }
    }
}
