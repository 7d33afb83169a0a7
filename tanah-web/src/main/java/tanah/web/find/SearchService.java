package tanah.web.find;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tanah.core.design.Design;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.EquipmentSearch;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;

/** Runs searches one after the other on a thread of their own, so that pages stay quick. */
@Service
class SearchService {
    private static final Logger LOG = LoggerFactory.getLogger(SearchService.class);
    private static final int WAITING = 20;

    private final SearchMapper searches;
    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final OwnEntryService own;
    private final ThreadPoolExecutor worker =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING), work -> {
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

    @PostConstruct
    void tidy() {
        int lost = searches.lost();
        if (lost > 0) {
            LOG.info("{} searches were broken off by a restart", lost);
        }
    }

    @PreDestroy
    void end() {
        worker.shutdownNow();
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
        Optional<Long> id = searches.insert(keeperId, enclosureId, enclosure.revision());
        if (id.isEmpty()) {
            return;
        }
        searches.forget(enclosureId);
        Design design = own.offered(keeperId, enclosure.design());
        try {
            worker.execute(() -> work(id.get(), design));
        } catch (RejectedExecutionException e) {
            searches.end(id.get(), "failed", "");
            LOG.warn("too many searches wait");
        }
    }

    void stop(long keeperId, long enclosureId) {
        enclosures.changeable(keeperId, enclosureId);
        searches.stop(keeperId, enclosureId);
    }

    private void work(long id, Design design) {
        if (searches.begin(id) == 0) {
            return;
        }
        AtomicBoolean stopped = new AtomicBoolean();
        int[] told = {0};
        try {
            Optional<EquipmentFound> found = EquipmentSearch.run(
                    design,
                    catalogues.of(design),
                    () -> stopped.get() || Thread.currentThread().isInterrupted(),
                    done -> {
                        // a search that somebody stopped is told so by the row that no longer runs
                        if (done > told[0]) {
                            told[0] = done;
                            stopped.set(searches.progress(id, done) == 0);
                        }
                    });
            if (!stopped.get()) {
                searches.end(
                        id,
                        found.isPresent() ? "done" : "failed",
                        found.map(f -> SearchAnswer.write(SearchAnswer.of(f))).orElse(""));
            }
        } catch (RuntimeException e) {
            LOG.error("search {} failed", id, e);
            searches.end(id, "failed", "");
        }
    }
}
