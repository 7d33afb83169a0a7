package tanah.core.structure;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Flat panes under soil and water. A screening estimate for whole panes, evenly held, with good seams; the maker's
 * word prevails.
 *
 * @param pressure   at the base (Pa), the larger of what stands on either side
 * @param loaded     height to which it acts (m)
 * @param front      front and back pane
 * @param side       left and right pane
 * @param divider    wall of glass or acrylic between land and water
 * @param working    stress that practice allows (Pa)
 * @param limit      stress never to pass (Pa)
 * @param base       bending stress of a base that is held along its rim only (Pa)
 */
public record PaneResult(
        double pressure,
        double loaded,
        PanePlate.Result front,
        PanePlate.Result side,
        Optional<PanePlate.Result> divider,
        double working,
        double limit,
        OptionalDouble base) {}
