package tanah.web.svg;

import java.util.List;

/**
 * Ammonia and nitrite over nitrate, by days (mg/l). Each course has its own stroke; readings lie over it as lozenges.
 *
 * @param sentence for screen readers
 * @param days     shown along the bottom
 * @param ready    days between which readings should show it safe, or empty
 * @param upper    courses of the upper field
 * @param lower    courses of the lower field
 */
public record CycleChart(
        String sentence, int days, List<Double> ready, List<CourseField.Course> upper, List<CourseField.Course> lower) {
    private static final double WIDTH = 720;
    private static final double LEFT = 52;
    private static final double TOP = 14;
    private static final double FIELD = 150;
    private static final double GAP = 30;
    private static final double BESIDE = 86;

    public CycleChart {
        ready = List.copyOf(ready);
        upper = List.copyOf(upper);
        lower = List.copyOf(lower);
    }

    public String draw() {
        Svg svg = new Svg();
        double height = TOP + FIELD + GAP + FIELD + 26;
        svg.open(
                "svg",
                "class",
                "chart cycle",
                "viewBox",
                "0 0 " + Svg.n(WIDTH) + " " + Svg.n(height),
                "role",
                "img",
                "aria-label",
                sentence);
        field(TOP, upper).draw(svg);
        CourseField below = field(TOP + FIELD + GAP, lower);
        below.draw(svg);
        int step = days <= 45 ? 7 : 14;
        for (int d = 0; d <= days; d += step) {
            svg.text("text", String.valueOf(d), "x", below.x(d), "y", height - 8, "text-anchor", "middle");
        }
        return svg.close("svg").toString();
    }

    private CourseField field(double top, List<CourseField.Course> courses) {
        return new CourseField(LEFT, WIDTH - BESIDE, top, FIELD, days, ready, courses);
    }
}
