package tanah.core.design;

import java.util.List;

/** The top of a layer. */
public sealed interface Surface {
    /**
     * Follows what lies beneath.
     *
     * @param thickness (m), greater than 0
     */
    record Thickness(double thickness) implements Surface {}

    /**
     * Horizontal.
     *
     * @param top height above the inner base (m)
     */
    record Level(double top) implements Surface {}

    /**
     * A plane from the front to the back.
     *
     * @param front height at the front (m)
     * @param back at the back (m)
     */
    record Slope(double front, double back) implements Surface {}

    /** Straight between points along one axis; two points with one abscissa make a step. */
    record Profile(Axis axis, List<Node> nodes) implements Surface {
        public Profile {
            nodes = List.copyOf(nodes);
            for (int i = 1; i < nodes.size(); i++) {
                if (nodes.get(i).along() < nodes.get(i - 1).along()) {
                    throw new IllegalArgumentException("a profile goes back at point " + i);
                }
            }
        }
    }

    /** Axis of a profile. */
    enum Axis {
        X,
        Y
    }

    /**
     * Point of a profile.
     *
     * @param along distance along the axis (m)
     * @param height above the inner base (m)
     */
    record Node(double along, double height) {}
}
