package tanah.web.design.edit;

import java.util.List;

/**
 * A part of a stage as its row in the pit.
 *
 * @param id       of the part
 * @param name     for people
 * @param texture  css word of its pattern
 * @param aside    the number that stands in its row
 * @param selected whether it is open
 * @param fields   what can be changed
 * @param acts     what can be done with it
 * @param numbers  that follow
 * @param cautions what to heed at this thing
 * @param offers   what could stand there instead, best first
 */
public record PartView(
        String id,
        String name,
        String texture,
        String aside,
        boolean selected,
        List<FieldView> fields,
        List<Act> acts,
        List<NumberRow> numbers,
        List<String> cautions,
        List<Offer> offers) {

    public PartView {
        fields = List.copyOf(fields);
        acts = List.copyOf(acts);
        numbers = List.copyOf(numbers);
        cautions = List.copyOf(cautions);
        offers = List.copyOf(offers);
    }

    /** A part that nothing is offered for. */
    public PartView(
            String id,
            String name,
            String texture,
            String aside,
            boolean selected,
            List<FieldView> fields,
            List<Act> acts,
            List<NumberRow> numbers,
            List<String> cautions) {
        this(id, name, texture, aside, selected, fields, acts, numbers, cautions, List.of());
    }

    /** A part without cautions of its own. */
    public PartView(
            String id,
            String name,
            String texture,
            String aside,
            boolean selected,
            List<FieldView> fields,
            List<Act> acts,
            List<NumberRow> numbers) {
        this(id, name, texture, aside, selected, fields, acts, numbers, List.of());
    }

    /**
     * Something that could stand there instead.
     *
     * @param op    edit that puts it there
     * @param value sent with it
     * @param name  for people
     * @param latin name
     * @param aside how well it would do
     * @param note  what holds it back most, or empty
     */
    public record Offer(String op, String value, String name, String latin, String aside, String note) {}

    /**
     * A button.
     *
     * @param op    edit that it makes
     * @param value sent with it
     * @param label on it
     */
    public record Act(String op, String value, String label) {}
}
