package tanah.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
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
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.SteadyState;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The climate of the demo designs: one steady state, a whole day, and everything for a plan. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class ClimateBenchmark {
    @Param({"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    public String name = "";

    private Catalogue catalogue = CatalogueReader.read();
    private Design design = Design.named("none");
    private Optional<MappedDesign> mapped = Optional.empty();
    private Optional<ClimateModel> model = Optional.empty();

    /** Reads the design from the folder of examples; run from the project's folder. */
    @Setup
    public void read() {
        try {
            byte[] document = Files.readAllBytes(Path.of("docs", "examples", name + ".json"));
            design = ((Parsed.Accepted) new DesignReader(catalogue).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Evaluation e = Evaluator.evaluate(design, catalogue);
        mapped = MappedDesign.of(design, e.vessel(), e.ground(), e.animals(), catalogue);
        model = Optional.of(ClimateModel.of(mapped.orElseThrow().enclosure(), Factors.ONE));
    }

    /** One steady state from nothing. */
    @Benchmark
    public SteadyState steadyState() {
        ClimateCase.Outside room = mapped.orElseThrow().winter().day();
        return model.orElseThrow().steady(room, true, Optional.empty(), 0.005);
    }

    /** A winter day at five minutes with its spin-up. */
    @Benchmark
    public DayCourse wholeDay() {
        return DayRun.of(model.orElseThrow(), mapped.orElseThrow().winter());
    }

    /** Winter and season, bands, all stages and all judgements. */
    @Benchmark
    public Evaluation wholeEvaluation() {
        return Evaluator.evaluate(design, catalogue, Evaluator.Depth.WHOLE);
    }

    /** What a live edit computes: all stages and the four steady states, from nothing. */
    @Benchmark
    public Optional<Forecast> liveEdit() {
        return Evaluator.forecast(Evaluator.evaluate(design, catalogue), catalogue, Optional.empty());
    }
}
