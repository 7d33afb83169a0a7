package tanah.web.log;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.finding.Severity;
import tanah.core.need.ReadingKind;
import tanah.core.need.Verdict;
import tanah.core.need.WantedHere;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** Judges readings against what the animals of a design want at that place and hour. */
@Component
public class Judge {
    private static final String THIN = "\u2009";

    private final Catalogues catalogues;
    private final Words messages;
    private final ReadingWords kinds;
    private final Clock clock;

    Judge(Catalogues catalogues, Words messages, ReadingWords kinds, Clock clock) {
        this.kinds = kinds;
        this.catalogues = catalogues;
        this.messages = messages;
        this.clock = clock;
    }

    /**
     * A reading judged, in words.
     *
     * @param severity empty where nothing is wanted there at that hour
     * @param verdict  such as "Good, by 1.6"
     * @param wanted   such as "22–28 °C, cool end by day"
     * @param value    with its unit
     * @param raw      what it was judged against
     */
    public record Judged(Optional<Severity> severity, String verdict, String wanted, String value, WantedHere raw) {}

    /** The judgement of a value in °C or per cent; empty where the place or the animal is no longer in the design. */
    public Optional<Judged> judge(Design design, String place, String kindId, double value, OffsetDateTime at) {
        Optional<ReadingKind> kind = kinds.find(kindId).filter(ReadingKind::isJudged);
        Optional<WantedHere> wanted = wanted(design, place, kindId, at);
        if (kind.isEmpty() || wanted.isEmpty()) {
            return Optional.empty();
        }
        Unit unit = kind.get().unit();
        Optional<Verdict> verdict =
                wanted.get().judge(unit.toSi(value), unit.toSi(kind.get().band()));
        return Optional.of(new Judged(
                verdict.map(Verdict::severity),
                words(verdict, wanted.get(), kind.get()),
                wantedWords(wanted.get(), kind.get()),
                kinds.shown(kind.get(), value),
                wanted.get()));
    }

    /** What is wanted at a place and time. */
    public Optional<WantedHere> wanted(Design design, String place, String kindId, OffsetDateTime at) {
        Optional<Probe> probe =
                design.probes().stream().filter(p -> p.id().equals(place)).findFirst();
        List<Inhabitant> animals = design.animals().stream()
                .map(a -> Inhabitant.of(a, catalogues.of(design)))
                .toList();
        Optional<ReadingKind> kind = kinds.find(kindId).filter(ReadingKind::isJudged);
        if (probe.isEmpty() || kind.isEmpty()) {
            return Optional.empty();
        }
        var local = at.atZoneSameInstant(clock.getZone());
        double hour = local.getHour() + local.getMinute() / 60.0;
        return WantedHere.ofAll(animals, probe.get(), kind.get().of(), hour, design.heat());
    }

    /** A value in SI in the keeper's unit. */
    static double shownNumber(ReadingKind kind, double si) {
        return kind.isTemperature() ? Numbers.temperature(si) : kind.unit().fromSi(si);
    }

    /** The keeper's unit of a kind. */
    static String unit(ReadingKind kind) {
        return kind.isTemperature() ? Numbers.temperatureUnit() : "%";
    }

    /** Kinds of readings that a place takes and that are judged. */
    public List<ReadingKind> kinds(Probe probe) {
        return probe.reads().stream()
                .flatMap(r -> kinds.find(r).stream())
                .filter(ReadingKind::isJudged)
                .toList();
    }

    private String words(Optional<Verdict> verdict, WantedHere wanted, ReadingKind kind) {
        if (verdict.isEmpty()) {
            boolean later = wanted.basis() == WantedHere.Basis.BASKING_OFF;
            return message(later ? "reading.not_judged" : "reading.no_wanted");
        }
        double margin = kind.unit().fromSi(verdict.get().margin());
        String number = Numbers.fixed(
                Math.abs(kind.isTemperature() && Presentation.current().isUs() ? margin * 1.8 : margin), 1);
        Severity severity = verdict.get().severity();
        return severity == Severity.GOOD
                ? message("reading.good", number)
                : message("reading." + severity.name().toLowerCase(Locale.ROOT), number);
    }

    private String wantedWords(WantedHere wanted, ReadingKind kind) {
        String basis = message("wanted." + wanted.basis().name().toLowerCase(Locale.ROOT));
        return wanted.range()
                .map(r -> Numbers.upTo(shownNumber(kind, r.min()), 1) + "–"
                        + Numbers.upTo(shownNumber(kind, r.max()), 1) + THIN + unit(kind) + ", " + basis)
                .orElse(basis);
    }

    private String message(String key, Object... arguments) {
        return messages.of(key, arguments);
    }
}
