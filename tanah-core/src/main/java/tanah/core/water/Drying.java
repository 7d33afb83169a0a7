package tanah.core.water;

import static tanah.core.physics.Constants.DAY;
import static tanah.core.physics.Constants.WATER_DENSITY;
import static tanah.core.physics.Constants.ZERO_CELSIUS;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * How a moist soil dries from its top: a wet surface gives vapour as fast as the air takes it, a dry layer on it holds
 * it back by diffusion, so that the depth stays damp for weeks under a dry top. Receding front; diffusion in dry pores
 * after R. J. Millington and J. P. Quirk, Trans. Faraday Soc. 57 (1961). The band of a time or a rate is a factor of 1.6
 * to either side (common practice).
 *
 * @param celsius   of air and soil
 * @param humidity  of the air, share
 * @param transfer  of vapour at the surface (m/s): still air {@link #STILL}, ventilated {@link #VENTED}, fan {@link #FAN}
 * @param moist     content of the moist soil, share of the volume
 * @param dry       content of the dry layer, share of the volume, less than {@code moist}
 * @param saturated content at saturation, share of the volume
 */
public record Drying(double celsius, double humidity, double transfer, double moist, double dry, double saturated) {
    public static final double STILL = 0.002; // m/s, from memory
    public static final double VENTED = 0.004; // m/s, from memory
    public static final double FAN = 0.010; // m/s, from memory

    /** Factor by which a time or a rate may be off. */
    public static final double BAND = 1.6;

    private static final double FREE_DIFFUSION = 2.12e-5; // m²/s, water vapour in air at 0 °C
    private static final double DIFFUSION_POWER = 1.88;
    private static final double LEAST_PORES = 0.02;
    private static final int PER_DAY = 96;

    /** What the air takes (kg/m³): saturated vapour less what it holds. */
    private double deficit() {
        return WaterProperties.vapourDensity(celsius) * (1 - humidity);
    }

    /** Diffusion of vapour in the dry layer (m²/s). */
    public double diffusion() {
        double free = FREE_DIFFUSION * Math.pow((celsius + ZERO_CELSIUS) / ZERO_CELSIUS, DIFFUSION_POWER);
        double pores = Math.max(LEAST_PORES, saturated - dry);
        return free * Math.pow(pores, 10.0 / 3) / (saturated * saturated);
    }

    /** Evaporation from a surface that is wet (kg/(m² s)). */
    public double wet() {
        return transfer * deficit();
    }

    /** Evaporation under a dry layer (kg/(m² s)). Depth in m, 0 or more. */
    public double under(double depth) {
        return deficit() / (1 / transfer + depth / diffusion());
    }

    /** Time in which a layer dries through (s). Depth in m. */
    public double time(double depth) {
        return WATER_DENSITY * (moist - dry) * (depth / transfer + depth * depth / (2 * diffusion())) / deficit();
    }

    /**
     * A soil that is watered by the clock.
     *
     * @param area     of the soil (m²)
     * @param depth    of the soil (m)
     * @param watering given each time (m³)
     * @param every    days between two waterings, 1 or more
     * @param days     to follow
     */
    public Course watered(double area, double depth, double watering, int every, int days) {
        List<Day> course = new ArrayList<>();
        double room = moist - dry; // a metre of dry soil takes this much before it is moist again (m)
        double front = 0;
        double passed = 0;
        double lost = 0;
        course.add(new Day(0, 0, 0));
        for (int day = 1; day <= days; day++) {
            for (int step = 0; step < PER_DAY; step++) {
                double given =
                        Math.min(under(front) * DAY / PER_DAY / WATER_DENSITY, Math.max(0, depth - front) * room);
                front = Math.min(depth, front + given / room);
                lost += given * area;
            }
            if (day % every == 0 && watering > 0) {
                double wets = watering / area / room;
                passed += Math.max(0, wets - front) * room * area;
                front = Math.max(0, front - wets);
            }
            course.add(new Day(day, front, passed));
        }
        double driest = course.stream().mapToDouble(Day::front).max().orElse(0);
        OptionalInt through = course.stream()
                .filter(d -> d.front() >= depth - 1e-9)
                .mapToInt(Day::day)
                .findFirst();
        return new Course(course, driest, through, passed / Math.max(1, days), lost / Math.max(1, days));
    }

    /**
     * @param day    number, from 0
     * @param front  depth to which it is dry, after that day's watering (m)
     * @param passed water that has run through to the drainage so far (m³)
     */
    public record Day(int day, double front, double passed) {}

    /**
     * @param days    one after the other
     * @param driest  deepest dry layer (m)
     * @param through first day on which all is dry; empty where none is
     * @param drains  water that runs through to the drainage (m³ a day)
     * @param dries   water that goes into the air (m³ a day)
     */
    public record Course(List<Day> days, double driest, OptionalInt through, double drains, double dries) {
        public Course {
            days = List.copyOf(days);
        }
    }
}
