package tanah.web.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Charts by days: every value stands where its axis says, whatever its size, and a reading lies on the course that it agrees with. */
class CourseChartsTest {
    private static final Pattern AXIS =
            Pattern.compile("<text x=\"([^\"]+)\" y=\"([^\"]+)\" text-anchor=\"end\">([^<]+)<");
    private static final Pattern COURSE = Pattern.compile("<path d=\"([^\"]+)\" class=\"course (\\w+)\"");

    /** Height of a value in the drawing, by the two ends of its axis. */
    private static double height(String svg, double value) {
        List<double[]> axis = new ArrayList<>();
        Matcher m = AXIS.matcher(svg);
        while (m.find()) {
            axis.add(new double[] {Double.parseDouble(m.group(3)), Double.parseDouble(m.group(2)) - 4});
        }
        double[] low = axis.get(0);
        double[] high = axis.get(axis.size() - 1);
        assertThat(axis.size()).isBetween(2, 7);
        assertThat(low[0]).isZero();
        return low[1] + (value - low[0]) / (high[0] - low[0]) * (high[1] - low[1]);
    }

    private static List<double[]> points(String svg, String style) {
        Matcher m = COURSE.matcher(svg);
        while (m.find()) {
            if (m.group(2).equals(style)) {
                List<double[]> all = new ArrayList<>();
                for (String p : m.group(1).substring(1).split("L")) {
                    String[] xy = p.split(" ");
                    all.add(new double[] {Double.parseDouble(xy[0]), Double.parseDouble(xy[1])});
                }
                return all;
            }
        }
        throw new AssertionError("no course " + style + " in " + svg);
    }

    @ParameterizedTest
    @CsvSource({"0.02", "0.7", "5", "5.01", "49", "260", "999"})
    void aYearStandsWhereItsAxisSays(double most) {
        List<Double> values =
                IntStream.rangeClosed(0, 365).mapToObj(d -> most * d / 365).toList();
        String svg = new YearChart("leaves & waste", List.of(new CourseField.Course("", "litter", values, List.of())))
                .draw();
        List<double[]> points = points(svg, "litter");
        assertThat(points).hasSize(366);
        double tall = height(svg, 0) - height(svg, most);
        assertThat(tall).isGreaterThan(36); // half of the field: the axis fits what is shown
        assertThat(points.get(0)[1]).isCloseTo(height(svg, 0), within(0.2));
        assertThat(points.get(365)[1]).isCloseTo(height(svg, most), within(0.2));
        assertThat(points.get(146)[1]).isCloseTo(height(svg, 0.4 * most), within(0.2));
        assertThat(points.get(365)[0] - points.get(0)[0]).isCloseTo(218, within(0.1));
        assertThat(svg).contains("leaves &amp; waste");
    }

    @Test
    void nothingAtAllHasAnAxisStill() {
        String svg = new YearChart(
                        "none", List.of(new CourseField.Course("", "waste", Collections.nCopies(366, 0.0), List.of())))
                .draw();
        assertThat(points(svg, "waste").get(200)[1]).isCloseTo(height(svg, 0), within(0.1));
    }

    @Test
    void aReadingLiesOnTheCourseThatItAgreesWith() {
        List<Double> ammonium =
                IntStream.rangeClosed(0, 42).mapToObj(d -> d / 10.0).toList();
        List<Double> nitrate =
                IntStream.rangeClosed(0, 42).mapToObj(d -> d * 1.0).toList();
        String svg = new CycleChart(
                        "six weeks",
                        42,
                        List.of(30.0, 36.0),
                        List.of(new CourseField.Course(
                                "NH4", "nh34", ammonium, List.of(new CourseField.Dot(21, 2.1, "2.1 mg/L")))),
                        List.of(new CourseField.Course("NO3", "no3", nitrate, List.of())))
                .draw();
        double[] at = points(svg, "nh34").get(21);
        Matcher dot = Pattern.compile("<path d=\"M([\\d.]+) ([\\d.]+)l4.5").matcher(svg);
        assertThat(dot.find()).isTrue();
        assertThat(Double.parseDouble(dot.group(1))).isCloseTo(at[0], within(0.1));
        assertThat(Double.parseDouble(dot.group(2)) + 4.5).isCloseTo(at[1], within(0.1));
        assertThat(points(svg, "no3").get(42)[1])
                .isGreaterThan(points(svg, "nh34").get(0)[1]); // a field of its own
        assertThat(svg).contains("class=\"wanted\"").contains("<title>2.1 mg/L</title>");
    }
}
