package tanah.web.design.planting;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.planting.LivesHere;
import tanah.core.planting.PlantFit;
import tanah.web.design.edit.PartView;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** What would live at a place where nothing is planted, best first, to be set there. */
@Component
class PlaceOffers {
    private static final String THIN = "\u2009";
    private static final int SHOWN = 8;
    private static final int NEAREST = 3;
    private static final double LIVES = 0.3; // below it a kind is refused

    private final Words words;

    PlaceOffers(Words words) {
        this.words = words;
    }

    List<PartView.Offer> at(Evaluation e, double x, double y) {
        List<LivesHere.Here> all =
                e.planted().map(p -> LivesHere.at(e.design(), p, x, y)).orElse(List.of());
        List<LivesHere.Here> living = all.stream().filter(PlaceOffers::lives).toList();
        // where nothing lives, what comes nearest says what is missing
        return (living.isEmpty() ? all.stream().limit(NEAREST) : living.stream().limit(SHOWN))
                .map(this::offer)
                .toList();
    }

    private static boolean lives(LivesHere.Here h) {
        return h.fit().score().orElse(0) >= LIVES;
    }

    private PartView.Offer offer(LivesHere.Here h) {
        String on = word(h.on());
        return new PartView.Offer(
                on,
                h.kind().id(),
                h.kind().commonName(),
                h.kind().scientificName(),
                lives(h) ? Numbers.upTo(100 * h.fit().score().orElse(0), 0) + THIN + "%" : words.of("offers.would_not"),
                words.of("rootplace." + on) + limit(h.fit()));
    }

    private String limit(PlantFit fit) {
        return fit.suitability()
                .limiting()
                .map(c -> "; " + words.of("offers.held_back", words.of("criterion." + word(c))))
                .orElse("");
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
