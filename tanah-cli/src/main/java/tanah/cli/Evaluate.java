package tanah.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import tanah.core.calibrate.Calibration;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.RemedyTrials;
import tanah.files.catalogue.CatalogueException;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.catalogue.OwnRows;
import tanah.files.climate.CaseReader;
import tanah.files.climate.CaseWriter;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.readings.SteadyReadings;
import tanah.files.result.EvaluationWriter;
import tanah.files.schema.Problem;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a design, prints its evaluation as JSON; or a climate case, prints what the climate model makes of it. Exit codes: 0 evaluated,
 * 1 unusable catalogue, 2 bad input.
 */
public final class Evaluate {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    static final int DONE = 0;
    static final int UNUSABLE = 1;
    static final int BAD_INPUT = 2;

    private Evaluate() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int code = run(args, out, err);
        out.flush();
        System.exit(code);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length != 1 && args.length != 2) {
            return usage(err);
        }
        byte[] document;
        try {
            document = bytes(Path.of(args[0]));
        } catch (IOException | IllegalArgumentException e) {
            err.println("/: cannot read " + args[0] + "; accepted: a readable file");
            return BAD_INPUT;
        }
        Optional<JsonNode> climateCase = climateCase(document);
        if (climateCase.isPresent()) {
            return args.length == 1 ? computed(climateCase.get(), out, err) : usage(err);
        }
        Catalogue catalogue;
        try {
            catalogue = CatalogueReader.read();
        } catch (CatalogueException e) {
            err.println(e.getMessage());
            return UNUSABLE;
        }
        Parsed parsed = new DesignReader(catalogue).read(document);
        if (parsed instanceof Parsed.Refused refused) {
            refused.problems().stream().map(Problem::toString).forEach(err::println);
            return BAD_INPUT;
        }
        Parsed.Accepted accepted = (Parsed.Accepted) parsed;
        Catalogue whole = OwnRows.catalogue(accepted.design(), catalogue);
        Evaluation e = RemedyTrials.whole(
                Evaluator.evaluate(accepted.design(), whole, Evaluator.Depth.WHOLE), whole, () -> false);
        if (args.length == 2) {
            return calibrated(e, Path.of(args[1]), out, err);
        }
        out.print(EvaluationWriter.write(e));
        return DONE;
    }

    private static int usage(PrintStream err) {
        err.println("usage: ./tanah evaluate DESIGN.json [READINGS.csv], or ./tanah evaluate CASE.json");
        return BAD_INPUT;
    }

    /** The document as a climate case, if it is one. */
    private static Optional<JsonNode> climateCase(byte[] document) {
        if (document.length > DesignReader.MOST_BYTES) {
            return Optional.empty();
        }
        try {
            return Optional.of(JSON.readTree(document)).filter(CaseReader::isCase);
        } catch (JacksonException e) {
            return Optional.empty(); // the reader of designs says what is wrong with it
        }
    }

    private static int computed(JsonNode document, PrintStream out, PrintStream err) {
        List<Problem> problems = CaseReader.problems(document);
        if (!problems.isEmpty()) {
            problems.stream().map(Problem::toString).forEach(err::println);
            return BAD_INPUT;
        }
        out.print(CaseWriter.write(CaseReader.of(document)));
        return DONE;
    }

    /** The evaluation with what readings say of the model. */
    private static int calibrated(Evaluation e, Path file, PrintStream out, PrintStream err) {
        if (e.forecast().isEmpty()) {
            err.println("/: no climate to compare readings with; accepted: a design with vessel, room and ground");
            return BAD_INPUT;
        }
        SteadyReadings.Read read;
        try {
            read = SteadyReadings.read(
                    new String(bytes(file), StandardCharsets.UTF_8),
                    e.forecast().get());
        } catch (IOException | IllegalArgumentException x) {
            err.println("/: cannot read " + file + "; accepted: a readable file");
            return BAD_INPUT;
        }
        if (!read.problems().isEmpty()) {
            read.problems().forEach(err::println);
            return BAD_INPUT;
        }
        if (read.readings().size() < Calibration.LEAST) {
            err.println("/: " + read.readings().size() + " readings; accepted: two or more");
            return BAD_INPUT;
        }
        out.print(EvaluationWriter.write(e, Calibration.fit(e.forecast().get().model(), read.readings())));
        return DONE;
    }

    /** One byte more than is accepted is enough to know. */
    private static byte[] bytes(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(DesignReader.MOST_BYTES + 1);
        }
    }
}
