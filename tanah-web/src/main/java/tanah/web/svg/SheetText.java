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
 * @param handles     draggable edges
 * @param section     heading of the section
 * @param cut         which cut it is
 * @param plan        heading of the plan
 * @param more        wording for labels that do not fit
 */
public record SheetText(
        String title,
        String description,
        Map<String, Caption> captions,
        List<Peg> pegs,
        String selected,
        List<Handle> handles,
        String section,
        String cut,
        String plan,
        IntFunction<String> more) {

    public SheetText {
        captions = Map.copyOf(captions);
        pegs = List.copyOf(pegs);
        handles = List.copyOf(handles);
    }

    /**
     * @param first what
     * @param second its numbers
     */
    public record Caption(String first, String second) {}

    /**
     * @param part where
     * @param letter key
     * @param severity shape
     * @param words for screen readers
     */
    public record Peg(String part, String letter, Severity severity, String words) {}

    /**
     * The upper edge of a layer, to be dragged or stepped.
     *
     * @param part  layer
     * @param label for screen readers
     * @param depth now (cm)
     * @param most  greatest depth that makes sense (cm)
     * @param words depth with its unit
     */
    public record Handle(String part, String label, double depth, double most, String words) {}
}
