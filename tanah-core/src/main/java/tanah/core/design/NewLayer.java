package tanah.core.design;

import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Mix;

/** Layers that are laid new, each with an id that is free. */
public final class NewLayer {
    private static final double LITTER = 0.02; // m
    private static final double DRAINAGE = 0.05; // m
    private static final double SOIL = 0.05; // m
    private static final List<String> COVERS = List.of("leaf_litter", "moss_live_cushion");

    private NewLayer() {}

    /** A layer of the kind and depth that are usual for a medium or mix (common practice). */
    public static Layer usual(Design design, String media, Catalogue catalogue) {
        Layer.Kind kind = kind(media, catalogue);
        double depth = switch (kind) {
            case LITTER -> LITTER;
            case DRAINAGE, FALSE_BOTTOM -> DRAINAGE;
            case SUBSTRATE -> catalogue.findMix(media).map(Mix::usualDepth).orElse(SOIL);
        };
        return of(design, kind, media, depth);
    }

    private static Layer.Kind kind(String media, Catalogue catalogue) {
        String sort = catalogue.findMedium(media).map(Medium::kind).orElse("mix");
        if (sort.equals("drainage")) {
            return Layer.Kind.DRAINAGE;
        }
        return COVERS.contains(media) ? Layer.Kind.LITTER : Layer.Kind.SUBSTRATE;
    }

    /** A layer of drainage (m). */
    public static Layer drainage(Design design, String media, double depth) {
        return of(design, Layer.Kind.DRAINAGE, media, depth);
    }

    /** A layer of one thickness (m). */
    public static Layer of(Design design, Layer.Kind kind, String media, double depth) {
        String stem = switch (kind) {
            case DRAINAGE -> "drainage";
            case FALSE_BOTTOM -> "false-bottom";
            case SUBSTRATE -> "soil";
            case LITTER -> "litter";
        };
        return new Layer(
                Ids.free(design, stem),
                kind,
                kind == Layer.Kind.FALSE_BOTTOM ? Optional.empty() : Optional.of(new Recipe.Named(media)),
                Optional.empty(),
                new Surface.Thickness(depth),
                Layer.Options.NONE,
                OtherFields.NONE);
    }
}
