package tanah.core.design.edit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;

/** Changes of stage 7: the lid and moved air. */
public sealed interface AirEdit extends Edit {

    /** Give the lid or the moved air another number (SI); one that may be left out is empty then. */
    record SetNumber(AirNumber number, OptionalDouble value) implements AirEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return number.set(design, value);
        }
    }

    /** Make another share of the lid mesh. */
    static AirEdit mesh(double share) {
        return new SetNumber(AirNumber.LID_MESH, OptionalDouble.of(share));
    }

    /** Materials of a lid, by their words in documents; {@code none} leaves the box open above. */
    List<String> LIDS = List.of("glass", "acrylic", "polycarbonate", "pvc_foam", "plywood", "none");

    /** Cover the box with a lid of another material, or with none. */
    record CoverWith(String material) implements AirEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return LIDS.contains(material)
                    ? lid(
                            design,
                            design.vessel()
                                    .flatMap(VesselPlan::lid)
                                    .orElse(VesselPlan.Lid.UNSAID)
                                    .withMaterial(Optional.of(material)))
                    : design;
        }
    }

    /** Let the mesh of the lid begin at another side. */
    record LayMesh(Envelope.Face side) implements AirEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return mesh(design, m -> m.withSide(Optional.of(side)));
        }
    }

    /** Use another mesh, or the usual one; what of it is open is its item's. */
    record UseMesh(Optional<String> item) implements AirEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return mesh(design, m -> m.withItem(item).withOpen(OptionalDouble.empty()));
        }
    }

    private static Design mesh(Design design, UnaryOperator<VesselPlan.Mesh> change) {
        VesselPlan.Lid lid = design.vessel().flatMap(VesselPlan::lid).orElse(VesselPlan.Lid.UNSAID);
        return lid(design, lid.withMesh(change.apply(lid.mesh())));
    }

    /** The design with another lid; without a box it stays as it is. */
    static Design lid(Design design, VesselPlan.Lid lid) {
        return design.vessel().map(v -> design.withVessel(v.withLid(lid))).orElse(design);
    }
}
