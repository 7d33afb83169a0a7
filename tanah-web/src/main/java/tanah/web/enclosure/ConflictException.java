package tanah.web.enclosure;

/** Somebody saved since this page was loaded. Carries what stands now. */
public final class ConflictException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Enclosure current;

    public ConflictException(Enclosure current) {
        super("enclosure " + current.id() + " is at revision " + current.revision());
        this.current = current;
    }

    public Enclosure current() {
        return current;
    }
}
