package tanah.core.water;

import static tanah.core.physics.Constants.HOUR;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.PlanEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.units.Unit;

/** Current and turnover against the animal: what a jet still has in the middle of the water, and what the filter moves. */
public final class CurrentRule {
    public static final RuleId CURRENT = new RuleId("GW-081");
    public static final RuleId TURNOVER = new RuleId("water.turnover");
    public static final RuleId NO_FILTER = new RuleId("water.filter");
    public static final RuleId PLANTS_ONLY = new RuleId("GW-092");

    /** The choice of how the water is kept clean. */
    public static final String CHOICE = "filter";

    private static final double SLOW = 0.05; // m/s, poor swimmers; common practice
    private static final double MODERATE = 0.15; // m/s, good swimmers; common practice
    private static final Range LIGHT = new Range(2, 4); // volumes an hour, waste classes 1 to 3; common practice
    private static final Range HEAVY = new Range(4, 8); // volumes an hour, waste classes 4 and 5; common practice
    private static final int HEAVY_FROM = 4;
    private static final int NEEDS_FILTER = 3;
    private static final double AMMONIA =
            0.5; // mg of nitrogen a litre, more asks for action; common practice, no source
    private static final double LEAST_SURFACE = 1e-4; // m²
    private static final int MOST_OUTLETS = 60;

    private CurrentRule() {}

    public static List<Finding> judge(Inhabitant animal, Design design, GroundResult ground, Circulation water) {
        List<Finding> findings = new ArrayList<>();
        if (!entersWater(animal.profile())) {
            return findings;
        }
        for (Run run : water.runs()) {
            if (run.hasJet()) {
                findings.add(current(animal, run, distance(run.device(), ground)));
            }
        }
        turnover(animal, design, ground, water).ifPresent(findings::add);
        return findings;
    }

    static boolean entersWater(Species s) {
        return s.optional("water_depth_max_cm").orElse(0) > 0;
    }

    /** What the animal bears at its resting place (m/s). */
    public static double limit(Species s) {
        OptionalDouble own = s.optional("current_max_cm_s");
        if (own.isPresent()) {
            return own.getAsDouble() / 100;
        }
        return s.text("swims").equals("good") ? MODERATE : SLOW;
    }

    /** Volumes an hour that a filter has to move for a species' waste. */
    public static Range turnover(Species s) {
        return s.optional("waste_class").orElse(1) >= HEAVY_FROM ? HEAVY : LIGHT;
    }

    /** From an outlet to the middle of the open water (m). */
    private static double distance(Device device, GroundResult ground) {
        WaterVolumes w = ground.water().orElseThrow();
        double half = Math.sqrt(Math.max(LEAST_SURFACE, w.surface()) / Math.PI);
        if (device.at().x().isEmpty() || device.at().y().isEmpty()) {
            return half;
        }
        double volume = 0;
        double x = 0;
        double y = 0;
        for (Cell cell : ground.terrain().cells()) {
            for (ConvexPolygon plan : w.side().within(cell.plan())) {
                double free = plan.roomBelow(cell.top(), w.level());
                Point middle = plan.centroid();
                volume += free;
                x += free * middle.x();
                y += free * middle.y();
            }
        }
        if (volume <= 0) {
            return half;
        }
        double away = Math.hypot(
                device.at().x().getAsDouble() - x / volume, device.at().y().getAsDouble() - y / volume);
        // right in the middle there is still water to all sides
        return Math.max(half / 2, away);
    }

    private static Finding current(Inhabitant animal, Run run, double distance) {
        double limit = limit(animal.profile());
        double flow = run.flow().orElse(0);
        double speed = OpenFlow.jetSpeed(flow, run.outlets(), run.outletBore(), distance);
        Place place = Place.part(Stage.WATER, run.device().id());
        List<Measure> numbers = List.of(
                new Measure("speed", speed, Unit.CENTIMETRE_PER_SECOND),
                new Measure("limit", limit, Unit.CENTIMETRE_PER_SECOND),
                WaterRules.length("distance", distance));
        String name = animal.row().scientificName();
        if (speed <= limit) {
            return Finding.of(CURRENT, Severity.GOOD, place, numbers, List.of()).worded("", name);
        }
        List<Remedy> remedies = new ArrayList<>();
        outlets(run, distance, limit)
                .ifPresent(n -> remedies.add(Remedy.change(
                        "spray-bar", DeviceEdit.outlets(run.device().id(), n), new Measure("count", n, Unit.COUNT))));
        remedies.add(Remedy.byHand("break-current"));
        return Finding.of(CURRENT, speed > 2 * limit ? Severity.STOP : Severity.CAUTION, place, numbers, remedies)
                .worded("", name);
    }

    /** Openings of the same bore that bring the jet down to the limit. */
    private static Optional<Integer> outlets(Run run, double distance, double limit) {
        for (int n = run.outlets() + 1; n <= MOST_OUTLETS; n++) {
            if (OpenFlow.jetSpeed(run.flow().orElse(0), n, run.outletBore(), distance) <= limit) {
                return Optional.of(n);
            }
        }
        return Optional.empty();
    }

    private static Optional<Finding> turnover(
            Inhabitant animal, Design design, GroundResult ground, Circulation water) {
        Species s = animal.profile();
        int waste = (int) s.optional("waste_class").orElse(1);
        String name = animal.row().scientificName();
        double volume = ground.water().orElseThrow().turnsOver();
        if (volume <= 0) {
            return Optional.empty();
        }
        Place place = Place.of(Stage.WATER);
        if (!water.hasFilter()) {
            return without(animal, design, waste, volume);
        }
        Range wanted = turnover(s);
        double perHour = water.filtered() * HOUR / volume;
        List<Measure> numbers = List.of(
                new Measure("turnover", perHour, Unit.COUNT),
                new Measure("least", wanted.min(), Unit.COUNT),
                new Measure("most", wanted.max(), Unit.COUNT),
                new Measure("flow", water.filtered(), Unit.LITRE_PER_HOUR),
                new Measure("volume", volume, Unit.LITRE));
        if (perHour > wanted.max() + 1e-9) {
            return Optional.of(
                    Finding.of(TURNOVER, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("throttle-flow")))
                            .worded("over", name));
        }
        if (perHour >= wanted.min() - 1e-9) {
            return Optional.of(Finding.of(TURNOVER, Severity.GOOD, place, numbers, List.of())
                    .worded("", name));
        }
        return Optional.of(
                Finding.of(TURNOVER, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("larger-filter")))
                        .worded("", name));
    }

    /**
     * Water without a filter: the ammonia of a day against what changes can hold down (half a milligram of nitrogen a litre, common
     * practice), nothing in it taken up or turned over.
     */
    private static Optional<Finding> without(Inhabitant animal, Design design, int waste, double volume) {
        int count = animal.resident().count();
        double load = CycleWays.load(animal) * count;
        double grown = CycleWays.grownLoad(animal) * count;
        String name = animal.row().scientificName();
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
                            .worded("", name))
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
                .worded(fouls ? "fouls" : "", name));
    }

    /** mg a day. */
    private static double perDay(double kilogramsPerSecond) {
        return kilogramsPerSecond * 86_400 * 1e6;
    }
}
