package tanah.web.account;

import java.util.Locale;
import tanah.core.forecast.Energy;
import tanah.web.forms.Presentation;

/**
 * What a keeper has set. All of it is about looking and typing; no stored value depends on it.
 *
 * @param language     en or de
 * @param units        metric or us
 * @param decimal      point or comma
 * @param currency     up to 8 letters beside prices; empty: the catalogue's reference currency
 * @param rate         units of that currency for one of the reference currency
 * @param tariff       of a kilowatt-hour in that currency
 * @param heatingDays  of a year that are like the coldest
 * @param dates        day_first, month_first or year_first
 * @param halfDay      hours with am and pm
 * @param fixedPoint   whether the phone's keypad sets the decimal point by itself
 * @param winterNight  room of a new enclosure (°C)
 * @param winterDay    (°C)
 * @param summerDay    (°C)
 * @param summerNight  (°C)
 * @param driest       humidity (%)
 * @param dampest      humidity (%)
 */
public record Settings(
        String language,
        String units,
        String decimal,
        String currency,
        double rate,
        double tariff,
        double heatingDays,
        String dates,
        boolean halfDay,
        boolean fixedPoint,
        double winterNight,
        double winterDay,
        double summerDay,
        double summerNight,
        double driest,
        double dampest) {

    /**
     * What holds until a keeper sets it: words by the browser's language, metric units, and what a lived-in room usually
     * does (common practice). The first start asks for all of it.
     */
    public static Settings fresh(Locale locale) {
        boolean german = locale.getLanguage().equals("de");
        return new Settings(
                german ? "de" : "en",
                "metric",
                german ? "comma" : "point",
                "",
                1,
                0.32,
                Energy.HALF_A_YEAR,
                "day_first",
                false,
                true,
                17,
                20,
                27,
                22,
                40,
                60);
    }

    public Locale locale() {
        return language.equals("de") ? Locale.GERMAN : Locale.ENGLISH;
    }

    public Presentation presentation() {
        return new Presentation(
                locale(),
                units.equals("us") ? Presentation.Units.US : Presentation.Units.METRIC,
                decimal.equals("comma") ? ',' : '.',
                currency,
                rate,
                Presentation.Dates.valueOf(dates.toUpperCase(Locale.ROOT)),
                halfDay);
    }
}
