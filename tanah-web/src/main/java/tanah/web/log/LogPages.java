package tanah.web.log;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.finding.Severity;
import tanah.core.need.ReadingKind;
import tanah.core.need.WantedHere;
import tanah.web.enclosure.Enclosure;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** Puts the pages of the log together. */
@Component
class LogPages {
    private final ReadingService readings;
    private final Judge judge;
    private final Words messages;
    private final LastReadings recent;
    private final ReadingWords units;
    private final Clock clock;

    LogPages(
            ReadingService readings,
            Judge judge,
            Words messages,
            LastReadings recent,
            ReadingWords units,
            Clock clock) {
        this.units = units;
        this.recent = recent;
        this.readings = readings;
        this.judge = judge;
        this.messages = messages;
        this.clock = clock;
    }

    /**
     * A place with the quantities read there.
     *
     * @param number on the drawing, 0 in the room
     */
    public record PlaceView(String id, int number, String name, List<KindView> kinds, boolean chosen) {}

    /**
     * @param id of the kind
     * @param name
     * @param unit
     * @param chosen
     * @param wanted now
     */
    public record KindView(
            String id, String name, String unit, String typedUnit, boolean chosen, String wanted, String last) {}

    /** A stored reading in the table. */
    public record Line(
            long id,
            String when,
            String place,
            String kind,
            String value,
            String wanted,
            Optional<Severity> severity,
            String verdict) {}

    /** A place's newest reading as a bar. */
    public record Bar(
            String label, String ago, String value, Optional<Severity> severity, String verdict, String svg) {}

    List<PlaceView> places(long keeperId, Enclosure enclosure, String place, String kind) {
        List<Reading> last = readings.last(keeperId, enclosure.id());
        OffsetDateTime now = OffsetDateTime.now(clock);
        List<PlaceView> places = new ArrayList<>();
        int number = 0;
        for (Probe probe : enclosure.design().probes()) {
            List<KindView> kinds = new ArrayList<>();
            for (ReadingKind k : units.of(probe)) {
                String wanted = judge.judge(enclosure.design(), probe.id(), k.id(), 0, now)
                        .map(Judge.Judged::wanted)
                        .orElse("");
                String before = last.stream()
                        .filter(r -> r.place().equals(probe.id()) && r.kind().equals(k.id()))
                        .map(r -> units.shown(k, r.value()) + ", " + recent.ago(r.takenAt(), now))
                        .findFirst()
                        .orElse("");
                boolean chosen = probe.id().equals(place) && k.id().equals(kind);
                kinds.add(new KindView(k.id(), name(k), units.unit(k), units.typed(k), chosen, wanted, before));
            }
            boolean drawn = probe.kind() != Probe.Kind.ROOM
                    && probe.x().isPresent()
                    && probe.z().isPresent();
            if (!kinds.isEmpty()) {
                places.add(new PlaceView(
                        probe.id(),
                        drawn ? number + 1 : 0,
                        probe.label(),
                        kinds,
                        probe.id().equals(place)));
            }
            number += drawn ? 1 : 0;
        }
        places.add(whole(last, place, kind, now));
        return places;
    }

    /** What is read of the whole enclosure. */
    private PlaceView whole(List<Reading> last, String place, String kind, OffsetDateTime now) {
        List<KindView> kinds = new ArrayList<>();
        for (ReadingKind k : units.ofWhole()) {
            kinds.add(new KindView(
                    k.id(),
                    name(k),
                    units.unit(k),
                    units.typed(k),
                    place.equals(ReadingWords.WHOLE) && k.id().equals(kind),
                    "",
                    before(last, ReadingWords.WHOLE, k, now)));
        }
        return new PlaceView(ReadingWords.WHOLE, 0, messages.of("log.whole"), kinds, place.equals(ReadingWords.WHOLE));
    }

    private String before(List<Reading> last, String place, ReadingKind kind, OffsetDateTime now) {
        return last.stream()
                .filter(r -> r.place().equals(place) && r.kind().equals(kind.id()))
                .map(r -> units.shown(kind, r.value()) + ", " + recent.ago(r.takenAt(), now))
                .findFirst()
                .orElse("");
    }

    String name(ReadingKind kind) {
        return units.name(kind);
    }

    private static double wantedNumber(ReadingKind kind, double si) {
        return Judge.shownNumber(kind, si);
    }

    /** What is wanted there now, as numbers of the keeper's unit; empty where nothing is. */
    List<Double> wantedNow(Enclosure enclosure, String place, String kindId) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        return judge.wanted(enclosure.design(), place, kindId, now)
                .flatMap(WantedHere::range)
                .map(r -> List.of(
                        wantedNumber(units.find(kindId).orElseThrow(), r.min()),
                        wantedNumber(units.find(kindId).orElseThrow(), r.max())))
                .orElse(List.of());
    }

    List<Line> table(long keeperId, Enclosure enclosure, int most) {
        return readings.newest(keeperId, enclosure.id(), most).stream()
                .map(r -> line(enclosure.design(), r))
                .toList();
    }

    private Line line(Design design, Reading r) {
        Optional<Judge.Judged> judged = judge.judge(design, r.place(), r.kind(), r.value(), r.takenAt());
        ReadingKind kind = units.find(r.kind()).orElseThrow();
        return new Line(
                r.id(),
                moment(r.takenAt()),
                place(design, r.place()),
                name(kind),
                units.shown(kind, r.value()),
                judged.map(Judge.Judged::wanted).orElse(""),
                judged.flatMap(Judge.Judged::severity),
                judged.map(Judge.Judged::verdict).orElse(""));
    }

    List<Bar> bars(long keeperId, Enclosure enclosure) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        List<Bar> bars = new ArrayList<>();
        for (Reading r : readings.last(keeperId, enclosure.id())) {
            Optional<Judge.Judged> judged =
                    judge.judge(enclosure.design(), r.place(), r.kind(), r.value(), r.takenAt());
            ReadingKind kind = units.find(r.kind()).orElseThrow();
            Optional<Range> wanted = judged.flatMap(j -> j.raw().range())
                    .map(w -> new Range(wantedNumber(kind, w.min()), wantedNumber(kind, w.max())));
            if (wanted.isEmpty()) {
                continue;
            }
            String label = place(enclosure.design(), r.place()) + ", " + name(kind);
            String svg = RangeBar.around(
                            wanted.get().min(),
                            wanted.get().max(),
                            java.util.OptionalDouble.empty(),
                            List.of(units.number(kind, r.value())),
                            messages.of(
                                    "log.bar.said",
                                    label,
                                    units.shown(kind, r.value()),
                                    judged.get().verdict()))
                    .draw();
            bars.add(new Bar(
                    label,
                    recent.ago(r.takenAt(), now),
                    units.shown(kind, r.value()),
                    judged.get().severity(),
                    judged.get().verdict(),
                    svg));
        }
        return bars;
    }

    String place(Design design, String id) {
        return units.place(design, id);
    }

    /** Local time as a form field shows it. */
    String typed(OffsetDateTime at) {
        return local(at).toLocalDateTime().withSecond(0).withNano(0).toString();
    }

    /** The value as its field shows it, in the keeper's unit. */
    String value(Reading reading) {
        return Numbers.upTo(units.number(units.find(reading.kind()).orElseThrow(), reading.value()), 3);
    }

    /** Day and time. */
    String moment(OffsetDateTime at) {
        ZonedDateTime local = local(at);
        return Presentation.current().shortDay(local.toLocalDate()) + ", "
                + Presentation.current().time(local);
    }

    private ZonedDateTime local(OffsetDateTime at) {
        return at.atZoneSameInstant(zone());
    }

    private ZoneId zone() {
        return clock.getZone();
    }
}
