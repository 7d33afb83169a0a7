package tanah.web.transfer;

/**
 * An archive on its way in.
 *
 * @param state  running, done, refused, stopped, or broken: its process ended
 * @param done   files that were read
 * @param total  of the archive; 0 until it is known
 * @param answer what came of it, see {@link ImportAnswer}; empty while there is none
 */
record ImportJob(long id, String fileName, String state, int done, int total, String answer) {
    boolean isRunning() {
        return state.equals("running");
    }
}
