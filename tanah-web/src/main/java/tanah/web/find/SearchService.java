package tanah.web.find;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import tanah.core.design.Design;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.BusyException;
import tanah.web.shell.NotFoundException;

/**
 * Runs searches one after the other on a thread of their own, so that pages stay quick. Searches wait in the database; each process
 * takes one at a time, says with a heartbeat that it lives, and touches only its own.
 */
@Service
public class SearchService {
    private static final Logger LOG = LoggerFactory.getLogger(SearchService.class);
    private static final int WAITING = 20;
    private static final int TRIES = 3;
    private static final Duration SILENCE = Duration.ofSeconds(90);

    private final String owner = UUID.randomUUID().toString();
    private final SearchMapper searches;
    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final OwnEntryService own;
    private final Map<String, SearchKind> kinds;
    private volatile boolean ended;
    private volatile long current;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "search");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    SearchService(
            SearchMapper searches,
            EnclosureService enclosures,
            Catalogues catalogues,
            OwnEntryService own,
            List<SearchKind> kinds) {
        this.kinds = kinds.stream().collect(Collectors.toMap(SearchKind::subject, k -> k));
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

    public Optional<SearchRow> newest(long keeperId, long enclosureId, String subject) {
        return searches.newest(keeperId, enclosureId, subject);
    }

    /** The newest search, which has to be the one that a page showed. */
    public SearchRow shown(long keeperId, long enclosureId, String subject, long job) {
        return newest(keeperId, enclosureId, subject)
                .filter(r -> r.id() == job)
                .orElseThrow(() -> new NotFoundException("search " + job));
    }

    /**
     * Begins a search of the plan as it stands; nothing where one runs already.
     *
     * @param asked what the kind of search reads, or empty
     */
    public void start(long keeperId, long enclosureId, String subject, String asked) {
        Enclosure enclosure = enclosures.changeable(keeperId, enclosureId);
        if (searches.waiting() >= WAITING) {
            LOG.warn("too many searches wait");
            throw new BusyException("searches");
        }
        Optional<Long> id = searches.insert(keeperId, enclosureId, enclosure.revision(), subject, asked);
        if (id.isPresent()) {
            searches.forget(enclosureId, subject);
            worker.execute(this::takeAll);
        }
    }

    public void stop(long keeperId, long enclosureId, String subject) {
        enclosures.changeable(keeperId, enclosureId);
        searches.stop(keeperId, enclosureId, subject);
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
        Running running = new Running(searches, claim.id(), owner, System::nanoTime);
        current = claim.id();
        try {
            Design design =
                    own.offered(claim.author(), enclosures.revision(claim.author(), claim.enclosureId(), claim.base()));
            Optional<String> found = Optional.ofNullable(kinds.get(claim.subject()))
                    .flatMap(k -> k.run(
                            design,
                            catalogues.of(design),
                            claim.asked(),
                            () -> running.isStopped() || ended,
                            running::tell));
            if (!running.isStopped() && !ended) {
                searches.end(claim.id(), owner, found.isPresent() ? "done" : "failed", found.orElse(""));
            }
        } catch (RuntimeException e) {
            LOG.error("search {} failed", claim.id(), e);
            searches.end(claim.id(), owner, "failed", "");
        } finally {
            current = 0;
        }
    }
}
