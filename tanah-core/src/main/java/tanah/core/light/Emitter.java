package tanah.core.light;

import java.util.ArrayList;
import java.util.List;

/**
 * The shape of a lamp and where it hangs.
 *
 * @param kind     point, tube or panel
 * @param at       front of a reflector lamp, middle of a tube or panel
 * @param aim      unit vector, usually down
 * @param alongX   whether a tube lies along x rather than y
 * @param length   of a tube (m)
 * @param sizeX    of a panel (m)
 * @param sizeY    of a panel (m)
 * @param beam     full width at half maximum (radians); 0 if none is given
 * @param aperture radius of the front of a reflector lamp (m)
 * @param optic    of a tube
 */
public record Emitter(
        Kind kind,
        Vec at,
        Vec aim,
        boolean alongX,
        double length,
        double sizeX,
        double sizeY,
        double beam,
        double aperture,
        Optic optic) {
    private static final int SEGMENTS = 20;
    private static final int PATCHES = 4;
    private static final double LEAST_BEAM = Math.toRadians(5);
    private static final double WIDEST_BEAM = Math.toRadians(120);

    /** Shapes. */
    public enum Kind {
        POINT,
        TUBE,
        PANEL
    }

    /** What directs the light of a tube. */
    public enum Optic {
        BARE,
        REFLECTOR,
        LAMBERTIAN
    }

    /** The directed light of a lamp and the rest of it. */
    public enum Part {
        BEAM,
        WIDE
    }

    /**
     * One sample of the lamp.
     *
     * @param at      true place
     * @param virtual place from which distance and angle count
     * @param weight  share of the lamp
     */
    public record Sample(Vec at, Vec virtual, double weight) {}

    /** A reflector lamp that points down. */
    public static Emitter spot(Vec at, double beam, double aperture) {
        return new Emitter(Kind.POINT, at, Vec.DOWN, true, 0, 0, 0, beam, aperture, Optic.LAMBERTIAN);
    }

    /** A tube that points down. */
    public static Emitter tube(Vec at, double length, Optic optic, double beam) {
        return new Emitter(Kind.TUBE, at, Vec.DOWN, true, length, 0, 0, beam, 0, optic);
    }

    /** Exponent of the cosine that has half its maximum at half the beam's width. */
    public static double exponent(double beam) {
        double kept = Math.min(WIDEST_BEAM, Math.max(LEAST_BEAM, beam));
        return Math.log(0.5) / Math.log(Math.cos(kept / 2));
    }

    public List<Sample> samples(Part part) {
        return switch (kind) {
            case POINT -> {
                double back = part == Part.BEAM && aperture > 0
                        ? aperture / Math.tan(Math.min(WIDEST_BEAM, Math.max(LEAST_BEAM, beam)) / 2)
                        : 0;
                yield List.of(new Sample(at, at.minus(aim.times(back)), 1));
            }
            case TUBE -> {
                List<Sample> samples = new ArrayList<>();
                for (int i = 0; i < SEGMENTS; i++) {
                    double s = ((i + 0.5) / SEGMENTS - 0.5) * length;
                    Vec p = at.plus(alongX ? new Vec(s, 0, 0) : new Vec(0, s, 0));
                    samples.add(new Sample(p, p, 1.0 / SEGMENTS));
                }
                yield samples;
            }
            case PANEL -> {
                List<Sample> samples = new ArrayList<>();
                for (int i = 0; i < PATCHES; i++) {
                    for (int j = 0; j < PATCHES; j++) {
                        Vec p = at.plus(
                                new Vec(((i + 0.5) / PATCHES - 0.5) * sizeX, ((j + 0.5) / PATCHES - 0.5) * sizeY, 0));
                        samples.add(new Sample(p, p, 1.0 / (PATCHES * PATCHES)));
                    }
                }
                yield samples;
            }
        };
    }

    /** Radiant intensity in a direction by unit of what is emitted (1/sr). */
    double intensity(Part part, Vec direction) {
        double along = direction.dot(aim);
        return switch (kind) {
            case POINT -> part == Part.BEAM ? lobe(along, exponent(beam)) : Math.max(0, along) / Math.PI;
            case PANEL -> Math.max(0, along) / Math.PI;
            case TUBE ->
                switch (optic) {
                    case LAMBERTIAN -> lobe(along, exponent(beam > 0 ? beam : WIDEST_BEAM));
                    case BARE -> across(direction) / (Math.PI * Math.PI);
                    case REFLECTOR -> along > 0 ? 2 * across(direction) / (Math.PI * Math.PI) : 0;
                };
        };
    }

    private static double lobe(double cosine, double exponent) {
        return cosine <= 0 ? 0 : (exponent + 1) / (2 * Math.PI) * Math.pow(cosine, exponent);
    }

    /** Sine of the angle to the tube. */
    private double across(Vec direction) {
        double cos = alongX ? direction.x() : direction.y();
        return Math.sqrt(Math.max(0, 1 - cos * cos));
    }
}
