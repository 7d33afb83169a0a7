package tanah.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.testing.TestDesigns;

/** Water on and in a beach against closed forms. */
class BeachTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(resources = "/checks/beach.csv", numLinesToSkip = 1)
    void agreesWithClosedForms(
            String id,
            String quantity,
            String inputs,
            double expected,
            String unit,
            Double abs,
            Double rel,
            String from) {
        double level = number(inputs, "level_cm") / 100;
        if (quantity.equals("displaced_l")) {
            var body = new WaterVolumes.Body(
                    number(inputs, "volume_l") / 1000,
                    number(inputs, "base_z_cm") / 100,
                    number(inputs, "height_cm") / 100);
            assertThat(1000 * body.below(level)).as(from).isCloseTo(expected, within(1e-9));
            return;
        }
        Surface beach = new Surface.Profile(
                Surface.Axis.X,
                List.of(
                        new Surface.Node(0, 0.20),
                        new Surface.Node(0.30, 0.20),
                        new Surface.Node(0.60, 0.04),
                        new Surface.Node(0.80, 0.04)));
        Design design = TestDesigns.box(
                0.8, 0.4, 0.5, TestDesigns.layer("gravel", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", beach));
        GroundResult ground = TestDesigns.ground(design);
        WaterVolumes water = WaterVolumes.at(ground.terrain(), ground.layers(), level, Optional.empty(), List.of());
        double got = switch (quantity) {
            case "beach_free_water_l" -> 1000 * water.free();
            case "beach_pore_water_l" -> 1000 * water.pore();
            default -> 1e4 * water.surface();
        };
        assertThat(got).as(from).isCloseTo(expected, within(1e-6));
    }

    private static double number(String in, String name) {
        Matcher m = Pattern.compile("\"" + name + "\":(-?[\\d.]+)").matcher(in);
        return m.find() ? Double.parseDouble(m.group(1)) : 0;
    }
}
