package tanah.web.design.overlay;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.HeatDay;
import tanah.core.finding.Stage;
import tanah.core.time.Season;
import tanah.core.units.Unit;
import tanah.web.forms.Quantity;

/**
 * How the climate is looked at; unknown words mean the stage's own.
 *
 * @param fill   what fills the drawing
 * @param lines  what is drawn as lines
 * @param season the hottest day or the coldest
 * @param hour   of the day
 * @param x      of the probe (m); empty: where the plan's first place of readings is
 * @param y      m
 * @param z      m
 */
public record ClimateLook(
        FieldKind fill,
        FieldKind lines,
        Season season,
        double hour,
        OptionalDouble x,
        OptionalDouble y,
        OptionalDouble z) {

    public static ClimateLook of(SheetOptions o, Stage stage, HeatDay day) {
        FieldKind fill = kind(o.field(), own(stage));
        FieldKind lines = kind(o.lines(), stage == Stage.HEAT ? FieldKind.UV : FieldKind.NONE);
        double noon = (day.start() + day.hours() / 2) % 24;
        OptionalDouble hour = number(o.hour());
        return new ClimateLook(
                fill,
                lines == fill ? FieldKind.NONE : lines,
                Season.of(o.season() == null ? "" : o.season()),
                Math.max(0, Math.min(23.99, hour.orElse(Math.round(noon * 4) / 4.0))),
                metres(o.px()),
                metres(o.py()),
                metres(o.pz()));
    }

    private static FieldKind own(Stage stage) {
        return switch (stage) {
            case AIR -> FieldKind.HUMIDITY;
            case PLANTING -> FieldKind.LIGHT;
            default -> FieldKind.AIR;
        };
    }

    private static FieldKind kind(@org.jspecify.annotations.Nullable String word, FieldKind usual) {
        for (FieldKind kind : FieldKind.values()) {
            if (kind.name().toLowerCase(Locale.ROOT).equals(word)) {
                return kind;
            }
        }
        return usual;
    }

    private static OptionalDouble number(@org.jspecify.annotations.Nullable String text) {
        return text == null ? OptionalDouble.empty() : Quantity.parse(text, Quantity.Kind.NUMBER);
    }

    private static OptionalDouble metres(@org.jspecify.annotations.Nullable String cm) {
        OptionalDouble value = number(cm);
        return value.isPresent() ? OptionalDouble.of(Unit.CENTIMETRE.toSi(value.getAsDouble())) : value;
    }
}
