package tanah.core.planting;

import java.util.List;
import tanah.core.box.ClimateCase;
import tanah.core.climate.DayCourse;
import tanah.core.physics.MoistAir;

/**
 * How long leaves stay wet at a place: spray falls on their upper faces as on any level face, what is more than a leaf holds runs off,
 * and it dries by the vapour that the air there still takes up. Held and exchange are from memory.
 */
final class LeafFilm {
    private static final double HELD = 0.10; // kg/m² of leaf, 0.05 to 0.20
    private static final double EXCHANGE =
            0.005; // kg/m² s by unit of humidity: 5 W/m² K over the heat of air (Lewis 1922)
    private static final double DAY = 24; // h
    private static final int ROUNDS = 2; // days, so that what is left of one is there in the next

    private LeafFilm() {}

    /**
     * Longest unbroken hours of a day in which a leaf is wet.
     *
     * @param floor area on which the spray comes down (m²)
     */
    static double hours(DayCourse day, ClimateCase box, double floor, double x, double y, double z) {
        List<DayCourse.Sample> samples = day.samples();
        double step = DAY / samples.size();
        double film = 0;
        double run = 0;
        double longest = 0;
        for (int i = 0; i < ROUNDS * samples.size(); i++) {
            DayCourse.Sample s = samples.get(i % samples.size());
            film = Math.min(HELD, film + sprayed(box.mist(), s.hour() - step / 2, step) / floor);
            boolean wet = film > 0;
            film = Math.max(0, film - EXCHANGE * deficit(s, box, x, y, z) * step * 3600);
            run = wet ? Math.min(DAY, run + step) : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    private static double sprayed(ClimateCase.Mist mist, double from, double step) {
        double kilograms = 0;
        for (ClimateCase.Spray spray : mist.events()) {
            double in = ((spray.hour() - from) % DAY + DAY) % DAY;
            kilograms += in < step ? spray.water() * (1 - spray.air().orElse(mist.air())) : 0;
        }
        return kilograms;
    }

    /** Vapour that the air still takes up (kg per kg); less than nothing where it gives some. */
    private static double deficit(DayCourse.Sample s, ClimateCase box, double x, double y, double z) {
        double celsius = s.places().air(x, y, z);
        return MoistAir.saturated(celsius, box.pressure()) - s.places().vapour(x, y, z);
    }
}
