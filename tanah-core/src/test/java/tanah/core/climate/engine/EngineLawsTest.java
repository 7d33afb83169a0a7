package tanah.core.climate.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.box.Factors;
import tanah.core.box.Shell;
import tanah.core.climate.TestBox;
import tanah.core.light.Lid;
import tanah.core.physics.Films;

/** Films, sections and openings: what holds for any box. */
class EngineLawsTest {
    private static Network box(double length, double mesh, Shell.Vent... vents) {
        return new Network(new Grid(TestBox.of(length, mesh, vents)), Factors.ONE);
    }

    // ---- sections

    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.45, 0.9, 1.2, 2.4})
    void sectionsExchangeAsMuchAsTheyGetAndLoseNothing(double length) {
        Sections s = box(length, 0.5).sections;
        double sum = 0;
        for (int i = 0; i < s.count; i++) {
            double row = 0;
            double column = 0;
            for (int j = 0; j < s.count; j++) {
                assertThat(s.exchange[i][j]).isEqualTo(s.exchange[j][i]).isGreaterThanOrEqualTo(0);
                row += s.exchange[i][j];
                column += s.view[j][i];
            }
            assertThat(row).isCloseTo(s.area[i], within(1e-12));
            assertThat(column).isCloseTo(1, within(1e-12));
            sum += s.area[i];
        }
        assertThat(sum).isCloseTo(s.total, within(1e-12));
    }

    @Test
    void aPlatformSpansItsSections() {
        Sections s = box(0.9, 0.5).sections;
        double sum = 0;
        for (double share : s.ofPlatform[0]) {
            sum += share;
        }
        assertThat(sum).isCloseTo(1, within(1e-12));
        // from 5 to 35 cm over sections of 15 cm
        assertThat(s.ofPlatform[0][0]).isCloseTo(1 / 3.0, within(1e-12));
        assertThat(s.ofPlatform[0][1]).isCloseTo(0.5, within(1e-12));
        assertThat(s.ofPlatform[0][2]).isCloseTo(1 / 6.0, within(1e-12));
    }

    // ---- openings

    private static Coefficients flow(Network net, ThermalState s) {
        RoomAir room = new RoomAir(20, 0.006);
        return new Coefficients(net)
                .set(new Vents(net), s, new Saturation(net, s), new WaterStores(net), 0, 0, room, 1);
    }

    private static ThermalState drawn(Network net, Random r) {
        ThermalState s = ThermalState.even(net, 20, 0.006);
        for (int n = 0; n < s.air.length; n++) {
            s.air[n] = 18 + 12 * r.nextDouble();
            s.humidity[n] = 0.004 + 0.01 * r.nextDouble();
        }
        return s;
    }

    private static List<Network> vented() {
        List<Network> all = new ArrayList<>();
        all.add(box(0.9, 1));
        all.add(box(0.9, 0.3));
        all.add(box(
                0.9,
                0,
                Shell.Vent.in(Lid.Side.FRONT, 0.12, 0.1, 0.8, 0.004, 0.01, 0.6),
                Shell.Vent.inLid(0.1, 0.8, 0.4, 0.44, 0.01, 0.6)));
        all.add(box(0.6, 0.4, Shell.Vent.in(Lid.Side.LEFT, 0.3, 0.1, 0.4, 0.004, 0.01, 1)));
        return all;
    }

    @Test
    void asMuchComesInAsLeavesAndEveryZoneKeepsItsAir() {
        Random r = new Random(5);
        for (Network net : vented()) {
            for (int i = 0; i < 20; i++) {
                Coefficients k = flow(net, drawn(net, r));
                double net1 = 0;
                double[] kept = new double[net.grid.zones];
                for (int n = 0; n < kept.length; n++) {
                    net1 += k.out[n] - k.in[n];
                    kept[n] = k.out[n] - k.in[n];
                }
                for (int l = 0; l < net.links.size(); l++) {
                    kept[net.links.a()[l]] += k.flow[l];
                    kept[net.links.b()[l]] -= k.flow[l];
                }
                assertThat(net1).isCloseTo(0, within(1e-15));
                assertThat(kept).usingComparatorWithPrecision(1e-15).containsOnly(0.0);
            }
        }
    }

    @Test
    void withoutBuoyancyNothingFlows() {
        for (Network net : vented()) {
            Coefficients k = flow(net, ThermalState.even(net, 20, 0.006));
            assertThat(k.outflow()).isCloseTo(0, within(1e-12));
        }
    }

    @Test
    void aSingleOpeningHasNoNetFlow() {
        Network net = box(0.9, 0, Shell.Vent.in(Lid.Side.FRONT, 0.12, 0.1, 0.14, 0.004, 0.01, 0.6));
        assertThat(flow(net, drawn(net, new Random(1))).outflow()).isZero();
    }

    /** Warm at one end under mesh: air leaves there and comes in at the other. */
    @Test
    void warmAirLeavesOverTheWarmEnd() {
        Network net = box(0.9, 1);
        ThermalState s = ThermalState.even(net, 22, 0.006);
        for (int n = 0; n < s.air.length; n++) {
            s.air[n] = 28 - net.sectionOf(n);
        }
        Coefficients k = flow(net, s);
        double[] out = new double[net.sections()];
        for (int n = 0; n < s.air.length; n++) {
            out[net.sectionOf(n)] += k.out[n] - k.in[n];
        }
        assertThat(out[0]).isPositive();
        assertThat(out[net.sections() - 1]).isNegative();
    }

    // ---- films

    /** Lloyd and Moran 1974, J. Heat Transfer 96:443-447: Nu = 0.54 Ra^¼ to 8e6, 0.15 Ra^⅓ above, area over perimeter. */
    @ParameterizedTest
    @CsvSource({"0.05, 5", "0.05, 20", "0.15, 2", "0.15, 10", "0.3, 5", "0.3, 20"})
    void warmLevelFacesAgreeWithLloydAndMoran(double length, double difference) {
        double rayleigh = 9.80665 * difference * Math.pow(length, 3) * 0.71 / (298.15 * 1.55e-5 * 1.55e-5);
        double nusselt = rayleigh < 8e6 ? 0.54 * Math.pow(rayleigh, 0.25) : 0.15 * Math.cbrt(rayleigh);
        double published = nusselt * 0.026 / length;
        double film = Films.Face.of(length, 0, 0, length).level(difference, 298.15);
        assertThat(film).isCloseTo(published, within(0.1 * published));
    }

    /** Churchill and Chu 1975, Int. J. Heat Mass Transfer 18:1323-1329. */
    @ParameterizedTest
    @CsvSource({"0.2, 5", "0.45, 5", "0.45, 10", "0.9, 10", "1.2, 20"})
    void uprightFacesAgreeWithChurchillAndChu(double height, double difference) {
        double rayleigh = 9.80665 * difference * Math.pow(height, 3) * 0.71 / (298.15 * 1.55e-5 * 1.55e-5);
        double root =
                0.825 + 0.387 * Math.pow(rayleigh, 1.0 / 6) / Math.pow(1 + Math.pow(0.492 / 0.71, 9.0 / 16), 8.0 / 27);
        double published = root * root * 0.026 / height;
        double film = Films.Face.of(height, 1, 0, height).upright(difference, 298.15);
        assertThat(film).isCloseTo(published, within(0.08 * published));
    }

    @Test
    void moreDifferenceAlwaysMovesMoreHeat() {
        Films.Face face = Films.Face.of(0.15, 1, 0, 0.3);
        double up = -1e9;
        double level = -1e9;
        for (double d = -20; d <= 20; d += 0.05) {
            assertThat(face.level(d, 295) * d).isGreaterThan(level);
            assertThat(face.upright(d, 295) * d).isGreaterThan(up);
            level = face.level(d, 295) * d;
            up = face.upright(d, 295) * d;
        }
    }
}
