package tanah.web.calculator;

import java.util.OptionalDouble;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;

/**
 * A number that a sum asks for.
 *
 * @param name   of the field, unique on the page
 * @param kind   what it measures
 * @param unit   of a bare number, and in which limits are worded
 * @param min    least value in SI
 * @param max    greatest value in SI
 * @param preset from the plan, in SI; empty: the keeper has to say
 */
record Ask(String name, Quantity.Kind kind, Unit unit, double min, double max, OptionalDouble preset) {

    static Ask number(String name, Unit unit, double min, double max, OptionalDouble preset) {
        return new Ask(name, Quantity.Kind.NUMBER, unit, unit.toSi(min), unit.toSi(max), preset);
    }

    static Ask number(String name, Unit unit, double min, double max, double preset) {
        return number(name, unit, min, max, OptionalDouble.of(unit.toSi(preset)));
    }

    static Ask volume(String name, double litres, OptionalDouble preset) {
        return new Ask(name, Quantity.Kind.VOLUME, Unit.LITRE, 0, Unit.LITRE.toSi(litres), preset);
    }

    static Ask length(String name, double most, double preset) {
        return new Ask(name, Quantity.Kind.LENGTH, Unit.CENTIMETRE, 0, most, OptionalDouble.of(preset));
    }

    static Ask share(String name, OptionalDouble preset) {
        return new Ask(name, Quantity.Kind.SHARE, Unit.PERCENT, 0, 1, preset);
    }

    /** The preset as its field shows it. */
    String shown() {
        return preset.isPresent() ? show(preset.getAsDouble()) : "";
    }

    private String show(double si) {
        return switch (kind) {
            case LENGTH -> Numbers.upTo(Numbers.length(si), 2);
            case VOLUME -> Numbers.upTo(Numbers.volume(si), 2);
            case TEMPERATURE -> Numbers.degrees(si);
            default -> Numbers.upTo(unit.fromSi(si), 2);
        };
    }

    /** The unit that a bare number has for the keeper of this request. */
    String unitWord() {
        return switch (kind) {
            case LENGTH -> Numbers.lengthUnit();
            case VOLUME -> Numbers.volumeUnit();
            case TEMPERATURE -> Numbers.temperatureUnit();
            default -> unit.symbol();
        };
    }
}
