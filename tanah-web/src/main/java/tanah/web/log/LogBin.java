package tanah.web.log;

import java.math.BigDecimal;
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

/** What was taken out of a log or changed in it, by whom, for 30 days: nothing that somebody wrote goes without a trace. */
@Service
public class LogBin {
    /** How long it can be brought back. */
    public static final Duration KEPT = Duration.ofDays(30);

    private static final Logger LOG = LoggerFactory.getLogger(LogBin.class);
    private static final int MOST = 200;

    private final LogBinMapper bin;
    private final Clock clock;

    LogBin(LogBinMapper bin, Clock clock) {
        this.bin = bin;
        this.clock = clock;
    }

    /**
     * A reading as it was.
     *
     * @param nowValue what it was changed to
     * @param gone     whether it is taken out now
     * @param last     whether this is the change that would be put back
     * @param author   who changed it; empty if that account is gone
     */
    public record OldReading(
            long id,
            String place,
            String kind,
            double value,
            OffsetDateTime takenAt,
            double nowValue,
            boolean gone,
            boolean last,
            String author,
            OffsetDateTime changedAt) {}

    /**
     * An event as it was.
     *
     * @param change that can be put back; 0 where none can
     * @param gone   taken out, else changed
     * @param author who did it; empty if that account is gone
     */
    public record OldEvent(
            long id,
            long change,
            String kind,
            String note,
            @Nullable BigDecimal massG,
            OffsetDateTime happenedAt,
            boolean gone,
            String author,
            OffsetDateTime changedAt) {}

    /**
     * A photo that was taken out of an event.
     *
     * @param kind   of the event
     * @param author who did it; empty if that account is gone
     */
    public record OldPhoto(long id, String kind, OffsetDateTime happenedAt, String author, OffsetDateTime changedAt) {}

    List<OldReading> readings(long keeperId, long enclosure) {
        return bin.readings(keeperId, enclosure, since(), MOST);
    }

    List<OldEvent> events(long keeperId, long enclosure) {
        return bin.events(keeperId, enclosure, since(), MOST);
    }

    List<OldPhoto> photos(long keeperId, long enclosure) {
        return bin.photos(keeperId, enclosure, since(), MOST);
    }

    private OffsetDateTime since() {
        return OffsetDateTime.now(clock).minus(KEPT);
    }

    /** Deletes for good what has lain there long enough; twice, or on two nodes, is the same as once. */
    @Scheduled(initialDelayString = "PT3M", fixedDelayString = "PT6H")
    @Transactional
    public void purge() {
        OffsetDateTime before = since();
        int gone = bin.purgePhotos(before) + bin.purgeEvents(before) + bin.purgeReadings(before);
        if (gone > 0) {
            LOG.info("{} readings, events and photos were deleted for good after 30 days", gone);
        }
    }
}
