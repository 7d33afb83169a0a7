package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The worked cases of the climate, and small ones of a test's own. */
final class CaseJson {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private CaseJson() {}

    static CaseReader of(String letter) {
        String name = switch (letter) {
            case "A" -> "arid";
            case "B" -> "humid";
            default -> "half-water";
        };
        try {
            return checked(JSON.readTree(Files.readString(Path.of("..", "docs", "cases", name + ".json"))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Single quotes stand for double ones. */
    static CaseReader parse(String text) {
        return checked(JSON.readTree(text.replace('\'', '"')));
    }

    private static CaseReader checked(JsonNode document) {
        assertThat(CaseReader.problems(document)).isEmpty();
        return CaseReader.of(document);
    }
}
