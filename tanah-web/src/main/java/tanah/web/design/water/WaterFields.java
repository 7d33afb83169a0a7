package tanah.web.design.water;

import java.util.List;
import tanah.core.design.edit.DamNumber;
import tanah.core.design.edit.RampNumber;
import tanah.core.design.edit.WaterNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of a water part, of its ramps, its tap and its changes. */
final class WaterFields {
    private static final double DEEPEST = 2; // m
    private static final double LONGEST = 3; // m

    static final NumberField LEVEL = NumberField.length("level", 0.005, DEEPEST, 0.5);
    static final NumberField TEMPERATURE =
            new NumberField("temperature", Quantity.Kind.TEMPERATURE, 1, 1, 40, Unit.CELSIUS, false, 0.5);
    static final NumberField LOWEST =
            NumberField.length("lowest", 0, DEEPEST, 0.5).optional();
    static final NumberField WAVE = NumberField.length("wave", 0, 0.2, 0).optional();
    static final NumberField COVER = new NumberField("cover", Quantity.Kind.SHARE, 1, 0, 1, Unit.PERCENT, false, 0);
    static final List<NumberField> BODY = List.of(LEVEL, TEMPERATURE, LOWEST, WAVE, COVER);

    static final NumberField DAM_X = NumberField.length("dam-x", 0.01, LONGEST, 0.5);
    static final NumberField DAM_WIDTH = NumberField.length("dam-width", 0.003, 0.5, 0.5);
    static final NumberField DAM_Y = NumberField.length("dam-y", 0, LONGEST, 0.5);
    static final NumberField DAM_DEPTH = NumberField.length("dam-depth", 0.003, LONGEST, 0.5);
    static final NumberField DAM_TOP = NumberField.length("dam-top", 0.01, DEEPEST, 0.5);
    static final List<NumberField> DAM = List.of(DAM_X, DAM_WIDTH, DAM_Y, DAM_DEPTH, DAM_TOP);

    static final NumberField FOOT = NumberField.length("ramp-foot", 0, DEEPEST, 0.5);
    static final NumberField TOP = NumberField.length("ramp-top", 0.01, DEEPEST, 0.5);
    static final NumberField LENGTH = NumberField.length("ramp-length", 0.02, LONGEST, 1);
    static final NumberField WIDTH = NumberField.length("ramp-width", 0.01, LONGEST, 1);
    static final List<NumberField> RAMP = List.of(FOOT, TOP, LENGTH, WIDTH);

    static final NumberField PH = NumberField.plain("ph", Unit.COUNT, 3, 11);
    static final NumberField ALKALINITY = NumberField.plain("alkalinity", Unit.DEGREE_HARDNESS, 0, 1);
    static final NumberField HARDNESS = NumberField.plain("hardness", Unit.DEGREE_HARDNESS, 0, 1);
    static final NumberField NITRATE = NumberField.plain("nitrate", Unit.MILLIGRAM_PER_LITRE, 0, 0.5);
    static final NumberField CHLORINE = NumberField.plain("chlorine", Unit.MILLIGRAM_PER_LITRE, 0, 0.02);
    static final List<NumberField> TAP = List.of(PH, ALKALINITY, HARDNESS, NITRATE, CHLORINE);

    static final NumberField FRACTION =
            new NumberField("change-fraction", Quantity.Kind.SHARE, 1, 0.01, 1, Unit.PERCENT, false, 0);
    static final NumberField INTERVAL = NumberField.plain("change-interval", Unit.DAY, 0.04 * 86400, 365 * 86400.0);
    static final NumberField TARGET = NumberField.plain("nitrate-target", Unit.MILLIGRAM_PER_LITRE, 0.001, 0.5);
    static final List<NumberField> CHANGES = List.of(FRACTION, INTERVAL, TARGET);

    private WaterFields() {}

    /** The number of the water that a field shows. */
    static WaterNumber number(NumberField field) {
        return field.among(WaterNumber.class, "");
    }

    /** The number of a wall that a field shows. */
    static DamNumber dam(NumberField field) {
        return field.among(DamNumber.class, "dam-");
    }

    /** The number of a ramp that a field shows. */
    static RampNumber ramp(NumberField field) {
        return field.among(RampNumber.class, "ramp-");
    }
}
