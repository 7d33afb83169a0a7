package tanah.web.design.water;

import java.util.List;
import java.util.OptionalDouble;
import tanah.core.design.ChangeSchedule;
import tanah.core.design.Ramp;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;
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

    static OptionalDouble get(NumberField field, WaterPart w) {
        Tap tap = w.tap().orElse(Tap.UNKNOWN);
        ChangeSchedule changes = w.changes().orElse(ChangeSchedule.NONE);
        return switch (field.op()) {
            case "level" -> w.fill().level();
            case "temperature" -> w.temperature();
            case "lowest" -> w.margins().lowestLevel();
            case "wave" -> w.margins().wave();
            case "cover" -> w.margins().cover();
            case "ph" -> tap.ph();
            case "alkalinity" -> tap.alkalinity();
            case "hardness" -> tap.hardness();
            case "nitrate" -> tap.nitrate();
            case "chlorine" -> tap.chlorine();
            case "change-fraction" -> changes.fraction();
            case "change-interval" -> changes.interval();
            default -> w.targetNitrate();
        };
    }

    static WaterPart set(NumberField field, WaterPart w, OptionalDouble v) {
        WaterPart.Margins m = w.margins();
        Tap t = w.tap().orElse(Tap.UNKNOWN);
        ChangeSchedule c = w.changes().orElse(ChangeSchedule.NONE);
        return switch (field.op()) {
            case "level" -> w.withLevel(v.orElseThrow());
            case "temperature" -> w.withTemperature(v);
            case "lowest" ->
                w.withMargins(new WaterPart.Margins(m.barrier(), m.acceptWicking(), v, m.wave(), m.cover()));
            case "wave" ->
                w.withMargins(new WaterPart.Margins(m.barrier(), m.acceptWicking(), m.lowestLevel(), v, m.cover()));
            case "cover" -> w.withMargins(m.withCover(v));
            case "ph" ->
                w.withTap(new Tap(
                        v, t.alkalinity(), t.hardness(), t.nitrate(), t.chlorine(), t.chloramine(), t.conductivity()));
            case "alkalinity" ->
                w.withTap(
                        new Tap(t.ph(), v, t.hardness(), t.nitrate(), t.chlorine(), t.chloramine(), t.conductivity()));
            case "hardness" ->
                w.withTap(new Tap(
                        t.ph(), t.alkalinity(), v, t.nitrate(), t.chlorine(), t.chloramine(), t.conductivity()));
            case "nitrate" ->
                w.withTap(new Tap(
                        t.ph(), t.alkalinity(), t.hardness(), v, t.chlorine(), t.chloramine(), t.conductivity()));
            case "chlorine" ->
                w.withTap(new Tap(
                        t.ph(), t.alkalinity(), t.hardness(), t.nitrate(), v, t.chloramine(), t.conductivity()));
            case "change-fraction" -> w.withChanges(new ChangeSchedule(v, c.interval()), w.targetNitrate());
            case "change-interval" -> w.withChanges(new ChangeSchedule(c.fraction(), v), w.targetNitrate());
            default -> w.withChanges(c, v);
        };
    }

    static double get(NumberField field, Ramp r) {
        return switch (field.op()) {
            case "ramp-foot" -> r.foot();
            case "ramp-top" -> r.top();
            case "ramp-length" -> r.length();
            default -> r.width();
        };
    }

    static Ramp set(NumberField field, Ramp r, double v) {
        return switch (field.op()) {
            case "ramp-foot" -> new Ramp(r.id(), v, r.top(), r.length(), r.width(), r.rough(), r.kept());
            case "ramp-top" -> new Ramp(r.id(), r.foot(), v, r.length(), r.width(), r.rough(), r.kept());
            case "ramp-length" -> new Ramp(r.id(), r.foot(), r.top(), v, r.width(), r.rough(), r.kept());
            default -> new Ramp(r.id(), r.foot(), r.top(), r.length(), v, r.rough(), r.kept());
        };
    }
}
