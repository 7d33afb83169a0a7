package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Ramp;
import tanah.core.design.edit.WaterEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.GroundResult;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/** Water against the animals: depth, a way out, ramps, and land against water. */
public final class WaterAnimalRules {
    public static final RuleId DEEP = new RuleId("GW-028");
    public static final RuleId SHALLOW = new RuleId("GW-029");
    public static final RuleId NO_WAY_OUT = new RuleId("GW-031");
    public static final RuleId RAMP = new RuleId("GW-032");
    public static final RuleId WAY_OUT = new RuleId("GW-033");
    public static final RuleId SHARE = new RuleId("water.land_share");
    public static final RuleId NO_WATER = new RuleId("water.missing");

    private static final double RAMP_FOOT = 0.02; // m under the lowest level, common practice
    private static final double RAMP_TOP = 0.03; // m over the level, room to rest
    private static final double ROUND = 0.005; // m
    private static final double SHARE_STEP = 0.005;

    private WaterAnimalRules() {}

    public static List<Finding> judge(Inhabitant animal, Design design, GroundResult ground, LandWater state) {
        List<Finding> findings = new ArrayList<>();
        Way way = Way.of(animal);
        depth(animal, state).ifPresent(findings::add);
        boolean ramp = ramps(animal, design, state, way, findings);
        if (state.water().free() > 0) {
            // what lives in the water for good needs no way out of it
            if (!animal.profile().isAquatic() || ramp) {
                findings.add(exits(animal, ground, state, way, ramp));
            }
        }
        share(animal, state).ifPresent(findings::add);
        return findings;
    }

    /** An animal that needs water in a plan without any. */
    public static Optional<Finding> missing(Inhabitant animal) {
        Range land = animal.profile().landFraction();
        boolean needs = land.max() < 1
                && animal.profile().optional("water_depth_min_cm").orElse(0) > 0;
        if (!needs) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        NO_WATER,
                        Severity.CAUTION,
                        Place.of(Stage.WATER),
                        List.of(new Measure("land_most", land.max(), Unit.PERCENT)),
                        List.of(Remedy.change("plan-water", new Action.GoTo(Stage.WATER))))
                .worded("", animal.row().scientificName()));
    }

    private static Optional<Finding> depth(Inhabitant animal, LandWater state) {
        Species needs = animal.profile();
        Optional<Range> wanted = needs.range("water_depth_min_cm", "water_depth_max_cm")
                .map(r -> new Range(r.min() / 100, r.max() / 100));
        if (wanted.isEmpty() || wanted.get().max() <= 0 || state.water().surface() <= 0) {
            return Optional.empty();
        }
        boolean young = animal.ageMonths().isPresent()
                && animal.ageMonths().getAsDouble() < needs.monthsToAdult()
                && needs.optional("water_depth_juvenile_max_cm").orElse(0) > 0;
        double most = young
                ? needs.number("water_depth_juvenile_max_cm") / 100
                : wanted.get().max();
        double least = Math.min(wanted.get().min(), most);
        double deepest = state.water().depthMax();
        List<Measure> numbers = List.of(length("depth", deepest), length("least", least), length("most", most));
        Place place = Place.of(Stage.WATER);
        String name = animal.row().scientificName();
        if (!Resolution.LENGTH.atMost(deepest, most)) {
            boolean poor = !needs.text("swims").equals("good");
            double level = down(state.water().level() - (deepest - most));
            List<Remedy> remedies = new ArrayList<>();
            if (level > 0) {
                remedies.add(Remedy.change("lower-water", WaterEdit.level(level), length("level", level)));
            }
            remedies.add(Remedy.change("raise-floor", new Action.GoTo(Stage.GROUND)));
            return Optional.of(Finding.of(DEEP, poor ? Severity.STOP : Severity.CAUTION, place, numbers, remedies)
                    .worded(young ? "young" : "", name));
        }
        if (!Resolution.LENGTH.atLeast(deepest, least)) {
            double level = up(state.water().level() + least - deepest);
            return Optional.of(Finding.of(
                            SHALLOW,
                            Severity.CAUTION,
                            place,
                            numbers,
                            List.of(Remedy.change("raise-water", WaterEdit.level(level), length("level", level))))
                    .worded("", name));
        }
        return Optional.of(
                Finding.of(DEEP, Severity.GOOD, place, numbers, List.of()).worded(young ? "young" : "", name));
    }

    /** Judges every ramp; whether one of them leads out. */
    private static boolean ramps(Inhabitant animal, Design design, LandWater state, Way way, List<Finding> findings) {
        boolean usable = false;
        for (Ramp ramp : design.water().orElseThrow().ramps()) {
            double rise = ramp.top() - ramp.foot();
            double needed = way.rampFor(rise);
            boolean steep = ramp.angle() > way.steepest() + 1e-9;
            boolean reaches = ramp.foot() <= state.lowest() - RAMP_FOOT + 1e-9 && ramp.top() >= state.highest() - 1e-9;
            boolean wide = ramp.width() >= way.narrowest() - 1e-9;
            if (!steep && reaches && wide && ramp.isRough()) {
                usable = true;
                continue;
            }
            double length = up(needed);
            List<Measure> numbers = List.of(
                    new Measure("angle", ramp.angle(), Unit.DEGREE),
                    new Measure("steepest", way.steepest(), Unit.DEGREE),
                    length("needed", needed));
            findings.add(Finding.of(
                            RAMP,
                            Severity.CAUTION,
                            Place.part(Stage.WATER, ramp.id()),
                            numbers,
                            List.of(Remedy.byHand("lengthen-ramp", length("length", length))))
                    .worded(
                            steep ? "steep" : !ramp.isRough() ? "smooth" : reaches ? "narrow" : "reach",
                            animal.row().scientificName()));
        }
        return usable;
    }

    private static Finding exits(Inhabitant animal, GroundResult ground, LandWater state, Way way, boolean ramp) {
        Exits exits = Exits.find(ground.terrain(), state.water(), way);
        List<Measure> numbers = List.of(
                new Measure("trapped", exits.trapped(), Unit.SQUARE_CENTIMETRE),
                new Measure("steepest", way.steepest(), Unit.DEGREE),
                new Measure("shore", exits.gentlest().orElse(Math.PI / 2), Unit.DEGREE));
        Place place = Place.of(Stage.WATER);
        String name = animal.row().scientificName();
        if (exits.isWayOut() || ramp) {
            return Finding.of(WAY_OUT, Severity.GOOD, place, numbers, List.of())
                    .worded(exits.isWayOut() ? "" : "ramp", name);
        }
        double foot = Math.max(0, down(state.lowest() - RAMP_FOOT));
        double top = up(state.highest() + RAMP_TOP);
        double length = up(way.rampFor(top - foot));
        double width = Math.max(0.08, way.narrowest());
        return Finding.of(
                        NO_WAY_OUT,
                        Severity.STOP,
                        place,
                        numbers,
                        List.of(
                                Remedy.change(
                                        "lay-ramp",
                                        new WaterEdit.AddRamp(foot, top, length, width),
                                        length("length", length),
                                        length("foot", foot),
                                        length("top", top)),
                                Remedy.change("shape-beach", new Action.GoTo(Stage.GROUND))))
                .worded("", name);
    }

    private static Optional<Finding> share(Inhabitant animal, LandWater state) {
        Range wanted = animal.profile().landFraction();
        double share = state.landShare();
        List<Measure> numbers = List.of(
                new Measure("land", share, Unit.PERCENT),
                new Measure("least", wanted.min(), Unit.PERCENT),
                new Measure("most", wanted.max(), Unit.PERCENT));
        Place place = Place.of(Stage.WATER);
        String name = animal.row().scientificName();
        boolean less = share < wanted.min() - SHARE_STEP;
        boolean more = share > wanted.max() + SHARE_STEP;
        if (!less && !more) {
            return Optional.of(
                    Finding.of(SHARE, Severity.GOOD, place, numbers, List.of()).worded("", name));
        }
        return Optional.of(Finding.of(
                        SHARE,
                        Severity.CAUTION,
                        place,
                        numbers,
                        List.of(Remedy.change("move-dam", new Action.GoTo(Stage.WATER))))
                .worded(less ? "less" : "more", name));
    }

    private static double up(double metres) {
        return Math.ceil(metres / ROUND - 1e-6) * ROUND;
    }

    private static double down(double metres) {
        return Math.floor(metres / ROUND + 1e-6) * ROUND;
    }

    private static Measure length(String name, double metres) {
        return WaterRules.length(name, metres);
    }
}
