package tanah.web.evaluate;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Computed;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.RemedyTrials;
import tanah.core.finding.Finding;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;

/**
 * Evaluations with their climate. The steady state answers an edit at once; bands and whole days follow behind the pages. A climate
 * is kept by what it depends on, so that a new name, note, animal or price computes none; findings are judged afresh.
 */
@Component
public class Evaluations {
    private static final int MOST_STARTS = 200;

    /**
     * Heap that kept climates may take, and what one takes for each zone of its air (MB): whole ones as measured in
     * docs/performance.md, steady ones a guess on the high side.
     */
    private static final int MOST_KEPT = 240;

    private static final double STEADY_ZONE = 0.05;
    private static final double WHOLE_ZONE = 0.18;
    private static final Duration KEPT = Duration.ofMinutes(30);

    private final Catalogues catalogues;
    private final BackgroundWork behind;
    private final Cache<ClimateKey, Forecast> climates = Caffeine.newBuilder()
            .maximumWeight(MOST_KEPT)
            .weigher((ClimateKey k, Forecast f) -> weight(f))
            .expireAfterAccess(KEPT)
            .build();

    /** The climate that an enclosure had last, as a start for the next. */
    private final Cache<Long, ClimateKey> last = Caffeine.newBuilder()
            .maximumSize(MOST_STARTS)
            .expireAfterAccess(KEPT)
            .build();

    /** Findings of whole evaluations, their remedies tried. */
    private final Cache<Design, List<Finding>> findings = Caffeine.newBuilder()
            .maximumSize(MOST_STARTS)
            .expireAfterAccess(KEPT)
            .build();

    private final Map<Long, Work> working = new ConcurrentHashMap<>();

    /** A whole climate that somebody waits for on the page of an enclosure. */
    private record Work(ClimateKey key, BackgroundWork.Ticket ticket) {}

    Evaluations(Catalogues catalogues, BackgroundWork behind) {
        this.catalogues = catalogues;
        this.behind = behind;
    }

    private static int weight(Forecast f) {
        return 1 + (int) (f.model().zones() * (f.hasDays() ? WHOLE_ZONE : STEADY_ZONE));
    }

    /** A design that was evaluated without its climate, and what the climate depends on. */
    private record Plain(Computed computed, Optional<MappedDesign> mapped, Catalogue catalogue) {
        ClimateKey key() {
            return Evaluator.climateKey(computed, mapped.orElseThrow());
        }

        /** Judged, with the remedies tried that need no climate. */
        Evaluation with(Forecast climate) {
            return RemedyTrials.withoutClimate(
                    Evaluator.judged(computed.withClimate(climate.of(mapped.orElseThrow()), catalogue), catalogue),
                    catalogue);
        }

        Evaluation alone() {
            return RemedyTrials.withoutClimate(Evaluator.judged(computed, catalogue), catalogue);
        }
    }

    private Plain plain(Design design) {
        Catalogue catalogue = catalogues.of(design);
        Computed computed = Evaluator.compute(design, catalogue);
        return new Plain(computed, Evaluator.mapped(computed, catalogue), catalogue);
    }

    /** With the steady climate; with more where more is known already. For a plan that is looked at, not edited. */
    public Evaluation quick(Design design) {
        return quick(plain(design), Optional.empty());
    }

    /** The same for a plan near that of an enclosure, such as a school looked at; it stops nothing. */
    public Evaluation near(Design design, long enclosure) {
        return quick(plain(design), start(enclosure));
    }

    /** With the steady climate; with more where more is known already. A plan other than before stops the work on that. */
    public Evaluation quick(Design design, long enclosure) {
        Plain plain = plain(design);
        if (plain.mapped().isEmpty()) {
            return plain.alone();
        }
        Work work = working.get(enclosure);
        if (work != null && !work.key().equals(plain.key())) {
            work.ticket().leave();
        }
        Evaluation quick = quick(plain, start(enclosure));
        last.put(enclosure, plain.key());
        return quick;
    }

    private Optional<Forecast> start(long enclosure) {
        return Optional.ofNullable(last.getIfPresent(enclosure))
                .flatMap(k -> Optional.ofNullable(climates.getIfPresent(k)));
    }

    private Evaluation quick(Plain plain, Optional<Forecast> near) {
        return plain.mapped().isEmpty() ? plain.alone() : plain.with(steady(plain, near));
    }

    private Forecast steady(Plain plain, Optional<Forecast> near) {
        ClimateKey key = plain.key();
        Forecast known = climates.getIfPresent(key);
        if (known != null) {
            return known;
        }
        Forecast made =
                Evaluator.forecast(plain.computed(), plain.catalogue(), near).orElseThrow();
        climates.put(key, made);
        return made;
    }

    /**
     * With bands and whole days. A later edit of the same enclosure stops this, which then answers with what it has; so does a queue
     * that is full.
     */
    public Evaluation whole(Design design, long enclosure) {
        Plain plain = plain(design);
        if (plain.mapped().isEmpty()) {
            return plain.alone();
        }
        Work work = new Work(plain.key(), new BackgroundWork.Ticket());
        Work before = working.put(enclosure, work);
        if (before != null && !before.key().equals(work.key())) {
            before.ticket().leave();
        }
        try {
            last.put(enclosure, work.key());
            return whole(plain, work.ticket());
        } finally {
            working.remove(enclosure, work);
        }
    }

    /** With bands and whole days, for an answer that no edit gives up. */
    public Evaluation whole(Design design) {
        Plain plain = plain(design);
        return plain.mapped().isEmpty() ? plain.alone() : whole(plain, new BackgroundWork.Ticket());
    }

    private Evaluation whole(Plain plain, BackgroundWork.Ticket ticket) {
        Forecast steady = steady(plain, Optional.empty());
        ClimateKey key = plain.key();
        Forecast whole = steady.hasDays()
                ? steady
                : behind.ask(asker(), key, ticket, stop -> grown(key, steady, stop))
                        .orElse(steady);
        return whole.hasDays() ? tried(plain, whole, ticket) : plain.with(whole);
    }

    /** With every remedy tried, behind the page too: some ask for a climate of their own. */
    private Evaluation tried(Plain plain, Forecast whole, BackgroundWork.Ticket ticket) {
        Design design = plain.computed().design();
        List<Finding> known = findings.getIfPresent(design);
        Evaluation judged = plain.with(whole);
        if (known != null) {
            return judged.withFindings(known);
        }
        Evaluation made = behind.ask(
                        asker(),
                        List.of("remedies", design),
                        ticket,
                        stop -> RemedyTrials.whole(judged, plain.catalogue(), stop))
                .orElse(judged);
        if (made != judged) {
            findings.put(design, made.findings());
        }
        return made;
    }

    private Forecast grown(ClimateKey key, Forecast steady, BooleanSupplier stop) {
        Forecast bands = steady.withBands(stop);
        Forecast days = stop.getAsBoolean() ? bands : bands.withDays(stop);
        if (!days.hasDays()) {
            return steady;
        }
        Forecast whole = days.withRelays(stop);
        climates.put(key, whole);
        return whole;
    }

    /**
     * Another computation behind the pages, in the share of the keeper who asks.
     *
     * @param key of the same computation
     * @return empty where there is too much to do
     */
    public <T> Optional<T> behind(Object key, Function<BooleanSupplier, T> work) {
        return behind.ask(asker(), key, new BackgroundWork.Ticket(), work);
    }

    /** The keeper of this request; 0 outside of one. */
    private static long asker() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Keeper keeper ? keeper.id() : 0;
    }
}
