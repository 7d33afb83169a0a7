package tanah.core.box;

import java.util.ArrayList;
import java.util.List;

/**
 * A pane with what lies on it.
 *
 * @param glazing its own material
 * @param lining  insulation, outside or as a background inside; it makes the pane opaque
 * @param escapes share of light and short infrared that leaves through the bare pane: glass 0.80, acrylic 0.85, else 0
 */
public record Pane(Sheet glazing, List<Sheet> lining, double escapes) {
    public Pane {
        lining = List.copyOf(lining);
    }

    public static Pane of(Matter matter, double thickness, Sheet... lining) {
        double escapes = matter == Matter.GLASS ? 0.80 : matter == Matter.ACRYLIC ? 0.85 : 0;
        return new Pane(matter.sheet(thickness), List.of(lining), escapes);
    }

    private List<Sheet> all() {
        List<Sheet> all = new ArrayList<>(lining);
        all.add(glazing);
        return all;
    }

    /** m² K/W. */
    public double resistance() {
        return all().stream().mapToDouble(Sheet::resistance).sum();
    }

    /** J/(m² K). */
    public double capacity() {
        return all().stream().mapToDouble(Sheet::capacity).sum();
    }

    /** Share of light that leaves through it. */
    public double transmits() {
        return lining.isEmpty() ? escapes : 0;
    }
}
