package tanah.core.light;

/** What is radiated. */
public enum Band {
    UV,
    LIGHT,
    /** Short infrared of halogen and incandescent lamps. */
    NIR,
    /** Long infrared of ceramic and panel heaters. */
    LWIR
}
