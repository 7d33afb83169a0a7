package tanah.web.design.ground;

import java.util.Locale;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;

/** Names of layers in summaries, shortened. */
@Component
class LayerNames {
    private static final int LONGEST = 40;

    private final PartNames names;
    private final Catalogues catalogues;

    LayerNames(PartNames names, Catalogues catalogues) {
        this.names = names;
        this.catalogues = catalogues;
    }

    String of(Design design, String layer) {
        return design.ground()
                .layer(layer)
                .map(l -> names.layer(l, catalogues.of(design)))
                .map(n -> n.length() > LONGEST ? n.substring(0, LONGEST - 1) + "…" : n)
                .orElse(layer.toLowerCase(Locale.ROOT));
    }
}
