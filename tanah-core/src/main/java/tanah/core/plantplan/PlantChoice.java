package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;

/** A filled plan: the kind of each station that has a plant. */
public record PlantChoice(Map<Integer, Integer> kinds) {
    public PlantChoice {
        kinds = java.util.Collections.unmodifiableMap(new TreeMap<>(kinds));
    }

    /** Kind at a station; empty where nothing is planted. */
    public OptionalInt at(int station) {
        Integer kind = kinds.get(station);
        return kind == null ? OptionalInt.empty() : OptionalInt.of(kind);
    }

    public List<PlanProblem.Choice> choices() {
        List<PlanProblem.Choice> all = new ArrayList<>();
        kinds.forEach((station, kind) -> all.add(new PlanProblem.Choice(kind, station)));
        return all;
    }

    /** Pieces of a kind. */
    public int count(int kind) {
        return (int) kinds.values().stream().filter(k -> k == kind).count();
    }
}
