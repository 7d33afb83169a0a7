package tanah.web.find;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import tanah.core.design.Design;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.EquipmentSearch;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.BusyException;

/**
 * Runs searches one after the other on a thread of their own, so that pages stay quick. Searches wait in the database; each process
 * takes one at a time, says with a heartbeat that it lives, and touches only its own.
 */
@Service
class SearchService {
    private static final Logger LOG = LoggerFactory.getLogger(SearchService.class);
    private static final int WAITING = 20;
    private static final int TRIES = 3;
    private static final Duration SILENCE = Duration.ofSeconds(90);

    private final String owner = UUID.randomUUID().toString();
    private final SearchMapper searches;
    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final OwnEntryService own;
    private volatile boolean ended;
    private volatile long current;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "search");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    SearchService(SearchMapper searches, EnclosureService enclosures, Catalogues catalogues, OwnEntryService own) {
        this.searches = searches;
        this.enclosures = enclosures;
        this.catalogues = catalogues;
        this.own = own;
    }

    /** Another process may have left something that waits: look every few seconds. */
    @PostConstruct
    void begin() {
        worker.scheduleWithFixedDelay(this::takeAll, 5, 5, TimeUnit.SECONDS);
    }

    @PreDestroy
    void end() {
        ended = true;
        worker.shutdownNow();
        searches.leave(owner);
    }

    /** Says what this process works on, and finds what nobody works on any more, be it its own. */
    @Scheduled(fixedDelayString = "PT15S")
    void beat() {
        searches.beat(owner, current);
        int lost = searches.lost((int) SILENCE.toSeconds(), TRIES);
        if (lost > 0) {
            LOG.info("{} searches were broken off", lost);
        }
    }

    Optional<SearchRow> newest(long keeperId, long enclosureId) {
        return searches.newest(keeperId, enclosureId);
    }

    /** The answer of a search, if it has one. */
    Optional<SearchAnswer> answer(SearchRow row) {
        return row.answer().isEmpty() ? Optional.empty() : SearchAnswer.read(row.answer());
    }

    /** Begins a search of the plan as it stands; nothing where one runs already. */
    void start(long keeperId, long enclosureId) {
        Enclosure enclosure = enclosures.changeable(keeperId, enclosureId);
        if (searches.waiting() >= WAITING) {
            LOG.warn("too many searches wait");
            throw new BusyException("searches");
        }
        Optional<Long> id = searches.insert(keeperId, enclosureId, enclosure.revision());
        if (id.isPresent()) {
            searches.forget(enclosureId);
            worker.execute(this::takeAll);
        }
    }

    void stop(long keeperId, long enclosureId) {
        enclosures.changeable(keeperId, enclosureId);
        searches.stop(keeperId, enclosureId);
    }

    private void takeAll() {
        try {
            Optional<SearchMapper.Claim> next = searches.claim(owner);
            while (next.isPresent() && !ended) {
                work(next.get());
                next = searches.claim(owner);
            }
        } catch (RuntimeException e) {
            // the database may be away for a moment; the next look tries again
            LOG.warn("searches could not be taken: {}", e.getMessage());
        }
    }

    private void work(SearchMapper.Claim claim) {
        AtomicBoolean stopped = new AtomicBoolean();
        int[] told = {0};
        current = claim.id();
        try {
            Design design =
                    own.offered(claim.author(), enclosures.revision(claim.author(), claim.enclosureId(), claim.base()));
            Optional<EquipmentFound> found =
                    EquipmentSearch.run(design, catalogues.of(design), () -> stopped.get() || ended, done -> {
                        // a search that somebody stopped is told so by the row that no longer runs
                        if (done > told[0]) {
                            told[0] = done;
                            stopped.set(searches.progress(claim.id(), owner, done) == 0);
                        }
                    });
            if (!stopped.get() && !ended) {
                searches.end(
                        claim.id(),
                        owner,
                        found.isPresent() ? "done" : "failed",
                        found.map(f -> SearchAnswer.write(SearchAnswer.of(f))).orElse(""));
            }
        } catch (RuntimeException e) {
            LOG.error("search {} failed", claim.id(), e);
            searches.end(claim.id(), owner, "failed", "");
        } finally {
            current = 0;
        }
    }
}
