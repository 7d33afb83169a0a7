package tanah.web.calculator;

import java.util.List;
import java.util.Optional;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.water.Drying;

/** One sum: what it asks, what it comes to. */
interface Calculation {
    /** Word of its wording and of its place on the page. */
    String id();

    /** Whether the plan has what it is about. */
    boolean fits(Evaluation e);

    List<Ask> asks(Evaluation e);

    default List<Choice> choices(Evaluation e) {
        return List.of();
    }

    /** All that was asked is answered. */
    Outcome reckon(Evaluation e, CalculatorPages.Answers answers);

    /**
     * @param name    of the field
     * @param options words, the first is the preset
     * @param parts   whether they are parts of the plan
     */
    record Choice(String name, List<String> options, boolean parts) {
        public Choice {
            options = List.copyOf(options);
        }
    }

    /** A result in the keeper's units. */
    record Line(String key, String value) {}

    /** What it comes to. */
    record Outcome(List<Line> rows, Optional<Finding> finding, List<Drying.Day> days) {
        static final Outcome NONE = new Outcome(List.of(), Optional.empty(), List.of());

        public Outcome {
            rows = List.copyOf(rows);
            days = List.copyOf(days);
        }

        static Outcome of(List<Line> rows) {
            return new Outcome(rows, Optional.empty(), List.of());
        }

        static Outcome of(List<Line> rows, Finding finding) {
            return new Outcome(rows, Optional.of(finding), List.of());
        }
    }
}
