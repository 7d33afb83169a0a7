package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Ids;
import tanah.core.vessel.Vessel;

/** Changes of stage 7: nozzles, pump, tank and mistings. */
public sealed interface MistEdit extends Edit {
    /** How long a new misting sprays (s); common practice, no source. */
    double FIRST_SECONDS = 30;

    /** Hang a nozzle of an item under the lid, beside the others; the first brings a misting when the lamps go on. */
    record AddNozzle(String item) implements MistEdit {
        private static final double UNDER = 0.02; // m under the lid
        private static final int SPREAD = 4; // nozzles side by side

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return PlanLimits.openings(design);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            if (design.vessel().isEmpty()) {
                return design;
            }
            Vessel vessel = Boxes.resolve(design.vessel().get(), context.catalogue());
            AirPlan.Mist mist = mist(design);
            List<AirPlan.Nozzle> all = new ArrayList<>(mist.nozzles());
            double share = (all.size() % SPREAD + 1) / (SPREAD + 1.0);
            Device.Spot wanted = Device.Spot.at(vessel.length() * share, vessel.width() * 0.6, vessel.height() - UNDER);
            all.add(new AirPlan.Nozzle(
                    Ids.free(design, "nozzle"),
                    Optional.of(item),
                    context.proposals().nozzle(design, wanted),
                    OptionalDouble.empty()));
            Design hung = with(design, mist.withNozzles(all));
            return mist.events().isEmpty() ? new AddMisting().apply(hung, context) : hung;
        }
    }

    /** Give a nozzle another number (m, or m³/s). */
    record SetNozzle(String nozzle, NozzleNumber number, OptionalDouble value) implements MistEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return hung(design, nozzle, n -> number.set(n, value));
        }
    }

    /** Hang a nozzle elsewhere (m), kept inside the box. */
    record PlaceNozzle(String nozzle, Device.Spot spot) implements MistEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.vessel()
                    .map(v -> Boxes.resolve(v, context.catalogue()))
                    .map(v -> spot.within(v.length(), v.width(), v.height()))
                    .map(inside -> hung(design, nozzle, n -> n.withAt(inside)))
                    .orElse(design);
        }
    }

    /** Put another nozzle in its place; its flow is the new one's. */
    record UseNozzle(String nozzle, String item) implements MistEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return hung(design, nozzle, n -> n.withItem(Optional.of(item)).withFlow(OptionalDouble.empty()));
        }
    }

    /** Take a nozzle out, also out of every misting. */
    record RemoveNozzle(String nozzle) implements MistEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            AirPlan.Mist mist = mist(design);
            return with(
                    design,
                    mist.withNozzles(mist.nozzles().stream()
                                    .filter(n -> !n.id().equals(nozzle))
                                    .toList())
                            .withEvents(
                                    mist.events().stream().map(this::without).toList()));
        }

        private AirPlan.Event without(AirPlan.Event event) {
            return event.withNozzles(
                    event.nozzles().stream().filter(n -> !n.equals(nozzle)).toList());
        }
    }

    /** Spray once more: when the lamps go on, or four hours after the last. */
    record AddMisting() implements MistEdit {
        private static final double LATER = 4; // h

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return PlanLimits.openings(design);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            AirPlan.Mist mist = mist(design);
            List<AirPlan.Event> all = new ArrayList<>(mist.events());
            all.add(next(design));
            all.sort(Comparator.comparingDouble(AirPlan.Event::hour));
            return with(design, mist.withEvents(all));
        }

        /** The misting that it adds. */
        public static AirPlan.Event next(Design design) {
            double hour = mist(design).events().stream().mapToDouble(AirPlan.Event::hour).max().stream()
                    .map(last -> (last + LATER) % 24)
                    .findFirst()
                    .orElse(design.heat().start());
            return new AirPlan.Event(hour, FIRST_SECONDS, List.of());
        }
    }

    /** Give a misting, by its place in the day, another number (s). */
    record SetMisting(int index, MistNumber number, double value) implements MistEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(OptionalDouble.of(value));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            List<AirPlan.Event> all = new ArrayList<>(mist(design).events());
            if (index < 0 || index >= all.size()) {
                return design;
            }
            all.set(index, number.set(all.get(index), value));
            return with(design, mist(design).withEvents(all));
        }
    }

    /** Spray once less. */
    record RemoveMisting(int index) implements MistEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            List<AirPlan.Event> all = new ArrayList<>(mist(design).events());
            if (index < 0 || index >= all.size()) {
                return design;
            }
            all.remove(index);
            return with(design, mist(design).withEvents(all));
        }
    }

    /** Feed the nozzles by a pump, or by none. */
    record UsePump(Optional<String> item) implements MistEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return with(design, mist(design).withPump(item));
        }
    }

    /** Draw the water from a tank, or from none. */
    record UseTank(Optional<String> item) implements MistEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return with(design, mist(design).withTank(item));
        }
    }

    /** The mist of a design, or none. */
    static AirPlan.Mist mist(Design design) {
        return design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
    }

    private static Design hung(Design design, String id, UnaryOperator<AirPlan.Nozzle> change) {
        AirPlan.Mist mist = mist(design);
        return with(
                design,
                mist.withNozzles(mist.nozzles().stream()
                        .map(n -> n.id().equals(id) ? change.apply(n) : n)
                        .toList()));
    }

    private static Design with(Design design, AirPlan.Mist mist) {
        return design.withAir(Optional.of(design.air().orElse(AirPlan.STILL).withMist(Optional.of(mist))));
    }
}
