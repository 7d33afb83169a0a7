package tanah.core.build;

import java.util.List;
import tanah.core.catalogue.Pack;

/**
 * Whole packs that together hold enough.
 *
 * @param picks  packs and how many of each
 * @param amount bought, in the packs' unit
 * @param price  minor currency units
 */
public record PackChoice(List<Pick> picks, double amount, long price) {
    public PackChoice {
        picks = List.copyOf(picks);
    }

    /**
     * @param pack which
     * @param count how many, at least 1
     */
    public record Pick(Pack pack, int count) {}

    public int count() {
        return picks.stream().mapToInt(Pick::count).sum();
    }
}
