package tanah.core.ground;

import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Mix;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;

/** Finds the soil of a layer. */
public final class Soils {
    private Soils() {}

    /** The soil of a layer; empty for a false bottom, which is open space. */
    public static Optional<Soil> of(Layer layer, Catalogue catalogue) {
        if (layer.is(Layer.Kind.FALSE_BOTTOM)) {
            return Optional.empty();
        }
        return layer.media().map(recipe -> of(recipe, catalogue));
    }

    /** @throws IllegalArgumentException for an unknown id, which the reader of the document has excluded */
    public static Soil of(Recipe recipe, Catalogue catalogue) {
        if (recipe instanceof Recipe.Own own) {
            return Blend.of(own.parts(), catalogue);
        }
        if (recipe instanceof Recipe.Named named) {
            Optional<Mix> mix = catalogue.findMix(named.id());
            if (mix.isPresent()) {
                return Blend.of(mix.get().parts(), catalogue);
            }
            Medium medium = catalogue
                    .findMedium(named.id())
                    .orElseThrow(() -> new IllegalArgumentException("unknown medium or mix " + named.id()));
            return Blend.of(medium);
        }
        throw new IllegalStateException("unknown recipe " + recipe);
    }
}
