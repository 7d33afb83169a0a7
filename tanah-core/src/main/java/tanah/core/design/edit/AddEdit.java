package tanah.core.design.edit;

import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.design.WaterFeature;

/** New things in a plan, laid where {@link Proposals} say that they usually go. */
public sealed interface AddEdit extends Edit {
    /** The plan with it; empty where there is no place for it. */
    Optional<Design> made(Design design, EditContext context);

    /** Why not, before a place is looked for. */
    Optional<Refusal> barred(Design design, EditContext context);

    /** Why not, where no place was found. */
    Refusal noPlace();

    @Override
    default Design apply(Design design, EditContext context) {
        return barred(design, context).isPresent()
                ? design
                : made(design, context).orElse(design);
    }

    @Override
    default Optional<Refusal> refused(Design design, EditContext context) {
        return barred(design, context)
                .or(() -> made(design, context).isPresent() ? Optional.empty() : Optional.of(noPlace()));
    }

    /** Hang a lamp or lay a mat. */
    record AddLamp(String item) implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().lamp(design, item);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            return noVessel(design).or(() -> full(design));
        }

        @Override
        public Refusal noPlace() {
            return Refusal.UNKNOWN_ITEM;
        }
    }

    /** Put a pump, filter or heater into the water. */
    record AddWaterDevice(String item) implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().waterDevice(design, item);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            return noWater(design).or(() -> full(design));
        }

        @Override
        public Refusal noPlace() {
            return Refusal.UNKNOWN_ITEM;
        }
    }

    /** Let water run: a stream, a fall, a drip wall. */
    record AddFeature(WaterFeature.Kind kind) implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().feature(design, kind);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            return noWater(design).or(() -> full(design));
        }

        @Override
        public Refusal noPlace() {
            return Refusal.WATER_FIRST;
        }
    }

    /** Lay a piece of hardscape. */
    record AddPiece(Proposals.NewPiece piece) implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().piece(design, piece);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            boolean many = design.hardscape().size() >= PlanLimits.PIECES;
            return noVessel(design).or(() -> many ? Optional.of(Refusal.PIECES_MANY) : Optional.empty());
        }

        @Override
        public Refusal noPlace() {
            return Refusal.UNKNOWN_MEDIUM;
        }
    }

    /** Set a plant of a kind where it does best. */
    record AddPlant(String kind) implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().plant(design, kind);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            boolean many = design.plants().size() >= PlanLimits.PLANTS;
            boolean unknown = context.catalogue().findPlant(kind).isEmpty();
            return noVessel(design)
                    .or(() -> many ? Optional.of(Refusal.PLANTS_MANY) : Optional.empty())
                    .or(() -> unknown ? Optional.of(Refusal.UNKNOWN_PLANT) : Optional.empty());
        }

        @Override
        public Refusal noPlace() {
            return Refusal.NOWHERE_TO_PLANT;
        }
    }

    /** Keep a part of the floor damp, or dry. */
    record AddRefuge(boolean damp) implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().refuge(design, damp);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            boolean many = design.crew().refuges().size() >= PlanLimits.REFUGES;
            return noVessel(design).or(() -> many ? Optional.of(Refusal.REFUGES_MANY) : Optional.empty());
        }

        @Override
        public Refusal noPlace() {
            return Refusal.NOWHERE_FOR_REFUGE;
        }
    }

    /** Make an open water behind a wall; where there is one nothing changes. */
    record MakeWater() implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return design.water().isPresent()
                    ? Optional.of(design)
                    : context.proposals().water(design);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            return noVessel(design);
        }

        @Override
        public Refusal noPlace() {
            return Refusal.VESSEL_FIRST;
        }
    }

    /** Make a second water behind the wall. */
    record AddPool() implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().pool(design);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            return noVessel(design);
        }

        @Override
        public Refusal noPlace() {
            return Refusal.POOL_NONE;
        }
    }

    /** Raise an islet in the water. */
    record AddIslet() implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().islet(design);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            return noVessel(design);
        }

        @Override
        public Refusal noPlace() {
            return Refusal.ISLET_SMALL;
        }
    }

    /** Lay a way out of the water. */
    record AddRamp() implements AddEdit {
        @Override
        public Optional<Design> made(Design design, EditContext context) {
            return context.proposals().ramp(design);
        }

        @Override
        public Optional<Refusal> barred(Design design, EditContext context) {
            boolean many = design.water()
                    .filter(w -> w.ramps().size() >= PlanLimits.RAMPS)
                    .isPresent();
            return noWater(design).or(() -> many ? Optional.of(Refusal.RAMPS_MANY) : Optional.empty());
        }

        @Override
        public Refusal noPlace() {
            return Refusal.WATER_FIRST;
        }
    }

    private static Optional<Refusal> noVessel(Design design) {
        return design.vessel().isEmpty() ? Optional.of(Refusal.VESSEL_FIRST) : Optional.empty();
    }

    private static Optional<Refusal> noWater(Design design) {
        boolean without = design.vessel().isEmpty() || design.water().isEmpty();
        return without ? Optional.of(Refusal.WATER_FIRST) : Optional.empty();
    }

    private static Optional<Refusal> full(Design design) {
        boolean many = design.devices().size() >= PlanLimits.DEVICES
                || design.water()
                        .filter(w -> w.features().size() >= PlanLimits.DEVICES)
                        .isPresent();
        return many ? Optional.of(Refusal.DEVICES_MANY) : Optional.empty();
    }
}
