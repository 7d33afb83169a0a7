package tanah.web.design;

import org.jspecify.annotations.Nullable;

/**
 * How the keeper looks at the drawing. Nothing of it is stored.
 *
 * @param view section, plan, both or side
 * @param part selected layer, or empty
 * @param cut  distance of the section from the front, of the side from the left (cm), or empty for the middle
 * @param w    width of the sheet (px)
 * @param h    height of the sheet (px)
 */
public record SheetOptions(
        @Nullable String view,
        @Nullable String part,
        @Nullable String cut,
        @Nullable Integer w,
        @Nullable Integer h) {
    private static final int DESK_WIDTH = 752;
    private static final int DESK_HEIGHT = 590;

    public String viewOrBoth() {
        return view != null && (view.equals("section") || view.equals("plan") || view.equals("side")) ? view : "both";
    }

    /** Whether it is cut along its side. */
    public boolean isSide() {
        return viewOrBoth().equals("side");
    }

    public String partOrNone() {
        return part == null ? "" : part;
    }

    public double width() {
        return w == null ? DESK_WIDTH : Math.max(280, Math.min(3000, w));
    }

    public double height() {
        return h == null ? DESK_HEIGHT : Math.max(240, Math.min(2400, h));
    }
}
