package tanah.core.water;

import static tanah.core.physics.Constants.GRAVITY;

import java.util.List;

/**
 * A water line: how much head it takes to push a flow through.
 *
 * @param rise     from the water to the outlet (m)
 * @param segments in the order of the flow
 */
public record Pipe(double rise, List<Segment> segments) {
    /** Roughness of smooth plastic tube (m), handbook value from memory. */
    public static final double SMOOTH = 1.5e-6;

    private static final double LAMINAR = 2300;
    private static final double TURBULENT = 4000;

    public Pipe {
        segments = List.copyOf(segments);
    }

    /**
     * A stretch of one bore.
     *
     * @param length    m
     * @param bore      inner diameter (m), greater than 0
     * @param roughness m
     * @param fittings  sum of loss coefficients
     */
    public record Segment(double length, double bore, double roughness, double fittings) {}

    /**
     * Head that a flow needs (m of water).
     *
     * @param flow m³/s, 0 or more
     * @param celsius of the water
     */
    public double head(double flow, double celsius) {
        double head = rise;
        for (Segment s : segments) {
            double speed = flow / (Math.PI * s.bore() * s.bore() / 4);
            double reynolds = WaterProperties.density(celsius) * speed * s.bore() / WaterProperties.viscosity(celsius);
            double friction = reynolds > 0 ? friction(reynolds, s.roughness() / s.bore()) : 0;
            head += (friction * s.length() / s.bore() + s.fittings()) * speed * speed / (2 * GRAVITY);
        }
        return head;
    }

    /** Water that stands in the line (m³). */
    public double volume() {
        return segments.stream()
                .mapToDouble(s -> Math.PI * s.bore() * s.bore() / 4 * s.length())
                .sum();
    }

    /**
     * Darcy friction factor: 64/Re for laminar flow, Colebrook's equation (J. Inst. Civ. Eng. 11, 1939) started from
     * Haaland's for turbulent flow, linear between the two.
     *
     * @param reynolds greater than 0
     * @param relative roughness over bore
     */
    public static double friction(double reynolds, double relative) {
        if (reynolds <= LAMINAR) {
            return 64 / reynolds;
        }
        if (reynolds < TURBULENT) {
            double share = (reynolds - LAMINAR) / (TURBULENT - LAMINAR);
            return 64 / LAMINAR * (1 - share) + colebrook(TURBULENT, relative) * share;
        }
        return colebrook(reynolds, relative);
    }

    private static double colebrook(double reynolds, double relative) {
        double root = -1.8 * Math.log10(Math.pow(relative / 3.7, 1.11) + 6.9 / reynolds); // 1 / sqrt(f), Haaland
        for (int i = 0; i < 30; i++) {
            double next = -2 * Math.log10(relative / 3.7 + 2.51 * root / reynolds);
            boolean settled = Math.abs(next - root) < 1e-12;
            root = next;
            if (settled) {
                break;
            }
        }
        return 1 / (root * root);
    }
}
