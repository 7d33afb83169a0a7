package tanah.web.runningin;

import java.util.List;
import tanah.web.design.words.PlainNote;

/**
 * The page of running in.
 *
 * @param known  whether acidity and hardness of the tap are known; nothing else is filled if not
 * @param ways   side by side
 * @param chosen word of the way that is drawn
 * @param chart  as SVG
 * @param days   the same as a table
 * @param began  day that counts as the first, as the page's field holds it
 * @param read   how many readings lie over the chart
 * @param proof  what the log says of it
 */
public record RunningInView(
        boolean known,
        List<Way> ways,
        String chosen,
        String chart,
        List<Day> days,
        String began,
        int read,
        List<PlainNote> proof) {
    public RunningInView {
        ways = List.copyOf(ways);
        days = List.copyOf(days);
        proof = List.copyOf(proof);
    }

    /**
     * @param word    of the way
     * @param ready   day or that it never is
     * @param between its band
     * @param ammonia highest (mg/l NH4)
     * @param nitrite highest (mg/l NO2)
     * @param harms   whether an animal in it would be harmed
     */
    public record Way(String word, String ready, String between, String ammonia, String nitrite, boolean harms) {}

    /**
     * @param day     from the first
     * @param ammonia mg/l NH4
     * @param nitrite mg/l NO2
     * @param nitrate mg/l NO3
     * @param ph      acidity
     */
    public record Day(int day, String ammonia, String nitrite, String nitrate, String ph) {}
}
