package tanah.web.catalogue;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Species;
import tanah.core.scene.Forms;
import tanah.web.forms.Numbers;
import tanah.web.need.NeedBars;
import tanah.web.need.NeedView;
import tanah.web.shell.Words;
import tanah.web.svg.AnimalScale;

/** An animal of the catalogue to look at: itself at scale in its smallest box, and its needs as bars. */
@Component
class AnimalEntry {
    private static final String THIN = "\u2009";

    private final Catalogues catalogues;
    private final NeedBars bars;
    private final Words words;

    AnimalEntry(Catalogues catalogues, NeedBars bars, Words words) {
        this.catalogues = catalogues;
        this.bars = bars;
        this.words = words;
    }

    /**
     * @param svg     drawing
     * @param caption of the drawing
     * @param bars    needs
     */
    public record View(String svg, String caption, List<NeedView> bars) {}

    /** Empty where the keeper's catalogue holds no such animal. */
    java.util.Optional<View> of(String id, long keeperId) {
        return catalogues.of(keeperId).findSpecies(id).map(this::view);
    }

    private View view(Species s) {
        double length = s.optional("total_length_adult_cm")
                        .orElse(s.optional("body_length_adult_cm").orElse(10))
                / 100;
        double height = s.optional("min_height_cm").orElse(30) / 100;
        String box = Numbers.lengthUpTo(s.minLength(), 0) + " × " + Numbers.lengthUpTo(s.minDepth(), 0) + " × "
                + Numbers.lengthUpTo(height, 0) + THIN + Numbers.lengthUnit();
        String caption = words.of("catalogue.scale", Numbers.lengthWithUnit(length), box);
        return new View(
                AnimalScale.draw(
                        s.minLength(), height, length, Forms.of(s.group().toLowerCase(Locale.ROOT)), caption),
                caption,
                bars.of(s));
    }
}
