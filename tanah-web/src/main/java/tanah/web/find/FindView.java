package tanah.web.find;

import java.util.List;
import tanah.web.design.edit.NumberRow;

/**
 * The page of a search.
 *
 * @param state    none, waiting, running, done, stopped or failed
 * @param progress in hundredths
 * @param stale    whether the plan was changed since
 * @param feasible whether something meets all
 * @param scope    how many were tried
 * @param options  found, or the nearest miss
 * @param reasons  why nothing meets all
 * @param refused  what was not taken
 */
public record FindView(
        long job,
        String state,
        int progress,
        boolean stale,
        boolean feasible,
        String scope,
        List<Option> options,
        List<String> reasons,
        List<String> refused) {
    /** Whether the first answer falls short somewhere by what the model may be off. */
    public boolean isNearly() {
        return options.stream()
                .findFirst()
                .filter(o -> !o.tolerated().isEmpty())
                .isPresent();
    }

    public boolean isOn() {
        return state.equals("waiting") || state.equals("running");
    }

    /**
     * @param parts  what to hang and lay
     * @param values what is expected then
     * @param missed what it misses
     * @param tolerated what falls short by no more than the model is off
     * @param power  mean
     */
    public record Option(
            int index,
            List<String> parts,
            List<NumberRow> values,
            List<String> missed,
            List<String> tolerated,
            String power) {}
}
