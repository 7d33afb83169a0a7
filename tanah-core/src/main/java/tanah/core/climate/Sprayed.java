package tanah.core.climate;

import tanah.core.box.ClimateCase;

/**
 * Mist of a step.
 *
 * @param water kg
 * @param air   share of it that would evaporate in dry air as it falls
 */
record Sprayed(double water, double air) {
    private static final double SAME = 1e-9; // h

    /** What begins to spray within a step; all of the nozzles where the mist is stuck. */
    static Sprayed in(ClimateCase.Mist mist, double begins, double step, boolean stuck) {
        if (stuck) {
            return new Sprayed(mist.flow() * step, mist.air());
        }
        double water = 0;
        double air = 0;
        for (ClimateCase.Spray s : mist.events()) {
            if (s.hour() >= begins - SAME && s.hour() < begins + step / 3600 - SAME) {
                water += s.water();
                air += s.water() * s.air().orElse(mist.air());
            }
        }
        return new Sprayed(water, water > 0 ? air / water : 0);
    }
}
