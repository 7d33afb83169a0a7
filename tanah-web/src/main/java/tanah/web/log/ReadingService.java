package tanah.web.log;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.quota.Quotas;
import tanah.web.shell.NotFoundException;

/** Takes, changes and takes back readings. */
@Service
public class ReadingService {
    private static final int BATCH = 500;
    private static final int TESTS = 2000;
    private static final int PIECE = 5000;

    private final ReadingMapper readings;
    private final Quotas quotas;

    ReadingService(ReadingMapper readings, Quotas quotas) {
        this.readings = readings;
        this.quotas = quotas;
    }

    /** The id of the row, or empty if this reading came before. */
    @Transactional
    public Optional<Long> add(long keeperId, Reading.New reading) {
        quotas.readings(keeperId, 1);
        readings.ensureYear(reading.takenAt());
        return readings.insert(keeperId, reading);
    }

    @Transactional
    public void addAll(long keeperId, List<Reading.New> all) {
        quotas.readings(keeperId, all.size());
        all.stream()
                .map(r -> r.takenAt().withOffsetSameInstant(ZoneOffset.UTC))
                .map(at -> at.toLocalDate().withDayOfYear(1))
                .distinct()
                .forEach(first -> readings.ensureYear(first.atStartOfDay().atOffset(ZoneOffset.UTC)));
        for (int i = 0; i < all.size(); i += BATCH) {
            readings.insertAll(keeperId, all.subList(i, Math.min(all.size(), i + BATCH)));
        }
    }

    public Optional<Long> idOf(long keeperId, Reading.New reading) {
        return readings.idOf(keeperId, reading);
    }

    /** Day from which on an enclosure stands, as far as is known: when it was begun here, or its first reading if that is older. */
    public LocalDate standsSince(long keeperId, long enclosureId) {
        return readings.standsSince(keeperId, enclosureId)
                .orElseThrow(() -> new NotFoundException("enclosure " + enclosureId))
                .withOffsetSameInstant(ZoneOffset.UTC)
                .toLocalDate();
    }

    /** Kinds of which an enclosure has readings. */
    public List<String> kinds(long keeperId, long enclosureId) {
        return readings.kinds(keeperId, enclosureId);
    }

    /** Hands out all readings of an enclosure, oldest first, in pieces. */
    public void each(long keeperId, long enclosureId, Consumer<Reading> taker) {
        OffsetDateTime after = OffsetDateTime.of(1900, 1, 1, 0, 0, 0, 0, ZoneOffset.UTC);
        long afterId = 0;
        List<Reading> piece;
        do {
            piece = readings.all(keeperId, enclosureId, after, afterId, PIECE);
            piece.forEach(taker);
            if (!piece.isEmpty()) {
                Reading last = piece.get(piece.size() - 1);
                after = last.takenAt();
                afterId = last.id();
            }
        } while (piece.size() == PIECE);
    }

    /** The last readings of some kinds, oldest first; so many as tests of some years are. */
    public List<Reading> ofKinds(long keeperId, long enclosureId, List<String> kinds) {
        return readings.ofKinds(keeperId, enclosureId, kinds, TESTS).stream()
                .sorted(Comparator.comparing(Reading::takenAt))
                .toList();
    }

    public List<Reading> series(long keeperId, long enclosureId, String place, String kind, OffsetDateTime since) {
        return readings.series(keeperId, enclosureId, place, kind, since);
    }

    public List<Reading> newest(long keeperId, long enclosureId, int most) {
        return readings.newest(keeperId, enclosureId, most);
    }

    public List<Reading> last(long keeperId, long enclosureId) {
        return readings.last(keeperId, enclosureId);
    }

    /** The last of each place and kind, by enclosure, of all that the keeper may see. */
    public Map<Long, List<Reading>> lastOfAll(long keeperId) {
        return readings.lastOfAll(keeperId).stream()
                .collect(Collectors.groupingBy(
                        ReadingMapper.Shelved::enclosureId,
                        Collectors.mapping(ReadingMapper.Shelved::reading, Collectors.toList())));
    }

    /** A long course by the lowest and the highest of each day, each at its own time. */
    public List<Reading> extremes(long keeperId, long enclosureId, String place, String kind, OffsetDateTime since) {
        return readings.days(keeperId, enclosureId, place, kind, since).stream()
                .flatMap(d -> Stream.of(
                                new Reading(0, place, kind, d.low(), d.lowAt(), 0),
                                new Reading(0, place, kind, d.high(), d.highAt(), 0))
                        .distinct()
                        .sorted(Comparator.comparing(Reading::takenAt)))
                .toList();
    }

    public Reading get(long keeperId, long enclosureId, long id) {
        return readings.find(keeperId, enclosureId, id).orElseThrow(() -> new NotFoundException("reading " + id));
    }

    /** Whether the change was stored; not, if somebody changed the reading since. */
    @Transactional
    public boolean change(long keeperId, long enclosureId, Reading changed) {
        readings.ensureYear(changed.takenAt());
        return write(keeperId, enclosureId, changed, false);
    }

    /** Whether the reading was taken out; it can be taken back. */
    @Transactional
    public boolean remove(long keeperId, long enclosureId, long id) {
        return readings.find(keeperId, enclosureId, id)
                .map(r -> write(keeperId, enclosureId, r, true))
                .orElse(false);
    }

    /** Puts the last change of a reading back. */
    @Transactional
    public boolean takeBack(long keeperId, long enclosureId, long id) {
        boolean done = readings.takeBack(keeperId, enclosureId, id) > 0;
        if (done) {
            readings.forgetChange(keeperId, enclosureId, id);
        }
        return done;
    }

    private boolean write(long keeperId, long enclosureId, Reading row, boolean deleted) {
        readings.remember(keeperId, enclosureId, row.id());
        if (readings.update(keeperId, enclosureId, row, deleted) > 0) {
            return true;
        }
        readings.forgetChange(keeperId, enclosureId, row.id());
        return false;
    }
}
