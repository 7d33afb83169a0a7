package tanah.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueException;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.catalogue.OwnRows;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.result.EvaluationWriter;
import tanah.files.schema.Problem;

/** Reads a design, prints its evaluation as JSON. Exit codes: 0 evaluated, 1 unusable catalogue, 2 bad input. */
public final class Evaluate {
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
        if (args.length != 1) {
            err.println("usage: ./tanah evaluate DESIGN.json");
            return BAD_INPUT;
        }
        byte[] document;
        try {
            document = bytes(Path.of(args[0]));
        } catch (IOException | IllegalArgumentException e) {
            err.println("/: cannot read " + args[0] + "; accepted: a readable file");
            return BAD_INPUT;
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
        out.print(EvaluationWriter.write(Evaluator.evaluate(accepted.design(), whole)));
        return DONE;
    }

    /** One byte more than is accepted is enough to know. */
    private static byte[] bytes(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(DesignReader.MOST_BYTES + 1);
        }
    }
}
