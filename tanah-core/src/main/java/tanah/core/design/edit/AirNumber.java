package tanah.core.design.edit;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.VesselPlan;

/** The numbers of the lid and of moved air, each of which a plan has once. */
public enum AirNumber implements EditNumber {
    /** Share of the lid that is mesh, 0 to 1. */
    LID_MESH(0, 1),
    /** Share of the mesh that is open, 0 to 1; empty: its item's. */
    LID_OPEN(0.02, 0.98),
    /** Share of the mesh that nothing covers, 0 to 1; empty: the usual one. */
    LID_FREE(0.05, 1),
    /** Mean speed of the air by a fan inside (m/s). */
    FAN_SPEED(0, 2),
    /** Forced exchange with the room (m³/s). */
    FAN_EXCHANGE(0, 200 / 3600.0);

    private final Limits limits;

    AirNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What stands; a lid of which nothing is said is the one that its vessel is sold with. */
    public OptionalDouble of(Design design, Catalogue catalogue) {
        VesselPlan.Lid lid = lid(design);
        AirPlan air = design.air().orElse(AirPlan.STILL);
        return switch (this) {
            case LID_MESH ->
                OptionalDouble.of(
                        design.vessel().map(v -> Boxes.lidMesh(v, catalogue)).orElse(0.0));
            case LID_OPEN -> lid.mesh().open();
            case LID_FREE -> design.vessel().map(v -> v.envelope().meshFree()).orElse(OptionalDouble.empty());
            case FAN_SPEED -> air.fanSpeed();
            case FAN_EXCHANGE -> air.exchange();
        };
    }

    Design set(Design design, OptionalDouble v) {
        VesselPlan.Lid lid = lid(design);
        AirPlan air = design.air().orElse(AirPlan.STILL);
        return switch (this) {
            case LID_MESH -> AirEdit.lid(design, lid.withMeshFraction(v));
            case LID_OPEN -> AirEdit.lid(design, lid.withMesh(lid.mesh().withOpen(v)));
            case LID_FREE ->
                design.vessel()
                        .map(p -> design.withVessel(p.withEnvelope(p.envelope().withMeshFree(v))))
                        .orElse(design);
            case FAN_SPEED -> design.withAir(Optional.of(air.withFanSpeed(v)));
            case FAN_EXCHANGE -> design.withAir(Optional.of(air.withExchange(v)));
        };
    }

    private static VesselPlan.Lid lid(Design design) {
        return design.vessel().flatMap(VesselPlan::lid).orElse(VesselPlan.Lid.UNSAID);
    }
}
