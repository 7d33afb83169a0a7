package tanah.core.design;

import java.time.LocalDate;
import java.util.List;
import tanah.core.catalogue.Species;

/**
 * A need as the keeper judges it for this enclosure. The column's name carries its unit, as in the catalogue.
 *
 * @param field  column of the catalogue
 * @param value  what replaces it
 * @param reason the keeper's words
 * @param date   when it was entered
 */
public record NeedOverride(String field, Value value, String reason, LocalDate date) {

    /** A number, a text or a list, as the column holds. */
    public sealed interface Value {
        record Number(double value) implements Value {}

        record Text(String value) implements Value {}

        record Words(List<String> value) implements Value {
            public Words {
                value = List.copyOf(value);
            }
        }
    }

    Species applyTo(Species species) {
        if (value instanceof Value.Number number) {
            return species.with(field, number.value());
        }
        if (value instanceof Value.Words words) {
            return species.with(field, words.value());
        }
        if (value instanceof Value.Text text) {
            return species.with(field, text.value());
        }
        throw new IllegalStateException("unknown kind of value " + value);
    }
}
