package tanah.web.log;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tanah.core.commission.ReadingKind;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.units.Unit;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;

/** Reads a typed reading and notes what is wrong, field by field. */
@Component
class LogReader {
    private static final Duration OLDEST = Duration.ofDays(3650);
    private static final Duration AHEAD = Duration.ofMinutes(2);

    private final Clock clock;

    LogReader(Clock clock) {
        this.clock = clock;
    }

    Optional<Reading.New> read(LogForm form, long enclosureId, Design design, FieldErrors errors) {
        Optional<Probe> place = design.probes().stream()
                .filter(p -> p.id().equals(form.text(form.place())))
                .findFirst();
        Optional<ReadingKind> kind = ReadingKind.of(form.text(form.kind()));
        if (place.isEmpty()) {
            errors.add("place", "error.place.missing");
        } else if (kind.isEmpty() || !Judge.kinds(place.get()).contains(kind.get())) {
            errors.add("kind", "error.kind.missing");
        }
        if (!errors.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble value = value(form, kind.get(), errors);
        Optional<OffsetDateTime> at = takenAt(form, errors);
        if (value.isEmpty() || at.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Reading.New(
                enclosureId, place.get().id(), kind.get().id(), value.getAsDouble(), at.get(), clientId(form)));
    }

    /** The value in °C or per cent. */
    private static OptionalDouble value(LogForm form, ReadingKind kind, FieldErrors errors) {
        boolean temperature = kind.isTemperature();
        OptionalDouble si = errors.required(
                "value",
                form.text(form.value()),
                temperature ? Quantity.Kind.TEMPERATURE : Quantity.Kind.SHARE,
                kind.valid().min(),
                kind.valid().max(),
                temperature ? Unit.CELSIUS : Unit.PERCENT);
        if (si.isEmpty()) {
            return si;
        }
        double shown = kind.unit().fromSi(si.getAsDouble());
        return OptionalDouble.of(Math.round(shown * 100) / 100.0);
    }

    private Optional<OffsetDateTime> takenAt(LogForm form, FieldErrors errors) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        String typed = form.text(form.at());
        if (typed.isEmpty()) {
            OptionalDouble minutes = form.text(form.earlier()).isEmpty()
                    ? OptionalDouble.of(0)
                    : Quantity.parse(form.text(form.earlier()), Quantity.Kind.NUMBER);
            double back = Math.max(0, Math.min(24 * 60, minutes.orElse(0)));
            return Optional.of(now.minusSeconds(Math.round(back * 60)));
        }
        OffsetDateTime at;
        try {
            at = LocalDateTime.parse(typed).atZone(clock.getZone()).toOffsetDateTime();
        } catch (DateTimeParseException e) {
            errors.add("at", "error.time.form");
            return Optional.empty();
        }
        if (at.isAfter(now.plus(AHEAD))) {
            errors.add("at", "error.time.future");
            return Optional.empty();
        }
        if (at.isBefore(now.minus(OLDEST))) {
            errors.add("at", "error.time.old");
            return Optional.empty();
        }
        return Optional.of(at);
    }

    private static String clientId(LogForm form) {
        try {
            return UUID.fromString(form.text(form.clientId())).toString();
        } catch (IllegalArgumentException e) {
            return UUID.randomUUID().toString();
        }
    }
}
