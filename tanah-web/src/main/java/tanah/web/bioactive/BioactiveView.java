package tanah.web.bioactive;

import java.util.List;
import java.util.Optional;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.words.PlainNote;

/**
 * The page of a search for a bioactive floor.
 *
 * @param state   none, waiting, running, done, stopped or failed
 * @param stale   whether the plan was changed since
 * @param ended   how it ended, a word of the messages, or empty
 * @param tried   plans that were run through a year
 * @param ways    side by side
 * @param nearest where there is none
 */
public record BioactiveView(
        long job, String state, boolean stale, String ended, int tried, List<Way> ways, Optional<Way> nearest) {
    public boolean isOn() {
        return state.equals("waiting") || state.equals("running");
    }

    /**
     * @param head    what it is
     * @param changes one a line
     * @param facts   what the floor comes to
     * @param crew    each kind through the year, one a line
     * @param notes   what stops there and did not before, or what is still said against it
     */
    public record Way(
            int index,
            String head,
            List<String> changes,
            List<NumberRow> facts,
            List<String> crew,
            List<PlainNote> notes) {}
}
