package tanah.core.scene;

import java.util.Comparator;
import java.util.Optional;
import tanah.core.catalogue.Medium;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Soil;
import tanah.core.scene.Scene.Texture;

/** Which pattern stands for which material. */
public final class Textures {
    private Textures() {}

    public static Texture of(Layer layer, GroundResult ground) {
        if (layer.is(Layer.Kind.FALSE_BOTTOM)) {
            return Texture.VOID;
        }
        Optional<Soil> soil = ground.soil(layer.id());
        if (layer.is(Layer.Kind.LITTER)) {
            return soil.map(Textures::main)
                            .filter(m -> m.id().contains("moss") || m.id().contains("sphagnum"))
                            .isPresent()
                    ? Texture.MOSS
                    : Texture.LITTER;
        }
        return soil.map(Textures::of).orElse(Texture.HUMUS);
    }

    /** By the share of organic matter first, then by the main component. */
    public static Texture of(Soil soil) {
        Medium main = main(soil);
        if (soil.parts().size() > 1) {
            if (soil.organicVolume() >= 0.3) {
                return Texture.HUMUS;
            }
            return soil.clayShare() >= 0.05 ? Texture.ARID : Texture.SAND;
        }
        return of(main);
    }

    public static Texture of(Medium medium) {
        String id = medium.id();
        if (id.contains("moss") || id.startsWith("sphagnum")) {
            return Texture.MOSS;
        }
        return switch (medium.kind()) {
            case "drainage" -> drainage(medium);
            case "false_bottom" -> Texture.VOID;
            case "mineral" -> medium.texture().sand() >= 0.9 ? Texture.SAND : Texture.ARID;
            case "amendment" -> medium.grain() == Medium.Grain.FINE ? Texture.HUMUS : Texture.GRAVEL;
            case "aquatic" -> Texture.GRAVEL;
            case "stone" -> Texture.ROCK;
            case "wood" -> Texture.WOOD;
            case "cork" -> Texture.CORK;
            case "foam" -> Texture.FOAM;
            default -> id.equals("leaf_litter") ? Texture.LITTER : Texture.HUMUS;
        };
    }

    public static Texture of(HardscapeItem item) {
        return switch (item.kind().orElse("stone")) {
            case "wood" -> Texture.WOOD;
            case "cork" -> Texture.CORK;
            case "foam" -> Texture.FOAM;
            default -> Texture.ROCK;
        };
    }

    private static Texture drainage(Medium medium) {
        if (medium.grain() == Medium.Grain.SHEET) {
            return Texture.FOAM;
        }
        return medium.id().contains("gravel") && !medium.id().contains("foam_glass") ? Texture.GRAVEL : Texture.CLAY;
    }

    private static Medium main(Soil soil) {
        return soil.parts().stream()
                .max(Comparator.comparingDouble(Soil.Part::settledShare))
                .orElseThrow()
                .medium();
    }
}
