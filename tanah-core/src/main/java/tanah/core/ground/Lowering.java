package tanah.core.ground;

import java.util.List;
import java.util.Optional;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.edit.GroundEdit;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.units.Unit;

/** Finds the change of one layer that lowers or raises the ground by a given height. */
final class Lowering {
    private static final double LEAST_LEFT = 0.005; // m of a layer that must stay
    private static final double STEP = 0.001; // m, remedies are rounded to the safe side

    private Lowering() {}

    /** A remedy that lowers the ground by so much (m), taken from the deepest layer that can give it. */
    static Optional<Remedy> by(Ground ground, GroundResult result, double over) {
        return deepest(ground, result, over + LEAST_LEFT).flatMap(layer -> {
            double cut = Math.ceil(over / STEP - 1e-6) * STEP;
            return change(layer, result, -cut, "lower-layer");
        });
    }

    /** A remedy that raises one layer by so much (m). */
    static Optional<Remedy> raise(Layer layer, GroundResult result, double missing) {
        return change(layer, result, Math.ceil(missing / STEP - 1e-6) * STEP, "deepen-layer");
    }

    private static Optional<Layer> deepest(Ground ground, GroundResult result, double least) {
        Layer found = null;
        double depth = least;
        List<Layer> layers = ground.layers();
        for (Layer layer : layers) {
            double mean =
                    result.layer(layer.id()).map(r -> r.shape().minDepth()).orElse(0.0);
            if (!layer.is(Layer.Kind.FALSE_BOTTOM) && mean > depth) {
                found = layer;
                depth = mean;
            }
        }
        return Optional.ofNullable(found);
    }

    private static Optional<Remedy> change(Layer layer, GroundResult result, double by, String key) {
        if (layer.surface() instanceof Surface.Thickness t) {
            double to = t.thickness() + by;
            return Optional.of(Remedy.change(key, new GroundEdit.SetDepth(layer.id(), to), length("to", to))
                    .words(layer.id()));
        }
        if (layer.surface() instanceof Surface.Level) {
            double mean =
                    result.layer(layer.id()).map(r -> r.shape().meanDepth()).orElse(0.0);
            double to = mean + by;
            return Optional.of(Remedy.change(key, new GroundEdit.SetDepth(layer.id(), to), length("to", to))
                    .words(layer.id()));
        }
        if (layer.surface() instanceof Surface.Slope s) {
            double front = s.front() + by;
            double back = s.back() + by;
            return Optional.of(Remedy.change(
                            key + "-slope",
                            new GroundEdit.SetSlope(layer.id(), front, back),
                            length("front", front),
                            length("back", back))
                    .words(layer.id()));
        }
        return Optional.empty();
    }

    private static Measure length(String name, double metres) {
        return new Measure(name, metres, Unit.CENTIMETRE);
    }
}
