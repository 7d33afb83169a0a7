package tanah.web.log;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import tanah.core.commission.RunningIn;
import tanah.core.commission.SettlingRule;
import tanah.core.design.Layer;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.ground.Soil;
import tanah.web.evaluate.Signs;

/** What the logbook proves about water that runs in and ground that settles. */
@Component
public class LogSigns implements Signs {
    private static final String MOVED_IN = "moved_in";
    private static final String DOSED = "dosed";
    private static final String MOULD = "new_mould";
    private static final String SPRINGTAILS = "springtails";
    private static final OffsetDateTime ZERO = OffsetDateTime.of(2000, 1, 1, 0, 0, 0, 0, ZoneOffset.UTC);
    private static final double MG = 1e-3; // kg/m³ per mg/l
    private static final double TOGETHER = 0.25; // days between two readings of one test
    private static final double ORGANIC = 0.2; // share of a soil from which something lives on it, from memory

    private final ReadingService readings;
    private final EventService events;

    LogSigns(ReadingService readings, EventService events) {
        this.readings = readings;
        this.events = events;
    }

    /** Findings on the proof of the water, where there is water, and on the signs of the ground, where it lives. */
    public List<Finding> judge(long keeper, long enclosure, String phase, Evaluation e) {
        List<Event> signs = events.ofKinds(keeper, enclosure, List.of(MOVED_IN, DOSED, MOULD, SPRINGTAILS));
        List<Finding> findings = new ArrayList<>();
        water(keeper, enclosure, e, days(signs, DOSED), movedIn(signs, phase)).ifPresent(findings::add);
        if (lives(e)) {
            SettlingRule.judge(logged(signs), days(signs, MOULD), days(signs, SPRINGTAILS))
                    .ifPresent(findings::add);
        }
        return findings;
    }

    @Override
    public List<Finding> stops(long keeper, long enclosure, String phase, Evaluation e) {
        if (e.design().water().isEmpty()) {
            return List.of();
        }
        List<Event> signs = events.ofKinds(keeper, enclosure, List.of(MOVED_IN, DOSED));
        OptionalDouble movedIn = movedIn(signs, phase);
        return movedIn.isEmpty()
                ? List.of()
                : water(keeper, enclosure, e, days(signs, DOSED), movedIn).stream()
                        .filter(f -> f.severity() == Severity.STOP)
                        .toList();
    }

    /** When the animal came: the first time that the log says so; now where the plan alone says that it lives there. */
    private static OptionalDouble movedIn(List<Event> signs, String phase) {
        OptionalDouble logged = logged(signs);
        return logged.isEmpty() && phase.equals("kept")
                ? OptionalDouble.of(day(OffsetDateTime.now(ZoneOffset.UTC)))
                : logged;
    }

    private static OptionalDouble logged(List<Event> signs) {
        return days(signs, MOVED_IN).stream().mapToDouble(Double::doubleValue).min();
    }

    private Optional<Finding> water(
            long keeper, long enclosure, Evaluation e, List<Double> doses, OptionalDouble movedIn) {
        if (e.design().water().isEmpty()) {
            return Optional.empty();
        }
        boolean pioneer =
                e.design().school("water").filter("plants_only"::equals).isPresent();
        RunningIn proof = RunningIn.of(tests(keeper, enclosure), doses, pioneer ? movedIn : OptionalDouble.empty());
        return proof.judge(movedIn, pioneer);
    }

    /** Ammonium and nitrite that were read within a few hours of each other. */
    private List<RunningIn.Test> tests(long keeper, long enclosure) {
        Map<Double, Double> ammonium = new TreeMap<>();
        TreeMap<Double, Double> nitrite = new TreeMap<>();
        readings.ofKinds(keeper, enclosure, List.of("nh34", "no2")).forEach(r -> {
            if (r.kind().equals("nh34")) {
                ammonium.put(day(r.takenAt()), r.value() * MG);
            } else if (r.kind().equals("no2")) {
                nitrite.put(day(r.takenAt()), r.value() * MG);
            }
        });
        List<RunningIn.Test> tests = new ArrayList<>();
        ammonium.forEach((day, value) -> nitrite.subMap(day - TOGETHER, day + TOGETHER).values().stream()
                .findFirst()
                .ifPresent(n -> tests.add(new RunningIn.Test(day, value, n))));
        return tests;
    }

    private static boolean lives(Evaluation e) {
        return e.design().ground().layers().stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .flatMap(l -> e.ground().stream()
                        .flatMap(g -> Optional.ofNullable(g.soils().get(l.id())).stream()))
                .mapToDouble(Soil::organicVolume)
                .anyMatch(share -> share >= ORGANIC);
    }

    private static List<Double> days(List<Event> events, String kind) {
        return events.stream()
                .filter(e -> e.kind().equals(kind))
                .map(e -> day(e.happenedAt()))
                .toList();
    }

    private static double day(OffsetDateTime at) {
        return Duration.between(ZERO, at).toSeconds() / 86_400.0;
    }
}
