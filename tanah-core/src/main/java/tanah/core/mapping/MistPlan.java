package tanah.core.mapping;

import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.AirPlan;

/**
 * Water that the mist uses.
 *
 * @param nozzles how many
 * @param flow    of all of them (m³/s)
 * @param daily   m³
 * @param days    that the tank lasts with a tenth kept back; empty without a tank or a spray
 */
public record MistPlan(int nozzles, double flow, double daily, OptionalDouble days) {
    private static final double RESERVE = 0.1; // of the tank, common practice

    public static MistPlan of(AirPlan.Mist mist, Catalogue catalogue) {
        double all = mist.nozzles().stream()
                .mapToDouble(n -> MistMap.flow(n, catalogue))
                .sum();
        double daily = 0;
        for (AirPlan.Event e : mist.events()) {
            daily += e.seconds()
                    * mist.nozzles().stream()
                            .filter(n -> e.nozzles().isEmpty() || e.nozzles().contains(n.id()))
                            .mapToDouble(n -> MistMap.flow(n, catalogue))
                            .sum();
        }
        double tank = mist.tank()
                .flatMap(catalogue::findMistGear)
                .map(t -> t.tank().orElse(0))
                .orElse(0.0);
        return new MistPlan(
                mist.nozzles().size(),
                all,
                daily,
                tank > 0 && daily > 0 ? OptionalDouble.of(tank * (1 - RESERVE) / daily) : OptionalDouble.empty());
    }
}
