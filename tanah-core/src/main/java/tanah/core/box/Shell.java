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
 * @param vents  in the sides and in the lid
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
     * An opening in a side or in the lid.
     *
     * @param side   it is in; empty: the lid
     * @param z      of its middle in a side (m)
     * @param from   along the side, in the lid along the front (m)
     * @param to     along the side, in the lid along the front (m)
     * @param front  in the lid (m)
     * @param back   in the lid (m)
     * @param area   m²
     * @param height in a side (m)
     * @param open   share of its screen
     */
    public record Vent(
            Optional<Lid.Side> side,
            double z,
            double from,
            double to,
            double front,
            double back,
            double area,
            double height,
            double open) {
        public static Vent in(
                Lid.Side side, double z, double from, double to, double area, double height, double open) {
            return new Vent(Optional.of(side), z, from, to, 0, 0, area, height, open);
        }

        public static Vent inLid(double from, double to, double front, double back, double area, double open) {
            return new Vent(Optional.empty(), 0, from, to, front, back, area, 0, open);
        }
    }
}
