package tanah.core.design;

import tanah.core.catalogue.Gear;

/** Items of the catalogue that keep an animal off what is hot or sucks. */
public final class Guards {
    /** Wire cage over a lamp. */
    public static final String LAMP = "guard-lamp";
    /** Cage around a heater in the water. */
    public static final String HEATER = "guard-heater";
    /** Foam over an intake. */
    public static final String INTAKE = "guard-intake";

    private Guards() {}

    /** The guard of a thing in the water. */
    public static String inWater(Gear gear) {
        return gear.isWaterHeater() ? HEATER : INTAKE;
    }
}
