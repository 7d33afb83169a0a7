package tanah.web.catalogue;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A piece or a bag that a keeper has.
 *
 * @param id        0 while it is not stored
 * @param name      for people
 * @param kind      stone, wood, cork, foam, loose or other
 * @param media     catalogue id of what it is made of, if known
 * @param lengthCm  largest measures
 * @param massKg    weighed
 * @param volumeL   by dunking, or of a bag
 * @param origin    bought, found, used or unknown
 * @param condition raw, cleaned or ready
 * @param note      free text
 * @param version   counts changes
 */
public record StockItem(
        long id,
        String name,
        String kind,
        @Nullable String media,
        @Nullable BigDecimal lengthCm,
        @Nullable BigDecimal widthCm,
        @Nullable BigDecimal heightCm,
        @Nullable BigDecimal massKg,
        @Nullable BigDecimal volumeL,
        String origin,
        String condition,
        String note,
        int version) {

    /** Key of what has to be done before it may go in (common practice); it follows from what it is and whence. */
    public String preparation() {
        if (condition.equals("ready")) {
            return "none";
        }
        return switch (kind) {
            case "stone" -> origin.equals("found") ? "stone_found" : "stone";
            case "wood" -> origin.equals("found") ? "wood_found" : "wood";
            case "cork" -> "cork";
            case "foam" -> "foam";
            case "loose" -> origin.equals("used") ? "loose_used" : "loose";
            default -> "other";
        };
    }
}
