package tanah.core.build;

import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Range;

/**
 * One thing to buy.
 *
 * @param item    catalogue id, or {@code mesh}
 * @param need    loose volume (m³), area (m²) of mesh, number of pieces or pots, or length (m) of tube, waste included
 * @param unit    l, m2, piece, m or pot
 * @param forParts what asks for it, and how much
 * @param atHand  of it that the keeper has already, in the same unit
 * @param packs   whole packs at least cost for the rest, where packs are known
 * @param price   lowest and highest price, major units of reference currency: of the packs, else of the loose amount
 * @param flags   what to watch for
 */
public record BuyLine(
        String item,
        double need,
        String unit,
        List<Share> forParts,
        double atHand,
        Optional<PackChoice> packs,
        Range price,
        List<String> flags) {
    public BuyLine {
        forParts = List.copyOf(forParts);
        flags = List.copyOf(flags);
    }

    /** What is left to buy, in the line's unit. */
    public double toBuy() {
        return need - atHand;
    }

    /** Unit of plants. */
    public static final String POT = "pot";

    /** What is bought. */
    public enum Kind {
        GROUND,
        GEAR,
        PLANTS
    }

    public Kind kind() {
        return switch (unit) {
            case "piece", "m" -> Kind.GEAR;
            case POT -> Kind.PLANTS;
            default -> Kind.GROUND;
        };
    }

    /**
     * @param part id of the layer
     * @param amount in the line's unit
     */
    public record Share(String part, double amount) {}
}
