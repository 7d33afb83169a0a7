package tanah.web.plantplan;

import java.util.List;
import java.util.Optional;
import tanah.web.design.edit.NumberRow;

/**
 * The page of a planting that is searched for.
 *
 * @param state    none, waiting, running, done, stopped or failed
 * @param progress in hundredths
 * @param said     how far it is, in words
 * @param stale    whether the plan was changed since
 * @param ways     side by side
 * @param refused  kinds that live nowhere here, and why
 * @param more     how many kinds would live here beside those that were chosen from
 */
public record PlantPlanView(
        long job,
        String state,
        int progress,
        String said,
        boolean stale,
        List<Way> ways,
        List<Refused> refused,
        int more) {
    public boolean isOn() {
        return state.equals("waiting") || state.equals("running");
    }

    /**
     * @param word    of it
     * @param found   whether there is a planting
     * @param proven  whether nothing is better
     * @param ended   how it ended, in words
     * @param drawing from the front, as planted
     * @param facts   what it comes to
     * @param kinds   what is planted
     * @param points  what it is worth, by what counts
     * @param notes   why there is none, or what stops then
     * @param unused  what would live there and was not chosen
     */
    public record Way(
            int index,
            String word,
            boolean found,
            boolean proven,
            String ended,
            String drawing,
            List<NumberRow> facts,
            List<Kind> kinds,
            List<NumberRow> points,
            List<String> notes,
            List<String> unused) {}

    /**
     * @param why    what speaks for it there
     * @param watch  what holds it back most
     * @param year   how large it is after a year, and when it meets its neighbour
     */
    public record Kind(
            int pieces,
            String common,
            String latin,
            String on,
            String does,
            String why,
            Optional<String> watch,
            String year) {}

    /** @param help what alone would let it in */
    public record Refused(String common, String latin, String why, String help) {}
}
