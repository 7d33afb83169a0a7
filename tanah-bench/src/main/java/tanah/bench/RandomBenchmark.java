package tanah.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueReader;

/** How many drawn designs one core evaluates in a second. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class RandomBenchmark {
    private static final int DESIGNS = 500;

    private final Catalogue catalogue = CatalogueReader.read();
    private final Design[] designs = new Design[DESIGNS];
    private int next;

    /** Draws the designs once. */
    @Setup
    public void draw() {
        RandomDesigns drawn = new RandomDesigns(catalogue, 7);
        for (int i = 0; i < DESIGNS; i++) {
            designs[i] = drawn.next();
        }
    }

    /** One evaluation; the designs follow each other. */
    @Benchmark
    public Evaluation evaluateDrawn() {
        next = (next + 1) % DESIGNS;
        return Evaluator.evaluate(designs[next], catalogue);
    }
}
