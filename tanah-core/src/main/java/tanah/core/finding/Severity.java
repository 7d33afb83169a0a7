package tanah.core.finding;

/** How bad it is, worst first. */
public enum Severity {
    /** Animal or person may come to harm, or it cannot be built. */
    STOP,
    CAUTION,
    HINT,
    /** A need that is met, with its margin. */
    GOOD
}
