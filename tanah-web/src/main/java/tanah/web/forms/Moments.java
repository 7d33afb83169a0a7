package tanah.web.forms;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;

/** A moment in a file: as it is written, in the range that may be stored, and with an offset that every database takes. */
public final class Moments {
    /** The first year of which anything is stored. */
    public static final int FIRST_YEAR = 1990;

    /** How far clocks may differ. */
    public static final Duration AHEAD = Duration.ofMinutes(2);

    private Moments() {}

    /** Why a moment is not taken. */
    public enum Refusal {
        /** It is not date and time with an offset. */
        FORM,
        FUTURE,
        OLD
    }

    /**
     * @param at      in UTC; empty where it is refused
     * @param refusal why; empty where it is taken
     */
    public record Read(Optional<OffsetDateTime> at, Optional<Refusal> refusal) {}

    /** @param text date and time with an offset (ISO 8601) */
    public static Read read(String text, Clock clock) {
        OffsetDateTime at;
        try {
            at = OffsetDateTime.parse(text.strip()).withOffsetSameInstant(ZoneOffset.UTC);
        } catch (DateTimeException e) {
            return refused(Refusal.FORM);
        }
        if (at.isAfter(OffsetDateTime.now(clock).plus(AHEAD))) {
            return refused(Refusal.FUTURE);
        }
        return at.getYear() < FIRST_YEAR ? refused(Refusal.OLD) : new Read(Optional.of(at), Optional.empty());
    }

    /**
     * A day on which something may have happened.
     *
     * @param text ISO 8601, such as 2025-03-14
     * @return empty for what is no day, and outside {@link #FIRST_YEAR} to today (UTC)
     */
    public static Optional<LocalDate> day(String text, Clock clock) {
        try {
            LocalDate day = LocalDate.parse(text.strip());
            boolean past = !day.isAfter(OffsetDateTime.now(clock)
                    .withOffsetSameInstant(ZoneOffset.UTC)
                    .toLocalDate());
            return Optional.of(day).filter(d -> past && d.getYear() >= FIRST_YEAR);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static Read refused(Refusal why) {
        return new Read(Optional.empty(), Optional.of(why));
    }
}
