package tanah.web.log;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.finding.Severity;
import tanah.web.enclosure.Enclosure;
import tanah.web.shell.Words;

/** The last readings of all enclosures for the shelf. */
@Component
public class LastReadings {
    private static final int MOST = 8;

    private final ReadingService readings;
    private final Judge judge;
    private final Words words;
    private final Clock clock;

    LastReadings(ReadingService readings, Judge judge, Words words, Clock clock) {
        this.words = words;
        this.readings = readings;
        this.judge = judge;
        this.clock = clock;
    }

    /** A line of the list. */
    public record Line(
            long enclosure,
            String name,
            String place,
            String value,
            String wanted,
            Optional<Severity> severity,
            String verdict,
            String ago) {}

    public List<Line> of(long keeperId, List<Enclosure> enclosures) {
        record Dated(OffsetDateTime at, Line line) {}
        List<Dated> lines = new ArrayList<>();
        OffsetDateTime now = OffsetDateTime.now(clock);
        Map<Long, List<Reading>> last = readings.lastOfAll(keeperId);
        for (Enclosure enclosure : enclosures) {
            for (Reading r : last.getOrDefault(enclosure.id(), List.of())) {
                String place = enclosure.design().probes().stream()
                        .filter(p -> p.id().equals(r.place()))
                        .map(p -> p.label())
                        .findFirst()
                        .orElse(r.place());
                judge.judge(enclosure.design(), r.place(), r.kind(), r.value(), r.takenAt())
                        .filter(j -> j.severity().isPresent())
                        .ifPresent(j -> lines.add(new Dated(
                                r.takenAt(),
                                new Line(
                                        enclosure.id(),
                                        enclosure.design().name(),
                                        place,
                                        j.value(),
                                        j.wanted(),
                                        j.severity(),
                                        j.verdict(),
                                        ago(r.takenAt(), now)))));
            }
        }
        // the worst first, then the newest
        lines.sort(Comparator.comparing((Dated d) -> d.line().severity().orElse(Severity.GOOD))
                .thenComparing(Comparator.comparing(Dated::at).reversed()));
        return lines.stream().limit(MOST).map(Dated::line).toList();
    }

    /** How long ago, in words. */
    public String ago(OffsetDateTime at, OffsetDateTime now) {
        long minutes = Math.max(0, Duration.between(at, now).toMinutes());
        if (minutes < 1) {
            return words.of("ago.now");
        }
        if (minutes < 60) {
            return words.of("ago.minutes", String.valueOf(minutes));
        }
        return minutes < 48 * 60
                ? words.of("ago.hours", String.valueOf(minutes / 60))
                : words.of("ago.days", String.valueOf(minutes / (60 * 24)));
    }
}
