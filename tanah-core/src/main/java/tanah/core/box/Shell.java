package tanah.core.box;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.light.Lid;

/**
 * The box around the air.
 *
 * @param length along the front inside (m)
 * @param width  front to back inside (m)
 * @param height inside (m)
 * @param sides  panes of the four sides
 * @param bottom pane
 * @param lid    its mesh
 * @param cover  what the lid is made of where it is not mesh
 * @param vents  in the sides
 */
public record Shell(
        double length,
        double width,
        double height,
        Map<Lid.Side, Pane> sides,
        Pane bottom,
        Lid lid,
        Optional<Pane> cover,
        List<Vent> vents) {
    public Shell {
        sides = Map.copyOf(sides);
        vents = List.copyOf(vents);
    }

    /**
     * An opening in a side.
     *
     * @param side   it is in
     * @param z      of its middle (m)
     * @param from   along the side (m)
     * @param to     along the side (m)
     * @param area   m²
     * @param height m
     * @param open   share of its screen
     */
    public record Vent(Lid.Side side, double z, double from, double to, double area, double height, double open) {}
}
