package tanah.web.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static tanah.web.design.edit.EditingSupport.CATALOGUE;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.WaterPart;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Severity;
import tanah.core.plant.GrowthForm;
import tanah.core.scene.PlantFigure;
import tanah.core.scene.Scene;
import tanah.core.scene.SceneBuilder;
import tanah.core.scene.SideView;
import tanah.web.design.edit.EditingSupport;

/** Drawings of whole plans: well formed, without a number that is none, and nothing that a keeper wrote breaks out of its text. */
class SheetLawsTest {
    private static final String HOSTILE = "</text><script>alert('x')</script>\" onload=\"x & <b>";

    static Stream<Design> plans() {
        List<Design> all = new ArrayList<>();
        for (String name : List.of(
                "mossy-frog-paludarium",
                "collared-lizard-arid",
                "giant-millipede-box",
                "deep-arid-burrow",
                "sealed-divider",
                "shared-water-table")) {
            all.add(EditingSupport.example(name));
        }
        Design frog = EditingSupport.FROG;
        all.add(frog.withWater(frog.water().map(w -> w.withLevel(0.005))));
        all.add(frog.withWater(frog.water().map(w -> w.withLevel(0.44))));
        all.add(EditingSupport.MILLIPEDE.withWater(Optional.of(WaterPart.upTo(0.02))));
        all.add(frog.withHardscape(List.of()).withDevices(List.of()));
        all.add(frog.withGround(new tanah.core.design.Ground(List.of(), List.of())));
        return all.stream();
    }

    private static Scene scene(Design design, OptionalDouble cut, boolean side) {
        Evaluation e = Evaluator.evaluate(design, CATALOGUE);
        return side
                ? SideView.build(
                        design,
                        e.vessel().orElseThrow(),
                        e.ground().orElseThrow(),
                        e.circulation(),
                        e.animals(),
                        0.3,
                        cut)
                : SceneBuilder.build(
                        design,
                        e.vessel().orElseThrow(),
                        e.ground().orElseThrow(),
                        e.circulation(),
                        e.animals(),
                        0.3,
                        cut);
    }

    private static SheetText text(Design design, String name) {
        Map<String, SheetText.Caption> captions = new HashMap<>();
        List<SheetText.Peg> pegs = new ArrayList<>();
        List<SheetText.Handle> handles = new ArrayList<>();
        int n = 0;
        for (String id : Ids.all(design)) {
            captions.put(id, new SheetText.Caption(name, name));
            pegs.add(new SheetText.Peg(id, String.valueOf((char) ('A' + n++ % 26)), Severity.CAUTION, name));
        }
        captions.put("water", new SheetText.Caption(name, ""));
        captions.put("reader", new SheetText.Caption(name, ""));
        design.ground()
                .layers()
                .forEach(l -> handles.add(
                        new SheetText.Handle(l.id(), "depth", name, 8, 0.1, 200, name, SheetText.Handle.Axis.LEFT, 0)));
        design.ground().dams().forEach(d -> {
            handles.add(new SheetText.Handle(d.id(), "dam-x", name, 40, 1, 90, name, SheetText.Handle.Axis.ALONG, 0.4));
            handles.add(
                    new SheetText.Handle(d.id(), "dam-top", name, 20, 1, 60, name, SheetText.Handle.Axis.RIGHT, 0.2));
            handles.add(new SheetText.Handle(
                    d.id(), "dam-back", name, 20, 1, 60, name, SheetText.Handle.Axis.PLAN_BACK, 0.2));
        });
        String selected =
                design.ground().layers().stream().map(l -> l.id()).findFirst().orElse("");
        return new SheetText(
                name, name, captions, pegs, selected, "ground", true, handles, name, name, name, name, i -> name + i);
    }

    private static Document parsed(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                // the page is HTML, whose names of characters XML does not know
                .parse(new InputSource(
                        new StringReader(svg.replaceAll("&(?!lt;|gt;|amp;|quot;)[a-zA-Z]+;", "\u00a0"))));
    }

    private static void sound(String svg) throws Exception {
        assertThat(svg).doesNotContain("NaN", "Infinity", "null");
        Document d = parsed(svg);
        assertThat(d.getElementsByTagName("script").getLength()).isZero();
        NodeList all = d.getElementsByTagName("*");
        for (int i = 0; i < all.getLength(); i++) {
            Element e = (Element) all.item(i);
            assertThat(e.hasAttribute("onload")).isFalse();
            for (String size : List.of("width", "height", "r", "rx", "ry")) {
                String value = e.getAttribute(size);
                if (value.matches("-?[0-9.]+")) {
                    assertThat(Double.parseDouble(value))
                            .as(e.getTagName() + " " + size)
                            .isGreaterThanOrEqualTo(0);
                }
            }
        }
    }

    /** A plant of every form and one that nobody knows, the smallest and the largest of them, in and out of the box. */
    private static SheetPlants everyForm(boolean side) {
        List<PlantFigure> all = new ArrayList<>();
        List<Optional<GrowthForm>> forms =
                new ArrayList<>(Stream.of(GrowthForm.values()).map(Optional::of).toList());
        forms.add(Optional.empty());
        for (Optional<GrowthForm> form : forms) {
            int n = all.size() + 1;
            double size = n % 3 == 0 ? 0.002 : n % 3 == 1 ? 0.2 : 3;
            all.add(new PlantFigure(
                    HOSTILE + n,
                    n,
                    form,
                    0.1 * n - 0.3,
                    0.05 * n,
                    0.02 * n,
                    new PlantFigure.Size(size / 2, size / 2),
                    new PlantFigure.Size(size, size),
                    n % 2 * 0.1));
        }
        return new SheetPlants(all, 12, side);
    }

    /** A plant is as tall and as wide as it is said to be, whatever its form. */
    @ParameterizedTest
    @EnumSource(GrowthForm.class)
    void aPlantFillsItsSize(GrowthForm form) {
        PlantForms.Shape shape = PlantForms.side(Optional.of(form), 50, 80, 3);
        List<double[]> points = points(shape.leaves() + shape.stems());
        double wide = points.stream().mapToDouble(q -> Math.abs(q[0])).max().orElse(0);
        double high = points.stream().mapToDouble(q -> Math.abs(q[1])).max().orElse(0);
        assertThat(wide).isBetween(30.0, 85.0);
        assertThat(high).isBetween(40.0, 135.0); // of control points, which lie over the curve
        assertThat(PlantForms.side(Optional.of(form), 50, 80, 3)).isEqualTo(shape);
        assertThat(PlantCrowns.above(Optional.of(form), 50, 3)).startsWith("M");
    }

    private static List<double[]> points(String path) {
        List<double[]> all = new ArrayList<>();
        java.util.regex.Matcher m =
                java.util.regex.Pattern.compile("(-?[0-9.]+) (-?[0-9.]+)").matcher(path);
        while (m.find()) {
            all.add(new double[] {Double.parseDouble(m.group(1)), Double.parseDouble(m.group(2))});
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyViewOfEveryPlanIsSound(Design design) throws Exception {
        for (String which : List.of("both", "section", "plan", "side")) {
            boolean side = which.equals("side");
            for (OptionalDouble cut : List.of(
                    OptionalDouble.empty(), OptionalDouble.of(0), OptionalDouble.of(0.2), OptionalDouble.of(99))) {
                Scene scene = scene(design, cut, side);
                sound(SheetSvg.draw(scene, text(design, "Name"), 980, 620, which, Optional.empty(), everyForm(side)));
                sound(SheetSvg.draw(scene, text(design, HOSTILE), 340, 420, which, Optional.empty(), everyForm(side)));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void paperIsDrawnAtItsRatio(Design design) throws Exception {
        Scene scene = scene(design, OptionalDouble.empty(), false);
        Map<String, Integer> numbers = new HashMap<>();
        int n = 1;
        for (String id : Ids.all(design)) {
            numbers.put(id, n++);
        }
        for (boolean inches : new boolean[] {false, true}) {
            sound(PaperSvg.section(scene, everyForm(false), numbers, HOSTILE, inches));
            sound(PaperSvg.plan(scene, everyForm(false), numbers, HOSTILE, inches));
        }
        assertThat(PaperSvg.ratio(scene, false)).isPositive();
        assertThat(PaperSvg.ratio(scene, true)).isPositive();
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aRevisionIsLaidOverAnother(Design design) throws Exception {
        Scene now = scene(design, OptionalDouble.empty(), false);
        sound(OverlaySvg.draw(now, Optional.empty(), HOSTILE));
        sound(OverlaySvg.draw(now, Optional.of(scene(EditingSupport.LIZARD, OptionalDouble.empty(), false)), HOSTILE));
    }

    @Test
    void whatIsWrittenStaysText() throws Exception {
        String svg = SheetSvg.draw(
                scene(EditingSupport.FROG, OptionalDouble.empty(), false),
                text(EditingSupport.FROG, HOSTILE),
                980,
                620,
                "both",
                Optional.empty(),
                SheetPlants.NONE);
        Element title = (Element) parsed(svg).getElementsByTagName("title").item(0);
        assertThat(title.getTextContent()).isEqualTo(HOSTILE);
    }

    /** The drawn box has the vessel's proportions, and a larger sheet draws it larger. */
    @ParameterizedTest
    @ValueSource(strings = {"both", "section"})
    void theBoxKeepsItsProportions(String which) throws Exception {
        Scene scene = scene(EditingSupport.LIZARD, OptionalDouble.empty(), false);
        double before = 0;
        for (double wide : new double[] {340, 700, 1400}) {
            Document d = parsed(SheetSvg.draw(
                    scene,
                    text(EditingSupport.LIZARD, "x"),
                    wide,
                    wide * 0.7,
                    which,
                    Optional.empty(),
                    SheetPlants.NONE));
            NodeList all = d.getElementsByTagName("rect");
            for (int i = 0; i < all.getLength(); i++) {
                Element e = (Element) all.item(i);
                if (e.getAttribute("class").equals("air")) {
                    double w = Double.parseDouble(e.getAttribute("width"));
                    double h = Double.parseDouble(e.getAttribute("height"));
                    assertThat(w / h).isCloseTo(scene.length() / scene.height(), within(0.01));
                    assertThat(w).isGreaterThan(before);
                    before = w;
                }
            }
        }
        assertThat(before).isPositive();
    }

    /** Nothing of the ground is drawn outside the box. */
    @Test
    void theGroundLiesInsideTheBox() {
        for (Design design : plans().toList()) {
            Scene scene = scene(design, OptionalDouble.empty(), false);
            for (Scene.Area area : scene.section()) {
                area.points().forEach(p -> {
                    assertThat(p.x()).isBetween(-1e-6, scene.length() + 1e-6);
                    assertThat(p.y()).isFinite().isGreaterThanOrEqualTo(-1e-6);
                });
            }
        }
    }
}
