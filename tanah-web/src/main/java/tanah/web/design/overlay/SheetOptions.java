package tanah.web.design.overlay;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import tanah.web.forms.Quantity;

/**
 * How the keeper looks at the drawing. Nothing of it is stored.
 *
 * @param view section, plan, both or side
 * @param part selected layer, or empty
 * @param cut  distance of the section from the front, of the side from the left (cm), or empty for the middle
 * @param w    width of the sheet (px)
 * @param h    height of the sheet (px)
 * @param field  that fills the drawing, or empty for the stage's own
 * @param lines  field drawn as lines, or empty for the stage's own
 * @param season winter or summer
 * @param hour   of the day, or empty for the middle of the lamps' day
 * @param px     place of the probe from the left (cm)
 * @param py     from the front (cm)
 * @param pz     above the base (cm)
 * @param months after planting that plants are drawn at, or empty for a year
 * @param notes  {@code closed} where the list of all notes is folded on the page
 */
public record SheetOptions(
        @Nullable String view,
        @Nullable String part,
        @Nullable String cut,
        @Nullable Integer w,
        @Nullable Integer h,
        @Nullable String field,
        @Nullable String lines,
        @Nullable String season,
        @Nullable String hour,
        @Nullable String px,
        @Nullable String py,
        @Nullable String pz,
        @Nullable String months,
        @Nullable String notes) {
    private static final double A_YEAR = 12;
    private static final double LONGEST = 36; // months
    private static final int DESK_WIDTH = 752;
    private static final int DESK_HEIGHT = 590;

    /** One view at a size, everything else as usual. */
    public static SheetOptions sized(String view, int width, int height) {
        return new SheetOptions(view, "", null, width, height, null, null, null, null, null, null, null, null, null);
    }

    public String viewOrBoth() {
        return view != null && (view.equals("section") || view.equals("plan") || view.equals("side")) ? view : "both";
    }

    /** The look of a stage with a view of its own, unless another is asked for. */
    public SheetOptions or(String usual) {
        return view != null
                ? this
                : new SheetOptions(usual, part, cut, w, h, field, lines, season, hour, px, py, pz, months, notes);
    }

    /** Whether all notes are written out: not in an answer to an edit while they are folded, the next one brings them. */
    public boolean listsNotes(boolean whole) {
        return whole || !"closed".equals(notes);
    }

    /** Whether it is cut along its side. */
    public boolean isSide() {
        return viewOrBoth().equals("side");
    }

    public String partOrNone() {
        return part == null ? "" : part;
    }

    /** The same look with another part selected. */
    public SheetOptions withPart(String other) {
        return new SheetOptions(view, other, cut, w, h, field, lines, season, hour, px, py, pz, months, notes);
    }

    /** Months after planting that plants are drawn at, 0 to 36. */
    public double grownFor() {
        OptionalDouble typed = months == null ? OptionalDouble.empty() : Quantity.parse(months, Quantity.Kind.NUMBER);
        return Math.max(0, Math.min(LONGEST, typed.orElse(A_YEAR)));
    }

    public double width() {
        return w == null ? DESK_WIDTH : Math.max(280, Math.min(3000, w));
    }

    public double height() {
        return h == null ? DESK_HEIGHT : Math.max(160, Math.min(2400, h));
    }
}
