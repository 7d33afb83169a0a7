package tanah.web.design.start;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import tanah.core.design.Design;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.units.Unit;
import tanah.web.account.Settings;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;

/** Fills the start form from a design that exists. */
final class StartForms {
    private StartForms() {}

    static StartForm of(Design design, @Nullable String q, StartForm fresh) {
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
                        : thickness(vessel.pane().getAsDouble()),
                vessel == null
                        ? "glass_annealed"
                        : vessel.material()
                                .map(m -> m.name().toLowerCase(java.util.Locale.ROOT))
                                .orElse("glass_annealed"),
                "",
                room == null
                        ? fresh.winterNight()
                        : Numbers.degrees(room.winter().tempNight()),
                room == null ? fresh.winterDay() : Numbers.degrees(room.winter().tempDay()),
                room == null ? fresh.summerDay() : Numbers.degrees(room.summer().tempDay()),
                room == null
                        ? fresh.summerNight()
                        : Numbers.degrees(room.summer().tempNight()),
                room == null ? fresh.driest() : Numbers.upTo(100 * room.winter().humidityDay(), 0),
                room == null
                        ? fresh.dampest()
                        : Numbers.upTo(100 * room.summer().humidityDay(), 0),
                vessel == null || vessel.structureOrNone().capacity().isEmpty()
                        ? ""
                        : Numbers.upTo(
                                Numbers.mass(vessel.structureOrNone().capacity().getAsDouble()), 1),
                null,
                "",
                "");
    }

    /** A thickness in millimetres, or in inches. */
    static String thickness(double metres) {
        return Presentation.current().isUs()
                ? Numbers.upTo(Numbers.length(metres), 3)
                : Numbers.upTo(Unit.MILLIMETRE.fromSi(metres), 1);
    }

    /** A new form with the room that the keeper has set for new enclosures. */
    static StartForm fresh(Settings set) {
        StartForm f = StartForm.blank();
        return new StartForm(
                f.name(),
                f.q(),
                f.species(),
                f.count(),
                f.males(),
                f.lengthCm(),
                f.vessel(),
                f.measured(),
                f.length(),
                f.width(),
                f.height(),
                f.pane(),
                f.material(),
                f.label(),
                Numbers.degrees(set.winterNight()),
                Numbers.degrees(set.winterDay()),
                Numbers.degrees(set.summerDay()),
                Numbers.degrees(set.summerNight()),
                Numbers.upTo(set.driest(), 0),
                Numbers.upTo(set.dampest(), 0),
                f.stand(),
                null,
                "",
                "");
    }

    private static String cm(OptionalDouble metres) {
        return metres.isPresent() ? Numbers.upTo(Numbers.length(metres.getAsDouble()), 2) : "";
    }

    private static String whole(OptionalInt value) {
        return value.isPresent() ? String.valueOf(value.getAsInt()) : "";
    }
}
