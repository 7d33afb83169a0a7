package tanah.core.physics;

import static tanah.core.physics.Constants.GRAVITY;
import static tanah.core.physics.Constants.STEFAN_BOLTZMANN;
import static tanah.core.physics.Constants.ZERO_CELSIUS;

/**
 * What a small probe shows in air that is lit: it takes up light and trades heat with the air and the walls.
 *
 * @param diameter of its bead (m)
 * @param absorbs  share of the light
 */
public record Instrument(double diameter, double absorbs) {
    /** A bare black digital probe; absorbs 0.6 to 0.95. */
    public static final Instrument BARE = new Instrument(0.006, 0.8);

    /** The same with a white cap or foil. */
    public static final Instrument CAPPED = new Instrument(0.006, 0.3);

    /** Shaded and aired, or read ten minutes after the lamp went off. */
    public static final Instrument SHADED = new Instrument(0.006, 0.1);

    /** A data logger in a white box. */
    public static final Instrument LOGGER = new Instrument(0.04, 0.35);

    private static final double EMITS = 0.9;
    private static final double CONDUCTIVITY = 0.026; // W/m K
    private static final double VISCOSITY = 1.55e-5; // m²/s
    private static final double PRANDTL = 0.71;
    private static final double SETTLED = 1e-8; // K
    private static final int ROUNDS = 2000;

    /**
     * What it shows (°C).
     *
     * @param air    °C
     * @param walls  mean radiant temperature (°C)
     * @param light  all beams at the place, facing them (W/m²)
     * @param speed  of the air (m/s)
     */
    public double shows(double air, double walls, double light, double speed) {
        double shown = air;
        for (int i = 0; i < ROUNDS; i++) {
            double mean = (shown + walls) / 2 + ZERO_CELSIUS;
            double radiant = 4 * EMITS * STEFAN_BOLTZMANN * mean * mean * mean;
            double film = Math.max(natural(Math.abs(shown - air), (shown + air) / 2 + ZERO_CELSIUS), forced(speed));
            double next = (film * air + radiant * walls + absorbs * light / 4) / (film + radiant);
            double step = next - shown;
            shown += 0.5 * step;
            if (Math.abs(step) < SETTLED) {
                break;
            }
        }
        return shown;
    }

    /** Churchill and Chu 1975, horizontal cylinder. */
    private double natural(double difference, double filmKelvin) {
        double rayleigh = GRAVITY * difference * Math.pow(diameter, 3) * PRANDTL / (filmKelvin * VISCOSITY * VISCOSITY);
        double shape = Math.pow(1 + Math.pow(0.559 / PRANDTL, 9.0 / 16), 8.0 / 27);
        double root = 0.60 + 0.387 * Math.pow(rayleigh, 1.0 / 6) / shape;
        return CONDUCTIVITY / diameter * root * root;
    }

    /** Hilpert 1933 as tabulated in heat-transfer textbooks, recalled. */
    private double forced(double speed) {
        double reynolds = speed * diameter / VISCOSITY;
        double c = reynolds < 4 ? 0.989 : reynolds < 40 ? 0.911 : 0.683;
        double m = reynolds < 4 ? 0.330 : reynolds < 40 ? 0.385 : 0.466;
        return CONDUCTIVITY / diameter * c * Math.pow(reynolds, m) * Math.cbrt(PRANDTL);
    }
}
