package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.UnaryOperator;
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
            case "F" -> "closed-tank";
            default -> "half-water";
        };
        return text(name, t -> t);
    }

    private static CaseReader text(String name, UnaryOperator<String> change) {
        try {
            return checked(
                    JSON.readTree(change.apply(Files.readString(Path.of("..", "docs", "cases", name + ".json")))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A case by its letter, with what is changed in it after a semicolon: the power of its first device. */
    static CaseReader example(String name) {
        if (!name.contains(";power_w=")) {
            return of(name);
        }
        String power = name.substring(name.indexOf('=') + 1);
        return text("closed-tank", t -> t.replace("\"power_w\": 50", "\"power_w\": " + power));
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
