package tanah.core.water;

import static tanah.core.physics.Constants.LATENT_HEAT;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * Heat balance of a water part that stands against room air through its panes and against the air in the box over its
 * surface. A formula by hand, for the page of
 * sums; what a plan's water does is computed with its climate.
 *
 * @param volume     m³, greater than 0
 * @param target     °C
 * @param room       °C, the coldest night counts
 * @param airAbove   °C
 * @param rhAbove    share, 0 to 1
 * @param wall       wetted panes (m²)
 * @param base       base under the water (m²)
 * @param surface    open water (m²)
 * @param pane       thickness (m)
 * @param conductivity of the panes (W/(m K)): glass 1.0, acrylic 0.19
 * @param insulation under the base (m), of foam at 0.035 W/(m K)
 * @param gains      heat of pumps and lamps that ends in the water (W)
 */
public record HeaterModel(
        double volume,
        double target,
        double room,
        double airAbove,
        double rhAbove,
        double wall,
        double base,
        double surface,
        double pane,
        double conductivity,
        double insulation,
        double gains) {

    /** Sizes that are sold (W), common practice. */
    private static final int[] SIZES = {10, 15, 25, 50, 75, 100, 150, 200, 250, 300, 400, 500};

    private static final double INSIDE = 150; // W/(m² K), water against a pane, from memory
    private static final double OUTSIDE = 8; // W/(m² K), pane or water against still air, common practice
    private static final double FOAM = 0.035; // W/(m K)
    private static final double EVAPORATION = 0.004; // m/s, ventilated surface, from memory
    private static final double RESERVE = 1.3; // common practice
    private static final double STEP = 60; // s
    private static final double CLOSE = 0.5; // K under the target that counts as warm
    private static final int LONGEST = 60 * 24 * 60; // steps

    /** Heat per kelvin to the room (W/K). */
    public double toRoom() {
        double resistance = 1 / INSIDE + pane / conductivity + 1 / OUTSIDE;
        return wall / resistance + base / (resistance + insulation / FOAM);
    }

    /** Heat per kelvin to the air above the water (W/K), without evaporation. */
    public double toAir() {
        return OUTSIDE * surface;
    }

    /** Water that evaporates at a water temperature (kg/s). */
    public double evaporation(double celsius) {
        double difference = WaterProperties.vapourDensity(celsius) - rhAbove * WaterProperties.vapourDensity(airAbove);
        return Math.max(0, EVAPORATION * surface * difference);
    }

    /** Heat that leaves at a water temperature (W); negative where the water is the cooler. */
    public double loss(double celsius) {
        return toRoom() * (celsius - room) + toAir() * (celsius - airAbove) + LATENT_HEAT * evaporation(celsius);
    }

    /** Heat that a heater has to give at the target (W); 0 or less if none is needed. */
    public double need() {
        return loss(target) - gains;
    }

    /** Size to buy (W), or 0 if none is needed; empty if no single heater is large enough. */
    public OptionalDouble size() {
        return size(need());
    }

    /** Next size sold (W) above a need and its reserve, or 0 if none is needed; empty if no single heater is large enough. */
    public static OptionalDouble size(double need) {
        if (need <= 0) {
            return OptionalDouble.of(0);
        }
        for (int size : SIZES) {
            if (size >= Math.max(10, RESERVE * need)) {
                return OptionalDouble.of(size);
            }
        }
        return OptionalDouble.empty();
    }

    /** Where the water ends with a heater always on at this power (°C); 0 W: unheated. */
    public double settled(double power) {
        return root(t -> loss(t) - gains - power);
    }

    /** Time in which a difference falls to 1/e, without evaporation (s). */
    public double timeConstant() {
        return capacity() / (toRoom() + toAir());
    }

    /** Time from a temperature up to a goal at a power (s); empty if it is not reached in 60 days. */
    public OptionalDouble timeTo(double from, double goal, double power) {
        double celsius = from;
        double perStep = STEP / capacity();
        for (int i = 0; i <= LONGEST; i++) {
            if (celsius >= goal) {
                return OptionalDouble.of(i * STEP);
            }
            double next = celsius + (power + gains - loss(celsius)) * perStep;
            if (next <= celsius) {
                return OptionalDouble.empty();
            }
            celsius = next;
        }
        return OptionalDouble.empty();
    }

    /** Time from the room's temperature until half a kelvin under the target (s). */
    public OptionalDouble warmUp(double power) {
        return timeTo(room, target - CLOSE, power);
    }

    private double capacity() {
        return volume * WaterProperties.density(target) * WaterProperties.HEAT_CAPACITY;
    }

    private static double root(DoubleUnaryOperator rising) {
        double low = -5;
        double high = 95;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (rising.applyAsDouble(middle) < 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
