package tanah.core.forecast;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.SteadyState;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/** The four steady states of a plan: day and night of the coldest and of the hottest day. */
final class SteadyCases {
    private static final List<SeasonPhase> ALL = Arrays.asList(SeasonPhase.values());

    private SteadyCases() {}

    /**
     * Each case starts from that of nearly the same plan, else summer from winter. Those that do not wait for one another are computed
     * side by side; each is the same as if it were alone.
     *
     * @param tolerance K
     */
    static Map<SeasonPhase, SteadyState> of(
            ClimateModel model, MappedDesign mapped, Optional<Map<SeasonPhase, SteadyState>> near, double tolerance) {
        Map<SeasonPhase, SteadyState> found = new EnumMap<>(SeasonPhase.class);
        List<List<SeasonPhase>> rounds =
                near.isPresent() ? List.of(ALL) : List.of(of(Season.WINTER), of(Season.SUMMER));
        for (List<SeasonPhase> round : rounds) {
            Map<SeasonPhase, SteadyState> before = near.orElse(new EnumMap<>(found));
            round.parallelStream()
                    .map(when -> Map.entry(
                            when, model.steady(outside(mapped, when), when.isLit(), start(before, when), tolerance)))
                    .toList()
                    .forEach(e -> found.put(e.getKey(), e.getValue()));
        }
        return found;
    }

    private static List<SeasonPhase> of(Season season) {
        return List.of(SeasonPhase.of(season, Phase.DAY), SeasonPhase.of(season, Phase.NIGHT));
    }

    private static Optional<SteadyState> start(Map<SeasonPhase, SteadyState> before, SeasonPhase when) {
        return Optional.ofNullable(before.get(when))
                .or(() -> Optional.ofNullable(before.get(SeasonPhase.of(Season.WINTER, when.phase()))));
    }

    static ClimateCase.Outside outside(MappedDesign mapped, SeasonPhase when) {
        ClimateCase.RoomCourse room = mapped.room(when.season());
        return when.isLit() ? room.day() : room.night();
    }
}
