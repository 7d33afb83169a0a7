package tanah.web.security;

import java.time.Duration;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * Tries that were checked within the window.
 *
 * @param count how many
 * @param last  the newest; null where there is none
 */
public record Tries(int count, @Nullable OffsetDateTime last) {
    private static final int MOST_DOUBLINGS = 20;

    /**
     * How long the next has to wait still: a second after as many as are free, twice as long after each further one.
     *
     * @param free  tries without a wait
     * @param limit the longest wait
     */
    Duration wait(int free, Duration limit, OffsetDateTime now) {
        if (count < free || last == null) {
            return Duration.ZERO;
        }
        Duration due = Duration.ofSeconds(1L << Math.min(MOST_DOUBLINGS, count - free));
        Duration left = Duration.between(now, last.plus(due.compareTo(limit) < 0 ? due : limit));
        return left.isNegative() ? Duration.ZERO : left;
    }
}
