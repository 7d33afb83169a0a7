package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVRecord;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.plant.Growth;
import tanah.core.plant.Plant;

/** How pieces grow, by tables of another implementation ("derived": agreement, not truth), and laws. */
class GrowthTest {
    private static final Map<String, Plant> PLANTS = LivingTables.plants();
    private static final List<CSVRecord> GROWN = LivingTables.table("growth.csv");
    private static final List<CSVRecord> CUT = LivingTables.table("prune_and_crowd.csv");
    private static final double CM = 0.01;

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static Optional<Double> maybe(CSVRecord row, String column) {
        return Optional.of(row.get(column)).filter(t -> !t.isEmpty()).map(Double::parseDouble);
    }

    static IntStream grown() {
        return IntStream.range(0, GROWN.size());
    }

    static IntStream cut() {
        return IntStream.range(0, CUT.size());
    }

    private static Plant plant(CSVRecord row, String column) {
        return PLANTS.get(row.get(column));
    }

    @ParameterizedTest
    @MethodSource("grown")
    void growsAsTheTable(int index) {
        CSVRecord row = GROWN.get(index);
        Growth g = Growth.of(plant(row, "plant_id"), number(row, "suitability"), number(row, "light_factor"));
        double near = number(row, "tolerance_rel");
        double height = number(row, "expected_height_cm") * CM;
        double spread = number(row, "expected_spread_cm") * CM;
        assertThat(g.height(number(row, "month"))).isCloseTo(height, within(near * height));
        assertThat(g.spread(number(row, "month"))).isCloseTo(spread, within(near * spread));
    }

    @ParameterizedTest
    @MethodSource("cut")
    void isCutAndTouchesAsTheTable(int index) {
        CSVRecord row = CUT.get(index);
        double near = number(row, "tolerance_abs");
        Growth g = Growth.of(plant(row, "plant_id"), number(row, "suitability"), 1);
        if (row.get("kind").equals("crowd")) {
            Growth other = Growth.of(plant(row, "plant2_id"), number(row, "suitability2"), 1);
            assertThat(Growth.touch(g, other, number(row, "distance_cm") * CM).orElseThrow())
                    .isCloseTo(number(row, "expected_first_month"), within(near));
            return;
        }
        double limit = number(row, "limit_cm") * CM;
        Optional<Growth.Pruning> cut = row.get("key").equals("height") ? g.heightUnder(limit) : g.spreadUnder(limit);
        assertThat(cut.isPresent()).isEqualTo(maybe(row, "expected_first_month").isPresent());
        cut.ifPresent(c -> {
            assertThat(c.first()).isCloseTo(maybe(row, "expected_first_month").orElseThrow(), within(near));
            assertThat(c.interval())
                    .isCloseTo(maybe(row, "expected_interval_months").orElseThrow(), within(near));
        });
    }

    /** A year after it has got used to the box a plant that has all it likes is as large as its row says. */
    @Test
    void aYearIsAYear() {
        for (Plant p : PLANTS.values()) {
            double used = p.acclimation().weeks() * 7 / 30.4375;
            double year = Math.min(p.height().year(), 0.98 * p.height().mature());
            assertThat(Growth.of(p, 0.9, 1).height(12 + used)).as(p.id()).isCloseTo(year, within(1e-9));
            assertThat(Growth.of(p, 1, 1).height(12 + used)).as(p.id()).isCloseTo(year, within(1e-9));
            assertThat(Growth.of(p, 0.89, 1).height(12 + used)).as(p.id()).isLessThanOrEqualTo(year);
        }
    }

    @Test
    void nothingGrowsPastItsLimitNorShrinksWhereItIsWell() {
        for (Plant p : PLANTS.values()) {
            Growth g = Growth.of(p, 0.7, 1);
            double before = 0;
            for (int month = 0; month <= 120; month++) {
                double now = g.height(month);
                assertThat(now).as(p.id()).isBetween(before - 1e-12, p.height().mature());
                before = now;
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0.24, true", "0.25, false"})
    void whereItDoesNotLiveItDiesBack(double suitability, boolean dies) {
        Growth g = Growth.of(PLANTS.get("fittonia-albivenis"), suitability, 1);
        assertThat(g.height(12) < g.height(1)).isEqualTo(dies);
        assertThat(g.height(12)).isLessThanOrEqualTo(g.height(0));
    }

    @ParameterizedTest
    @CsvSource({"0.49, 1.2, 0.8", "0.5, 1, 1"})
    void inDimLightItStretches(double light, double height, double spread) {
        Plant p = PLANTS.get("fittonia-albivenis");
        assertThat(Growth.of(p, 0.8, light).height(9) / Growth.of(p, 0.8, 1).height(9))
                .isCloseTo(height, within(1e-9));
        assertThat(Growth.of(p, 0.8, light).spread(9) / Growth.of(p, 0.8, 1).spread(9))
                .isCloseTo(spread, within(1e-9));
    }

    /** At the month that is told it has just reached nineteen twentieths of the limit, and an interval later again from three fifths. */
    @ParameterizedTest
    @ValueSource(doubles = {0.15, 0.25, 0.35})
    void itIsCutWhenItGetsThere(double limit) {
        Growth g = Growth.of(PLANTS.get("nephrolepis-exaltata"), 0.9, 1);
        Growth.Pruning cut = g.heightUnder(limit).orElseThrow();
        if (cut.first() > 0) {
            assertThat(g.height(cut.first())).isCloseTo(0.95 * limit, within(1e-9));
            assertThat(g.height(cut.first() - 0.1)).isLessThan(0.95 * limit);
        }
        assertThat(cut.interval()).isPositive();
    }

    @Test
    void neighboursTouchAtOnceOrNever() {
        Growth g = Growth.of(PLANTS.get("haworthiopsis-attenuata"), 0.9, 1);
        double start = g.spread(0);
        assertThat(Growth.touch(g, g, start)).isEqualTo(OptionalDouble.of(0));
        assertThat(Growth.touch(g, g, start + 0.001).orElseThrow()).isPositive();
        assertThat(Growth.touch(g, g, 5)).isEmpty();
    }

    /** The closed form against the equation itself (Verhulst 1838), integrated by Dormand and Prince's method of another library. */
    @ParameterizedTest
    @CsvSource({"fittonia-albivenis, 0.9438", "nephrolepis-exaltata, 0.6", "maranta-leuconeura, 1"})
    void theCurveIsTheSolutionOfTheLogisticEquation(String id, double suitability) {
        Plant plant = PLANTS.get(id);
        Growth g = Growth.of(plant, suitability, 1);
        double lag = plant.acclimation().weeks() * 7 / 30.4375;
        double pace = Math.min(1, (suitability - 0.25) / 0.65);
        double y0 = g.height(lag);
        double most = plant.height().mature();
        double y12 = Math.min(plant.height().year(), 0.98 * most);
        double rate = Math.log(y12 * (most - y0) / (y0 * (most - y12))) / 12 * pace;
        OrdinaryDifferentialEquation logistic = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                return new double[] {rate * y[0] * (1 - y[0] / most)};
            }
        };
        for (double months : new double[] {1, 6, 18, 36}) {
            double end = new DormandPrince853Integrator(1e-6, 1, 1e-12, 1e-10)
                    .integrate(logistic, new ODEState(0, new double[] {y0}), months)
                    .getPrimaryState()[0];
            assertThat(g.height(lag + months)).isCloseTo(end, within(1e-7));
        }
    }
}
