package tanah.core.cleanup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.crew.AnimalWaste;
import tanah.core.crew.CrewPlan;
import tanah.core.crew.CrewYear;
import tanah.core.crew.Leaf;
import tanah.core.crew.LitterDecay;
import tanah.core.crew.Mould;
import tanah.core.crew.Protein;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundResult;
import tanah.core.plant.RootPlace;
import tanah.core.planting.Planted;

/**
 * What falls on the floor of a plan in a day, and who carries it, through a year. It shows whether a start is of the right order, not a
 * count; cultures differ two to five times.
 *
 * @param climate of the floor
 * @param doses   who is set, in the order of the plan; those that nobody knows have no kind
 * @param refuges places kept damp or dry, as they lie on the land
 * @param plan    floor, litter, waste and crew
 * @param year    day by day
 * @param load    of the floor by what the animals leave
 * @param reserve days until the litter is too thin; empty where it never is
 * @param least   litter that has to lie there (kg)
 * @param mould   on new wood and leaves after planting
 * @param protein against what the crew wants
 */
public record Cleanup(
        FloorState climate,
        List<Group> doses,
        List<RefugeOnFloor> refuges,
        CrewPlan plan,
        CrewYear year,
        AnimalWaste.Load load,
        OptionalDouble reserve,
        double least,
        Protein protein,
        Mould mould) {
    private static final double BULK = 40; // kg/m³ of loose litter, dry; common practice, 30 to 60
    private static final double LEAST = 0.1; // kg/m², common practice
    // shares of a crew that a hunter does not get at; common practice
    private static final double BARE = 0.3;
    private static final double IN_LITTER = 0.6;
    private static final double UNDER_CORK = 0.8;
    private static final double IN_TIME = 0.8; // of the days that the leaves last; common practice
    private static final double HALF_YEAR = 182; // days
    // sugars that mould lives on, kg/m² of floor; common practice, no source
    private static final double NEW_WOOD = 0.030;
    private static final double NO_WOOD = 0.005;
    private static final double WORTH_HUNTING = 0.01; // of the length of the hunter; common practice, no source
    private static final double FALLS = 0.4e-3; // kg/m² of leaf cover a day, common practice, 0.1 to 1.5

    public Cleanup {
        doses = List.copyOf(doses);
        refuges = List.copyOf(refuges);
    }

    /**
     * Leaves that are laid again before they lie too thin.
     *
     * @param day    after the build
     * @param litter to come back to what was laid at first (kg dry)
     */
    public record TopUp(double day, double litter) {}

    /** When the leaves run short; empty where they last. At four fifths of the time that they last, and twice a year at least. */
    public Optional<TopUp> topUp() {
        if (reserve.isEmpty() || !Double.isFinite(reserve.getAsDouble()) || plan.litter() <= 0) {
            return Optional.empty();
        }
        double day = Math.min(HALF_YEAR, IN_TIME * reserve.getAsDouble());
        double lies = year.days().get((int) Math.round(day)).litter();
        return Optional.of(new TopUp(day, Math.max(0, plan.litter() - lies)));
    }

    /** Warmth of the floor (°C) and its water over field capacity. */
    public record FloorState(double celsius, double coldest, double hottest, double wetness, double refuge) {}

    /**
     * One kind that is set.
     *
     * @param model   empty where nobody knows it
     * @param count   animals that are set
     * @param lives   how fast it lives there, over 24 °C and damp enough; 0 where it cannot
     * @param verdict after a year; empty for those in water and those that nobody knows
     */
    public record Group(
            CrewChoice.Dose dose,
            Optional<CrewModel> model,
            double count,
            double lives,
            Optional<CrewYear.Verdict> verdict) {}

    /** Empty where there is no ground that a crew lives in, or no floor. */
    public static Optional<Cleanup> of(
            Design design,
            GroundResult ground,
            double floor,
            List<Inhabitant> animals,
            Forecast forecast,
            Optional<Planted> planted,
            Catalogue catalogue) {
        return of(design, ground, floor, animals, FloorWarmth.of(forecast), planted, catalogue);
    }

    /** The same where it is known how warm the floor is. */
    public static Optional<Cleanup> of(
            Design design,
            GroundResult ground,
            double floor,
            List<Inhabitant> animals,
            FloorWarmth warmth,
            Optional<Planted> planted,
            Catalogue catalogue) {
        List<RefugeOnFloor> refuges = RefugeOnFloor.all(design, ground, floor);
        Optional<FloorClimate> found = floor > 0 ? FloorClimate.of(design, warmth, refuges) : Optional.empty();
        return found.map(c -> of(design, ground, floor, refuges, animals, c, planted, catalogue));
    }

    private static Cleanup of(
            Design design,
            GroundResult ground,
            double floor,
            List<RefugeOnFloor> refuges,
            List<Inhabitant> animals,
            FloorClimate c,
            Optional<Planted> planted,
            Catalogue catalogue) {
        Leavings leavings = Leavings.of(animals);
        List<Group> asked = design.crew().doses().stream()
                .map(d -> group(d, catalogue.findCrew(d.species()), floor, c))
                .toList();
        double hidden = hidden(design);
        List<CrewPlan.Group> crew = new ArrayList<>();
        for (Group g : asked) {
            if (isJudged(g)) {
                crew.add(new CrewPlan.Group(
                        g.model().orElseThrow().kind(),
                        g.count(),
                        preyed(g.model().orElseThrow(), animals),
                        g.dose().hidden().orElse(hidden)));
            }
        }
        CrewPlan plan = new CrewPlan(
                floor,
                c.celsius(),
                c.wetness(),
                c.pocket(),
                c.refuge(),
                litter(design, ground),
                FALLS * leafCover(planted),
                leafRate(design),
                leavings.waste(),
                leavings.frass(),
                leavings.eaten(),
                0,
                leavings.intake(),
                crew);
        CrewPlan kept = plan.withSpot(design.crew().spot().orElseGet(() -> spot(plan)));
        CrewYear year = CrewYear.of(kept);
        double least = design.crew().litterMin().orElse(LEAST) * floor;
        LitterDecay decay = LitterDecay.of(plan.leafRate(), c.celsius(), c.wetness());
        double eaten = plan.eaten()
                + crew.stream().mapToDouble(g -> g.count() * g.kind().litter()).sum();
        return new Cleanup(
                new FloorState(c.celsius(), c.coldest(), c.hottest(), c.wetness(), c.refuge()),
                judged(asked, year),
                refuges,
                kept,
                year,
                load(plan),
                decay.lasts(plan.litter(), least, plan.falls(), eaten),
                least,
                Protein.of(crew, plan.waste(), 0),
                mould(design, asked, plan));
    }

    /** The least share that serves; none where waste never lies thick though it is not carried evenly. */
    private static double spot(CrewPlan plan) {
        double least = CrewYear.spotCleaning(plan);
        return least == 1 && CrewYear.of(plan).staysThin() ? 0 : least;
    }

    private static Mould mould(Design design, List<Group> asked, CrewPlan plan) {
        boolean wood = design.hardscape().stream()
                .anyMatch(h -> h.kind().filter("wood"::equals).isPresent());
        double springtails = asked.stream()
                .filter(g -> g.model()
                        .filter(m -> m.names().type().equals("springtail"))
                        .isPresent())
                .mapToDouble(Group::count)
                .sum();
        return Mould.of(wood ? NEW_WOOD : NO_WOOD, plan.celsius(), plan.wetness(), springtails / plan.floor());
    }

    private static AnimalWaste.Load load(CrewPlan plan) {
        return new AnimalWaste(0, 0, plan.waste(), 0, 0).load(plan.floor());
    }

    private static Group group(CrewChoice.Dose dose, Optional<CrewModel> model, double floor, FloorClimate c) {
        double usual = model.map(m -> Math.ceil(m.start().normal() * floor)).orElse(0.0);
        double lives = model.map(
                        m -> m.kind().warmth(c.celsius()) * m.kind().ground(c.wetness(), c.pocket(), c.refuge()))
                .orElse(0.0);
        double count = dose.count().isPresent() ? dose.count().getAsInt() : usual;
        return new Group(dose, model, count, lives, Optional.empty());
    }

    private static boolean isJudged(Group g) {
        return g.count() > 0 && g.model().filter(m -> !m.kind().water()).isPresent();
    }

    private static List<Group> judged(List<Group> asked, CrewYear year) {
        List<CrewYear.Verdict> verdicts = year.verdicts();
        List<Group> all = new ArrayList<>();
        int next = 0;
        for (Group g : asked) {
            boolean known = isJudged(g);
            all.add(new Group(
                    g.dose(),
                    g.model(),
                    g.count(),
                    g.lives(),
                    known ? Optional.of(verdicts.get(next)) : Optional.empty()));
            next += known ? 1 : 0;
        }
        return all;
    }

    /** Share of a crew that a hunter does not get at, by what lies there. */
    private static double hidden(Design design) {
        boolean litter = design.ground().layers().stream().anyMatch(l -> l.is(Layer.Kind.LITTER));
        boolean cork = design.hardscape().stream()
                .anyMatch(h ->
                        h.kind().filter("cork"::equals).isPresent() || h.hide().isPresent());
        return litter ? (cork ? UNDER_CORK : IN_LITTER) : BARE;
    }

    /**
     * Share of the animals' food that they take of a kind where it is plenty; small ones take none that is too large for them, large
     * ones none that is too small to be worth the hunt.
     */
    private static double preyed(CrewModel kind, List<Inhabitant> animals) {
        return animals.stream()
                .filter(a -> a.profile().totalLengthAdult() >= kind.eatenFrom())
                .filter(a -> kind.size() >= WORTH_HUNTING * a.profile().totalLengthAdult())
                .mapToDouble(a -> a.profile().optional("crew_appetite_frac").orElse(0))
                .max()
                .orElse(0);
    }

    private static double litter(Design design, GroundResult ground) {
        return design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.LITTER))
                .flatMap(l -> ground.layer(l.id()).stream())
                .mapToDouble(r -> BULK * r.shape().netVolume())
                .sum();
    }

    private static double leafRate(Design design) {
        return design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.LITTER))
                .mapToDouble(l -> Leaf.rate(l.leaves()))
                .average()
                .orElse(Leaf.DECIDUOUS_OAK.rate());
    }

    private static double leafCover(Optional<Planted> planted) {
        return planted.map(Planted::pieces).orElse(List.of()).stream()
                .filter(p -> p.piece().medium() == RootPlace.SOIL)
                .mapToDouble(p -> p.piece().spread(p.kind()).orElse(0))
                .map(s -> Math.PI / 4 * s * s)
                .sum();
    }

    /** Leaves at the start, as they lie loose (m³). */
    public double looseLitter() {
        return plan.litter() / BULK;
    }

    /** The day from which on waste is carried; empty where it never is within the year. */
    public OptionalInt balance() {
        return year.balance();
    }
}
