package tanah.core.water;

import static tanah.core.physics.Constants.HOUR;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.edit.PlanEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Waste in the water against what takes it out: how often a filter moves the water, how much its media can turn over, and what comes of a
 * water without one. All animals that enter the water count together.
 */
public final class WasteRule {
    public static final RuleId TURNOVER = new RuleId("water.turnover");
    public static final RuleId NO_FILTER = new RuleId("water.filter");
    public static final RuleId PLANTS_ONLY = new RuleId("GW-092");
    public static final RuleId MEDIA = new RuleId("water.media");

    /** The choice of how the water is kept clean. */
    public static final String CHOICE = "filter";

    private static final Range LIGHT = new Range(2, 4); // volumes an hour, waste classes 1 to 3; common practice
    private static final Range HEAVY = new Range(4, 8); // volumes an hour, waste classes 4 and 5; common practice
    private static final int HEAVY_FROM = 4;
    private static final int NEEDS_FILTER = 3;

    /** mg of nitrogen a litre, more asks for action; common practice, no source. */
    private static final double AMMONIA = 0.5;

    private WasteRule() {}

    public static List<Finding> judge(List<Inhabitant> animals, Design design, Circulation water, WaterCare care) {
        List<Inhabitant> wet = animals.stream()
                .filter(a -> CurrentRule.entersWater(a.profile()))
                .toList();
        List<Finding> findings = new ArrayList<>();
        if (wet.isEmpty()) {
            return findings;
        }
        String names =
                wet.stream().map(a -> a.row().scientificName()).distinct().collect(Collectors.joining(", "));
        if (water.hasFilter()) {
            findings.add(turnover(wet, names, water, care.volume() - water.outside()));
            media(wet, names, care).ifPresent(findings::add);
        } else {
            without(wet, names, design, care.volume()).ifPresent(findings::add);
        }
        return findings;
    }

    /** Volumes an hour that a filter has to move for a species' waste. */
    public static Range turnover(Species s) {
        return waste(s) >= HEAVY_FROM ? HEAVY : LIGHT;
    }

    private static int waste(Species s) {
        return (int) s.optional("waste_class").orElse(1);
    }

    /** @param volume that stands in the box (m³) */
    private static Finding turnover(List<Inhabitant> animals, String names, Circulation water, double volume) {
        boolean heavy = animals.stream().anyMatch(a -> waste(a.profile()) >= HEAVY_FROM);
        Range wanted = heavy ? HEAVY : LIGHT;
        double perHour = water.filtered() * HOUR / volume;
        Place place = Place.of(Stage.WATER);
        List<Measure> numbers = List.of(
                new Measure("turnover", perHour, Unit.COUNT),
                new Measure("least", wanted.min(), Unit.COUNT),
                new Measure("most", wanted.max(), Unit.COUNT),
                new Measure("flow", water.filtered(), Unit.LITRE_PER_HOUR),
                new Measure("volume", volume, Unit.LITRE));
        if (perHour > wanted.max() + 1e-9) {
            return Finding.of(TURNOVER, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("throttle-flow")))
                    .worded("over", names);
        }
        return perHour >= wanted.min() - 1e-9
                ? Finding.of(TURNOVER, Severity.GOOD, place, numbers, List.of()).worded("", names)
                : Finding.of(TURNOVER, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("larger-filter")))
                        .worded("", names);
    }

    /** What the grown animals leave in a day against what bacteria on the media can turn over at this warmth. */
    private static Optional<Finding> media(List<Inhabitant> animals, String names, WaterCare care) {
        double grown = grown(animals);
        double room = care.turnsOver();
        if (grown <= 0 || room <= 0) {
            return Optional.empty();
        }
        double used = grown / room;
        Severity severity = used > 1 ? Severity.CAUTION : Severity.GOOD;
        return Optional.of(Finding.of(
                        MEDIA,
                        severity,
                        Place.of(Stage.WATER),
                        List.of(
                                new Measure("load", perDay(grown), Unit.COUNT),
                                new Measure("room", perDay(room), Unit.COUNT),
                                new Measure("used", used, Unit.PERCENT),
                                new Measure("media", care.media(), Unit.SQUARE_METRE)),
                        severity == Severity.GOOD ? List.of() : List.of(Remedy.byHand("more-media")))
                .worded("", names));
    }

    /**
     * Water without a filter: the ammonia of a day against what changes can hold down (half a milligram of nitrogen a litre, common
     * practice), nothing in it taken up or turned over.
     */
    private static Optional<Finding> without(List<Inhabitant> animals, String names, Design design, double volume) {
        double load = CycleWays.load(animals);
        double grown = grown(animals);
        int waste = animals.stream().mapToInt(a -> waste(a.profile())).max().orElse(1);
        Place place = Place.of(Stage.WATER);
        List<Measure> numbers = List.of(
                new Measure("load", perDay(load), Unit.COUNT),
                new Measure("grown", perDay(grown), Unit.COUNT),
                new Measure("rise", perDay(load) / (volume * 1000), Unit.COUNT),
                new Measure("change", perDay(load) / (volume * 1000) / AMMONIA, Unit.PERCENT));
        if (design.school(CHOICE).filter("plants_only"::equals).isPresent()) {
            // plants are counted when the planting is planned; until then none take anything up
            return grown > 0
                    ? Optional.of(Finding.of(
                                    PLANTS_ONLY,
                                    Severity.CAUTION,
                                    place,
                                    numbers,
                                    List.of(
                                            Remedy.change("choose-sponge", new PlanEdit.SetSchool(CHOICE, "sponge")),
                                            Remedy.byHand("lighter-load")))
                            .worded("", names))
                    : Optional.empty();
        }
        boolean fouls = perDay(load) / (volume * 1000) > AMMONIA;
        if (!fouls && waste < NEEDS_FILTER && perDay(grown) / (volume * 1000) <= AMMONIA) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        NO_FILTER,
                        fouls ? Severity.CAUTION : Severity.HINT,
                        place,
                        numbers,
                        List.of(Remedy.change("add-filter", new Action.GoTo(Stage.WATER))))
                .worded(fouls ? "fouls" : "", names));
    }

    private static double grown(List<Inhabitant> animals) {
        return animals.stream()
                .mapToDouble(a -> CycleWays.grownLoad(a) * a.resident().count())
                .sum();
    }

    /** mg a day. */
    private static double perDay(double kilogramsPerSecond) {
        return kilogramsPerSecond * 86_400 * 1e6;
    }
}
