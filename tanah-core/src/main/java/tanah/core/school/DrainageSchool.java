package tanah.core.school;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.VesselPlan;
import tanah.core.ground.DrainageRule;

/**
 * A layer of coarse grains, open space on supports, or neither. The new one stands as high as the old one stood. Without
 * it the soil goes down to the base and its surface stays where it was; a new one takes its height from the soil, as
 * long as enough of it is left.
 */
final class DrainageSchool {
    private static final String MEDIUM = "expanded_clay_8_16";
    private static final double LEAST_SOIL = 0.04; // m, common practice
    private static final double FALLBACK_HEIGHT = 0.5; // m, where no vessel is chosen yet

    private DrainageSchool() {}

    static Design apply(Design design, String option, Catalogue catalogue) {
        List<Layer> layers = design.ground().layers();
        Optional<Layer> old = layers.stream().filter(Schools::drains).findFirst();
        List<Layer> changed = new ArrayList<>();
        double freed = old.isPresent() && option.equals("none") ? thickness(old.get()) : 0;
        for (Layer layer : layers) {
            boolean first = old.isPresent() && layer.id().equals(old.get().id());
            if (first && !option.equals("none")) {
                changed.add(as(layer, option));
            } else if (!Schools.drains(layer)) {
                changed.add(layer);
            }
        }
        if (old.isEmpty() && !option.equals("none")) {
            double height = design.vessel().map(v -> height(v, catalogue)).orElse(FALLBACK_HEIGHT);
            Layer fresh = NewLayer.drainage(design, MEDIUM, DrainageRule.usualDepth(height));
            freed = -DrainageRule.usualDepth(height);
            changed.add(0, as(fresh, option));
            for (int i = 1; i < changed.size(); i++) {
                if (changed.get(i).is(Layer.Kind.SUBSTRATE)
                        && !changed.get(i).options().aquatic().orElse(false)) {
                    Layer over = changed.get(i);
                    changed.set(i, over.withOptions(over.options().withMesh(true)));
                    break;
                }
            }
        }
        deepenSoil(changed, freed);
        return design.withGround(design.ground().withLayers(changed));
    }

    private static double thickness(Layer layer) {
        return layer.surface() instanceof Surface.Thickness t ? t.thickness() : 0;
    }

    /** The lowest soil of one thickness takes what is freed, or gives what is needed. */
    private static void deepenSoil(List<Layer> layers, double by) {
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            boolean soil =
                    layer.is(Layer.Kind.SUBSTRATE) && !layer.options().aquatic().orElse(false);
            if (soil && layer.surface() instanceof Surface.Thickness t) {
                double to = Math.round((t.thickness() + by) * 1000) / 1000.0;
                if (to >= LEAST_SOIL) {
                    layers.set(i, layer.withSurface(new Surface.Thickness(to)));
                }
                return;
            }
        }
    }

    private static double height(VesselPlan plan, Catalogue catalogue) {
        return Boxes.resolve(plan, catalogue).height();
    }

    private static Layer as(Layer layer, String option) {
        boolean floor = option.equals("false_floor");
        Layer.Kind kind = floor ? Layer.Kind.FALSE_BOTTOM : Layer.Kind.DRAINAGE;
        if (layer.is(kind)) {
            return layer;
        }
        Optional<Recipe> media = floor ? Optional.empty() : Optional.of(new Recipe.Named(MEDIUM));
        // a floor is level: what followed the ground below it cannot stay a slope
        Surface surface = layer.surface();
        return new Layer(layer.id(), kind, media, layer.region(), surface, Layer.Options.NONE, layer.kept());
    }
}
