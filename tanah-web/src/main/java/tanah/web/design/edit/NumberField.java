package tanah.web.design.edit;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.edit.EditNumber;
import tanah.core.units.Unit;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/**
 * A number of a part that a keeper can type: how it is read, which values make sense, how it is shown.
 *
 * @param op     edit that it makes; its wording is {@code field.} and this word
 * @param kind   what it measures
 * @param factor to SI of a bare number, where the kind has no unit of its own
 * @param min    least value, in SI
 * @param max    greatest value, in SI
 * @param shown  unit in which limits are worded
 * @param needed whether it must be given
 * @param step   of its buttons in the keeper's unit; 0: none
 */
public record NumberField(
        String op, Quantity.Kind kind, double factor, double min, double max, Unit shown, boolean needed, double step) {

    public static NumberField length(String op, double min, double max, double step) {
        return new NumberField(op, Quantity.Kind.LENGTH, 1, min, max, Unit.CENTIMETRE, true, step);
    }

    public static NumberField plain(String op, Unit unit, double min, double max) {
        return new NumberField(op, Quantity.Kind.NUMBER, unit.toSi(1), min, max, unit, false, 0);
    }

    /** A length of the core, with its limits. */
    public static NumberField length(String op, EditNumber number, double step) {
        return length(op, number.limits().min(), number.limits().max(), step);
    }

    /** A number of the core that is typed in one unit. */
    public static NumberField plain(String op, Unit unit, EditNumber number) {
        return plain(op, unit, number.limits().min(), number.limits().max());
    }

    /** A number of the core of any kind that has units of its own. */
    public static NumberField of(
            String op, Quantity.Kind kind, EditNumber number, Unit shown, boolean needed, double step) {
        return new NumberField(
                op, kind, 1, number.limits().min(), number.limits().max(), shown, needed, step);
    }

    /** The one of some numbers that an edit names. */
    public static Optional<NumberField> named(String op, List<NumberField> among) {
        return among.stream().filter(f -> f.op().equals(op)).findFirst();
    }

    /**
     * The number of the core that this field shows: its word follows the first letters of the field's.
     *
     * @param first letters before it, such as {@code lamp-}
     */
    public <E extends Enum<E>> E among(Class<E> numbers, String first) {
        return Enum.valueOf(
                numbers, op.substring(first.length()).toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** The same number, which must be given. */
    public NumberField required() {
        return new NumberField(op, kind, factor, min, max, shown, true, step);
    }

    /** The same number, which may be left out. */
    public NumberField optional() {
        return new NumberField(op, kind, factor, min, max, shown, false, step);
    }

    /** The same number with another greatest value. */
    public NumberField upTo(double most) {
        return new NumberField(op, kind, factor, min, Math.max(min, most), shown, needed, step);
    }

    /** What was typed for a part, in SI; empty with an error noted, or where a number that may be left out is. */
    public OptionalDouble read(EditForm form, FieldErrors errors) {
        String field = op + "-" + form.partId();
        if (kind == Quantity.Kind.NUMBER) {
            Unit bare = shown == Unit.COUNT ? shown : Unit.COUNT;
            OptionalDouble typed = needed
                    ? errors.required(field, form.valueText(), kind, min / factor, max / factor, bare)
                    : errors.optional(field, form.valueText(), kind, min / factor, max / factor, bare);
            return typed.isPresent() ? OptionalDouble.of(typed.getAsDouble() * factor) : typed;
        }
        return needed
                ? errors.required(field, form.valueText(), kind, min, max, shown)
                : errors.optional(field, form.valueText(), kind, min, max, shown);
    }

    /** A value as its field shows it. */
    public String show(double si) {
        return switch (kind) {
            case LENGTH, THICKNESS -> Numbers.upTo(Numbers.length(si), 2);
            case VOLUME -> Numbers.upTo(Numbers.volume(si), 2);
            case MASS -> Numbers.upTo(Numbers.mass(si), 2);
            case TEMPERATURE -> Numbers.degrees(si);
            case SHARE -> Numbers.upTo(si * 100, 1);
            case GRAMS, NUMBER -> Numbers.upTo(si / factor, 2);
        };
    }

    /** The unit that a bare number has for the keeper of this request. */
    public String unit() {
        return switch (kind) {
            case LENGTH, THICKNESS -> Numbers.lengthUnit();
            case VOLUME -> Numbers.volumeUnit();
            case MASS -> Numbers.massUnit();
            case TEMPERATURE -> Numbers.temperatureUnit();
            case SHARE -> "%";
            case GRAMS -> "g";
            case NUMBER -> shown.symbol();
        };
    }

    public FieldView view(String part, OptionalDouble value, Words words) {
        String text = value.isPresent() ? show(value.getAsDouble()) : "";
        return FieldView.number(op, part, words.of("field." + op, unit()), text, step);
    }

    public FieldView view(String part, double value, Words words) {
        return view(part, OptionalDouble.of(value), words);
    }
}
