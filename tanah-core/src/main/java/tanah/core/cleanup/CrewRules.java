package tanah.core.cleanup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.crew.CrewYear;
import tanah.core.crew.Protein;
import tanah.core.design.edit.CrewEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** What is said of waste, litter and crew; limits are common practice, no source. */
public final class CrewRules {
    public static final RuleId KIND = new RuleId("crew.kind");
    public static final RuleId WASTE = new RuleId("crew.waste");
    public static final RuleId RESERVE = new RuleId("litter.reserve");
    static final RuleId PROTEIN = new RuleId("crew.protein");
    public static final RuleId LAW = new RuleId("crew.law");
    static final RuleId FLOOR = new RuleId("crew.floor");
    static final RuleId MOULD = new RuleId("mould.normal");
    /** Of its pace at 24 °C, below which a kind dies out. */
    public static final double LIVES = 0.15;

    private static final double BREEDS = 0.4;
    private static final double LITTLE = 0.2; // share of the waste that is taken out by hand in passing
    private static final double MUCH = 0.5;
    private static final double MOST = 0.8;
    private static final double STOPS = 30; // days of litter
    /** Days of litter below which more is asked for. */
    public static final double WARNS = 60;

    private static final double TOO_DRY = 0.12;
    private static final double REFUGE = 0.1;
    private static final double TOO_HOT = 33; // °C
    private static final double TOO_COLD = 12;

    private CrewRules() {}

    public static List<Finding> judge(Cleanup c, List<Inhabitant> animals, Catalogue catalogue) {
        List<Finding> all = new ArrayList<>();
        floor(c).ifPresent(all::add);
        for (Cleanup.Group g : c.doses()) {
            all.add(kind(g, c, catalogue));
            g.model().flatMap(m -> law(g, m)).ifPresent(all::add);
        }
        all.addAll(RefugeRules.judge(c));
        all.add(waste(c));
        reserve(c).ifPresent(all::add);
        protein(c, animals).ifPresent(all::add);
        mould(c).ifPresent(all::add);
        return all;
    }

    private static Optional<Finding> floor(Cleanup c) {
        Place place = Place.of(Stage.CREW);
        if (c.climate().wetness() < TOO_DRY && c.climate().refuge() < REFUGE) {
            return Optional.of(Finding.of(
                            FLOOR,
                            Severity.CAUTION,
                            place,
                            List.of(percent("wetness", c.climate().wetness()), percent("least", TOO_DRY)),
                            List.of(RefugeRules.lay(true)))
                    .worded("dry"));
        }
        if (c.climate().hottest() > TOO_HOT) {
            return Optional.of(Finding.of(
                            FLOOR,
                            Severity.CAUTION,
                            place,
                            List.of(celsius("value", c.climate().hottest()), celsius("limit", TOO_HOT)),
                            List.of(Remedy.change("less-heat", new Remedy.Action.GoTo(Stage.HEAT))))
                    .worded("hot"));
        }
        if (c.climate().coldest() < TOO_COLD) {
            return Optional.of(Finding.of(
                            FLOOR,
                            Severity.HINT,
                            place,
                            List.of(celsius("value", c.climate().coldest()), celsius("limit", TOO_COLD)),
                            List.of(Remedy.byHand("droppings-by-hand")))
                    .worded("cold"));
        }
        return Optional.empty();
    }

    private static Finding kind(Cleanup.Group g, Cleanup c, Catalogue catalogue) {
        Place place = Place.part(Stage.CREW, g.dose().id());
        String name = g.model().map(m -> m.names().scientific()).orElse(g.dose().species());
        if (g.model().isEmpty()) {
            return Finding.of(KIND, Severity.CAUTION, place, List.of(), List.of(out(g)))
                    .worded("unknown", name);
        }
        List<Measure> numbers = List.of(percent("lives", g.lives()), percent("least", LIVES));
        if (g.model().get().kind().water()) {
            return Finding.of(KIND, Severity.HINT, place, List.of(), List.of(Remedy.byHand("watch-the-water"), out(g)))
                    .worded("water", name);
        }
        if (g.lives() < LIVES) {
            return Finding.of(KIND, Severity.STOP, place, numbers, ways(g, c, catalogue))
                    .worded("absent", name);
        }
        CrewYear.Verdict verdict = g.verdict().orElse(CrewYear.Verdict.HOLDS);
        if (verdict != CrewYear.Verdict.HOLDS) {
            return Finding.of(KIND, Severity.CAUTION, place, numbers, ways(g, c, catalogue))
                    .worded(verdict.name().toLowerCase(Locale.ROOT), name);
        }
        return Finding.of(KIND, Severity.GOOD, place, numbers, List.of()).worded("", name);
    }

    private static Remedy out(Cleanup.Group g) {
        return Remedy.change("crew-out", new CrewEdit.Remove(g.dose().id()));
    }

    /** A kind of the same work that breeds there, which takes the place of one that does not. */
    private static List<Remedy> ways(Cleanup.Group g, Cleanup c, Catalogue catalogue) {
        List<Remedy> all = new ArrayList<>();
        boolean tooDry = g.model()
                .filter(m -> c.climate().wetness() < m.kind().moisture().least())
                .isPresent();
        if (tooDry && !RefugeRules.has(c, true)) {
            all.add(RefugeRules.lay(true));
        }
        String work = g.model().map(CrewRules::work).orElse("");
        catalogue.allCrew().stream()
                .filter(m ->
                        work(m).equals(work) && !m.kind().water() && m.law().caution() == 0)
                .filter(m -> m.start().normal() > 0)
                .filter(m ->
                        c.doses().stream().noneMatch(d -> d.dose().species().equals(m.id())))
                .filter(m -> lives(m, c) >= BREEDS)
                .max(Comparator.comparingDouble((CrewModel m) -> lives(m, c)).thenComparing(CrewModel::id))
                .ifPresent(m -> all.add(Remedy.change(
                                "other-crew",
                                new CrewEdit.ChooseSpecies(g.dose().id(), m.id()))
                        .words(m.names().scientific())));
        all.add(out(g));
        return all;
    }

    /** What a kind is, without the climate that it is for: isopods of any kind do one work. */
    private static String work(CrewModel m) {
        return m.names().type().split("_")[0];
    }

    private static double lives(CrewModel m, Cleanup c) {
        return m.kind().warmth(c.plan().celsius())
                * m.kind()
                        .ground(c.plan().wetness(), c.plan().pocket(), c.plan().refuge());
    }

    private static Optional<Finding> law(Cleanup.Group g, CrewModel m) {
        if (m.law().caution() == 0) {
            return Optional.empty();
        }
        boolean regulated = m.law().caution() > 1;
        return Optional.of(Finding.of(
                        LAW,
                        regulated ? Severity.CAUTION : Severity.HINT,
                        Place.part(Stage.CREW, g.dose().id()),
                        List.of(),
                        List.of(Remedy.byHand("check-national-law")))
                .worded(
                        regulated ? "regulated" : "spreads",
                        m.names().scientific(),
                        m.law().note().orElse("")));
    }

    private static Finding waste(Cleanup c) {
        double spot = c.plan().spot();
        OptionalInt balance = c.balance();
        List<Measure> numbers = List.of(
                new Measure("waste", c.plan().waste(), Unit.GRAM),
                percent("spot", spot),
                new Measure("day", balance.orElse(CrewYear.DAYS), Unit.COUNT));
        Place place = Place.of(Stage.CREW);
        if (balance.isEmpty() && c.year().staysThin()) {
            return Finding.of(WASTE, Severity.HINT, place, numbers, List.of(Remedy.byHand("look-for-waste")))
                    .worded("thin");
        }
        if (balance.isEmpty() || spot > MOST) {
            return Finding.of(WASTE, Severity.STOP, place, numbers, List.of(Remedy.byHand("clean-by-hand")))
                    .worded("never");
        }
        if (spot > LITTLE) {
            Severity severity = spot > MUCH ? Severity.CAUTION : Severity.HINT;
            return Finding.of(WASTE, severity, place, numbers, List.of(Remedy.byHand("clean-every-days")))
                    .worded("spot");
        }
        return Finding.of(WASTE, Severity.GOOD, place, numbers, List.of());
    }

    private static Optional<Finding> reserve(Cleanup c) {
        if (c.plan().litter() <= 0) {
            return Optional.of(Finding.of(
                            RESERVE,
                            Severity.CAUTION,
                            Place.of(Stage.CREW),
                            List.of(),
                            List.of(Remedy.change("lay-litter", new Remedy.Action.GoTo(Stage.GROUND))))
                    .worded("none"));
        }
        double days = c.reserve().orElse(Double.POSITIVE_INFINITY);
        if (Double.isInfinite(days)) {
            return Optional.empty();
        }
        List<Measure> numbers = List.of(
                new Measure("days", days, Unit.COUNT),
                new Measure("litter", c.plan().litter(), Unit.GRAM),
                new Measure("least", c.least(), Unit.GRAM));
        Place place = Place.of(Stage.CREW);
        if (days >= WARNS) {
            return Optional.of(Finding.of(RESERVE, Severity.GOOD, place, numbers, List.of()));
        }
        return Optional.of(Finding.of(
                        RESERVE,
                        days < STOPS ? Severity.STOP : Severity.CAUTION,
                        place,
                        numbers,
                        List.of(Remedy.change("lay-litter", new Remedy.Action.GoTo(Stage.GROUND))))
                .worded("short"));
    }

    private static Optional<Finding> protein(Cleanup c, List<Inhabitant> animals) {
        Protein.Level level = c.protein().level();
        if (level == Protein.Level.OK) {
            return Optional.empty();
        }
        boolean soft = animals.stream()
                .anyMatch(a -> a.profile().isAmphibian() || a.profile().isInvertebrate());
        boolean stop = level == Protein.Level.STOP_IF_SOFT && soft;
        return Optional.of(Finding.of(
                        PROTEIN,
                        stop ? Severity.STOP : Severity.CAUTION,
                        Place.of(Stage.CREW),
                        List.of(
                                percent("share", c.protein().ratio()),
                                new Measure("weekly", c.protein().weekly(), Unit.GRAM)),
                        List.of(Remedy.byHand("feed-crew-protein")))
                .worded(stop ? "soft" : "hungry"));
    }

    /** That mould comes and goes is no fault; only what stays is. */
    private static Optional<Finding> mould(Cleanup c) {
        return c.mould()
                .seen()
                .map(seen -> Finding.of(
                        MOULD,
                        Severity.HINT,
                        Place.of(Stage.CREW),
                        List.of(
                                new Measure("from", seen.from(), Unit.COUNT),
                                new Measure("to", seen.to(), Unit.COUNT),
                                new Measure("peak", c.mould().peak().orElse(seen.to()), Unit.COUNT)),
                        List.of(Remedy.byHand("let-mould-pass"))));
    }

    private static Measure percent(String name, double share) {
        return new Measure(name, share, Unit.PERCENT);
    }

    private static Measure celsius(String name, double value) {
        return new Measure(name, value, Unit.CELSIUS);
    }
}
