package tanah.core.forecast;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.SteadyState;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.SeasonPhase;

/** The four steady states of a plan: day and night of the coldest and of the hottest day. */
final class SteadyCases {
    private SteadyCases() {}

    /**
     * Each case starts from that of nearly the same plan, else from still air: that of the other season settles no sooner. They are
     * computed side by side; each is the same as if it were alone.
     *
     * @param tolerance K
     */
    static Map<SeasonPhase, SteadyState> of(
            ClimateModel model, MappedDesign mapped, Optional<Map<SeasonPhase, SteadyState>> near, double tolerance) {
        Map<SeasonPhase, SteadyState> found = new EnumMap<>(SeasonPhase.class);
        Arrays.stream(SeasonPhase.values())
                .parallel()
                .map(when -> Map.entry(
                        when,
                        model.steady(
                                outside(mapped, when),
                                when.isLit(),
                                near.flatMap(n -> Optional.ofNullable(n.get(when))),
                                tolerance)))
                .toList()
                .forEach(e -> found.put(e.getKey(), e.getValue()));
        return found;
    }

    static ClimateCase.Outside outside(MappedDesign mapped, SeasonPhase when) {
        ClimateCase.RoomCourse room = mapped.room(when.season());
        return when.isLit() ? room.day() : room.night();
    }
}
