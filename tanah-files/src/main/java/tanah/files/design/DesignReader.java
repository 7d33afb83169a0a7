package tanah.files.design;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.files.catalogue.OwnRows;
import tanah.files.schema.Problem;
import tanah.files.schema.Schemas;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a design document: one validation for files, forms and the command line. Never throws for what a person wrote;
 * gathers every problem of the first step that finds one (form, schema, meaning).
 */
public final class DesignReader {
    /** Largest document (bytes). */
    public static final int MOST_BYTES = 1_000_000;

    private static final int DEEPEST = 24;
    private static final int MOST_PROBLEMS = 100;

    private final Schemas schema = Schemas.load("design");
    private final JsonMapper mapper = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxNumberLength(60)
                            .maxStringLength(20_000)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private final Catalogue catalogue;

    public DesignReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The published schema of the format. */
    public String schema() {
        return schema.text();
    }

    public Parsed read(String document) {
        return read(document.getBytes(StandardCharsets.UTF_8));
    }

    public Parsed read(byte[] document) {
        return read(document, false);
    }

    /** A document that was stored before control characters were refused: it is read without them. */
    public Parsed readStored(String document) {
        return read(document.getBytes(StandardCharsets.UTF_8), true);
    }

    private Parsed read(byte[] document, boolean stored) {
        if (document.length > MOST_BYTES) {
            return refused("", "the document has " + document.length + " bytes", "at most " + MOST_BYTES + " bytes");
        }
        JsonNode root;
        try {
            root = mapper.readTree(document);
        } catch (StreamConstraintsException e) {
            return refused("", "too deep, or a number or text is too long", "at most " + DEEPEST + " levels");
        } catch (JacksonException e) {
            return refused("", "not JSON, " + where(e), "one JSON document (RFC 8259), every field once");
        }
        if (root == null || !root.isObject()) {
            return refused("", "not an object", "a design document");
        }
        List<Problem> problems = new ArrayList<>();
        if (stored) {
            PlainValues.plain(root);
        }
        PlainValues.check(root, "", problems);
        if (problems.isEmpty()) {
            problems.addAll(schema.problems(root));
        }
        Catalogue known = catalogue;
        if (problems.isEmpty() && root.has(OwnRows.FIELD)) {
            known = OwnRows.merge(catalogue, root.path(OwnRows.FIELD), problems);
        }
        if (problems.isEmpty()) {
            problems.addAll(DesignChecks.problems(root, known));
        }
        if (!problems.isEmpty()) {
            return new Parsed.Refused(problems.subList(0, Math.min(MOST_PROBLEMS, problems.size())));
        }
        Design design = DesignDecoder.design(root);
        List<Problem> unfit = BoxChecks.problems(design, known);
        return unfit.isEmpty() ? new Parsed.Accepted(design) : new Parsed.Refused(unfit);
    }

    private static Parsed refused(String pointer, String what, String accepted) {
        return new Parsed.Refused(List.of(new Problem(pointer, what, accepted)));
    }

    private static String where(JacksonException e) {
        return e.getLocation() == null
                ? "unreadable"
                : "line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
    }
}
