package tanah.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.testing.Row;

/** Beams, tubes, meshes and the UV index against closed forms and published values; provenance in the tables. */
class LightTablesTest {
    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvFileSource(
            resources = {"/checks/climate/beams.csv", "/checks/climate/line_source.csv"},
            numLinesToSkip = 1)
    void lampsAgreeWithClosedForms(
            String id, String quantity, String inputs, double expected, double tolerance, String unit, String from) {
        assertThat(lamp(quantity, inputs)).as(from).isCloseTo(expected, within(tolerance));
    }

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvFileSource(resources = "/checks/climate/uv_index.csv", numLinesToSkip = 1)
    void theUvIndexAgreesWithItsDefinition(
            String id, String quantity, String inputs, double expected, double tolerance, String unit, String from) {
        double got = switch (quantity) {
            case "erythema_weight" -> UvIndex.weight(Row.of(inputs).number("wavelength_nm"));
            case "zone_of_mean_uvi" -> UvIndex.zoneOfMean(Row.of(inputs).number("uvi"));
            case "ferguson_zone_limit" -> limit(Row.of(inputs));
            default -> uvIndex(inputs);
        };
        assertThat(got).as(from).isCloseTo(expected, within(tolerance + 1e-12));
    }

    /** A lamp that hangs at 1 m over a lid at 0.5 m lets all of a beam in that aims at the middle of an open top. */
    @Test
    void anOpenTopLetsANarrowBeamInAndGlassKeepsItsUvOut() {
        Emitter lamp = Emitter.spot(new Vec(0.5, 0.5, 0.55), Math.toRadians(20), 0);
        Space open = space(1, 0.98, true);
        assertThat(open.entry(lamp, Emitter.Part.BEAM, Band.NIR).inside()).isCloseTo(1, within(0.02));
        Space glass = space(0, 0.65, true);
        assertThat(glass.entry(lamp, Emitter.Part.BEAM, Band.UV).got()).isZero();
        assertThat(glass.entry(lamp, Emitter.Part.BEAM, Band.LIGHT).got()).isCloseTo(0.9, within(0.02));
        assertThat(space(0, 0.65, false)
                        .entry(lamp, Emitter.Part.BEAM, Band.LIGHT)
                        .got())
                .isZero();
    }

    @Test
    void aMeshNeverAddsToTheLightInFreeAir() {
        Emitter lamp = Emitter.tube(new Vec(0.5, 0.5, 0.55), 0.6, Emitter.Optic.REFLECTOR, 0);
        Space mesh = space(1, 0.65, true);
        for (double x = 0.05; x < 1; x += 0.1) {
            Vec at = new Vec(x, 0.3, 0.1);
            double free = Space.free(lamp, Emitter.Part.BEAM, at, Optional.of(Vec.UP));
            double under = mesh.irradiance(lamp, Emitter.Part.BEAM, Band.UV, at, Optional.of(Vec.UP), Space.Shade.ALL);
            assertThat(under).isPositive().isLessThan(0.65 * free + 1e-12);
        }
    }

    private static Space space(double mesh, double open, boolean clear) {
        return new Space(
                new Lid(
                        0.5,
                        1,
                        1,
                        mesh,
                        Lid.Side.BACK,
                        open,
                        open,
                        clear ? Glazing.GLASS : Glazing.OPAQUE,
                        Lid.USUAL_FREE),
                java.util.List.of(),
                java.util.List.of(),
                1);
    }

    /** Light of a bar over a glass lid that the sides of a cube throw back. */
    private static Interior.Thrown bounced(String inputs) {
        Emitter bar = Emitter.tube(new Vec(0.225, 0.225, 0.61), 0.38, Emitter.Optic.LAMBERTIAN, Math.toRadians(120));
        Space space = new Space(
                new Lid(0.6, 0.45, 0.45, 0, Lid.Side.BACK, 0.65, 0.65, Glazing.GLASS, Lid.USUAL_FREE),
                java.util.List.of(),
                java.util.List.of(),
                1);
        java.util.Map<Lid.Side, Interior.Wall> walls = new java.util.EnumMap<>(Lid.Side.class);
        for (Lid.Side side : Lid.Side.values()) {
            walls.put(side, new Interior.Wall(!inputs.contains("opaque"), 0.5));
        }
        if (inputs.contains("cork")) {
            walls.put(Lid.Side.BACK, new Interior.Wall(false, 0.12));
        }
        return new Interior(0.45, 0.45, 0.2, 0.6).thrown(bar, Emitter.Part.BEAM, Band.LIGHT, space, walls);
    }

    private static double lamp(String quantity, String inputs) {
        return switch (quantity) {
            case "bounce_to_floor" -> bounced(inputs).floor();
            case "bounce_scattered" -> bounced(inputs).scattered();
            default -> lamp(quantity, Row.of(inputs));
        };
    }

    private static double lamp(String quantity, Row in) {
        return switch (quantity) {
            case "beam_exponent_m" -> Emitter.exponent(Math.toRadians(in.number("beam_deg")));
            case "axis_irradiance_per_watt_beam" ->
                Space.free(
                        Emitter.spot(new Vec(0, 0, 0), Math.toRadians(in.number("beam_deg")), in.number("aperture_m")),
                        Emitter.Part.BEAM,
                        new Vec(0, 0, -in.number("distance_m")),
                        Optional.of(Vec.UP));
            case "plane_irradiance_per_watt_beam" ->
                Space.free(
                        Emitter.spot(new Vec(0, 0, in.number("height_m")), Math.toRadians(40), 0),
                        Emitter.Part.BEAM,
                        new Vec(in.number("offset_m"), 0, 0),
                        Optional.of(Vec.UP));
            case "pane_reflectance" -> Interior.mirrored(in.number("cosine"));
            case "sheet_transmittance" ->
                Glazing.valueOf(in.text("material").toUpperCase(java.util.Locale.ROOT))
                        .through(Band.valueOf(in.text("band").toUpperCase(java.util.Locale.ROOT)));
            case "mesh_transmission" -> Lid.weave(in.number("open_fraction"), in.number("cosine"));
            case "inverse_square_ratio" -> {
                Emitter spot = Emitter.spot(new Vec(0, 0, 0), Math.toRadians(40), 0);
                yield Space.free(spot, Emitter.Part.BEAM, new Vec(0, 0, -0.3), Optional.empty())
                        / Space.free(spot, Emitter.Part.BEAM, new Vec(0, 0, -0.6), Optional.empty());
            }
            case "panel_far_field_per_watt" ->
                Space.free(
                        new Emitter(
                                Emitter.Kind.PANEL,
                                new Vec(0, 0, 50),
                                Vec.DOWN,
                                true,
                                0,
                                0.6,
                                0.4,
                                0,
                                0,
                                Emitter.Optic.LAMBERTIAN),
                        Emitter.Part.WIDE,
                        new Vec(0, 0, 0),
                        Optional.of(Vec.UP));
            case "line_source_bare_irradiance_per_unit" ->
                Space.free(
                        Emitter.tube(
                                new Vec(0, 0, in.number("height_m")), in.number("length_m"), Emitter.Optic.BARE, 0),
                        Emitter.Part.BEAM,
                        new Vec(in.number("offset_along_m"), in.number("offset_across_m"), 0),
                        Optional.of(Vec.UP));
            case "uvi_below_tube_centre" -> {
                Emitter tube = Emitter.tube(new Vec(0, 0, 0), in.number("length_m"), Emitter.Optic.REFLECTOR, 0);
                double at = Space.free(
                        tube, Emitter.Part.BEAM, new Vec(0, 0, -in.number("distance_m")), Optional.of(Vec.UP));
                double read = Space.free(
                        tube, Emitter.Part.BEAM, new Vec(0, 0, -in.number("ref_distance_m")), Optional.of(Vec.UP));
                yield in.number("uvi_ref") * at / read;
            }
            default -> throw new IllegalArgumentException(quantity);
        };
    }

    private static double limit(Row in) {
        UvIndex.Zone zone = UvIndex.Zone.values()[(int) in.number("zone") - 1];
        return switch (in.text("limit")) {
            case "mean_low" -> zone.meanLow();
            case "mean_high" -> zone.meanHigh();
            case "max_low" -> zone.maxLow();
            default -> zone.maxHigh();
        };
    }

    private static double uvIndex(String inputs) {
        if (inputs.startsWith("erythemal")) {
            // all of it at one wavelength of full weight, spread over two steps of 1 nm by the trapezoids
            double watts = Row.of(inputs).number("erythemal_irradiance_mw_m2") / 1000;
            return UvIndex.of(260, 1, 0, watts, 0);
        }
        double[] flat = new double[111];
        Arrays.fill(flat, 0.001);
        return UvIndex.of(290, 1, flat);
    }
}
