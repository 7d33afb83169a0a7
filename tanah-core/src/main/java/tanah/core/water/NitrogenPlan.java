package tanah.core.water;

import java.util.OptionalDouble;

/**
 * How a water part is run in, for {@link NitrogenCycle}. Concentrations kg/m³ (1 mg/l = 0.001), loads kg N/s.
 *
 * @param volume     m³, greater than 0
 * @param celsius    0 to 40
 * @param ph         3 to 11
 * @param alkalinity kg/m³ as CaCO3, greater than 0
 * @param mediaArea  surface that bacteria live on: filter media and wetted gravel (m²), greater than 0
 * @param school     how it is begun
 * @param donorArea  running media moved in (m²); used by the seeded school
 * @param dose       ammonia of one dose (kg N/m³); 0 for the single school
 * @param load       waste of the animals (kg N/s)
 * @param loadFrom   first day with the animals in
 * @param uptake     what plants take (kg N/s)
 * @param changeFraction share of the water changed each time, 0 to 1; 0: no changes
 * @param changeEvery days between changes, at least 1
 * @param tapNitrate nitrate nitrogen in fresh water (kg N/m³)
 * @param days       to compute, 1 to 400
 */
public record NitrogenPlan(
        double volume,
        double celsius,
        double ph,
        double alkalinity,
        double mediaArea,
        School school,
        OptionalDouble donorArea,
        double dose,
        double load,
        int loadFrom,
        double uptake,
        double changeFraction,
        int changeEvery,
        double tapNitrate,
        int days) {

    /** One degree of German hardness as CaCO3 (kg/m³), by definition. */
    public static final double DEGREE = 17.848e-3;

    /** Ways to begin. */
    public enum School {
        /** Ammonia is dosed, new media. */
        FISHLESS,
        /** Running media are moved in wet; the same doses prove it. */
        SEEDED,
        /** One light load and plants from the start. */
        SINGLE
    }

    public NitrogenPlan {
        if (!(volume > 0) || !(mediaArea > 0) || !(alkalinity > 0) || days < 1) {
            throw new IllegalArgumentException("volume, media, alkalinity and days must be greater than 0");
        }
    }
}
