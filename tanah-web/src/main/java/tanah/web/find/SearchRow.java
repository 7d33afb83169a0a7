package tanah.web.find;

/**
 * A search as it is stored.
 *
 * @param base     revision that was searched
 * @param state    waiting, running, done, stopped or failed
 * @param progress in hundredths
 * @param said     what it says while it runs, or empty
 * @param answer   document, or empty
 */
public record SearchRow(long id, int base, String state, int progress, String said, String answer) {
    public boolean isOn() {
        return state.equals("waiting") || state.equals("running");
    }
}
