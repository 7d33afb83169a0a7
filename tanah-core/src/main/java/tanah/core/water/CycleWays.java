package tanah.core.water;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** The ways in which one and the same water can be run in, side by side. */
public final class CycleWays {
    public static final RuleId HARMS = new RuleId("GW-091");

    private static final String ADULT_MEALS = "feed_interval_days_adult";
    private static final double MEAL = 0.04; // of the body mass, from memory
    private static final double PROTEIN = 0.2; // of live food, from memory
    private static final double NITROGEN = 0.16; // of protein, common practice
    private static final double EXCRETED = 0.6; // from memory
    private static final double ON_LAND = 0.5; // share that reaches the water from an animal that lives on land as well
    private static final double GRAM = 1e-3; // kg
    private static final int PLANTS_FIRST = 14; // days before the one animal goes in
    private static final double SEED = 0.5; // share of the media that comes from a running filter

    private CycleWays() {}

    /**
     * A way and what comes of it.
     *
     * @param plan   what was computed
     * @param course day by day
     */
    public record Way(NitrogenPlan plan, NitrogenCycle.Course course) {
        /** Whether its ammonia would harm at its peak what lives in it: only where an animal does. */
        public boolean harms() {
            return plan.school() == NitrogenPlan.School.SINGLE && course.peakUnionised() > Ammonia.SAFE;
        }

        /** The harm as a finding: a stop above 0.05 mg/l of un-ionised ammonia nitrogen, a caution above 0.02. */
        public Optional<Finding> judge() {
            if (!harms()) {
                return Optional.empty();
            }
            boolean stop = course.peakUnionised() > Ammonia.HARMFUL;
            return Optional.of(Finding.of(
                    HARMS,
                    stop ? Severity.STOP : Severity.CAUTION,
                    Place.of(Stage.WATER),
                    List.of(
                            new Measure("peak", course.peakUnionised(), Unit.MILLIGRAM_PER_LITRE),
                            new Measure("safe", Ammonia.SAFE, Unit.MILLIGRAM_PER_LITRE)),
                    List.of(Remedy.byHand("lighter-start"))));
        }
    }

    /**
     * All three ways.
     *
     * @param base volume, temperature, acidity, alkalinity and media; its school does not count
     * @param load waste of the one animal of the third way (kg N/s)
     */
    public static List<Way> of(NitrogenPlan base, double load) {
        List<Way> ways = new ArrayList<>();
        for (NitrogenPlan.School school : NitrogenPlan.School.values()) {
            boolean single = school == NitrogenPlan.School.SINGLE;
            NitrogenPlan plan = new NitrogenPlan(
                    base.volume(),
                    base.celsius(),
                    base.ph(),
                    base.alkalinity(),
                    base.mediaArea(),
                    school,
                    school == NitrogenPlan.School.SEEDED
                            ? OptionalDouble.of(SEED * base.mediaArea())
                            : OptionalDouble.empty(),
                    single ? 0 : base.dose(),
                    single ? load : 0,
                    single ? PLANTS_FIRST : 0,
                    base.uptake(),
                    single ? base.changeFraction() : 0,
                    base.changeEvery(),
                    base.tapNitrate(),
                    base.days());
            ways.add(new Way(plan, NitrogenCycle.run(plan)));
        }
        return ways;
    }

    /** Waste of all animals of a box, as it reaches the water (kg N/s). */
    public static double load(List<Inhabitant> animals) {
        return animals.stream().mapToDouble(a -> load(a) * a.resident().count()).sum();
    }

    /**
     * Waste of one animal of a kind as it is now: its mass as weighed, else of a grown one by the cube of the length (common
     * practice), fed as often as its age is.
     *
     * @return kg N/s, 0 if the mass of the animal is not known
     */
    public static double load(Inhabitant animal) {
        double share = Math.min(1, animal.lengthShare());
        double mass = animal.resident().mass().orElse(grown(animal.profile()) * share * share * share);
        return load(animal.profile(), mass, animal.isYoung() ? "feed_interval_days_juvenile" : ADULT_MEALS);
    }

    /** The same once it is grown (kg N/s). */
    public static double grownLoad(Inhabitant animal) {
        return load(animal.profile(), grown(animal.profile()), ADULT_MEALS);
    }

    private static double grown(Species s) {
        return s.optional("mass_adult_g").orElse(0) * GRAM;
    }

    /** Meals of 4 % of the mass at the usual interval (from memory); food times protein, nitrogen and what is excreted. */
    private static double load(Species s, double mass, String meals) {
        double days = s.optional(meals).orElse(s.optional(ADULT_MEALS).orElse(2));
        double share = s.isAquatic() ? 1 : ON_LAND;
        return mass * MEAL * PROTEIN * NITROGEN * EXCRETED * share / (Math.max(1, days) * DAY);
    }
}
