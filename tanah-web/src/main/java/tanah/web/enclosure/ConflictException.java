package tanah.web.enclosure;

import java.util.List;
import tanah.files.compare.DesignMerge.Conflict;

/** Somebody changed the same fields since the page was loaded. What was to be saved is kept as a pending edit. */
public final class ConflictException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Enclosure current;
    private final transient List<Conflict> conflicts;
    private final long pending;

    public ConflictException(Enclosure current, List<Conflict> conflicts, long pending) {
        super("enclosure " + current.id() + " is at revision " + current.revision());
        this.current = current;
        this.conflicts = List.copyOf(conflicts);
        this.pending = pending;
    }

    /** What stands now. */
    public Enclosure current() {
        return current;
    }

    /** Fields that both changed. */
    public List<Conflict> conflicts() {
        return conflicts;
    }

    /** The pending edit that holds what was not saved. */
    public long pending() {
        return pending;
    }
}
