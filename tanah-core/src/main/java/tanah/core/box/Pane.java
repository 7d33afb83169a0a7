package tanah.core.box;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.light.Glazing;

/**
 * A pane with what lies on it.
 *
 * @param sheets   its own and what covers it, outside or as a background inside
 * @param glazing  what it lets through; opaque where anything covers it
 * @param reflects share of light that its inner face throws back where it is opaque
 */
public record Pane(List<Sheet> sheets, Glazing glazing, double reflects) {
    public Pane {
        sheets = List.copyOf(sheets);
    }

    /**
     * What covers a pane.
     *
     * @param inside   whether it is a background, so that its face is seen from within
     * @param reflects share of light that it throws back, if not the usual of its matter
     */
    public record Lining(Matter matter, double thickness, boolean inside, OptionalDouble reflects) {}

    public static Pane of(Matter matter, double thickness) {
        return of(matter, thickness, List.of(), OptionalDouble.empty());
    }

    /** @param reflects share of light that its inner face throws back, if it is known */
    public static Pane of(Matter matter, double thickness, List<Lining> linings, OptionalDouble reflects) {
        List<Sheet> sheets = new ArrayList<>();
        sheets.add(matter.sheet(thickness));
        double seen = reflects.orElse(matter.reflectance());
        for (Lining l : linings) {
            sheets.add(l.matter().sheet(l.thickness()));
            seen = l.inside() ? l.reflects().orElse(l.matter().reflectance()) : seen;
        }
        return new Pane(sheets, linings.isEmpty() ? matter.glazing() : Glazing.OPAQUE, seen);
    }

    /** m² K/W. */
    public double resistance() {
        return sheets.stream().mapToDouble(Sheet::resistance).sum();
    }

    /** J/(m² K). */
    public double capacity() {
        return sheets.stream().mapToDouble(Sheet::capacity).sum();
    }

    /** Share of light and short infrared that leaves through it; from memory. */
    public double transmits() {
        return switch (glazing) {
            case GLASS, POLYCARBONATE -> 0.80;
            case ACRYLIC -> 0.85;
            case OPAQUE -> 0;
        };
    }
}
