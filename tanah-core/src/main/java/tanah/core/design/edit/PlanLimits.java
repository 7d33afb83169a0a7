package tanah.core.design.edit;

import java.util.Optional;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;

/** How much one plan holds, so that computing it stays bounded: far more than any box needs. */
public final class PlanLimits {
    /** Entries of animals, each of any number of one kind. */
    public static final int ANIMALS = 12;

    public static final int DEVICES = 40;
    public static final int PIECES = 80;
    public static final int PLANTS = 120;
    /** Kinds of crew that are set. */
    public static final int DOSES = 20;

    /** Damp and dry places for them. */
    public static final int REFUGES = 12;

    public static final int LAYERS = 40;
    public static final int RAMPS = 12;
    /** Openings, sheets, nozzles and mistings together. */
    public static final int OPENINGS = 24;

    private PlanLimits() {}

    /** Whether another opening, sheet, nozzle or misting is one too many. */
    static Optional<Refusal> openings(Design design) {
        AirPlan.Mist mist = MistEdit.mist(design);
        int walls = design.vessel()
                .map(v ->
                        v.envelope().vents().size() + v.envelope().insulation().size())
                .orElse(0);
        boolean full = mist.nozzles().size() + mist.events().size() + walls >= OPENINGS;
        return design.vessel().isEmpty()
                ? Optional.of(Refusal.VESSEL_FIRST)
                : full ? Optional.of(Refusal.OPENINGS_MANY) : Optional.empty();
    }
}
