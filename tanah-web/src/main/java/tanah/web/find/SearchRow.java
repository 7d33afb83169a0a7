package tanah.web.find;

/**
 * A search as it is stored.
 *
 * @param base     revision that was searched
 * @param state    waiting, running, done, stopped or failed
 * @param progress in hundredths
 * @param answer   document, or empty
 */
record SearchRow(long id, int base, String state, int progress, String answer) {
    boolean isOn() {
        return state.equals("waiting") || state.equals("running");
    }
}
