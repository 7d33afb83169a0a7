package tanah.web.design.edit;

import java.util.List;

/**
 * One thing of a part that can be changed on its own.
 *
 * @param op      edit that it makes
 * @param id      of its control, also the key of what is wrong with it
 * @param label   with the unit
 * @param value   as it stands
 * @param type    number, text or choice
 * @param step    by which the buttons change it in the keeper's unit; 0: no buttons
 * @param options of a choice
 */
public record FieldView(
        String op, String id, String label, String value, String type, double step, List<Option> options) {
    public FieldView {
        options = List.copyOf(options);
    }

    /**
     * @param value sent
     * @param label shown
     */
    public record Option(String value, String label) {}

    static FieldView number(String op, String part, String label, String value, double step) {
        return new FieldView(op, op + "-" + part, label, value, "number", step, List.of());
    }

    public static FieldView text(String op, String part, String label, String value) {
        return new FieldView(op, op + "-" + part, label, value, "text", 0, List.of());
    }

    public static FieldView choice(String op, String part, String label, String value, List<Option> options) {
        return new FieldView(op, op + "-" + part, label, value, "choice", 0, options);
    }
}
