package tanah.core.light;

import java.util.List;

/**
 * The directions of a lamp's light in the half space about its aim: 24 rings of 24, each from the true place of every sample of the
 * lamp. The weights of all rays together are 1; for a bare tube, half of whose light goes the other way, 1/2.
 */
final class Rays {
    private static final int RINGS = 24;

    private Rays() {}

    /** What is done with a ray. */
    interface Each {
        void ray(Vec from, Vec direction, double weight);
    }

    static void each(Emitter lamp, Emitter.Part part, Each each) {
        Vec[] directions = directions(lamp.aim());
        double[] strength = new double[directions.length];
        double all = 0;
        for (int i = 0; i < directions.length; i++) {
            strength[i] = lamp.intensity(part, directions[i]);
            all += strength[i];
        }
        if (!(all > 0)) {
            return;
        }
        boolean bare = lamp.kind() == Emitter.Kind.TUBE && lamp.optic() == Emitter.Optic.BARE;
        List<Emitter.Sample> samples = lamp.samples(part);
        double weights = samples.stream().mapToDouble(Emitter.Sample::weight).sum();
        double norm = (bare ? 0.5 : 1) / (all * weights);
        for (int i = 0; i < directions.length; i++) {
            if (strength[i] > 0) {
                for (Emitter.Sample s : samples) {
                    each.ray(s.at(), directions[i], s.weight() * strength[i] * norm);
                }
            }
        }
    }

    private static Vec[] directions(Vec aim) {
        Vec axis = Math.abs(aim.x()) < 0.9 ? new Vec(1, 0, 0) : new Vec(0, 1, 0);
        Vec e1 = aim.cross(axis).unit();
        Vec e2 = aim.cross(e1);
        Vec[] all = new Vec[RINGS * RINGS];
        for (int j = 0; j < RINGS; j++) {
            double cos = (j + 0.5) / RINGS;
            double sin = Math.sqrt(1 - cos * cos);
            for (int k = 0; k < RINGS; k++) {
                double turn = (k + 0.5) * 2 * Math.PI / RINGS;
                all[j * RINGS + k] =
                        aim.times(cos).plus(e1.times(sin * Math.cos(turn))).plus(e2.times(sin * Math.sin(turn)));
            }
        }
        return all;
    }
}
