package tanah.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.design.Surface;
import tanah.core.ground.Cell;
import tanah.core.ground.Slab;
import tanah.core.ground.Terrain;
import tanah.core.units.Unit;
import tanah.core.vessel.VesselShape;

/** Areas and volumes against closed forms; provenance stands in each row of the table. */
class GeometryChecksTest {

    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(resources = "/checks/geometry.csv", numLinesToSkip = 1)
    void agreesWithClosedForms(
            String id,
            String quantity,
            String inputs,
            double expected,
            String unit,
            Double abs,
            Double rel,
            String from) {
        double allowed = Math.max(abs == null ? 0 : abs, (rel == null ? 0 : rel) * Math.abs(expected));
        // the table's numbers carry nine digits
        double printed = Math.abs(expected) * 5e-9;
        assertThat(compute(quantity, inputs)).as(from).isCloseTo(expected, within(Math.max(allowed, printed)));
    }

    private static double compute(String quantity, String in) {
        return switch (quantity) {
            case "us_gallon_l" -> Unit.LITRE.fromSi(Unit.US_GALLON.toSi(1));
            case "imperial_gallon_l" -> Unit.LITRE.fromSi(Unit.IMPERIAL_GALLON.toSi(1));
            case "inch_cm" -> Unit.CENTIMETRE.fromSi(Unit.INCH.toSi(1));
            case "bag_depth_cm" ->
                number(in, "bags") * number(in, "bag_l") * 1000 / (number(in, "length_cm") * number(in, "width_cm"));
            case "rectangle_brim_l" -> brim(in);
            case "bow_front_area_cm2" -> 1e4 * bow(in).floorArea();
            case "bow_front_polygon_area_cm2" -> 1e4 * bow(in).outline().area();
            case "corner_pentagon_area_cm2" ->
                1e4
                        * new VesselShape.CornerPentagon(cm(in, "leg_cm"), cm(in, "side_cm"))
                                .inside(number(in, "side_mm") / 1000)
                                .floorArea();
            case "corner_bow_area_cm2" ->
                1e4
                        * new VesselShape.CornerBow(cm(in, "leg_cm"))
                                .inside(number(in, "side_mm") / 1000)
                                .floorArea();
            case "slope_volume_l" -> volume(new Surface.Slope(cm(in, "front_cm"), cm(in, "back_cm")), 0);
            case "slope_over_level_volume_l" ->
                volume(new Surface.Slope(cm(in, "front_cm"), cm(in, "back_cm")), cm(in, "level_below_cm"));
            case "terrace_volume_l" -> terrace();
            case "thickness_on_slope_l" -> onSlope(cm(in, "cm"));
            case "region_level_l" -> region(ConvexPolygon.rectangle(0, 0, 0.25, 0.40));
            case "triangle_region_l" ->
                region(new ConvexPolygon(List.of(new Point(0, 0), new Point(0.6, 0), new Point(0, 0.4))));
            default -> throw new IllegalArgumentException("no computation for " + quantity);
        };
    }

    private static double brim(String in) {
        Matcher m = Pattern.compile("\\[(\\d+),(\\d+),(\\d+)]").matcher(in);
        assertThat(m.find()).isTrue();
        double pane = number(in, "side_mm") / 1000;
        double base = number(in, "base_mm") / 1000;
        VesselShape shape =
                new VesselShape.Rectangle(Double.parseDouble(m.group(1)) / 100, Double.parseDouble(m.group(2)) / 100);
        return 1000 * shape.inside(pane).floorArea() * (Double.parseDouble(m.group(3)) / 100 - base);
    }

    private static VesselShape.InsidePlan bow(String in) {
        return new VesselShape.BowFront(cm(in, "length"), cm(in, "side_width"), cm(in, "bow"))
                .inside(number(in, "side_mm") / 1000);
    }

    private static Terrain floor() {
        return Terrain.bare(ConvexPolygon.rectangle(0, 0, 0.6, 0.4), 0, 0.6, 0.4);
    }

    private static double volume(Surface surface, double below) {
        Terrain terrain = below > 0 ? floor().with("below", new Surface.Level(below), Optional.empty()) : floor();
        return litres(terrain.with("top", surface, Optional.empty()), "top");
    }

    private static double terrace() {
        Surface steps = new Surface.Profile(
                Surface.Axis.Y,
                List.of(
                        new Surface.Node(0, 0.06),
                        new Surface.Node(0.15, 0.06),
                        new Surface.Node(0.15, 0.12),
                        new Surface.Node(0.28, 0.12),
                        new Surface.Node(0.28, 0.20),
                        new Surface.Node(0.40, 0.20)));
        return litres(floor().with("top", steps, Optional.empty()), "top");
    }

    private static double onSlope(double thickness) {
        Terrain sloped = floor().with("below", new Surface.Slope(0.05, 0.15), Optional.empty());
        return litres(sloped.with("top", new Surface.Thickness(thickness), Optional.empty()), "top");
    }

    private static double region(ConvexPolygon region) {
        return litres(floor().with("top", new Surface.Level(0.10), Optional.of(region)), "top");
    }

    private static double litres(Terrain terrain, String layer) {
        double sum = 0;
        for (Cell cell : terrain.cells()) {
            sum += cell.slab(layer).map(Slab::depth).map(cell.plan()::integral).orElse(0.0);
        }
        return 1000 * sum;
    }

    private static double cm(String in, String name) {
        return number(in, name) / 100;
    }

    private static double number(String in, String name) {
        Matcher m = Pattern.compile("\"" + name + "\":(-?[\\d.]+)").matcher(in);
        if (!m.find()) {
            throw new IllegalArgumentException("no " + name + " in " + in);
        }
        return Double.parseDouble(m.group(1));
    }

    @Test
    void refusesWhatIsNotConvex() {
        List<Point> dart = List.of(new Point(0, 0), new Point(1, 0), new Point(0.2, 0.2), new Point(0, 1));
        assertThat(ConvexPolygon.isConvexOutline(dart)).isFalse();
        assertThatThrownBy(() -> new ConvexPolygon(dart)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void refusesAStarThatGoesRoundTwice() {
        List<Point> star = new java.util.ArrayList<>();
        for (int i = 0; i < 5; i++) {
            double a = 4 * Math.PI * i / 5;
            star.add(new Point(Math.cos(a), Math.sin(a)));
        }
        assertThat(ConvexPolygon.isConvexOutline(star)).isFalse();
    }

    @Test
    void aCutAndItsRestMakeTheWhole() {
        ConvexPolygon square = ConvexPolygon.rectangle(0, 0, 2, 2);
        ConvexPolygon hole = new ConvexPolygon(List.of(new Point(0.5, 0.5), new Point(3, 1), new Point(1, 3)));
        double inside = square.intersect(hole).orElseThrow().area();
        double outside =
                square.subtract(hole).stream().mapToDouble(ConvexPolygon::area).sum();
        assertThat(inside + outside).isCloseTo(4, within(1e-12));
    }
}
