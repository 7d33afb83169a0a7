package tanah.solver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Range;
import tanah.core.plant.RootPlace;
import tanah.core.plantplan.Bar;
import tanah.core.plantplan.PlanCheck;
import tanah.core.plantplan.PlanKind;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanProblem.Choice;
import tanah.core.plantplan.PlanSolver;
import tanah.core.plantplan.PlanStation;
import tanah.core.plantplan.PlanValue;
import tanah.core.plantplan.PlanWeights;
import tanah.core.plantplan.PlantChoice;

/** Laws that hold for every planting problem, over problems that are drawn; the best of each is known from trying every plan. */
class SolverLawsTest {
    private static final Duration LONG = Duration.ofSeconds(30);
    private static final double NEAR = 0.05; // points, of sums in thousandths

    private static PlanSolver.Solved solve(PlanProblem problem) {
        return new CpSatSolver().solve(problem, LONG, PlanSolver.Watch.NOBODY);
    }

    private static PlanProblem drawn(long seed) {
        Random r = new Random(seed);
        List<PlanKind> kinds = new ArrayList<>();
        for (int k = 0; k < 3; k++) {
            double start = 0.06 + 0.08 * r.nextDouble();
            kinds.add(new PlanKind(
                    "kind" + k,
                    0.1 + 0.3 * r.nextDouble(),
                    start,
                    start + 0.15 * r.nextDouble(),
                    r.nextBoolean(),
                    r.nextBoolean(),
                    r.nextBoolean(),
                    r.nextInt(4) == 0,
                    new PlanKind.Pot(1 + r.nextInt(3), r.nextBoolean() ? 1 : 0.8, 2 + r.nextInt(10))));
        }
        List<PlanStation> stations = new ArrayList<>();
        RootPlace[] media = {RootPlace.SOIL, RootPlace.SOIL, RootPlace.SOIL, RootPlace.MOUNT, RootPlace.WATER_SURFACE};
        for (int p = 0; p < 6; p++) {
            stations.add(new PlanStation(
                    "s" + p,
                    media[r.nextInt(media.length)],
                    0.4 * r.nextDouble(),
                    0.3 * r.nextDouble(),
                    0,
                    0.15 + 0.2 * r.nextDouble(),
                    r.nextBoolean(),
                    r.nextBoolean(),
                    r.nextInt(3)));
        }
        List<List<PlanProblem.Place>> places = new ArrayList<>();
        for (int k = 0; k < kinds.size(); k++) {
            List<PlanProblem.Place> row = new ArrayList<>();
            for (int p = 0; p < stations.size(); p++) {
                double spread = stations.get(p).isGround() ? kinds.get(k).start() : 0;
                row.add(new PlanProblem.Place(
                        30 + r.nextInt(70),
                        r.nextInt(4) == 0 ? Set.of(Bar.TOO_TALL) : Set.of(),
                        0.7 * spread * spread,
                        2 * spread * spread));
            }
            places.add(row);
        }
        Map<Choice, Set<Choice>> close = new HashMap<>();
        Choice one = new Choice(0, 1);
        Choice other = new Choice(1, 2);
        close.put(one, Set.of(other));
        close.put(other, Set.of(one));
        return new PlanProblem(
                kinds,
                stations,
                places,
                r.nextInt(3) == 0 ? Map.of(0, r.nextInt(3)) : Map.of(),
                r.nextInt(10) == 0 ? 0 : 0.08,
                0.02,
                r.nextBoolean() ? OptionalDouble.of(15 + r.nextInt(20)) : OptionalDouble.empty(),
                new Range(r.nextBoolean() ? 0 : 0.2, 0.6),
                0.5,
                r.nextInt(3) == 0 ? List.of(new PlanProblem.HideWish(Set.of(0, 1, 2, 3), 1)) : List.of(),
                2,
                new PlanWeights(1, 30, 25, 20, 15, 2.5, 15, 10, 2, 1, r.nextBoolean() ? 1 : 0.4),
                close);
    }

    private static OptionalDouble best(PlanProblem problem) {
        List<PlantChoice> all = Enumeration.of(problem);
        return all.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(new PlanValue(problem, all.get(0)).total());
    }

    @Test
    void theSolverAgreesWithEveryPlanTried() {
        AtomicInteger none = new AtomicInteger();
        for (long seed = 0; seed < 120; seed++) {
            PlanProblem problem = drawn(seed);
            OptionalDouble best = best(problem);
            PlanSolver.Solved solved = solve(problem);
            if (best.isEmpty()) {
                none.incrementAndGet();
                assertThat(solved.end()).as("seed " + seed).isEqualTo(PlanSolver.End.NONE);
                continue;
            }
            assertThat(solved.end()).as("seed " + seed).isEqualTo(PlanSolver.End.BEST);
            PlantChoice plan = solved.plan().orElseThrow();
            assertThat(PlanCheck.holds(problem, plan)).as("seed " + seed).isTrue();
            assertThat(new PlanValue(problem, plan).total())
                    .as("seed " + seed)
                    .isCloseTo(best.getAsDouble(), within(NEAR));
            assertThat(solved.bound()).as("seed " + seed).isCloseTo(best.getAsDouble(), within(NEAR));
        }
        // both kinds of problem were drawn
        assertThat(none.get()).isBetween(5, 80);
    }

    @Test
    void givingUpWhatIsForbiddenNeverMakesTheBestPlanWorse() {
        for (long seed = 200; seed < 230; seed++) {
            PlanProblem strict = drawn(seed);
            OptionalDouble before = best(strict);
            if (before.isPresent()) {
                List<PlanProblem> freer = List.of(
                        strict.withBudget(OptionalDouble.empty()),
                        strict.withCover(new Range(0, 1)),
                        strict.withHides(List.of()),
                        strict.withClose(Map.of()));
                for (PlanProblem free : freer) {
                    PlantChoice plan = solve(free).plan().orElseThrow();
                    assertThat(new PlanValue(free, plan).total())
                            .as("seed " + seed)
                            .isGreaterThanOrEqualTo(before.getAsDouble() - NEAR);
                }
            }
        }
    }

    @Test
    void theOrderOfStationsChangesNothing() {
        for (long seed = 300; seed < 320; seed++) {
            PlanProblem problem =
                    drawn(seed).withFixed(Map.of()).withClose(Map.of()).withHides(List.of());
            List<Integer> order = new ArrayList<>(List.of(3, 5, 0, 4, 2, 1));
            PlanProblem turned = problem.withStations(
                            order.stream().map(problem.stations()::get).toList())
                    .withPlaces(problem.places().stream()
                            .map(row -> order.stream().map(row::get).toList())
                            .toList());
            PlanSolver.Solved one = solve(problem);
            PlanSolver.Solved other = solve(turned);
            assertThat(other.end()).isEqualTo(one.end());
            assertThat(other.bound()).isCloseTo(one.bound(), within(NEAR));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {400, 401, 402})
    void theSameProblemGivesTheSamePlan(long seed) {
        assertThat(solve(drawn(seed)).plan()).isEqualTo(solve(drawn(seed)).plan());
    }

    @Test
    void whatIsStoppedAtOnceEndsAtOnce() {
        PlanSolver.Watch stopped = new PlanSolver.Watch() {
            @Override
            public void better(double value, double bound) {}

            @Override
            public boolean isStopped() {
                return true;
            }
        };
        long from = System.nanoTime();
        PlanSolver.Solved solved = new CpSatSolver().solve(large(), Duration.ofMinutes(5), stopped);
        assertThat(Duration.ofNanos(System.nanoTime() - from)).isLessThan(Duration.ofMinutes(1));
        assertThat(solved.end()).isNotEqualTo(PlanSolver.End.NONE);
    }

    /** So many places and kinds that the best plan is not found at once. */
    private static PlanProblem large() {
        Random r = new Random(5);
        List<PlanStation> stations = new ArrayList<>();
        for (int p = 0; p < 400; p++) {
            stations.add(new PlanStation(
                    "s" + p, RootPlace.SOIL, 0.05 * (p % 20), 0.05 * (p / 20), 0, 0.3, false, false, p % 3));
        }
        List<PlanKind> kinds = new ArrayList<>();
        List<List<PlanProblem.Place>> places = new ArrayList<>();
        for (int k = 0; k < 12; k++) {
            double start = 0.05 + 0.1 * r.nextDouble();
            kinds.add(new PlanKind(
                    "kind" + k,
                    0.3,
                    start,
                    start + 0.2 * r.nextDouble(),
                    false,
                    false,
                    false,
                    false,
                    new PlanKind.Pot(2, 1, 3)));
            places.add(stations.stream()
                    .map(s -> new PlanProblem.Place(50 + r.nextInt(50), Set.of(), 0.7 * start * start, 0.05))
                    .toList());
        }
        return new PlanProblem(
                kinds,
                stations,
                places,
                Map.of(),
                1,
                0,
                OptionalDouble.empty(),
                new Range(0.2, 0.6),
                0.5,
                List.of(),
                7,
                PlanWeights.USUAL,
                Map.of());
    }
}
