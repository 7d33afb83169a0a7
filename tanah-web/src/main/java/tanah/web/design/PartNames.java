package tanah.web.design;

import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Probe;
import tanah.core.design.Recipe;
import tanah.web.shell.Words;

/** Names of parts for people. */
@Component
public class PartNames {
    private final Words words;

    PartNames(Words words) {
        this.words = words;
    }

    /** The name of a part of a design, or its id. */
    public String of(String part, Design design, Catalogue catalogue) {
        for (Layer layer : design.ground().layers()) {
            if (layer.id().equals(part)) {
                return layer(layer, catalogue);
            }
        }
        for (HardscapeItem item : design.hardscape()) {
            if (item.id().equals(part)) {
                return item.name().orElse(part);
            }
        }
        for (Probe probe : design.probes()) {
            if (probe.id().equals(part)) {
                return probe.label();
            }
        }
        return design.animals().stream()
                .filter(a -> a.id().equals(part))
                .flatMap(a -> catalogue.findSpecies(a.species()).stream())
                .map(Species::commonName)
                .findFirst()
                .orElse(part);
    }

    /** What a layer is made of. */
    public String layer(Layer layer, Catalogue catalogue) {
        if (layer.media().isEmpty()) {
            return words.of("part.false_bottom");
        }
        return layer.media().get() instanceof Recipe.Named named
                ? catalogue.groundName(named.id())
                : words.of("part.own_mix");
    }
}
