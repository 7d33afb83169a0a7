package tanah.core.school;

import java.util.List;
import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.ground.MeshRule;

/** A separator between the soil and the drainage under it, or none. */
final class BarrierSchool {
    static final String CHOICE = MeshRule.CHOICE;
    private static final String MESH = "mesh";

    private BarrierSchool() {}

    /** The lowest soil on land over a drainage layer or a false bottom; empty where nothing drains. */
    static Optional<Layer> soil(Design design) {
        List<Layer> layers = design.ground().layers();
        boolean drained = false;
        for (Layer layer : layers) {
            drained |= Schools.drains(layer);
            boolean land =
                    layer.is(Layer.Kind.SUBSTRATE) && !layer.options().aquatic().orElse(false);
            if (drained && land) {
                return Optional.of(layer);
            }
        }
        return Optional.empty();
    }

    static String of(Design design) {
        return soil(design).filter(l -> l.options().hasMesh()).isPresent() ? MESH : "none";
    }

    static Design apply(Design design, String option) {
        return soil(design)
                .map(soil -> design.withGround(design.ground()
                        .change(soil.id(), l -> l.withOptions(l.options().withMesh(option.equals(MESH))))))
                .orElse(design);
    }
}
