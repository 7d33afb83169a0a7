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
    private static final int MOST_STARTS = 16;

    /**
     * Heap that kept evaluations may take, and what one takes for each zone of its air (MB): whole ones as measured in
     * docs/performance.md, steady ones a guess on the high side.
     */
    private static final int MOST_KEPT = 240;

    private static final double STEADY_ZONE = 0.05;
    private static final double WHOLE_ZONE = 0.18;
    private static final Duration KEPT = Duration.ofMinutes(30);
    private static final int AT_ONCE = Math.max(1, Runtime.getRuntime().availableProcessors());

    private final Catalogues catalogues;
    private final Cache<Design, Evaluation> kept = Caffeine.newBuilder()
            .maximumWeight(MOST_KEPT)
            .weigher((Design d, Evaluation e) -> weight(e))
            .expireAfterAccess(KEPT)
            .build();
    private final Cache<Long, Forecast> last = Caffeine.newBuilder()
            .maximumSize(MOST_STARTS)
            .expireAfterAccess(KEPT)
            .build();
    private final Map<Long, Work> working = new ConcurrentHashMap<>();
    private final Cache<Design, ReentrantLock> locks =
            Caffeine.newBuilder().weakValues().build();
    private final Semaphore slots = new Semaphore(AT_ONCE, true);

    /** A whole evaluation that is being made, and the flag that gives it up. */
    private record Work(Design design, AtomicBoolean stop) {}

    Evaluations(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    private static int weight(Evaluation e) {
        return 1
                + e.forecast()
                        .map(f -> (int) (f.model().zones() * (f.hasDays() ? WHOLE_ZONE : STEADY_ZONE)))
                        .orElse(0);
    }

    /** With the steady climate; with more where more is known already. For a plan that is looked at, not edited. */
    public Evaluation quick(Design design) {
        Evaluation known = kept.getIfPresent(design);
        return known == null ? steady(design, Optional.empty()) : known;
    }

    /** With the steady climate; with more where more is known already. A plan other than before stops the work on that. */
    public Evaluation quick(Design design, long enclosure) {
        Work work = working.get(enclosure);
        if (work != null && !work.design().equals(design)) {
            work.stop().set(true);
        }
        Evaluation known = kept.getIfPresent(design);
        if (known != null) {
            return known;
        }
        Evaluation steady = steady(design, Optional.ofNullable(last.getIfPresent(enclosure)));
        steady.forecast().ifPresent(f -> last.put(enclosure, f));
        return steady;
    }

    private Evaluation steady(Design design, Optional<Forecast> near) {
        Catalogue catalogue = catalogues.of(design);
        Evaluation plain = Evaluator.evaluate(design, catalogue);
        Optional<Forecast> forecast = Evaluator.forecast(plain, catalogue, near);
        if (forecast.isEmpty()) {
            return plain;
        }
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
            return whole(design, Optional.of(enclosure), stop);
        } finally {
            working.remove(enclosure, work);
        }
    }

    /** With bands and whole days, for an answer that nobody else may give up. */
    public Evaluation whole(Design design) {
        return whole(design, Optional.empty(), new AtomicBoolean());
    }

    private Evaluation whole(Design design, Optional<Long> enclosure, AtomicBoolean stop) {
        // two tabs that ask for the same plan wait for one computation
        ReentrantLock lock = locks.get(design, d -> new ReentrantLock());
        lock.lock();
        try {
            Evaluation steady = enclosure.isPresent() ? quick(design, enclosure.get()) : quick(design);
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
                Forecast relays = days.withRelays(stop::get);
                Evaluation whole = Evaluator.withForecast(
                        Evaluator.evaluate(design, catalogues.of(design)), relays, catalogues.of(design));
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
