package tanah.core.finding;

import java.util.Comparator;
import java.util.List;

/**
 * One judgement.
 *
 * @param rule     which rule spoke
 * @param severity how bad it is
 * @param place    where it is pegged
 * @param measures the numbers compared, in the order in which the words use them
 * @param words    names that the words need (a species, a medium), in order
 * @param remedies what would settle it; the first one is the nearest
 * @param variant  selects between wordings of one rule, or empty
 */
public record Finding(
        RuleId rule,
        Severity severity,
        Place place,
        String variant,
        List<Measure> measures,
        List<String> words,
        List<Remedy> remedies)
        implements Comparable<Finding> {

    private static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity)
            .thenComparing(Finding::rule)
            .thenComparing(Finding::place)
            .thenComparing(f -> f.variant());

    public Finding {
        measures = List.copyOf(measures);
        words = List.copyOf(words);
        remedies = List.copyOf(remedies);
        if (severity != Severity.GOOD && remedies.isEmpty()) {
            throw new IllegalArgumentException(rule + " has no remedy");
        }
    }

    /** A finding without wording variants or names. */
    public static Finding of(
            RuleId rule, Severity severity, Place place, List<Measure> measures, List<Remedy> remedies) {
        return new Finding(rule, severity, place, "", measures, List.of(), remedies);
    }

    /** The same finding with another wording. */
    public Finding worded(String name, String... names) {
        return new Finding(rule, severity, place, name, measures, List.of(names), remedies);
    }

    /** The same finding with other remedies. */
    public Finding withRemedies(List<Remedy> changed) {
        return new Finding(rule, severity, place, variant, measures, words, changed);
    }

    /** A number by its name. */
    public Measure measure(String name) {
        return measures.stream()
                .filter(m -> m.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(rule + " has no " + name));
    }

    /** Whether another finding says the same of the same, however bad it is. */
    public boolean isOfTheSame(Finding other) {
        return rule.equals(other.rule) && place.equals(other.place) && words.equals(other.words);
    }

    /** By severity, then rule, then place. */
    @Override
    public int compareTo(Finding other) {
        return ORDER.compare(this, other);
    }
}
