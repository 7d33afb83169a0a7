package tanah.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.explain.Figure;
import tanah.core.explain.Figures;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Every rule and remedy of the core has words, none too long, and no words are left over. */
class WordsTest {
    private static final Path CORE = Path.of("..", "tanah-core", "src", "main", "java");
    private static final Path WEB = Path.of("src", "main", "java");

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

    /** A number has a name beside its field and one in the list of edits. */
    @Test
    void everyNumberHasBothItsNames() throws IOException {
        Properties words = load("messages");
        Set<String> fields = in(WEB, "NumberField\\s*\\.(?:of|length|plain)\\(\\s*\"([a-z-]+)\"");
        assertThat(fields).hasSizeGreaterThan(80);
        for (String field : fields) {
            assertThat(words).containsKeys("field." + field, "short." + field);
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
        words.putAll(prefixed(load("findings_de")));
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

    @Test
    void everyLanguageHasTheSameWordsWithTheSameArguments() throws IOException {
        for (String file : List.of("messages", "findings")) {
            Properties english = load(file);
            Properties german = load(file + "_de");
            assertThat(german.stringPropertyNames()).as(file).isEqualTo(english.stringPropertyNames());
            for (String key : english.stringPropertyNames()) {
                assertThat(arguments(german.getProperty(key))).as(key).isEqualTo(arguments(english.getProperty(key)));
                assertThat(german.getProperty(key)).as(key).isNotBlank().doesNotContain("'");
            }
        }
    }

    @Test
    void everyWordThatATemplateAsksForIsThereAndNoTemplateHoldsWordsOfItsOwn() throws IOException {
        Properties words = load("messages");
        Pattern key = Pattern.compile("#\\{([a-zA-Z0-9_.-]+)[(}]");
        // text between tags, outside an element whose text is put in
        Pattern bare = Pattern.compile(
                "<(h[1-6]|p|button|label|legend|option|th|summary|caption)(?![^>]*th:(?:text|utext|errors))[^>]*>([A-Za-z][^<$#{]{2,})<");
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "resources", "templates"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".html")).toList()) {
                String text = Files.readString(file);
                Matcher asked = key.matcher(text);
                while (asked.find()) {
                    assertThat(words).as(file + " asks for").containsKey(asked.group(1));
                }
                Matcher own = bare.matcher(text);
                while (own.find()) {
                    assertThat(own.group(2))
                            .as(file + " holds words of its own")
                            .isIn("English", "Deutsch");
                }
            }
        }
    }

    @Test
    void everyFigureOfTheShippedExamplesHasWords() throws IOException {
        Properties words = load("messages");
        Catalogue catalogue = CatalogueReader.read();
        try (Stream<Path> files = Files.list(Path.of("..", "docs", "examples"))) {
            for (Path file : files.toList()) {
                Parsed parsed = new DesignReader(catalogue).read(Files.readAllBytes(file));
                Evaluation e = Evaluator.evaluate(((Parsed.Accepted) parsed).design(), catalogue);
                List<Figure> figures = Figures.of(e, catalogue);
                assertThat(figures).hasSizeGreaterThan(20);
                for (Figure f : figures) {
                    String kind = f.id().replace("." + f.part() + ".", ".");
                    assertThat(words).containsKey("figure." + kind).containsKey("why." + f.formula());
                    for (Figure.Input input : f.inputs()) {
                        assertThat(words).containsKey("input." + input.name());
                        if (input instanceof Figure.Input.Computed made) {
                            assertThat(figures)
                                    .as(f.id() + " is made from")
                                    .anyMatch(o -> o.id().equals(made.figure()));
                        }
                    }
                }
            }
        }
    }

    /** The same rules hold in every language; the key stays recognisable. */
    private static Properties prefixed(Properties words) {
        Properties all = new Properties();
        words.forEach((key, text) -> all.put(key.toString().replaceFirst("^(finding|remedy)\\.", "$1.german."), text));
        return all;
    }

    private static Set<String> arguments(String text) {
        Set<String> found = new TreeSet<>();
        Matcher m = Pattern.compile("\\{(\\d)\\}").matcher(text);
        while (m.find()) {
            found.add(m.group(1));
        }
        return found;
    }

    private static Set<String> inCore(String pattern) throws IOException {
        return in(CORE, pattern);
    }

    private static Set<String> in(Path folder, String pattern) throws IOException {
        Set<String> found = new TreeSet<>();
        Pattern p = Pattern.compile(pattern);
        try (Stream<Path> files = Files.walk(folder)) {
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
