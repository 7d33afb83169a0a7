package tanah.files.schema;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A JSON Schema (draft 2020-12) with wordings that say what is wrong and what is accepted. */
public final class Schemas {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final Schema schema;
    private final JsonNode root;
    private final String text;

    private Schemas(String text) {
        this.text = text;
        this.root = MAPPER.readTree(text);
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(root);
    }

    /** Loads a schema from the resources of this module. @throws IllegalStateException if it is not there */
    public static Schemas load(String name) {
        String path = "/tanah/schema/" + name + ".schema.json";
        try (InputStream in = Schemas.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException("missing resource " + path);
            }
            return new Schemas(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The schema as it is published. */
    public String text() {
        return text;
    }

    /** The property's own schema, for types of columns. */
    public JsonNode property(String name) {
        return root.path("properties").path(name);
    }

    /** Everything that the schema refuses, in the document's order, each place once for each reason. */
    public List<Problem> problems(JsonNode document) {
        Set<Problem> found = new LinkedHashSet<>();
        for (Error error : schema.validate(document)) {
            if (!isWrapper(error)) {
                found.add(SchemaWords.problem(error));
            }
        }
        return new ArrayList<>(found);
    }

    /** Alternatives are reported by their branches; the branching keyword itself says nothing that helps. */
    private static boolean isWrapper(Error error) {
        return error.getKeyword().equals("if") || error.getKeyword().equals("allOf");
    }
}
