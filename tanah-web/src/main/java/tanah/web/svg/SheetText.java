package tanah.web.svg;

import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import tanah.core.finding.Severity;

/**
 * Words and numbers that a sheet needs.
 *
 * @param title       of the drawing
 * @param description one sentence for screen readers
 * @param captions    for each part, what and its numbers
 * @param pegs        flags to plant, worst first
 * @param selected    part that is being edited, or empty
 * @param stage       word of the open stage
 * @param movable     whether pieces can be moved
 * @param handles     draggable edges
 * @param section     heading of the section
 * @param cut         which cut it is
 * @param ends        what is left and right, where that is not plain
 * @param plan        heading of the plan
 * @param more        wording for labels that do not fit
 */
public record SheetText(
        String title,
        String description,
        Map<String, Caption> captions,
        List<Peg> pegs,
        String selected,
        String stage,
        boolean movable,
        List<Handle> handles,
        String section,
        String cut,
        String ends,
        String plan,
        IntFunction<String> more) {

    public SheetText {
        captions = Map.copyOf(captions);
        pegs = List.copyOf(pegs);
        handles = List.copyOf(handles);
    }

    /** Whether a tab stands in the right gutter. */
    boolean hasRightHandles() {
        return handles.stream()
                .anyMatch(h -> h.axis() == Handle.Axis.RIGHT
                        || h.axis() == Handle.Axis.PLAN_FRONT
                        || h.axis() == Handle.Axis.PLAN_BACK);
    }

    /**
     * @param first what
     * @param second its numbers
     */
    public record Caption(String first, String second) {
        String both() {
            return second.isEmpty() ? first : first + ", " + second;
        }
    }

    /**
     * @param part where
     * @param letter key
     * @param severity shape
     * @param words for screen readers
     */
    public record Peg(String part, String letter, Severity severity, String words) {}

    /**
     * An edge to be dragged or stepped.
     *
     * @param part  that it belongs to
     * @param op    edit that it makes
     * @param label for screen readers
     * @param value now (cm)
     * @param least value that makes sense (cm)
     * @param most  greatest value that makes sense (cm)
     * @param words value with its unit
     * @param axis  where its tab is and which way it moves
     * @param at    where it is: a height, or a distance from the left (m); of a layer it is not used
     */
    public record Handle(
            String part,
            String op,
            String label,
            double value,
            double least,
            double most,
            String words,
            Axis axis,
            double at) {

        /** Up and down in the left gutter or in the right one, or along the bottom; edges in the plan, across and back. */
        public enum Axis {
            LEFT,
            RIGHT,
            ALONG,
            PLAN_LEFT,
            PLAN_RIGHT,
            PLAN_FRONT,
            PLAN_BACK
        }
    }
}
