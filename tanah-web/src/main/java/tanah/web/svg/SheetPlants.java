package tanah.web.svg;

import java.util.List;
import tanah.core.scene.PlantFigure;

/**
 * The plants of a sheet.
 *
 * @param months after planting that are looked at
 * @param side   whether the section is cut along the side of the box
 */
public record SheetPlants(List<PlantFigure> figures, double months, boolean side) {
    public static final SheetPlants NONE = new SheetPlants(List.of(), 0, false);

    public SheetPlants {
        figures = List.copyOf(figures);
    }
}
