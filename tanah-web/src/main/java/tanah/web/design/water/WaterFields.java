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
    static final NumberField LEVEL = NumberField.length("level", WaterNumber.LEVEL, 0.5);
    static final NumberField TEMPERATURE =
            NumberField.of("temperature", Quantity.Kind.TEMPERATURE, WaterNumber.TEMPERATURE, Unit.CELSIUS, false, 0.5);
    static final NumberField LOWEST =
            NumberField.length("lowest", WaterNumber.LOWEST, 0.5).optional();
    static final NumberField WAVE =
            NumberField.length("wave", WaterNumber.WAVE, 0).optional();
    static final NumberField COVER =
            NumberField.of("cover", Quantity.Kind.SHARE, WaterNumber.COVER, Unit.PERCENT, false, 0);
    static final List<NumberField> BODY = List.of(LEVEL, TEMPERATURE, LOWEST, WAVE, COVER);

    static final NumberField DAM_X = NumberField.length("dam-x", DamNumber.X, 0.5);
    static final NumberField DAM_WIDTH = NumberField.length("dam-width", DamNumber.WIDTH, 0.5);
    static final NumberField DAM_Y = NumberField.length("dam-y", DamNumber.Y, 0.5);
    static final NumberField DAM_DEPTH = NumberField.length("dam-depth", DamNumber.DEPTH, 0.5);
    static final NumberField DAM_TOP = NumberField.length("dam-top", DamNumber.TOP, 0.5);
    static final List<NumberField> DAM = List.of(DAM_X, DAM_WIDTH, DAM_Y, DAM_DEPTH, DAM_TOP);

    static final NumberField FOOT = NumberField.length("ramp-foot", RampNumber.FOOT, 0.5);
    static final NumberField TOP = NumberField.length("ramp-top", RampNumber.TOP, 0.5);
    static final NumberField LENGTH = NumberField.length("ramp-length", RampNumber.LENGTH, 1);
    static final NumberField WIDTH = NumberField.length("ramp-width", RampNumber.WIDTH, 1);
    static final List<NumberField> RAMP = List.of(FOOT, TOP, LENGTH, WIDTH);

    static final NumberField PH = NumberField.plain("ph", Unit.COUNT, WaterNumber.PH);
    static final NumberField ALKALINITY = NumberField.plain("alkalinity", Unit.DEGREE_HARDNESS, WaterNumber.ALKALINITY);
    static final NumberField HARDNESS = NumberField.plain("hardness", Unit.DEGREE_HARDNESS, WaterNumber.HARDNESS);
    static final NumberField NITRATE = NumberField.plain("nitrate", Unit.MILLIGRAM_PER_LITRE, WaterNumber.NITRATE);
    static final NumberField CHLORINE = NumberField.plain("chlorine", Unit.MILLIGRAM_PER_LITRE, WaterNumber.CHLORINE);
    static final List<NumberField> TAP = List.of(PH, ALKALINITY, HARDNESS, NITRATE, CHLORINE);

    static final NumberField FRACTION =
            NumberField.of("change-fraction", Quantity.Kind.SHARE, WaterNumber.CHANGE_FRACTION, Unit.PERCENT, false, 0);
    static final NumberField INTERVAL = NumberField.plain("change-interval", Unit.DAY, WaterNumber.CHANGE_INTERVAL);
    static final NumberField TARGET =
            NumberField.plain("nitrate-target", Unit.MILLIGRAM_PER_LITRE, WaterNumber.NITRATE_TARGET);
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
