package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.junit.jupiter.api.Test;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.calibrate.Calibration;
import tanah.core.calibrate.CalibrationReading;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.Places;
import tanah.core.light.Vec;

/** The calibration against the Levenberg-Marquardt optimiser of the Hipparchus library on the same sum of squares. */
class LeastSquaresReferenceTest {
    private static final ClimateCase A = CaseJson.of("A").read();
    private static final ClimateCase.Outside ROOM =
            CaseJson.of("A").season("winter").day();
    private static final double STEP = 0.03;

    private static final List<CalibrationReading> READINGS = List.of(
            reading(CalibrationReading.Kind.PLATFORM, 0, 0, 0, 36.9),
            reading(CalibrationReading.Kind.AIR, 0.2, 0.2, 0.12, 25.0),
            reading(CalibrationReading.Kind.AIR, 0.8, 0.2, 0.12, 23.1),
            reading(CalibrationReading.Kind.AIR, 0.45, 0.2, 0.40, 26.2),
            reading(CalibrationReading.Kind.SURFACE, 0.45, 0.2, 0, 27.9));

    private static CalibrationReading reading(
            CalibrationReading.Kind kind, double x, double y, double z, double value) {
        return new CalibrationReading(
                kind, new Vec(x, y, z), 0, true, value, kind.usual(value), Optional.of(ROOM), Optional.empty());
    }

    @Test
    void theLeastSumIsTheSame() {
        Calibration.Fit ours = Calibration.fit(ClimateModel.of(A, Factors.ONE), READINGS);
        LeastSquaresOptimizer.Optimum theirs = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(1e-6)
                .withParameterRelativeTolerance(1e-5)
                .optimize(new LeastSquaresBuilder()
                        .start(new double[Factors.COUNT])
                        .target(new double[READINGS.size() + Factors.COUNT])
                        .model(LeastSquaresReferenceTest::linearised)
                        .lazyEvaluation(false)
                        .maxEvaluations(60)
                        .maxIterations(60)
                        .build());
        double cost = 2 * theirs.getCost() * theirs.getCost() / 2;
        assertThat(ours.cost()).isCloseTo(cost, within(0.01 * ours.costBefore() + 1e-3));
        for (int i = 0; i < Factors.COUNT; i++) {
            double moved = Math.log(ours.factors().get(i));
            assertThat(moved)
                    .as("multiplier " + i)
                    .isCloseTo(theirs.getPoint().getEntry(i), within(0.15 * Factors.prior(i)));
        }
    }

    /** Residuals in standard deviations, the readings first, then what is known before them; with their slopes. */
    private static Pair<RealVector, RealMatrix> linearised(RealVector point) {
        double[] at = residuals(point.toArray());
        double[][] slopes = new double[at.length][Factors.COUNT];
        for (int i = 0; i < Factors.COUNT; i++) {
            double[] moved = point.toArray();
            moved[i] += STEP;
            double[] there = residuals(moved);
            for (int r = 0; r < at.length; r++) {
                slopes[r][i] = (there[r] - at[r]) / STEP;
            }
        }
        return new Pair<>(new ArrayRealVector(at), new Array2DRowRealMatrix(slopes));
    }

    private static double[] residuals(double[] logs) {
        Factors factors = Factors.ONE;
        for (int i = 0; i < logs.length; i++) {
            factors = factors.times(i, Math.exp(logs[i]));
        }
        Places places = ClimateModel.of(A, factors)
                .steady(ROOM, true, Optional.empty(), 1e-4)
                .places();
        List<Double> all = new ArrayList<>();
        for (CalibrationReading r : READINGS) {
            double predicted = switch (r.kind()) {
                case PLATFORM -> places.platform(0);
                case SURFACE -> places.surface(r.at().x(), r.at().y());
                default -> places.air(r.at().x(), r.at().y(), r.at().z());
            };
            double model = r.kind() == CalibrationReading.Kind.AIR ? 0.6 : 1.2;
            all.add((predicted - r.value()) / Math.sqrt(r.sd() * r.sd() + model * model));
        }
        for (int i = 0; i < logs.length; i++) {
            all.add(logs[i] / Factors.prior(i));
        }
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
