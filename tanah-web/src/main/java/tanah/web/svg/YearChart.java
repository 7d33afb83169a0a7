package tanah.web.svg;

import java.util.List;

/**
 * Something that goes through a year, by months.
 *
 * @param sentence for screen readers
 * @param courses  one value for each day from 0
 */
public record YearChart(String sentence, List<CourseField.Course> courses) {
    private static final double WIDTH = 260;
    private static final double LEFT = 34;
    private static final double RIGHT = 252;
    private static final double TOP = 8;
    private static final double FIELD = 72;
    private static final double FOOT = 18;
    private static final int DAYS = 365;
    private static final int MONTHS = 12;
    private static final int BETWEEN = 3; // months that are written

    public YearChart {
        courses = List.copyOf(courses);
    }

    public String draw() {
        Svg svg = new Svg();
        double height = TOP + FIELD + FOOT;
        svg.open(
                "svg",
                "class",
                "chart year",
                "viewBox",
                "0 0 " + Svg.n(WIDTH) + " " + Svg.n(height),
                "role",
                "img",
                "aria-label",
                sentence);
        CourseField field = new CourseField(LEFT, RIGHT, TOP, FIELD, DAYS, List.of(), courses);
        field.draw(svg);
        for (int m = 0; m <= MONTHS; m += BETWEEN) {
            double day = (double) DAYS * m / MONTHS;
            svg.text("text", String.valueOf(m), "x", field.x(day), "y", height - 4, "text-anchor", "middle");
        }
        return svg.close("svg").toString();
    }
}
