package tanah.web.design.edit;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;
import tanah.web.shell.Words;

/**
 * The options of what a layer or a piece may be made of, as markup. Written here and not by the template: they are hundreds, stand
 * in every answer to an edit, and a template takes ten times as long for them.
 */
@Component
public class Choices {
    private final Words words;

    Choices(Words words) {
        this.words = words;
    }

    /** Options with the keeper's catalogue in groups; hands out the markup with one of them chosen. */
    public final class Choice {
        private final String markup;
        private final String singles;

        private Choice(String markup, String singles) {
            this.markup = markup;
            this.singles = singles;
        }

        /** Options of single media only, without groups. */
        public String singles() {
            return singles;
        }

        /** @param id of the chosen one, or empty */
        public String of(String id) {
            String value = "value=\"" + HtmlUtils.htmlEscape(id, "UTF-8") + "\"";
            return id.isEmpty() ? markup : markup.replace(value, value + " selected");
        }
    }

    /**
     * @param groups  options by the key of their group, in order
     * @param singles options that stand without a group elsewhere, or empty
     */
    public Choice grouped(Map<String, List<String>> groups, String singles) {
        StringBuilder markup = new StringBuilder();
        groups.forEach((label, options) -> {
            markup.append("<optgroup label=\"")
                    .append(HtmlUtils.htmlEscape(words.of(label), "UTF-8"))
                    .append("\">");
            options.forEach(markup::append);
            markup.append("</optgroup>");
        });
        return new Choice(markup.toString(), singles);
    }

    /** Options without headings, for a field that is typed into. */
    public Choice plain(Map<String, List<String>> groups) {
        StringBuilder markup = new StringBuilder();
        groups.values().forEach(options -> options.forEach(markup::append));
        return new Choice(markup.toString(), "");
    }

    /** What is offered while something is typed, as markup. */
    public static String offered(String name) {
        return "<option value=\"" + HtmlUtils.htmlEscape(name, "UTF-8") + "\"></option>";
    }

    /** One option as markup. */
    public static String option(String id, String name) {
        return "<option value=\"" + HtmlUtils.htmlEscape(id, "UTF-8") + "\">" + HtmlUtils.htmlEscape(name, "UTF-8")
                + "</option>";
    }
}
