package tanah.web.design.start;

import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;

/**
 * Animal, vessel and room as they are typed. All text; what was typed stays.
 *
 * @param name     of the plan
 * @param q        search text
 * @param species  chosen catalogue id
 * @param count    how many
 * @param males    how many of them
 * @param lengthCm length now
 * @param vessel   catalogue id, or {@code own}
 * @param measured inside or outside, of own measures
 * @param length   own measure along the front
 * @param width    own measure from front to back
 * @param height   own measure
 * @param pane     pane thickness
 * @param material of own walls
 * @param label    capacity on the label
 * @param winterNight lowest of the room
 * @param winterDay   of the room
 * @param summerDay   highest of the room
 * @param summerNight of the room
 * @param driest      humidity of the room
 * @param dampest     humidity of the room
 * @param stand       rating of the stand
 * @param base        revision that the page shows, for a plan that exists
 * @param pickSpecies species of the button that was pressed
 * @param pickVessel  vessel of the button that was pressed
 */
public record StartForm(
        @Nullable String name,
        @Nullable String q,
        @Nullable String species,
        @Nullable String count,
        @Nullable String males,
        @Nullable String lengthCm,
        @Nullable String vessel,
        @Nullable String measured,
        @Nullable String length,
        @Nullable String width,
        @Nullable String height,
        @Nullable String pane,
        @Nullable String material,
        @Nullable String label,
        @Nullable String winterNight,
        @Nullable String winterDay,
        @Nullable String summerDay,
        @Nullable String summerNight,
        @Nullable String driest,
        @Nullable String dampest,
        @Nullable String stand,
        @Nullable Integer base,
        @Nullable String pickSpecies,
        @Nullable String pickVessel) {

    /** A new form with nothing in it. */
    public static StartForm blank() {
        return new StartForm(
                "",
                "",
                "",
                "1",
                "",
                "",
                "",
                "inside",
                "",
                "",
                "",
                "",
                "glass_annealed",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                null,
                "",
                "");
    }

    /** Missing fields as in another form, so that a page opened with half an address works. */
    public StartForm filled(StartForm f) {
        return new StartForm(
                or(name, f.name),
                or(q, f.q),
                or(picked(pickSpecies), or(species, f.species)),
                or(count, f.count),
                or(males, f.males),
                or(lengthCm, f.lengthCm),
                or(picked(pickVessel), or(vessel, f.vessel)),
                or(measured, f.measured),
                or(length, f.length),
                or(width, f.width),
                or(height, f.height),
                or(pane, f.pane),
                or(material, f.material),
                or(label, f.label),
                or(winterNight, f.winterNight),
                or(winterDay, f.winterDay),
                or(summerDay, f.summerDay),
                or(summerNight, f.summerNight),
                or(driest, f.driest),
                or(dampest, f.dampest),
                or(stand, f.stand),
                base,
                "",
                "");
    }

    /** The text of a field by its name, never null. */
    public String get(String field) {
        for (RecordComponent component : StartForm.class.getRecordComponents()) {
            if (component.getName().equals(field)) {
                try {
                    Object value = component.getAccessor().invoke(this);
                    return value == null ? "" : value.toString();
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException(e);
                }
            }
        }
        throw new IllegalArgumentException("no field " + field);
    }

    private static @Nullable String picked(@Nullable String pick) {
        return pick == null || pick.isEmpty() ? null : pick;
    }

    private static String or(@Nullable String value, @Nullable String other) {
        return value == null ? (other == null ? "" : other) : value;
    }
}
