package tanah.web.transfer;

/** Nobody wants an archive any more; what was read of it is taken back. */
final class ImportStopped extends RuntimeException {
    private static final long serialVersionUID = 1L;

    ImportStopped() {
        super("stopped");
    }
}
