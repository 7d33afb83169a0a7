package tanah.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;

/** Why no combination meets every target. */
final class SearchReasons {
    private static final int BEST = 10;

    private SearchReasons() {}

    /** @param all combinations, the one that misses least first */
    static List<EquipmentFound.Reason> of(List<EquipmentFound.Answer> all, Evaluation plan, Optional<Range> uv) {
        List<EquipmentFound.Reason> reasons = new ArrayList<>();
        if (all.isEmpty()) {
            return reasons;
        }
        EquipmentFound.Answer nearest = all.get(0);
        for (Wish.Miss m : nearest.misses()) {
            if (!m.isBelow() && !m.wish().isHumidity() && m.room() >= m.wish().high() - 1e-9) {
                // it would have to be cooler than the limit by what light and pump add anyway
                double added = Math.max(0, m.value() - m.room());
                reasons.add(reason(
                        EquipmentFound.Kind.ROOM,
                        m,
                        "",
                        OptionalDouble.of(m.wish().high() - added)));
            }
        }
        for (Wish.Miss m : nearest.misses()) {
            if (m.wish().isHumidity()) {
                continue; // mist and lid are weighed against each other, see below
            }
            boolean reached = all.stream()
                    .flatMap(a -> a.values().stream())
                    .filter(v -> v.key().equals(m.wish().key()))
                    .anyMatch(v -> m.isBelow()
                            ? v.low() >= m.wish().least()
                            : v.high() <= m.wish().high());
            if (!reached && !named(reasons, m)) {
                reasons.add(reason(EquipmentFound.Kind.UNREACHABLE, m, "", cooler(m)));
            }
        }
        conflicts(all.subList(0, Math.min(BEST, all.size())), nearest, reasons);
        if (uv.isPresent() && nearest.uvMiss() > 1e-9) {
            reasons.add(new EquipmentFound.Reason(
                    EquipmentFound.Kind.UV,
                    "uvi",
                    "",
                    OptionalDouble.of(nearest.uv()),
                    OptionalDouble.of(uv.get().min()),
                    OptionalDouble.empty(),
                    OptionalDouble.empty()));
        }
        for (Wish.Miss m : nearest.misses()) {
            if (m.wish().isHumidity() && !named(reasons, m)) {
                reasons.add(reason(EquipmentFound.Kind.HUMIDITY, m, "", OptionalDouble.empty()));
            }
        }
        if (reasons.isEmpty()) {
            reasons.add(new EquipmentFound.Reason(
                    EquipmentFound.Kind.FORBIDDEN,
                    "",
                    "",
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty()));
        }
        return reasons;
    }

    private static EquipmentFound.Reason reason(
            EquipmentFound.Kind kind, Wish.Miss m, String other, OptionalDouble need) {
        return new EquipmentFound.Reason(
                kind,
                m.wish().key(),
                other,
                OptionalDouble.of(m.value()),
                OptionalDouble.of(m.isBelow() ? m.wish().low() : m.wish().high()),
                OptionalDouble.of(m.room()),
                need);
    }

    /** The room at which a place that is too warm would not be; empty for anything else. */
    private static OptionalDouble cooler(Wish.Miss m) {
        return m.isBelow() || m.wish().isHumidity()
                ? OptionalDouble.empty()
                : OptionalDouble.of(m.room() - (m.value() - m.wish().high()));
    }

    private static boolean named(List<EquipmentFound.Reason> reasons, Wish.Miss m) {
        return reasons.stream().anyMatch(r -> r.key().equals(m.wish().key()));
    }

    /** Two wishes of which one is missed wherever the other is met, among the best. */
    private static void conflicts(
            List<EquipmentFound.Answer> best, EquipmentFound.Answer nearest, List<EquipmentFound.Reason> reasons) {
        List<String> keys = best.stream()
                .flatMap(a -> a.misses().stream())
                .map(m -> m.wish().key())
                .distinct()
                .toList();
        List<Set<String>> missed = best.stream()
                .map(a -> a.misses().stream().map(m -> m.wish().key()).collect(Collectors.toSet()))
                .toList();
        for (int i = 0; i < keys.size(); i++) {
            for (int j = i + 1; j < keys.size(); j++) {
                String a = keys.get(i);
                String b = keys.get(j);
                boolean never = missed.stream().noneMatch(s -> !s.contains(a) && !s.contains(b));
                boolean either = missed.stream().anyMatch(s -> !s.contains(a))
                        && missed.stream().anyMatch(s -> !s.contains(b));
                if (never && either) {
                    nearest.misses().stream()
                            .filter(m ->
                                    m.wish().key().equals(a) || m.wish().key().equals(b))
                            .findFirst()
                            .filter(m -> !named(reasons, m))
                            .ifPresent(m -> reasons.add(reason(
                                    EquipmentFound.Kind.CONFLICT,
                                    m,
                                    m.wish().key().equals(a) ? b : a,
                                    cooler(m))));
                }
            }
        }
    }
}
