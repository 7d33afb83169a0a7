package tanah.core.plantplan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.catalogue.Range;

/**
 * Which kind at which station: everything that a solver is given. Stations keep at most one plant.
 *
 * @param kinds    to choose from
 * @param stations to fill
 * @param places   by kind, then by station: how well it does there, and why it may not
 * @param fixed    kind of a station that is planted already; that is kept
 * @param area     ground that can be planted (m²)
 * @param water    open water (m²)
 * @param budget   for pots, reference currency units; empty: no limit
 * @param cover    share of the ground covered by young plants
 * @param aim      the share that is wanted
 * @param hides    cover that is wanted
 * @param variety  kinds up to which another counts
 * @param weights  what counts how much
 * @param close    what a choice excludes beside what it smothers, such as one whose light it would take; both ways
 */
@RecordBuilder
public record PlanProblem(
        List<PlanKind> kinds,
        List<PlanStation> stations,
        List<List<Place>> places,
        Map<Integer, Integer> fixed,
        double area,
        double water,
        OptionalDouble budget,
        Range cover,
        double aim,
        List<HideWish> hides,
        int variety,
        PlanWeights weights,
        Map<Choice, Set<Choice>> close)
        implements PlanProblemBuilder.With {
    /** Of the radii after a year: nearer than that one plant covers the other; common practice. */
    public static final double SMOTHERS = 0.7;

    /** Share of the open water that floating plants leave free; common practice. */
    public static final double OPEN_WATER = 0.3;

    /** Plants whose sap hurts that one plan may hold; common practice. */
    public static final int STINGING = 2;

    public PlanProblem {
        kinds = List.copyOf(kinds);
        stations = List.copyOf(stations);
        places = places.stream().map(List::copyOf).toList();
        fixed = Map.copyOf(fixed);
        hides = List.copyOf(hides);
        close = Collections.unmodifiableMap(close);
        if (places.size() != kinds.size() || hasGap(places, stations.size())) {
            throw new IllegalArgumentException("a kind without its places");
        }
    }

    private static boolean hasGap(List<List<Place>> places, int stations) {
        return places.stream().anyMatch(p -> p.size() != stations);
    }

    /**
     * A kind at a station.
     *
     * @param points suitability with the animals, in hundredths
     * @param bars   why it may not stand there; none: it may
     * @param start  ground that a young piece covers there (m²)
     * @param year   ground that it covers after a year (m²)
     */
    public record Place(int points, Set<Bar> bars, double start, double year) {
        public Place {
            bars = Set.copyOf(bars);
        }

        public boolean isAllowed() {
            return bars.isEmpty();
        }
    }

    /** At least so many pieces with low cover at some stations. */
    public record HideWish(Set<Integer> stations, int pieces) {
        public HideWish {
            stations = Set.copyOf(stations);
        }
    }

    /** One kind at one station. */
    public record Choice(int kind, int station) {}

    public Place place(int kind, int station) {
        return places.get(kind).get(station);
    }

    /** Whether a choice may be taken: by its bars, or because it stands there and is kept. */
    public boolean isOpen(int kind, int station) {
        Integer kept = fixed.get(station);
        return kept == null ? place(kind, station).isAllowed() : kept == kind;
    }

    /** All choices that may be taken beside what is kept. */
    public List<Choice> choices() {
        List<Choice> stays = fixed.entrySet().stream()
                .map(f -> new Choice(f.getValue(), f.getKey()))
                .toList();
        List<Choice> all = new ArrayList<>();
        for (int k = 0; k < kinds.size(); k++) {
            for (int p = 0; p < stations.size(); p++) {
                Choice c = new Choice(k, p);
                boolean free = fixed.containsKey(p) || stays.stream().noneMatch(s -> excludes(s, c));
                if (isOpen(k, p) && free) {
                    all.add(c);
                }
            }
        }
        return all;
    }

    /** Whether two choices exclude each other; two that are kept do not. */
    public boolean excludes(Choice one, Choice other) {
        if (one.station() == other.station()) {
            return one.kind() != other.kind();
        }
        boolean kept = fixed.containsKey(one.station()) && fixed.containsKey(other.station());
        return !kept
                && (smothers(one, other) || close.getOrDefault(one, Set.of()).contains(other));
    }

    private boolean smothers(Choice one, Choice other) {
        PlanStation a = stations.get(one.station());
        PlanStation b = stations.get(other.station());
        double apart = SMOTHERS
                * (kinds.get(one.kind()).year() + kinds.get(other.kind()).year())
                / 2;
        return a.isBeside(b) && a.distance(b) < apart - 1e-9;
    }
}
