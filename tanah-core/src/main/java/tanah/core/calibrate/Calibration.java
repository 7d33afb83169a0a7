package tanah.core.calibrate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.climate.SteadyState;
import tanah.core.climate.Uncertainty;
import tanah.core.numeric.DenseSystem;

/**
 * Moves the model's multipliers to where readings and common practice agree best: least squares of the residuals with the
 * prior as one more observation of each multiplier, by Gauss and Newton.
 */
public final class Calibration {
    /** Fewer readings than this tell nothing. */
    public static final int LEAST = 2;

    private static final int ROUNDS = 8;
    private static final int HALVINGS = 6;
    private static final double SETTLED = 1e-3;
    private static final double FARTHEST = 3; // prior standard deviations
    private static final double LEARNED = 0.8; // of the prior's standard deviation
    private static final double TOLERANCE = 1e-3; // K
    private static final double LEAST_SPEED = 0.03; // m/s

    private final ClimateModel base;
    private final List<CalibrationReading> readings;
    private final Map<String, SteadyState> near = new HashMap<>();

    private Calibration(ClimateModel base, List<CalibrationReading> readings) {
        this.base = base;
        this.readings = List.copyOf(readings);
    }

    /**
     * What readings say.
     *
     * @param factors    multipliers
     * @param covariance of their logarithms
     * @param before     predictions without the readings
     * @param after      predictions with them
     * @param residuals  what is left, in standard deviations
     * @param cost       least sum of squares
     * @param costBefore sum of squares without moving anything
     */
    public record Fit(
            Factors factors,
            double[][] covariance,
            List<Double> before,
            List<Double> after,
            List<Double> residuals,
            double cost,
            double costBefore) {
        public Fit {
            before = List.copyOf(before);
            after = List.copyOf(after);
            residuals = List.copyOf(residuals);
        }

        /** Standard deviation of the logarithm of a multiplier. */
        public double deviation(int index) {
            return Math.sqrt(covariance[index][index]);
        }

        /** Whether the readings told something of a multiplier. */
        public boolean isLearned(int index) {
            return deviation(index) < LEARNED * Factors.prior(index);
        }
    }

    /** @throws IllegalArgumentException for fewer than two readings */
    public static Fit fit(ClimateModel base, List<CalibrationReading> readings) {
        if (readings.size() < LEAST) {
            throw new IllegalArgumentException(readings.size() + " readings");
        }
        return new Calibration(base, readings).fit();
    }

    private Fit fit() {
        double[] theta = new double[Factors.COUNT];
        double[] at = predict(base);
        double[] first = at;
        double cost = cost(at, theta);
        double before = cost;
        double[][] jacobian = jacobian(theta, at);
        for (int round = 0; round < ROUNDS; round++) {
            double[] step = step(jacobian, at, theta);
            double share = 1;
            double[] next = theta;
            double[] then = at;
            double better = cost;
            for (int h = 0; h <= HALVINGS; h++, share /= 2) {
                double[] tried = moved(theta, step, share);
                double[] values = predict(model(tried));
                double c = cost(values, tried);
                if (c < better) {
                    next = tried;
                    then = values;
                    better = c;
                    break;
                }
            }
            boolean settled = cost - better < SETTLED;
            theta = next;
            at = then;
            cost = better;
            jacobian = jacobian(theta, at);
            if (settled) {
                break;
            }
        }
        double[][] covariance = DenseSystem.inverse(normal(jacobian));
        List<Double> residuals = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            residuals.add((at[i] - readings.get(i).value())
                    / Math.sqrt(readings.get(i).variance()));
        }
        return new Fit(factors(theta), covariance, list(first), list(at), residuals, cost, before);
    }

    private static List<Double> list(double[] values) {
        return Arrays.stream(values).boxed().toList();
    }

    private static double[] moved(double[] theta, double[] step, double share) {
        double[] next = new double[theta.length];
        for (int k = 0; k < next.length; k++) {
            double most = FARTHEST * Factors.prior(k);
            next[k] = Math.max(-most, Math.min(most, theta[k] + share * step[k]));
        }
        return next;
    }

    private Factors factors(double[] theta) {
        Factors f = base.factors();
        for (int k = 0; k < theta.length; k++) {
            f = f.times(k, Math.exp(theta[k]));
        }
        return f;
    }

    private ClimateModel model(double[] theta) {
        return base.with(factors(theta));
    }

    private double cost(double[] values, double[] theta) {
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            double d = values[i] - readings.get(i).value();
            sum += d * d / readings.get(i).variance();
        }
        for (int k = 0; k < theta.length; k++) {
            double z = theta[k] / Factors.prior(k);
            sum += z * z;
        }
        return sum;
    }

    private double[][] jacobian(double[] theta, double[] at) {
        double[][] j = new double[readings.size()][Factors.COUNT];
        for (int k = 0; k < Factors.COUNT; k++) {
            double[] tried = theta.clone();
            tried[k] += Uncertainty.STEP;
            double[] values = predict(model(tried));
            for (int i = 0; i < at.length; i++) {
                j[i][k] = (values[i] - at[i]) / Uncertainty.STEP;
            }
        }
        return j;
    }

    /** The readings' and the prior's weight together. */
    private double[][] normal(double[][] jacobian) {
        double[][] n = new double[Factors.COUNT][Factors.COUNT];
        for (int i = 0; i < jacobian.length; i++) {
            double weight = 1 / readings.get(i).variance();
            for (int a = 0; a < Factors.COUNT; a++) {
                for (int b = 0; b < Factors.COUNT; b++) {
                    n[a][b] += weight * jacobian[i][a] * jacobian[i][b];
                }
            }
        }
        for (int k = 0; k < Factors.COUNT; k++) {
            n[k][k] += 1 / (Factors.prior(k) * Factors.prior(k));
        }
        return n;
    }

    private double[] step(double[][] jacobian, double[] at, double[] theta) {
        double[][] n = normal(jacobian);
        double[][] m = new double[Factors.COUNT][Factors.COUNT + 1];
        for (int a = 0; a < Factors.COUNT; a++) {
            System.arraycopy(n[a], 0, m[a], 0, Factors.COUNT);
            double right = -theta[a] / (Factors.prior(a) * Factors.prior(a));
            for (int i = 0; i < at.length; i++) {
                right += jacobian[i][a]
                        * (readings.get(i).value() - at[i])
                        / readings.get(i).variance();
            }
            m[a][Factors.COUNT] = right;
        }
        return DenseSystem.solve(m);
    }

    // ---- predictions

    private double[] predict(ClimateModel model) {
        LightMap light = LightMap.of(model);
        Map<String, SteadyState> states = new HashMap<>();
        double[] values = new double[readings.size()];
        for (int i = 0; i < values.length; i++) {
            CalibrationReading r = readings.get(i);
            if (r.kind() == CalibrationReading.Kind.UV) {
                values[i] = light.uvIndex(r.at());
                continue;
            }
            ClimateCase.Outside room = r.room().orElseThrow();
            String key = r.lit() + " " + room;
            SteadyState s = states.computeIfAbsent(
                    key, k -> model.steady(room, r.lit(), Optional.ofNullable(near.get(k)), TOLERANCE));
            near.putIfAbsent(key, s);
            values[i] = value(r, s, light);
        }
        return values;
    }

    /** What a reading would be by a steady state. */
    static double value(CalibrationReading r, SteadyState s, LightMap light) {
        Places p = s.places();
        return switch (r.kind()) {
            case AIR -> {
                double air = p.air(r.at().x(), r.at().y(), r.at().z());
                double wind = Math.max(LEAST_SPEED, s.mixingSpeed());
                yield r.shows()
                        .map(i -> p.shown(i, r.at(), light.aimed(r.at(), s::duty), wind))
                        .orElse(air);
            }
            case SURFACE -> p.surface(r.at().x(), r.at().y());
            case PLATFORM -> p.platform(r.index());
            case WATER -> p.water(r.index());
            case HUMIDITY -> p.humidity(r.at().x(), r.at().y(), r.at().z());
            case UV -> light.uvIndex(r.at());
        };
    }
}
