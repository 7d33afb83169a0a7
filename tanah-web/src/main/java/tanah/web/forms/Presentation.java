package tanah.web.forms;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;

/**
 * How one keeper reads numbers, dates and words. Nothing that is stored depends on it. The presentation of the request
 * is bound to its thread, as its locale is; outside a request the default holds.
 *
 * @param language of words
 * @param units    of lengths, volumes, masses and temperatures
 * @param decimal  mark between whole and part
 * @param currency shown beside prices; empty: the reference currency of the catalogue
 * @param rate     units of that currency for one of the reference currency
 * @param dates    order of day, month and year
 * @param halfDay  whether hours are written with am and pm
 */
public record Presentation(
        Locale language, Units units, char decimal, String currency, double rate, Dates dates, boolean halfDay) {
    /** English, metric, point. */
    public static final Presentation DEFAULT =
            new Presentation(Locale.ENGLISH, Units.METRIC, '.', "", 1, Dates.DAY_FIRST, false);

    private static final ThreadLocal<Presentation> CURRENT = new ThreadLocal<>();

    /** Systems of units. */
    public enum Units {
        METRIC,
        US
    }

    /** Orders of a date. */
    public enum Dates {
        DAY_FIRST(Map.of("full", "d MMM yyyy", "short", "d MMM", "numbers", "dd.MM.yyyy")),
        MONTH_FIRST(Map.of("full", "MMM d, yyyy", "short", "MMM d", "numbers", "MM/dd/yyyy")),
        YEAR_FIRST(Map.of("full", "yyyy-MM-dd", "short", "MM-dd", "numbers", "yyyy-MM-dd"));

        private final Map<String, String> patterns;

        Dates(Map<String, String> patterns) {
            this.patterns = patterns;
        }
    }

    /** The presentation of the request that this thread serves. */
    public static Presentation current() {
        Presentation bound = CURRENT.get();
        return bound == null ? DEFAULT : bound;
    }

    /** Binds a presentation to this thread; whoever binds must also {@link #unbind}. */
    public static void bind(Presentation presentation) {
        CURRENT.set(presentation);
    }

    public static void unbind() {
        CURRENT.remove();
    }

    public boolean isUs() {
        return units == Units.US;
    }

    /** Day and month, and the year. */
    public String day(LocalDate date) {
        return pattern("full").format(date);
    }

    /** Day and month. */
    public String shortDay(LocalDate date) {
        return pattern("short").format(date);
    }

    /** Hours and minutes. */
    public String time(ZonedDateTime at) {
        return DateTimeFormatter.ofPattern(halfDay ? "h:mm a" : "HH:mm", language)
                .format(at);
    }

    /** An hour of the day with its part, such as 13.25 for a quarter past one. */
    public String clock(double hour) {
        int minutes = Math.floorMod((int) Math.round(hour * 60), 24 * 60);
        return DateTimeFormatter.ofPattern(halfDay ? "h:mm a" : "HH:mm", language)
                .format(LocalTime.of(minutes / 60, minutes % 60));
    }

    /** Day with year, and time. */
    public String moment(ZonedDateTime at) {
        return day(at.toLocalDate()) + ", " + time(at);
    }

    /** Time of today, else the day. */
    public String when(OffsetDateTime at, OffsetDateTime now) {
        ZonedDateTime local = at.atZoneSameInstant(now.toZonedDateTime().getZone());
        if (local.toLocalDate().equals(now.toLocalDate())) {
            return time(local);
        }
        return local.getYear() == now.getYear() ? shortDay(local.toLocalDate()) : day(local.toLocalDate());
    }

    private DateTimeFormatter pattern(String name) {
        return DateTimeFormatter.ofPattern(dates.patterns.getOrDefault(name, "yyyy-MM-dd"), language);
    }
}
