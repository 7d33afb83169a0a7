package tanah.core.design.edit;

import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.finding.PlanChange;
import tanah.core.finding.Remedy;

/** A change of a plan. Pure: the same design and context give the same design. */
public sealed interface Edit extends PlanChange
        permits AddEdit,
                AirEdit,
                CrewEdit,
                DamEdit,
                DeviceEdit,
                FeatureEdit,
                GroundEdit,
                MistEdit,
                PaneEdit,
                PieceEdit,
                PlanEdit,
                PlantEdit,
                PlantingEdit,
                RefugeEdit,
                WallEdit,
                WaterEdit {
    /** The design after it; an equal design where it changes nothing, or where what it changes is gone. */
    Design apply(Design design, EditContext context);

    /** Why it cannot be made on this plan; empty where it can. */
    default Optional<Refusal> refused(Design design, EditContext context) {
        return Optional.empty();
    }

    /** Whether a remedy presses a change that cannot be made on a plan. */
    static boolean isRefused(Remedy remedy, Design design, EditContext context) {
        return remedy.action() instanceof Remedy.Action.Press press
                && press.change() instanceof Edit edit
                && edit.refused(design, context).isPresent();
    }

    /** What a remedy does to a plan; the same plan where a person has to do it. */
    static Design take(Remedy remedy, Design design, EditContext context) {
        return remedy.action() instanceof Remedy.Action.Press press && press.change() instanceof Edit edit
                ? edit.apply(design, context)
                : design;
    }
}
