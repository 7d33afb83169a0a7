package tanah.web.evaluate;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.forecast.Forecast;
import tanah.web.catalogue.Catalogues;

/**
 * Evaluations with their climate. The steady state answers an edit at once; bands and whole days follow. What was computed is
 * kept for a while, the last of an enclosure as a start for the next, and a newer edit stops the work on an older one.
 */
@Component
public class Evaluations {
    private static final int MOST_KEPT = 16;
    private static final Duration KEPT = Duration.ofMinutes(30);
    private static final int AT_ONCE = Math.max(1, Runtime.getRuntime().availableProcessors());

    private final Catalogues catalogues;
    private final Cache<Design, Evaluation> kept =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).expireAfterAccess(KEPT).build();
    private final Cache<Long, Forecast> last =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).expireAfterAccess(KEPT).build();
    private final Map<Long, Work> working = new ConcurrentHashMap<>();
    private final Cache<Design, ReentrantLock> locks =
            Caffeine.newBuilder().weakValues().build();
    private final Semaphore slots = new Semaphore(AT_ONCE, true);

    /** A whole evaluation that is being made, and the flag that gives it up. */
    private record Work(Design design, AtomicBoolean stop) {}

    Evaluations(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** With the steady climate; with more where more is known already. */
    public Evaluation quick(Design design, long enclosure) {
        Work work = working.get(enclosure);
        if (work != null && !work.design().equals(design)) {
            work.stop().set(true);
        }
        Evaluation known = kept.getIfPresent(design);
        if (known != null) {
            return known;
        }
        Catalogue catalogue = catalogues.of(design);
        Evaluation plain = Evaluator.evaluate(design, catalogue);
        Optional<Forecast> near = Optional.ofNullable(last.getIfPresent(enclosure));
        Optional<Forecast> forecast = Evaluator.forecast(plain, catalogue, near);
        if (forecast.isEmpty()) {
            return plain;
        }
        last.put(enclosure, forecast.get());
        Evaluation steady = Evaluator.withForecast(plain, forecast.get(), catalogue);
        kept.put(design, steady);
        return steady;
    }

    /**
     * With bands and whole days. A later edit of the same enclosure stops this, which then answers with what it has.
     */
    public Evaluation whole(Design design, long enclosure) {
        AtomicBoolean stop = new AtomicBoolean();
        Work work = new Work(design, stop);
        Work before = working.put(enclosure, work);
        if (before != null && !before.design().equals(design)) {
            before.stop().set(true);
        }
        try {
            return whole(design, enclosure, stop);
        } finally {
            working.remove(enclosure, work);
        }
    }

    /** With bands and whole days, for an answer that nobody else may give up. */
    public Evaluation whole(Design design) {
        // a key of its own: enclosures have positive ones
        return whole(design, Long.MIN_VALUE | design.hashCode(), new AtomicBoolean());
    }

    private Evaluation whole(Design design, long enclosure, AtomicBoolean stop) {
        // two tabs that ask for the same plan wait for one computation
        ReentrantLock lock = locks.get(design, d -> new ReentrantLock());
        lock.lock();
        try {
            Evaluation steady = quick(design, enclosure);
            if (steady.forecast().isEmpty() || steady.forecast().get().hasDays()) {
                return steady;
            }
            slots.acquireUninterruptibly();
            try {
                Forecast more = steady.forecast().get().withBands(stop::get);
                Forecast days = stop.get() ? more : more.withDays(stop::get);
                if (!days.hasDays()) {
                    return steady;
                }
                Evaluation whole = Evaluator.withForecast(
                        Evaluator.evaluate(design, catalogues.of(design)), days, catalogues.of(design));
                kept.put(design, whole);
                return whole;
            } finally {
                slots.release();
            }
        } finally {
            lock.unlock();
        }
    }
}
