package tanah.web.design.edit;

import tanah.core.design.Design;

/**
 * What an edit comes to.
 *
 * @param design  after the edit; the same as before where errors are noted or nothing changes
 * @param summary what changed, in words
 * @param part    to select afterwards, or empty
 */
public record EditOutcome(Design design, String summary, String part) {
    /** Nothing changes. */
    public static EditOutcome none(Design design, String part) {
        return new EditOutcome(design, "", part);
    }

    /** The same with another part open afterwards. */
    public EditOutcome selecting(String other) {
        return new EditOutcome(design, summary, other);
    }
}
