package tanah.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every rule and remedy of the core has words, none too long, and no words are left over. */
class WordsTest {
    private static final Path CORE = Path.of("..", "tanah-core", "src", "main", "java");

    @Test
    void everyRemedyHasWords() throws IOException {
        Properties words = load("findings");
        for (String key : inCore("(?:byHand|change)\\(\\s*\"([a-z-]+)\"")) {
            if (!key.endsWith("-")) {
                assertThat(words).as("remedy " + key).containsKey("remedy." + key);
            }
        }
    }

    @Test
    void everyRuleHasWords() throws IOException {
        Properties words = load("findings");
        for (String rule : inCore("new RuleId\\(\"([^\"]+)\"\\)")) {
            assertThat(words.stringPropertyNames())
                    .as("rule " + rule)
                    .anyMatch(k -> k.startsWith("finding." + rule) && !k.endsWith(".why"))
                    .anyMatch(k -> k.startsWith("finding." + rule) && k.endsWith(".why"));
        }
    }

    @Test
    void everyRuleStandsInTheTableOfRules() throws IOException {
        String table = Files.readString(Path.of("..", "docs", "rules.md"));
        for (String rule : inCore("new RuleId\\(\"([^\"]+)\"\\)")) {
            assertThat(table).contains("| `" + rule + "` |");
        }
    }

    @Test
    void everyTopicOfAGapHasWords() throws IOException {
        Properties words = load("findings");
        for (String topic : inCore("(?:NotAssessed\\(|part\\(gaps, )\\s*\"([a-z_]+)\"")) {
            assertThat(words).containsKey("gap." + topic);
        }
    }

    @Test
    void titlesAndRemediesAreShort() throws IOException {
        Properties words = load("findings");
        for (String key : words.stringPropertyNames()) {
            String text = words.getProperty(key);
            if (key.startsWith("finding.") && !key.endsWith(".why")) {
                assertThat(text)
                        .as(key)
                        .hasSizeLessThanOrEqualTo(48)
                        .doesNotEndWith(".")
                        .doesNotContain("!");
            } else if (key.startsWith("remedy.")) {
                assertThat(text).as(key).hasSizeLessThanOrEqualTo(40).doesNotContain("!");
            } else if (key.startsWith("finding.")) {
                assertThat(text).as(key).hasSizeLessThanOrEqualTo(150);
            }
            assertThat(text).as(key).doesNotContain("'");
        }
    }

    private static Set<String> inCore(String pattern) throws IOException {
        Set<String> found = new TreeSet<>();
        Pattern p = Pattern.compile(pattern);
        try (Stream<Path> files = Files.walk(CORE)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                Matcher m = p.matcher(Files.readString(file));
                while (m.find()) {
                    found.add(m.group(1));
                }
            }
        }
        assertThat(found).isNotEmpty();
        return found;
    }

    private static Properties load(String name) throws IOException {
        Properties words = new Properties();
        try (InputStream in = WordsTest.class.getResourceAsStream("/" + name + ".properties")) {
            words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        }
        return words;
    }
}
