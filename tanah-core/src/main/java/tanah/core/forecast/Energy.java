package tanah.core.forecast;

import tanah.core.climate.DayCourse;
import tanah.core.climate.RelayCourse;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * Electricity.
 *
 * @param winter of the coldest day (J)
 * @param summer of the hottest day (J)
 */
public record Energy(double winter, double summer) {
    /** Days of the year that are like the coldest where the keeper gives none: half of it. */
    public static final double HALF_A_YEAR = 182.5;

    private static final double YEAR = 365; // days
    private static final double MONTH = YEAR / 12;
    private static final double KILOWATT_HOUR = 3.6e6; // J

    static Energy of(Forecast f) {
        return new Energy(joules(f, Season.WINTER), joules(f, Season.SUMMER));
    }

    private static double joules(Forecast f, Season season) {
        return f.switched(season)
                .map(RelayCourse::energy)
                .or(() -> f.day(season).map(DayCourse::energy))
                .orElseGet(() -> steady(f, season));
    }

    private static double steady(Forecast f, Season season) {
        double lit = f.mapped().enclosure().photoperiod() * 3600;
        return f.at(SeasonPhase.of(season, Phase.DAY)).balance().power() * lit
                + f.at(SeasonPhase.of(season, Phase.NIGHT)).balance().power() * (24 * 3600 - lit);
    }

    /** kWh. */
    public double day(Season season) {
        return (season == Season.SUMMER ? summer : winter) / KILOWATT_HOUR;
    }

    /** kWh of a twelfth of a year of such days. */
    public double month(Season season) {
        return MONTH * day(season);
    }

    /**
     * kWh.
     *
     * @param heating days that are like the coldest, 0 to 365; the others count as the hottest
     */
    public double year(double heating) {
        if (heating < 0 || heating > YEAR) {
            throw new IllegalArgumentException("days of heating out of a year: " + heating);
        }
        return heating * day(Season.WINTER) + (YEAR - heating) * day(Season.SUMMER);
    }
}
