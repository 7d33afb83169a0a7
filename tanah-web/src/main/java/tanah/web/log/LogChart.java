package tanah.web.log;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.finding.Severity;
import tanah.core.need.ReadingKind;
import tanah.core.need.WantedHere;
import tanah.web.enclosure.Enclosure;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;
import tanah.web.svg.ReadingChart;

/** Draws the readings of one place and kind over a time, with what is wanted. */
@Component
class LogChart {
    private static final int BAND_STEPS_MOST = 400;
    private static final int DAILY = 90; // days from which a chart shows the extremes of each day

    private final ReadingService readings;
    private final Judge judge;
    private final Words messages;
    private final ReadingWords units;
    private final LogPages pages;
    private final Clock clock;

    LogChart(ReadingService readings, Judge judge, Words messages, ReadingWords units, LogPages pages, Clock clock) {
        this.readings = readings;
        this.judge = judge;
        this.messages = messages;
        this.units = units;
        this.pages = pages;
        this.clock = clock;
    }

    private ZoneId zone() {
        return clock.getZone();
    }

    /** The chart of one place and kind over so many days. */
    String draw(long keeperId, Enclosure enclosure, String place, String kindId, int days) {
        ReadingKind kind = units.find(kindId).orElseThrow();
        OffsetDateTime now = OffsetDateTime.now(clock);
        OffsetDateTime since = now.minusDays(days);
        List<ReadingChart.Dot> dots = new ArrayList<>();
        int outside = 0;
        List<Reading> course = days > DAILY
                ? readings.extremes(keeperId, enclosure.id(), place, kindId, since)
                : readings.series(keeperId, enclosure.id(), place, kindId, since);
        for (Reading r : course) {
            Optional<Judge.Judged> judged = judge.judge(enclosure.design(), place, kindId, r.value(), r.takenAt());
            boolean out = judged.flatMap(Judge.Judged::severity)
                    .filter(s -> s != Severity.GOOD)
                    .isPresent();
            outside += out ? 1 : 0;
            dots.add(new ReadingChart.Dot(
                    r.takenAt().toEpochSecond(),
                    units.number(kind, r.value()),
                    out,
                    pages.moment(r.takenAt()) + ", " + units.shown(kind, r.value())
                            + judged.map(j -> ", " + j.verdict()).orElse("")));
        }
        String sentence = messages.of(
                "log.chart.said",
                units.name(kind),
                units.place(enclosure.design(), place),
                String.valueOf(days),
                String.valueOf(dots.size()),
                String.valueOf(outside));
        return new ReadingChart(
                        dots,
                        bands(enclosure.design(), place, kind, since, now, days),
                        since.toEpochSecond(),
                        now.toEpochSecond(),
                        marks(since, now, days),
                        units.unit(kind),
                        sentence)
                .draw();
    }

    /** What is wanted, sampled: by the hour for short charts, by day and night for long ones. */
    private List<ReadingChart.Band> bands(
            Design design, String place, ReadingKind kind, OffsetDateTime since, OffsetDateTime now, int days) {
        List<ReadingChart.Band> bands = new ArrayList<>();
        long span = now.toEpochSecond() - since.toEpochSecond();
        long step = Math.max(3600, span / BAND_STEPS_MOST);
        for (long t = since.toEpochSecond(); t < now.toEpochSecond(); t += step) {
            OffsetDateTime at = OffsetDateTime.ofInstant(java.time.Instant.ofEpochSecond(t), zone());
            Optional<Range> wanted = judge.wanted(design, place, kind.id(), at).flatMap(WantedHere::range);
            if (wanted.isPresent()) {
                bands.add(new ReadingChart.Band(
                        t,
                        t + step,
                        Judge.shownNumber(kind, wanted.get().min()),
                        Judge.shownNumber(kind, wanted.get().max())));
            }
        }
        return days > 7 ? envelope(bands) : bands;
    }

    /** Over many days the stripes of day and night say nothing: one band from the lowest to the highest wanted. */
    private static List<ReadingChart.Band> envelope(List<ReadingChart.Band> bands) {
        if (bands.isEmpty()) {
            return bands;
        }
        double low = bands.stream().mapToDouble(ReadingChart.Band::low).min().orElseThrow();
        double high = bands.stream().mapToDouble(ReadingChart.Band::high).max().orElseThrow();
        return List.of(new ReadingChart.Band(
                bands.get(0).from(), bands.get(bands.size() - 1).to(), low, high));
    }

    private List<ReadingChart.Day> marks(OffsetDateTime since, OffsetDateTime now, int days) {
        List<ReadingChart.Day> marks = new ArrayList<>();
        int every = Math.max(1, (int) Math.ceil(days / 8.0));
        LocalDate day = since.atZoneSameInstant(zone()).toLocalDate().plusDays(1);
        while (day.isBefore(now.atZoneSameInstant(zone()).toLocalDate().plusDays(1))) {
            marks.add(new ReadingChart.Day(
                    day.atStartOfDay(zone()).toEpochSecond(),
                    Presentation.current().shortDay(day)));
            day = day.plusDays(every);
        }
        return marks;
    }
}
