package tanah.web.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tanah.web.account.Keeper;
import tanah.web.shell.Busy;
import tanah.web.shell.Flashes;

/**
 * No keeper takes the site from the others: of one some requests are answered at once, some wait, and what goes beyond is told to come
 * again. A browser with several pages open does not notice; the figures are common practice.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class FairShare extends OncePerRequestFilter {
    /** One more than there are processors: with several more, pages of others would wait for each of them. */
    static final int AT_ONCE = Runtime.getRuntime().availableProcessors() + 1;

    static final int WAITING = 20;
    private static final long PATIENCE = 20; // s

    private final Map<Long, Share> shares = new ConcurrentHashMap<>();

    private final Busy busy;

    FairShare(Busy busy) {
        this.busy = busy;
    }

    private static final class Share {
        private final Semaphore turns = new Semaphore(AT_ONCE, true);
        private int inside;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return Flashes.isWithoutSession(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who == null || !(who.getPrincipal() instanceof Keeper keeper)) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Share> share = enter(keeper.id());
        if (share.isEmpty()) {
            busy.answer(request, response);
            return;
        }
        try {
            if (!turn(share.get().turns)) {
                busy.answer(request, response);
                return;
            }
            try {
                chain.doFilter(request, response);
            } finally {
                share.get().turns.release();
            }
        } finally {
            leave(keeper.id());
        }
    }

    private static boolean turn(Semaphore turns) {
        try {
            return turns.tryAcquire(PATIENCE, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** The keeper's share, or none where as many wait as may. */
    private Optional<Share> enter(long keeper) {
        boolean[] in = {false};
        Share share = shares.compute(keeper, (k, had) -> {
            Share own = had == null ? new Share() : had;
            in[0] = own.inside < AT_ONCE + WAITING;
            own.inside += in[0] ? 1 : 0;
            return own;
        });
        return in[0] ? Optional.ofNullable(share) : Optional.empty();
    }

    private void leave(long keeper) {
        shares.computeIfPresent(keeper, (k, own) -> {
            own.inside--;
            return own.inside == 0 ? null : own;
        });
    }

    /** Keepers who are being answered now. */
    int keepers() {
        return shares.size();
    }
}
