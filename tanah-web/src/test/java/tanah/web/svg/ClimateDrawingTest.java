package tanah.web.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Charts, bars and scales of the climate: what is drawn stands where its number belongs, and nothing typed breaks out of it. */
class ClimateDrawingTest {
    private static Document parsed(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(svg.replaceAll("&(?!lt;|gt;|amp;|quot;)[a-z]+;", " "))));
    }

    private static List<Element> of(Document d, String tag, String css) {
        List<Element> all = new ArrayList<>();
        NodeList nodes = d.getElementsByTagName(tag);
        for (int i = 0; i < nodes.getLength(); i++) {
            Element e = (Element) nodes.item(i);
            if (List.of(e.getAttribute("class").split(" ")).contains(css)) {
                all.add(e);
            }
        }
        return all;
    }

    private static double number(Element e, String attribute) {
        return Double.parseDouble(e.getAttribute(attribute));
    }

    // ---- scale
    @ParameterizedTest
    @CsvSource({"-40, 0", "9.999, 0", "10, 1", "14.9, 1", "15, 2", "20, 3", "99, 3"})
    void aValueLiesInItsBand(double value, int band) {
        FieldScale scale = FieldScale.even("t", 10, 20, 5, v -> String.valueOf(v));
        assertThat(scale.edges()).containsExactly(10.0, 15.0, 20.0);
        assertThat(scale.band(value)).isEqualTo(band);
        assertThat(scale.colour(band)).isEqualTo("t" + band);
    }

    // ---- bar
    @Test
    void aBarSpansWhatIsExpectedWithWhiskersAtItsBand() throws Exception {
        Document d = parsed(RangeBar.spanning(20, 30, new RangeBar.Span(22, 25, 20, 27), "from 22 to 25")
                .draw());
        assertThat(d.getDocumentElement().getAttribute("aria-label")).isEqualTo("from 22 to 25");
        Element wanted = of(d, "rect", "wanted").get(0);
        double left = number(wanted, "x");
        double wide = number(wanted, "width");
        Element bar = of(d, "rect", "expected").isEmpty()
                ? of(d, "rect", "span").get(0)
                : of(d, "rect", "expected").get(0);
        // two tenths into the wanted range, three tenths long
        assertThat(number(bar, "x") - left).isBetween(0.17 * wide, 0.23 * wide);
        assertThat(number(bar, "width")).isBetween(0.27 * wide, 0.33 * wide);
        assertThat(of(d, "path", "whisker")).hasSize(1);
    }

    @Test
    void aBarOutOfWhatIsWantedLooksOtherwise() throws Exception {
        String in = RangeBar.spanning(20, 30, new RangeBar.Span(22, 25, 21, 26), "x")
                .draw();
        String out = RangeBar.spanning(20, 30, new RangeBar.Span(22, 33, 21, 34), "x")
                .draw();
        assertThat(in).doesNotContain("over");
        assertThat(out).contains("over");
        // far off the axis it still lies on the sheet
        Document far = parsed(RangeBar.spanning(20, 30, new RangeBar.Span(-400, 900, -450, 950), "x")
                .draw());
        NodeList rects = far.getElementsByTagName("rect");
        for (int i = 0; i < rects.getLength(); i++) {
            Element e = (Element) rects.item(i);
            assertThat(number(e, "x")).isBetween(-1.0, 243.0);
            assertThat(number(e, "x") + number(e, "width")).isBetween(-1.0, 243.0);
        }
    }

    // ---- day
    private static DayChart chart(List<DayChart.Course> courses, Optional<Double> most) {
        return new DayChart(
                courses,
                List.of(new DayChart.Band(8, 20, 20, 26)),
                List.of(new DayChart.Lane("halogen reflector flood", "runs", List.of(new double[] {8, 20, 0.5}))),
                List.of(new DayChart.Mark(9, "30 s")),
                12,
                24,
                "°C",
                most,
                "a day <of> \"frogs\"");
    }

    @Test
    void aDayHasItsBandItsLineItsLaneAndItsHour() throws Exception {
        List<double[]> points = new ArrayList<>();
        for (int h = 0; h < 24; h++) {
            points.add(new double[] {h, 18 + h / 4.0});
        }
        String svg = chart(List.of(new DayChart.Course("Warm & dry", "warm", 1.5, points)), Optional.empty())
                .draw();
        Document d = parsed(svg);
        assertThat(d.getDocumentElement().getAttribute("aria-label")).isEqualTo("a day <of> \"frogs\"");
        Element wanted = of(d, "rect", "wanted").get(0);
        Element now = of(d, "path", "now").get(0);
        Element lane = of(d, "rect", "lane").get(0);
        // half of the day is wanted, from 8 to 20, and the lamp runs just then
        assertThat(number(lane, "x")).isEqualTo(number(wanted, "x"));
        assertThat(number(lane, "width")).isEqualTo(number(wanted, "width"));
        double noon = Double.parseDouble(now.getAttribute("d").split("[M ]")[1]);
        assertThat(noon - number(wanted, "x"))
                .isCloseTo(number(wanted, "width") / 3, org.assertj.core.api.Assertions.within(0.5));
        assertThat(of(d, "path", "course")).hasSize(1);
        assertThat(of(d, "path", "spread")).hasSize(1);
        assertThat(svg).contains("Warm &amp; dry").contains("halogen &hellip;");
    }

    @Test
    void humidityNeverRisesAboveItsAxis() throws Exception {
        List<double[]> points = List.of(new double[] {0, 97}, new double[] {12, 100}, new double[] {23, 99});
        Document d = parsed(chart(List.of(new DayChart.Course("Air", "warm", 8, points)), Optional.of(100.0))
                .draw());
        NodeList labels = d.getElementsByTagName("text");
        for (int i = 0; i < labels.getLength(); i++) {
            assertThat(labels.item(i).getTextContent()).doesNotContain("105").doesNotContain("110");
        }
    }

    @Test
    void withoutAnythingNothingIsDrawn() {
        DayChart empty =
                new DayChart(List.of(), List.of(), List.of(), List.of(), -1, 24, "°C", Optional.empty(), "nothing");
        assertThat(empty.draw()).isEmpty();
    }
}
