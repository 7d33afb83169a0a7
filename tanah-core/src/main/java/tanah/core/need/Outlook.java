package tanah.core.need;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import tanah.core.time.Season;

/**
 * A need against what is expected on the coldest and on the hottest day.
 *
 * @param need    what is wanted
 * @param seasons what is expected in each season
 * @param verdict of the worse season
 * @param worse   the season that is worse
 */
public record Outlook(Need need, Map<Season, Extent> seasons, Verdict verdict, Season worse) {
    public Outlook {
        seasons = Map.copyOf(seasons);
    }

    /** @param fades how it stands when lamps are old, if that is worse than new; only UV fades */
    public static Outlook of(Need need, Extent winter, Extent summer, Optional<Extent> fades) {
        Map<Season, Extent> seasons = new EnumMap<>(Season.class);
        seasons.put(Season.WINTER, winter);
        seasons.put(Season.SUMMER, summer);
        Verdict cold = Verdict.of(need.range(), winter);
        Verdict hot = Verdict.of(need.range(), summer);
        Season worse = hot.isWorseThan(cold) ? Season.SUMMER : Season.WINTER;
        Verdict worst = worse == Season.SUMMER ? hot : cold;
        boolean later = fades.filter(f -> f.low() < need.range().min()).isPresent();
        return new Outlook(need, seasons, later ? worst.butLater(Verdict.Standing.MAY_BE_BELOW) : worst, worse);
    }

    /** From the coldest to the hottest day. */
    public Extent extent() {
        return in(Season.WINTER).union(in(Season.SUMMER));
    }

    public Extent in(Season season) {
        return java.util.Objects.requireNonNull(seasons.get(season));
    }

    /** The end of the worse season that is judged, with its band. */
    public Expected judged() {
        Extent e = in(worse);
        return e.end(need.range().min() - e.low() > e.high() - need.range().max());
    }
}
