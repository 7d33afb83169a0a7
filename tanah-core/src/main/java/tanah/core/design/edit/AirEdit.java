package tanah.core.design.edit;

import tanah.core.design.Design;
import tanah.core.design.VesselPlan;

/** Changes of stage 7: lid, openings, mist. */
public sealed interface AirEdit extends Edit {

    /** Make another share of the lid mesh. */
    record SetMeshShare(double share) implements AirEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.vessel()
                    .map(v -> design.withVessel(
                            v.withLid(v.lid().orElse(VesselPlan.Lid.UNSAID).withMeshFraction(share))))
                    .orElse(design);
        }
    }
}
