package tanah.core.forecast;

import tanah.core.time.Season;

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
