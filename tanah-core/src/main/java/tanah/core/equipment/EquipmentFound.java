package tanah.core.equipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;

/**
 * What a search came to.
 *
 * @param best     feasible combinations, least power first; empty where there is none
 * @param nearest  the combination that misses least
 * @param reasons  why there is none, the first weighs most
 * @param refused  neighbours of the best and why they were not taken
 * @param tried    combinations that were computed
 * @param of       combinations that there are
 * @param isExact  whether all of them were computed
 * @param stopped  whether it was given up before the end
 */
public record EquipmentFound(
        List<Answer> best,
        Optional<Answer> nearest,
        List<Reason> reasons,
        List<Refused> refused,
        int tried,
        int of,
        boolean isExact,
        boolean stopped) {
    public EquipmentFound {
        best = List.copyOf(best);
        reasons = List.copyOf(reasons);
        refused = List.copyOf(refused);
    }

    /**
     * A combination computed.
     *
     * @param choice what it is
     * @param design the whole plan with it
     * @param score  0 where every target is met
     * @param power  mean of the four cases (W)
     * @param rated  power of all devices together (W)
     * @param margin smallest distance to an upper end (K)
     * @param misses targets missed
     * @param values what is expected at each target's place, by target and case
     * @param uv     index at the resting place
     * @param uvMiss 0 where UV is as wanted
     * @param near   by how much lamps hang too near an animal (m)
     * @param stopped whether it brings a stop that the plan does not have, mistings and whole days left aside
     */
    public record Answer(
            LampChoice choice,
            Design design,
            double score,
            double power,
            double rated,
            double margin,
            List<Wish.Miss> misses,
            List<Value> values,
            double uv,
            double uvMiss,
            double near,
            boolean stopped) {
        public Answer {
            misses = List.copyOf(misses);
            values = List.copyOf(values);
        }

        /** The same with its humidity over whole days and the mistings for that. */
        Answer with(HumiditySearch humid) {
            List<Wish.Miss> all = new ArrayList<>(misses);
            double steady = 0;
            for (Wish.Miss m : misses) {
                if (m.wish().isHumidity()) {
                    steady += m.weight();
                    all.remove(m);
                }
            }
            all.addAll(humid.misses());
            List<Value> found = values.stream()
                    .map(v -> humid.values().stream()
                            .filter(h -> h.key().equals(v.key()))
                            .findFirst()
                            .orElse(v))
                    .toList();
            double dry = humid.misses().stream().mapToDouble(Wish.Miss::weight).sum();
            return new Answer(
                    choice,
                    humid.design(),
                    score - steady + dry,
                    power,
                    rated,
                    margin,
                    all,
                    found,
                    uv,
                    uvMiss,
                    near,
                    stopped);
        }

        /** What brings no stop first; then by what it misses, its power, its devices, and how far it keeps from too warm. */
        static Comparator<Answer> order() {
            return Comparator.comparing(Answer::stopped)
                    .thenComparingDouble(a -> a.isFeasible() ? 0 : Math.round(a.score() * 50) / 50.0)
                    .thenComparingDouble(a -> Math.round(a.power() * 2) / 2.0)
                    .thenComparingInt(a -> a.choice().devices())
                    .thenComparingDouble(Answer::rated)
                    .thenComparingDouble(a -> -a.margin());
        }

        /** Whether all is met but for humidity, which only a whole day settles. */
        boolean isWarmAsWanted() {
            return uvMiss < 1e-6
                    && near < 1e-6
                    && misses.stream().allMatch(m -> m.wish().isHumidity());
        }

        public boolean isFeasible() {
            return score < 1e-6;
        }
    }

    /**
     * What is expected for a target, lowest and highest of the seasons.
     *
     * @param tolerated whether it falls short of the wish by no more than the model may be off there
     */
    public record Value(
            String key,
            double low,
            double high,
            double wantedLow,
            double wantedHigh,
            boolean humidity,
            boolean tolerated) {}

    /** Why no combination meets all. */
    public enum Kind {
        ROOM,
        UNREACHABLE,
        CONFLICT,
        UV,
        HUMIDITY,
        /** All is met, but a rule of the climate stops it. */
        FORBIDDEN
    }

    /**
     * A wish against a fact.
     *
     * @param kind  of conflict
     * @param key   target
     * @param other target it trades off with, or empty
     * @param value expected at best
     * @param limit wanted
     * @param room  of the room then (°C); empty where it does not matter
     * @param need  value of the fact at which it would be possible; empty where nobody can say
     */
    public record Reason(
            Kind kind,
            String key,
            String other,
            OptionalDouble value,
            OptionalDouble limit,
            OptionalDouble room,
            OptionalDouble need) {
        // searches that were stored before wrote what is absent as not a number
        public Reason {
            value = number(value);
            limit = number(limit);
            room = number(room);
            need = number(need);
        }

        private static OptionalDouble number(OptionalDouble v) {
            return v.isPresent() && !Double.isNaN(v.getAsDouble()) ? v : OptionalDouble.empty();
        }
    }

    /**
     * A neighbour that was not taken.
     *
     * @param dimension heat, height, mesh, mat, sheets or water
     * @param option    item or value
     * @param power     more (W); negative: less
     * @param miss      what it misses, if it does
     */
    public record Refused(String dimension, String option, double power, Optional<Wish.Miss> miss) {}
}
