package tanah.web.audit;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Writes the record, in the transaction of what it tells where there is one: what was rolled back is not told. */
@Service
public class Audit {
    /** How long a line is kept; the database refuses to delete a younger one. */
    public static final Duration KEPT = Duration.ofDays(400);

    private static final Logger LOG = LoggerFactory.getLogger(Audit.class);
    private static final int LONGEST = 200;

    private final AuditMapper lines;
    private final Clock clock;

    Audit(AuditMapper lines, Clock clock) {
        this.lines = lines;
        this.clock = clock;
    }

    /**
     * What a keeper did.
     *
     * @param subject what or whom it was done to; may be empty
     */
    @Transactional
    public void of(long keeperId, AuditKind kind, String subject) {
        lines.insert(OffsetDateTime.now(clock), kind.word(), keeperId, cut(subject), address());
    }

    /**
     * What somebody tried who is not in; from one address no more than one line a minute of a kind that floods. A name that nobody has is
     * not written down: it may be a password in the wrong field.
     *
     * @param nameKey key of the name that was typed
     */
    @Transactional
    public void ofStranger(String nameKey, AuditKind kind) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        String address = address();
        if (kind != AuditKind.BRAKED || !lines.isTold(kind.word(), address, now.minusMinutes(1))) {
            lines.insertStranger(now, kind.word(), nameKey, address);
        }
    }

    /**
     * @param kind   word of the only kind wanted; null for all
     * @param before id of the line after the page; null for the newest
     */
    public List<AuditLine> page(@Nullable String kind, @Nullable Long before, int most) {
        return lines.page(kind, before, most);
    }

    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT12H")
    void forget() {
        int gone = lines.forget(OffsetDateTime.now(clock).minus(KEPT).minusDays(1));
        if (gone > 0) {
            LOG.info("{} lines of the record were older than {} days", gone, KEPT.toDays());
        }
    }

    /** Names come from strangers: no longer than a line, and nothing that a terminal or a database would act on. */
    private static String cut(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "\uFFFD");
        return plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST);
    }

    private static String address() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? request.getRequest().getRemoteAddr()
                : "";
    }
}
