package tanah.web.log;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.need.ReadingKind;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;

/** Reads a typed reading and notes what is wrong, field by field. */
@Component
class LogReader {
    private static final Duration OLDEST = Duration.ofDays(3650);
    private static final Duration AHEAD = Duration.ofMinutes(2);

    private final ReadingWords kinds;
    private final Clock clock;

    LogReader(ReadingWords kinds, Clock clock) {
        this.kinds = kinds;
        this.clock = clock;
    }

    Optional<Reading.New> read(LogForm form, long enclosureId, Design design, FieldErrors errors) {
        String place = form.text(form.place());
        List<ReadingKind> here = kinds.at(design, place);
        Optional<ReadingKind> kind =
                here.stream().filter(k -> k.id().equals(form.text(form.kind()))).findFirst();
        if (here.isEmpty()) {
            errors.add("place", "error.place.missing");
        } else if (kind.isEmpty()) {
            errors.add("kind", "error.kind.missing");
        }
        if (!errors.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble value = kinds.read(kind.get(), form.text(form.value()), errors);
        Optional<OffsetDateTime> at = takenAt(form, errors);
        if (value.isEmpty() || at.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new Reading.New(enclosureId, place, kind.get().id(), value.getAsDouble(), at.get(), clientId(form)));
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
            // a phone sends its own offset; a form of the page speaks of the server's zone
            at = typed.matches(".*(Z|[+-]\\d\\d:\\d\\d)$")
                    ? OffsetDateTime.parse(typed)
                    : LocalDateTime.parse(typed).atZone(clock.getZone()).toOffsetDateTime();
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
        return Optional.of(at.withOffsetSameInstant(ZoneOffset.UTC));
    }

    private static String clientId(LogForm form) {
        try {
            return UUID.fromString(form.text(form.clientId())).toString();
        } catch (IllegalArgumentException e) {
            return UUID.randomUUID().toString();
        }
    }
}
