package tanah.core.evaluate;

/** How far a stage is; computed, never set by hand. */
public enum StageState {
    /** No value given. */
    EMPTY,
    /** Values given, something required is missing, or nothing reads them yet. */
    BEGUN,
    /** Complete, no stop. */
    SETTLED,
    /** Complete, with a stop. */
    LOOK_AGAIN
}
