package tanah.web.design;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import tanah.core.design.Design;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;

/** Fills the start form from a design that exists. */
final class StartForms {
    private StartForms() {}

    static StartForm of(Design design, @Nullable String q) {
        StartForm fresh = StartForm.fresh();
        Resident animal = design.animals().stream().findFirst().orElse(null);
        VesselPlan vessel = design.vessel().orElse(null);
        RoomPlan room = design.room().orElse(null);
        VesselPlan.Measures own =
                vessel == null ? null : vessel.inside().or(vessel::outside).orElse(null);
        boolean listed = vessel != null && vessel.catalogue().isPresent();
        return new StartForm(
                design.name(),
                q == null ? "" : q,
                animal == null ? "" : animal.species(),
                animal == null ? "1" : String.valueOf(animal.count()),
                animal == null ? "" : whole(animal.males()),
                animal == null ? "" : cm(animal.length()),
                vessel == null ? "" : "kept",
                vessel != null && vessel.outside().isPresent() ? "outside" : "inside",
                own == null || listed ? "" : cm(own.length()),
                own == null || listed ? "" : cm(own.width()),
                own == null || listed ? "" : cm(own.height()),
                vessel == null || listed || vessel.pane().isEmpty()
                        ? ""
                        : Numbers.upTo(Unit.MILLIMETRE.fromSi(vessel.pane().getAsDouble()), 1),
                vessel == null
                        ? "glass_annealed"
                        : vessel.material()
                                .map(m -> m.name().toLowerCase(java.util.Locale.ROOT))
                                .orElse("glass_annealed"),
                "",
                room == null ? fresh.winterNight() : Numbers.upTo(room.winter().tempNight(), 1),
                room == null ? fresh.winterDay() : Numbers.upTo(room.winter().tempDay(), 1),
                room == null ? fresh.summerDay() : Numbers.upTo(room.summer().tempDay(), 1),
                room == null ? fresh.summerNight() : Numbers.upTo(room.summer().tempNight(), 1),
                room == null ? fresh.driest() : Numbers.upTo(100 * room.winter().humidityDay(), 0),
                room == null
                        ? fresh.dampest()
                        : Numbers.upTo(100 * room.summer().humidityDay(), 0),
                vessel == null || vessel.structureOrNone().capacity().isEmpty()
                        ? ""
                        : Numbers.upTo(vessel.structureOrNone().capacity().getAsDouble(), 1),
                null,
                "",
                "");
    }

    /** What differs between two designs, in words. */
    static String summary(Design before, Design after) {
        StringBuilder words = new StringBuilder();
        if (!before.animals().equals(after.animals())) {
            words.append("Animal");
        }
        if (!before.vessel().equals(after.vessel())) {
            words.append(words.isEmpty() ? "Vessel" : ", vessel");
        }
        if (!before.room().equals(after.room())) {
            words.append(words.isEmpty() ? "Room" : ", room");
        }
        return words.isEmpty() ? "Name changed" : words + " changed";
    }

    private static String cm(OptionalDouble metres) {
        return metres.isPresent() ? Numbers.upTo(Unit.CENTIMETRE.fromSi(metres.getAsDouble()), 2) : "";
    }

    private static String whole(OptionalInt value) {
        return value.isPresent() ? String.valueOf(value.getAsInt()) : "";
    }
}
