package tanah.web.design.edit;

import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.web.forms.FieldErrors;
import tanah.web.svg.SheetText.Handle;

/**
 * A stage of the design: its edits, its parts, what can be added, what it draws. To add a stage, write one of these in a room of
 * its own; page, drawing and strata find it.
 */
public interface DesignStage extends OpenStage {
    /**
     * Reads one edit and applies it.
     *
     * @param design as the keeper saw it
     * @param keeper whose edit it is
     * @param errors what is wrong with what was typed, by field
     */
    EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors);

    /** The part that is open: the one asked for if the stage has it, else the one that is worked on most. */
    String selected(Design design, String asked);

    /** Its parts as rows with their fields. */
    default List<PartView> parts(Evaluation e, String part) {
        return List.of();
    }

    /** Rows of the stage's own kind, for a template of its own. */
    default List<?> rows(Evaluation e, String part) {
        return List.of();
    }

    /** The template of its fields. */
    default String template() {
        return "design/fields";
    }

    /** What can be added, as the options of a choice. */
    Choices.Choice choices(Catalogue catalogue, long keeper);

    /** How something is added. */
    default Adding adding(Design design) {
        return Adding.choice("pit." + stage().word() + ".add");
    }

    /** Tabs of the drawing by which the open part is moved. */
    default List<Handle> handles(Evaluation e, String part) {
        return List.of();
    }

    /** Whether the climate lies over its drawing. */
    default boolean hasClimate() {
        return false;
    }

    /** What could be set at a place of the plan (m from the left and from the front). */
    default List<PartView.Offer> offers(Evaluation e, double x, double y) {
        return List.of();
    }

    /** What goes through the year ahead; empty where nothing does. */
    default Optional<YearView> year(Evaluation e) {
        return Optional.empty();
    }

    /** View that it opens with: both, section or plan. */
    default String opensWith() {
        return "both";
    }

    /**
     * A form that adds something.
     *
     * @param op      edit that it makes
     * @param label   key of its words
     * @param chooses whether something is chosen first
     * @param types   whether it is typed and found by its name
     * @param note    key of what is said below, or empty
     */
    record Adding(String op, String label, boolean chooses, boolean types, String note) {
        public Adding(String op, String label, boolean chooses, String note) {
            this(op, label, chooses, false, note);
        }

        public static Adding choice(String label) {
            return new Adding("add", label, true, "");
        }

        /** Found by its name, of which the choices are offered while it is typed. */
        public static Adding typed(String label) {
            return new Adding("add", label, false, true, label + ".note");
        }
    }
}
