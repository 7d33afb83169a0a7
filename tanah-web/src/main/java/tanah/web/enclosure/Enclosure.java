package tanah.web.enclosure;

import java.time.OffsetDateTime;
import tanah.core.design.Design;

/**
 * One enclosure as it stands, for one keeper.
 *
 * @param id       of the enclosure
 * @param revision number of the newest save
 * @param phase    planning or kept
 * @param savedAt  of that save
 * @param design   of that save
 * @param role     what this keeper may do with it
 * @param archived whether it is put away
 * @param undo     whether a save can be taken back
 * @param redo     whether one that was taken back can be made again
 */
public record Enclosure(
        long id,
        int revision,
        String phase,
        OffsetDateTime savedAt,
        Design design,
        Role role,
        boolean archived,
        boolean undo,
        boolean redo) {

    /** The same enclosure as it would stand with another design; nothing is saved. */
    public Enclosure drafted(Design changed) {
        return new Enclosure(id, revision, phase, savedAt, changed, role, archived, undo, redo);
    }
}
