package tanah.web.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Places labels in one column so that none touches another: sorted by anchor, spread until they fit, then pushed inside
 * from below and from above. If two-line labels do not fit, they get one line; what does not fit then is counted in a
 * last label.
 */
final class LabelColumn {
    static final double TWO_LINES = 34;
    static final double ONE_LINE = 21;

    private LabelColumn() {}

    /**
     * A label before it has its place.
     *
     * @param part    id
     * @param first   what
     * @param second  its numbers
     * @param anchorX where the leader ends (px)
     * @param anchorY where the leader ends (px)
     */
    record Label(String part, String first, String second, double anchorX, double anchorY) {}

    /**
     * A label in its place.
     *
     * @param y middle of the label (px)
     * @param lines 1 or 2
     */
    record Placed(Label label, double y, int lines) {}

    /**
     * @param top    highest y (px)
     * @param bottom lowest y (px)
     * @param more   wording for labels that do not fit, given their number
     */
    static List<Placed> place(
            List<Label> labels, double top, double bottom, java.util.function.IntFunction<String> more) {
        List<Label> sorted = new ArrayList<>(labels);
        sorted.sort(Comparator.comparingDouble(Label::anchorY).thenComparing(Label::part));
        double room = bottom - top;
        double spacing = sorted.size() * TWO_LINES <= room ? TWO_LINES : ONE_LINE;
        int fits = Math.max(1, (int) Math.floor(room / spacing));
        if (sorted.size() > fits) {
            int hidden = sorted.size() - fits + 1;
            Label last = sorted.get(fits - 1);
            sorted = new ArrayList<>(sorted.subList(0, fits - 1));
            sorted.add(new Label("", more.apply(hidden), "", last.anchorX(), last.anchorY()));
        }
        double[] y = sorted.stream().mapToDouble(Label::anchorY).toArray();
        spread(y, spacing, top + spacing / 2, bottom - spacing / 2);
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < y.length; i++) {
            placed.add(new Placed(sorted.get(i), y[i], spacing == TWO_LINES ? 2 : 1));
        }
        return placed;
    }

    private static void spread(double[] y, double spacing, double top, double bottom) {
        boolean touching = true;
        for (int round = 0; round < 400 && touching; round++) {
            touching = false;
            for (int i = 1; i < y.length; i++) {
                double overlap = spacing - (y[i] - y[i - 1]);
                if (overlap > 1e-6) {
                    y[i] += overlap / 2;
                    y[i - 1] -= overlap / 2;
                    touching = true;
                }
            }
        }
        for (int i = y.length - 1; i >= 0; i--) {
            y[i] = Math.min(y[i], i == y.length - 1 ? bottom : y[i + 1] - spacing);
        }
        for (int i = 0; i < y.length; i++) {
            y[i] = Math.max(y[i], i == 0 ? top : y[i - 1] + spacing);
        }
    }
}
