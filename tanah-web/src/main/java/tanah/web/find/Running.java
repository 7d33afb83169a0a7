package tanah.web.find;

import java.time.Duration;
import java.util.function.LongSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A search that runs: tells its row how far it is, and asks it now and then whether anybody still wants it. */
class Running {
    private static final Logger LOG = LoggerFactory.getLogger(Running.class);
    private static final long OFTEN = Duration.ofSeconds(1).toNanos();

    private final SearchMapper searches;
    private final long id;
    private final String owner;
    private final LongSupplier nanos;
    private int progress;
    private String said = "";
    private boolean stopped;
    private long looked;

    Running(SearchMapper searches, long id, String owner, LongSupplier nanos) {
        this.searches = searches;
        this.id = id;
        this.owner = owner;
        this.nanos = nanos;
        this.looked = nanos.getAsLong();
    }

    synchronized void tell(int nowDone, String nowSaid) {
        if (nowDone != progress || !nowSaid.equals(said)) {
            progress = nowDone;
            said = nowSaid;
            look();
        }
    }

    /** Whether somebody stopped it; a row that no longer runs says so. */
    synchronized boolean isStopped() {
        if (!stopped && nanos.getAsLong() - looked > OFTEN) {
            look();
        }
        return stopped;
    }

    private void look() {
        looked = nanos.getAsLong();
        try {
            stopped |= searches.progress(id, owner, progress, said) == 0;
        } catch (RuntimeException e) {
            // the database may be away for a moment; the next look tries again
            LOG.warn("a search could not tell how far it is: {}", e.getMessage());
        }
    }
}
