package tanah.core.equipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tanah.core.catalogue.Catalogue;
import tanah.core.climaterule.MistRule;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.vessel.Vessel;

/** A first plan of mistings where there is none: two nozzles under the lid, at lights on and at lights off; or a sprayer once a day. */
public final class MistProposal {
    private static final String HAND = "sprayer-pressure-2l";
    private static final String NOZZLE = "nozzle-65";
    private static final String PUMP = "mist-pump-4";
    private static final double SPRAY = 30; // s
    private static final double EDGE = 0.05; // m from the sides
    private static final double STEP = 0.02; // m
    private static final double UNDER = 0.02; // m below the lid
    private static final double BACK = 0.6; // of the width: away from the front

    private MistProposal() {}

    /**
     * @param hand whether the keeper sprays
     * @return empty where the catalogue lacks the gear, or no place under the lid is far enough from lamps
     */
    public static Optional<Design> with(Design design, boolean hand, Vessel vessel, Catalogue catalogue) {
        String item = hand ? HAND : NOZZLE;
        if (catalogue.findMistGear(item).isEmpty()) {
            return Optional.empty();
        }
        int count = hand ? 1 : 2;
        List<AirPlan.Nozzle> nozzles = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Device.Spot wanted = Device.Spot.at(
                    vessel.length() * (i + 1) / (count + 1.0), vessel.width() * BACK, vessel.height() - UNDER);
            Optional<Device.Spot> spot = away(design, vessel, wanted, catalogue);
            if (spot.isEmpty()) {
                return Optional.empty();
            }
            nozzles.add(new AirPlan.Nozzle("nozzle-" + (i + 1), Optional.of(item), spot.get(), OptionalDouble.empty()));
        }
        double on = design.heat().start();
        AirPlan.Event morning = new AirPlan.Event(on % 24, SPRAY, List.of());
        AirPlan.Event evening = new AirPlan.Event((on + design.heat().hours()) % 24, SPRAY, List.of());
        AirPlan.Mist made =
                AirPlan.Mist.NONE.withNozzles(nozzles).withEvents(hand ? List.of(morning) : List.of(morning, evening));
        return Optional.of(design.withAir(Optional.of(design.air()
                .orElse(AirPlan.STILL)
                .withMist(Optional.of(hand ? made : made.withPump(Optional.of(PUMP)))))));
    }

    /** The place nearest to one wanted, at its height, that sprays on no lamp; empty where there is none. */
    public static Optional<Device.Spot> away(Design design, Vessel vessel, Device.Spot wanted, Catalogue catalogue) {
        double x = wanted.x().orElse(vessel.length() / 2);
        double y = wanted.y().orElse(vessel.width() / 2);
        return Stream.concat(Stream.of(new double[] {x, y}), places(vessel))
                .sorted(Comparator.comparingDouble(p -> Math.hypot(p[0] - x, p[1] - y)))
                .map(p -> wanted.withX(OptionalDouble.of(p[0])).withY(OptionalDouble.of(p[1])))
                .filter(s -> !MistRule.sprays(s, design, catalogue))
                .findFirst();
    }

    /** Every two centimetres under the lid, off its edges. */
    private static Stream<double[]> places(Vessel vessel) {
        return along(vessel.length()).boxed().flatMap(x -> along(vessel.width()).mapToObj(y -> new double[] {x, y}));
    }

    private static DoubleStream along(double length) {
        int steps = (int) Math.floor((length - 2 * EDGE) / STEP);
        return DoubleStream.concat(
                IntStream.rangeClosed(0, steps).mapToDouble(i -> EDGE + i * STEP), DoubleStream.of(length - EDGE));
    }
}
