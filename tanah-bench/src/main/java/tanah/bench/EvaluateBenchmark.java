package tanah.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
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
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Reading and evaluating the demo designs, and loading the catalogue. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class EvaluateBenchmark {
    @Param({"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    public String name = "";

    private Catalogue catalogue = CatalogueReader.read();
    private DesignReader reader = new DesignReader(catalogue);
    private byte[] document = new byte[0];
    private Design design = Design.named("none");

    /** Reads the design from the folder of examples; run from the project's folder. */
    @Setup
    public void read() {
        try {
            document = Files.readAllBytes(Path.of("docs", "examples", name + ".json"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        design = ((Parsed.Accepted) reader.read(document)).design();
    }

    @Benchmark
    public Evaluation evaluate() {
        return Evaluator.evaluate(design, catalogue);
    }

    @Benchmark
    public Parsed readDocument() {
        return reader.read(document);
    }

    @Benchmark
    public Catalogue loadCatalogue() {
        return CatalogueReader.read();
    }
}
