package tanah.core.design.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;

/** Changes of stage 3: layers, their shape, material and separator. */
public sealed interface GroundEdit extends Edit {

    /** Set the depth of a layer that has one depth (m). A level top moves by as much, so that what lies below stays. */
    record SetDepth(String layer, double depth) implements GroundEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return GroundNumber.DEPTH.refused(OptionalDouble.of(depth));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withSurface(surface(l, design)));
        }

        private Surface surface(Layer l, Design design) {
            if (!(l.surface() instanceof Surface.Level level)) {
                return new Surface.Thickness(depth);
            }
            OptionalDouble below = flatBelow(l, design);
            return new Surface.Level(below.isPresent() ? below.getAsDouble() + depth : level.top());
        }
    }

    /** Set a sloped layer's front and back (m). */
    record SetSlope(String layer, double front, double back) implements GroundEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return GroundNumber.SLOPE
                    .refused(OptionalDouble.of(front))
                    .or(() -> GroundNumber.SLOPE.refused(OptionalDouble.of(back)));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withSurface(new Surface.Slope(front, back)));
        }
    }

    /** Take a layer out. */
    record RemoveLayer(String layer) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return ground(design, design.ground().without(layer));
        }
    }

    /** Put a medium or mix in place of a layer's own. */
    record SetMedia(String layer, String media) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withMedia(new Recipe.Named(media)));
        }
    }

    /** Lay the separator under a layer, or take it out. */
    record LayMesh(String layer, boolean laid) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withOptions(l.options().withMesh(laid)));
        }
    }

    /** Give the separator under a layer another opening (m); empty: the usual. */
    record SetMeshHole(String layer, OptionalDouble hole) implements GroundEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return GroundNumber.MESH_HOLE.refused(hole);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withOptions(l.options().withMeshHole(hole)));
        }
    }

    /** Say how moist a layer begins, as a share of what it holds. */
    record SetMoisture(String layer, double share) implements GroundEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return GroundNumber.MOISTURE.refused(OptionalDouble.of(share));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withWetness(share));
        }
    }

    /** The bag that a layer is bought in (m³) and its price; both empty: none. */
    record SetBag(String layer, OptionalDouble volume, OptionalDouble price) implements GroundEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return GroundNumber.BAG.refused(volume).or(() -> GroundNumber.PRICE.refused(price));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withOptions(l.options().withBag(volume, price)));
        }
    }

    /** Give a layer one thickness (m). */
    record LevelLayer(String layer, double thickness) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withSurface(new Surface.Thickness(thickness)));
        }
    }

    /** Let a layer lie on a part of the floor, or on all of it. */
    record LayOn(String layer, Optional<Layer.Region> region) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> l.withRegion(region));
        }
    }

    /** Put a medium into a layer's mix in so many parts, or take it out with none; the mix becomes the layer's own. */
    record SetPart(String layer, String medium, double parts) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, layer, l -> {
                Map<String, Double> mix = new LinkedHashMap<>(
                        l.media().map(r -> r.parts(context.catalogue())).orElse(Map.of()));
                if (parts > 0) {
                    mix.put(medium, parts);
                } else {
                    mix.remove(medium);
                }
                return mix.isEmpty() ? l : l.withMedia(new Recipe.Own(mix));
            });
        }
    }

    /** Move a layer up or down among the others. */
    record MoveLayer(String layer, int by) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return ground(design, design.ground().move(layer, by));
        }
    }

    /** Put a layer of drainage of this depth (m) under everything. */
    record AddDrainage(String media, double depth) implements GroundEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return ground(design, design.ground().insert(0, NewLayer.drainage(design, media, depth)));
        }
    }

    /** Lay a layer where its kind belongs: drainage below, soil under the litter, litter on top. */
    record AddLayer(Layer layer) implements GroundEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return design.ground().layers().size() >= PlanLimits.LAYERS
                    ? Optional.of(Refusal.LAYERS_MANY)
                    : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            int top = design.ground().layers().size();
            int index = layer.is(Layer.Kind.DRAINAGE) ? 0 : top;
            boolean underLitter = layer.is(Layer.Kind.SUBSTRATE)
                    && top > 0
                    && design.ground().layers().get(top - 1).is(Layer.Kind.LITTER);
            return ground(design, design.ground().insert(underLitter ? top - 1 : index, layer));
        }
    }

    private static Design change(Design design, String layer, UnaryOperator<Layer> change) {
        return ground(design, design.ground().change(layer, change));
    }

    private static Design ground(Design design, Ground changed) {
        return changed.equals(design.ground()) ? design : design.withGround(changed);
    }

    /** Height of a flat pile under a layer (m); empty where what lies below is not flat. */
    private static OptionalDouble flatBelow(Layer layer, Design design) {
        double height = 0;
        for (Layer below : design.ground().layers()) {
            if (below.id().equals(layer.id())) {
                return OptionalDouble.of(height);
            }
            Optional<Double> next = flat(below, height);
            if (next.isEmpty()) {
                return OptionalDouble.empty();
            }
            height = next.get();
        }
        return OptionalDouble.of(height);
    }

    private static Optional<Double> flat(Layer below, double height) {
        if (below.surface() instanceof Surface.Thickness t) {
            return Optional.of(height + t.thickness());
        }
        return below.surface() instanceof Surface.Level l ? Optional.of(Math.max(height, l.top())) : Optional.empty();
    }
}
