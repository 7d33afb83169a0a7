package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.SchoolChoice;
import tanah.core.design.VesselPlan;

/** Changes of the plan as a whole: animals, vessel, schools. */
public sealed interface PlanEdit extends Edit {

    /** Set the number of animals and, where given, of males. */
    record SetCount(String resident, int count, OptionalInt males) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withAnimals(design.animals().stream()
                    .map(r -> r.id().equals(resident) ? r.withCount(count, males) : r)
                    .toList());
        }
    }

    /** Give the plan a name. */
    record Rename(String name) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withName(name);
        }
    }

    /** Keep this animal as the first; other species of a mixed box stay. */
    record KeepFirst(Resident animal) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            List<Resident> all = new ArrayList<>(design.animals());
            if (all.isEmpty()) {
                all.add(animal);
            } else {
                all.set(0, animal);
            }
            return design.withAnimals(all);
        }
    }

    /** Let another animal in, beside those that are there. */
    record AddAnimal(Resident animal) implements PlanEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return design.animals().size() >= PlanLimits.ANIMALS ? Optional.of(Refusal.ANIMALS_MANY) : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            List<Resident> all = new ArrayList<>(design.animals());
            all.add(animal);
            return design.withAnimals(all);
        }
    }

    /** Take an animal out of the plan. */
    record RemoveAnimal(String resident) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withAnimals(design.animals().stream()
                    .filter(r -> !r.id().equals(resident))
                    .toList());
        }
    }

    /** Say why species share the box. */
    record GiveReason(String reason) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withMixReason(reason.isBlank() ? Optional.empty() : Optional.of(reason));
        }
    }

    /** Plan with a vessel as it is measured or described. */
    record UseVessel(VesselPlan vessel) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return underRim(design.withVessel(vessel), context);
        }
    }

    /** Plan for a room. */
    record UseRoom(RoomPlan room) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withRoom(room);
        }
    }

    /**
     * Keep no more of a species, over all its entries: the last entries give first, one of which none is left is taken out.
     *
     * @param most  animals, 1 or more
     * @param males of them at most; empty: no fewer than there may be of so many animals
     */
    record KeepAtMost(String species, int most, OptionalInt males) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            List<Resident> kept = new ArrayList<>();
            int left = most;
            int leftMales = males.orElse(Integer.MAX_VALUE);
            for (Resident r : design.animals()) {
                if (!r.species().equals(species)) {
                    kept.add(r);
                    continue;
                }
                int count = Math.min(left, r.count());
                if (count > 0) {
                    int known = Math.min(Math.min(count, leftMales), r.males().orElse(0));
                    kept.add(r.withCount(count, r.males().isPresent() ? OptionalInt.of(known) : r.males()));
                    left -= count;
                    leftMales -= known;
                }
            }
            return design.withAnimals(kept);
        }
    }

    /** Choose a school. */
    record SetSchool(String choice, String option) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withSchool(new SchoolChoice(choice, option, Optional.empty(), context.today()));
        }
    }

    /** Give the lamps' day another hour (s). */
    record SetDay(DayNumber number, double value) implements PlanEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(OptionalDouble.of(value));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return design.withHeat(number.set(design.heat(), value));
        }
    }

    /** Choose another vessel from the list. */
    record SetVessel(String vessel) implements PlanEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return context.catalogue()
                    .findVessel(vessel)
                    .map(model -> Boxes.fromCatalogue(model, design.vessel().flatMap(VesselPlan::structure)))
                    .map(v -> underRim(design.withVessel(v), context))
                    .orElse(design);
        }
    }

    /** In a lower box the water stands at the rim at most, where the rules speak of it; over the rim no plan can be stored. */
    private static Design underRim(Design design, EditContext context) {
        double rim = Boxes.resolve(design.vessel().orElseThrow(), context.catalogue())
                .rim();
        return design.withWater(design.water().map(w -> w.fill().level().orElse(0) > rim ? w.withLevel(rim) : w));
    }
}
