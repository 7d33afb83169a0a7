package tanah.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.cleanup.Cleanup;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.core.planting.GrowingPlace;
import tanah.core.planting.Planted;
import tanah.core.plantplan.PlanBuilder;
import tanah.core.plantplan.PlanSolver;
import tanah.core.plantplan.PlanWish;
import tanah.core.plantplan.PlantingTask;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.solver.CpSatSolver;

/** Plants and crew of the demo designs: every kind at every place, a year of the crew, a planting from nothing. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class LivingBenchmark {
    private static final double STEP = 0.05; // m

    @Param({"mossy-frog-paludarium", "collared-lizard-arid"})
    public String name = "";

    private final Catalogue catalogue = CatalogueReader.read();
    private Design design = Design.named("none");
    private Optional<Evaluation> evaluation = Optional.empty();
    private Optional<PlantingTask> task = Optional.empty();
    private final List<GrowingPlace> places = new ArrayList<>();

    /** Reads the design from the folder of examples; run from the project's folder. */
    @Setup
    public void read() {
        try {
            byte[] document = Files.readAllBytes(Path.of("docs", "examples", name + ".json"));
            design = ((Parsed.Accepted) new DesignReader(catalogue).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Evaluation e = Evaluator.evaluate(design, catalogue, Evaluator.Depth.WHOLE);
        evaluation = Optional.of(e);
        for (double x = STEP / 2; x < e.vessel().orElseThrow().length(); x += STEP) {
            for (double y = STEP / 2; y < e.vessel().orElseThrow().width(); y += STEP) {
                e.planted()
                        .orElseThrow()
                        .places()
                        .at(RootPlace.SOIL, x, y, OptionalDouble.empty())
                        .ifPresent(places::add);
            }
        }
        task = Optional.of(task());
    }

    private PlantingTask task() {
        Evaluation e = evaluation.orElseThrow();
        return PlanBuilder.of(
                design,
                e.vessel().orElseThrow(),
                e.ground().orElseThrow(),
                e.planted().orElseThrow(),
                PlanWish.of(design).withKeep(Set.of()),
                catalogue);
    }

    /** All kinds of the catalogue at every place of a grid of 5 cm. */
    @Benchmark
    public double everyKindEverywhere() {
        Planted planted = evaluation.orElseThrow().planted().orElseThrow();
        double sum = 0;
        for (PlantModel kind : catalogue.allPlants()) {
            for (GrowingPlace place : places) {
                sum += planted.fit(kind, place, Reach.OPEN).score().orElse(0);
            }
        }
        return sum;
    }

    /** Waste, litter and crew through a year; of a plan without a crew, of none. */
    @Benchmark
    public Optional<Cleanup> crewYear() {
        Evaluation e = evaluation.orElseThrow();
        return Cleanup.of(
                design,
                e.ground().orElseThrow(),
                e.vessel().orElseThrow().floorArea(),
                e.animals(),
                e.forecast().orElseThrow(),
                e.planted(),
                catalogue);
    }

    /** The problem of a planting, from a plan whose climate is known. */
    @Benchmark
    public PlantingTask problem() {
        return task();
    }

    /** The best planting of it, proven. */
    @Benchmark
    public PlanSolver.Solved solution() {
        return new CpSatSolver().solve(task.orElseThrow().problem(), Duration.ofMinutes(2), PlanSolver.Watch.NOBODY);
    }
}
