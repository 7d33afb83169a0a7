package tanah.web.calculator;

import java.util.List;
import java.util.Optional;
import tanah.web.design.words.PlainNote;

/** The sections of the page. */
public record CalculatorView(List<Section> sections) {
    public CalculatorView {
        sections = List.copyOf(sections);
    }

    /**
     * @param id      word of the section, of its wording and of its place on the page
     * @param fields  what it asks
     * @param rows    what it comes to; empty as long as something is missing
     * @param verdict what that means
     * @param table   day by day, or empty
     */
    public record Section(String id, List<Field> fields, List<Row> rows, Optional<PlainNote> verdict, List<Day> table) {
        public Section {
            fields = List.copyOf(fields);
            rows = List.copyOf(rows);
            table = List.copyOf(table);
        }
    }

    /**
     * @param name    sent
     * @param label   with its unit
     * @param value   typed, or from the plan
     * @param error   beside it, or empty
     * @param options of a choice; empty: a number
     */
    public record Field(String name, String label, String value, String error, List<Option> options) {
        public Field {
            options = List.copyOf(options);
        }
    }

    /** One of a choice. */
    public record Option(String value, String label) {}

    /** A result. */
    public record Row(String label, String value) {}

    /** A day of a course. */
    public record Day(String day, String front, String passed) {}
}
