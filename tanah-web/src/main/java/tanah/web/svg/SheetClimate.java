package tanah.web.svg;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import tanah.core.field.ScalarGrid;
import tanah.core.geometry.Point;
import tanah.core.light.Vec;
import tanah.core.mapping.Fittings;

/**
 * What heat, light and air add to a sheet.
 *
 * @param fittings what hangs over and in the box
 * @param over     room above the lid that is drawn (m)
 * @param fill     field that fills it
 * @param lines    field drawn as lines
 * @param probe    place that is read, if there is a climate
 * @param side     whether the section is cut along its side
 * @param full     whether lamps and openings are drawn strongly, as on their own stages
 */
public record SheetClimate(
        Fittings fittings,
        double over,
        Optional<Field> fill,
        Optional<Field> lines,
        Optional<Vec> probe,
        boolean side,
        boolean full) {

    /**
     * A field as it is drawn; what is not drawn is not computed.
     *
     * @param scale   its bands
     * @param section over the section; empty for a field that only surfaces have
     * @param plan    over the plan
     * @param ground  along the surface that the section cuts: distance, height and value
     * @param patches raised surfaces in the plan with their values
     */
    public record Field(
            FieldScale scale,
            Optional<Supplier<ScalarGrid>> section,
            Optional<Supplier<ScalarGrid>> plan,
            List<double[]> ground,
            List<Patch> patches) {
        public Field {
            ground = List.copyOf(ground);
            patches = List.copyOf(patches);
        }
    }

    /**
     * A raised surface.
     *
     * @param outline in the plan
     * @param top     m
     * @param value   of the field
     */
    public record Patch(List<Point> outline, double top, double value) {
        public Patch {
            outline = List.copyOf(outline);
        }
    }
}
