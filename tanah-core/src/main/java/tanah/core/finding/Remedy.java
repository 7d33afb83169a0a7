package tanah.core.finding;

import java.util.List;
import java.util.Optional;

/**
 * A way to settle a finding.
 *
 * @param key      names the wording
 * @param measures numbers that the wording needs
 * @param words    names that the wording needs
 * @param action   what pressing it does, or {@link Action.ByHand}
 * @param trial    empty until it was tried; what changes the plan is offered only then
 */
public record Remedy(String key, List<Measure> measures, List<String> words, Action action, Optional<Trial> trial) {
    /**
     * What came of trying a remedy before it is offered.
     *
     * @param brings the worst note that it would bring, if that is worse than what it takes away
     */
    public record Trial(Optional<Finding> brings) {}

    public Remedy {
        measures = List.copyOf(measures);
        words = List.copyOf(words);
    }

    /** A remedy that a person carries out. */
    public static Remedy byHand(String key, Measure... measures) {
        return new Remedy(key, List.of(measures), List.of(), new Action.ByHand(), Optional.empty());
    }

    /** A remedy that is one change of the design. */
    public static Remedy change(String key, Action action, Measure... measures) {
        return new Remedy(key, List.of(measures), List.of(), action, Optional.empty());
    }

    /** A remedy that changes the plan. */
    public static Remedy change(String key, PlanChange change, Measure... measures) {
        return change(key, new Action.Press(change), measures);
    }

    /** The same remedy with names for its wording. */
    public Remedy words(String... names) {
        return new Remedy(key, measures, List.of(names), action, trial);
    }

    /** The same remedy after it was tried. */
    public Remedy tried(Optional<Finding> brings) {
        return new Remedy(key, measures, words, action, Optional.of(new Trial(brings)));
    }

    /** Whether pressing it changes the plan. */
    public boolean changesPlan() {
        return action instanceof Action.Press;
    }

    /** Whether it was tried and brings nothing worse than it takes away. */
    public boolean heals() {
        return trial.filter(t -> t.brings().isEmpty()).isPresent();
    }

    /** What pressing a remedy does. */
    public sealed interface Action {
        /** Nothing that the tool could do by itself. */
        record ByHand() implements Action {}

        /** Go to a stage, where the change is made by hand. */
        record GoTo(Stage stage) implements Action {}

        /** Change the plan. */
        record Press(PlanChange change) implements Action {}

        /** Look for equipment that meets all needs. */
        record Find() implements Action {}
    }
}
