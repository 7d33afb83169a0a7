package tanah.core.forecast;

import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.mapping.MappedDesign;

/**
 * All that the climate of a plan depends on. Two plans with the same key have the same climate, whatever their names, notes, animals
 * and prices.
 *
 * @param box      as the model sees it
 * @param winter   room on the coldest day
 * @param summer   room on the hottest day
 * @param heated   water that is meant to have a warmth
 * @param roomBand how far the room may be off (K)
 */
public record ClimateKey(
        ClimateCase box,
        ClimateCase.RoomCourse winter,
        ClimateCase.RoomCourse summer,
        Optional<MappedDesign.Heated> heated,
        double roomBand) {
    public static ClimateKey of(MappedDesign mapped, double roomBand) {
        return new ClimateKey(mapped.enclosure(), mapped.winter(), mapped.summer(), mapped.heated(), roomBand);
    }
}
