package tanah.core.commission;

import java.util.Arrays;
import java.util.Optional;
import tanah.core.catalogue.Range;
import tanah.core.units.Unit;

/**
 * Kinds of readings that are judged. Valid ranges are physical or the instrument's; the band is what a hobby
 * instrument may be off (common practice).
 */
public enum ReadingKind {
    TEMP_AIR("temp_air", Unit.CELSIUS, new Range(-10, 60), 0.5),
    TEMP_SURFACE("temp_surface", Unit.CELSIUS, new Range(-10, 120), 1.5),
    TEMP_SUBSTRATE("temp_substrate", Unit.CELSIUS, new Range(-10, 60), 0.5),
    TEMP_WATER("temp_water", Unit.CELSIUS, new Range(0, 45), 0.5),
    RH("rh", Unit.PERCENT, new Range(0.01, 1), 0.04);

    private final String id;
    private final Unit unit;
    private final Range valid;
    private final double band;

    ReadingKind(String id, Unit unit, Range valid, double band) {
        this.id = id;
        this.unit = unit;
        this.valid = valid;
        this.band = band;
    }

    /** As in designs and files. */
    public String id() {
        return id;
    }

    public Unit unit() {
        return unit;
    }

    /** Values that can be (°C or share). */
    public Range valid() {
        return valid;
    }

    /** What the instrument may be off (K or share). */
    public double band() {
        return band;
    }

    public boolean isTemperature() {
        return this != RH;
    }

    public static Optional<ReadingKind> of(String id) {
        return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
}
