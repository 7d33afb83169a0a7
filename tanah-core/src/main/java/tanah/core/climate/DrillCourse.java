package tanah.core.climate;

import java.util.List;

/**
 * What follows from a failure.
 *
 * @param samples  one by step; their hours count from the midnight before the failure
 * @param water    what became of the water
 * @param energy   used (J)
 * @param worstGap of the heat ledger of any step (W); nothing but round-off
 */
public record DrillCourse(List<DayCourse.Sample> samples, WaterLedger water, double energy, double worstGap) {
    public DrillCourse {
        samples = List.copyOf(samples);
    }
}
