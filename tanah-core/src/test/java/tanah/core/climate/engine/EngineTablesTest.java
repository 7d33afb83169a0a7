package tanah.core.climate.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Floor;
import tanah.core.box.Matter;
import tanah.core.box.Pane;
import tanah.core.box.Sheet;
import tanah.core.box.Shell;
import tanah.core.light.Glazing;
import tanah.core.light.Lid;
import tanah.core.physics.MoistAir;

/** Panes, ground, soil water and thermostats against closed forms and published solutions. */
class EngineTablesTest {
    private static Network ground(double depth, Sheet... layers) {
        Pane glass = Pane.of(Matter.GLASS, 0.005);
        Shell shell = new Shell(
                0.45,
                0.45,
                depth + 0.3,
                Map.of(Lid.Side.LEFT, glass, Lid.Side.RIGHT, glass, Lid.Side.FRONT, glass, Lid.Side.BACK, glass),
                glass,
                new Lid(depth + 0.3, 0.45, 0.45, 1, Lid.Side.BACK, 0.65, 0.65, Glazing.OPAQUE, Lid.USUAL_FREE),
                Optional.empty(),
                List.of());
        Floor.Soil soil = new Floor.Soil(depth, 0.35, 0.012, 0.5, OptionalDouble.empty(), 0, 0, 0);
        Floor land = new Floor.Land(new double[] {0, 0.45, 0, 0.45}, List.of(layers), 0, 0, 0, 0.85, 0, soil);
        return new Network(
                new Grid(new ClimateCase(
                        shell,
                        List.of(land),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        8,
                        12,
                        ClimateCase.Mist.NONE,
                        0,
                        0,
                        MoistAir.SEA_LEVEL)),
                Factors.ONE);
    }

    /** EN ISO 6946, film resistances and series sum. */
    @ParameterizedTest
    @CsvSource({
        "GLASS, 0.005, 0.13, 0.13, 3.773585",
        "ACRYLIC, 0.003, 0.13, 0.13, 3.625954",
        "PLYWOOD, 0.018, 0.13, 0.13, 2.509653",
        "GLASS, 0.004, 0.10, 0.10, 4.901961"
    })
    void aPaneLosesWhatItsLayersLet(Matter matter, double thick, double inside, double outside, double published) {
        double u = 1 / (inside + Pane.of(matter, thick).resistance() + outside);
        assertThat(u).isCloseTo(published, within(1e-6));
    }

    /** derived: one-dimensional steady conduction through layers, base glass and stand, face 30 °C, room 20 °C. */
    @ParameterizedTest
    @CsvSource({"0.02, 0.1, 0.1, 0.8, 0, 1, 16.66667", "0.015, 0.1, 0.08, 0.35, 0.05, 0.12, 9.343715"})
    void groundConductsThroughItsLayers(double d1, double k1, double d2, double k2, double d3, double k3, double flux) {
        Sheet[] layers = d3 > 0
                ? new Sheet[] {new Sheet(k1, 1e6, d1), new Sheet(k2, 1e6, d2), new Sheet(k3, 1e6, d3)}
                : new Sheet[] {new Sheet(k1, 1e6, d1), new Sheet(k2, 1e6, d2)};
        Network net = ground(d1 + d2 + d3, layers);
        int middle = net.grid.tileAt(0.225, 0.225);
        double resistance = 0;
        for (int c = 0; c < Grid.DEEP; c++) {
            resistance += net.grid.tileArea / net.up[c * net.grid.tiles + middle];
        }
        resistance += net.grid.tileArea / net.downToRoom[middle];
        assertThat(10 / resistance).isCloseTo(flux, within(1e-5));
    }

    /**
     * Carslaw and Jaeger 1959: a face that jumps by 10 K over deep ground (0.8 W/m K, 2.2 MJ/m³ K); six cells over 30 cm, steps of 300 s.
     */
    @ParameterizedTest
    @CsvSource({"0.05, 3600, 3.28485", "0.05, 14400, 6.251356"})
    void warmthRunsIntoDeepGround(double depth, double seconds, double published) {
        Network net = ground(0.3, new Sheet(0.8, 2.2e6, 0.3));
        Columns columns = new Columns(net).set(1 / 300.0);
        ThermalState s = ThermalState.even(net, 20, 0.005);
        int middle = net.grid.tileAt(0.225, 0.225);
        double[] faces = new double[net.grid.tiles];
        java.util.Arrays.fill(faces, 30);
        for (int i = 0; i < seconds / 300; i++) {
            Columns step = new Columns(net).set(1 / 300.0);
            double[] own = step.rise(new HeatSources(net), true, 20, s, s);
            ThermalState next = ThermalState.even(net, 20, 0.005);
            step.down(own, faces, next.cell);
            s = next;
        }
        assertThat(columns.under(middle)).isPositive();
        double[] middles = new double[Grid.DEEP];
        double top = 0;
        for (int c = 0; c < Grid.DEEP; c++) {
            middles[c] = top + Grid.CELLS[c] * 0.15;
            top += Grid.CELLS[c] * 0.3;
        }
        int below = 1;
        while (middles[below] < depth) {
            below++;
        }
        double share = (depth - middles[below - 1]) / (middles[below] - middles[below - 1]);
        double upper = s.cell[(below - 1) * net.grid.tiles + middle];
        double lower = s.cell[below * net.grid.tiles + middle];
        assertThat(upper + share * (lower - upper) - 20).isCloseTo(published, within(0.25));
    }

    /** derived: the implicit law of a band, a probe that the device itself warms. */
    @ParameterizedTest
    @CsvSource({"33, 1, 28, 8, 0.6111111", "33, 1, 20, 8, 1", "25, 0.5, 24.9, 2, 0.14", "25, 0.5, 26, 2, 0"})
    void aThermostatAgreesWithWhatItMakes(double set, double band, double without, double response, double duty) {
        assertThat(Controls.duty(set, band, without, response, 1)).isCloseTo(duty, within(1e-7));
    }

    /** derived: 35 % of the topmost 12 mm of 0.2025 m². */
    @Test
    void theSkinHoldsItsShare() {
        Network net = ground(0.06, Matter.SOIL_MOIST.sheet(0.06));
        assertThat(HeatSources.total(new WaterStores(net).skinRoom)).isCloseTo(0.8505, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.15, 0", "0.14, 0", "0.45, 0.5", "0.75, 1", "0.9, 1"})
    void soilGivesWaterByItsWetness(double share, double gives) {
        Network net = ground(0.06, Matter.SOIL_MOIST.sheet(0.06));
        WaterStores stores = new WaterStores(net);
        stores.skin[0] = share * stores.skinRoom[0];
        assertThat(stores.wetness(0)).isCloseTo(gives, within(1e-9));
    }
}
