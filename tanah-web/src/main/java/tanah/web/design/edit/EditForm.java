package tanah.web.design.edit;

import org.jspecify.annotations.Nullable;

/**
 * One edit of a stage as it comes from a form or a drag; all text, judged by the {@link StageEdits} of the stage.
 *
 * @param base  revision that the page shows
 * @param op    what to do
 * @param part  what is edited, or empty
 * @param value first typed value
 * @param other second typed value
 * @param draft whether only to look: nothing is saved
 */
public record EditForm(
        @Nullable Integer base,
        @Nullable String op,
        @Nullable String part,
        @Nullable String value,
        @Nullable String other,
        @Nullable Boolean draft) {

    static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }

    /** The same edit under another word. */
    public EditForm as(String word) {
        return new EditForm(base, word, part, value, other, draft);
    }

    public String opWord() {
        return orEmpty(op);
    }

    public String partId() {
        return orEmpty(part);
    }

    public String valueText() {
        return orEmpty(value);
    }

    public String otherText() {
        return orEmpty(other);
    }

    public boolean isDraft() {
        return Boolean.TRUE.equals(draft);
    }
}
