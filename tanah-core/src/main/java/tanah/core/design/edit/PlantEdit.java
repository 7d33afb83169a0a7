package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.PlantPiece;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;

/** Changes of stage 8: plants. */
public sealed interface PlantEdit extends Edit {
    /** Id of the plant that it changes. */
    String plant();

    /** Set a young piece of a kind at a place. */
    record PlantAt(String kind, RootPlace medium, double x, double y) implements PlantEdit {
        @Override
        public String plant() {
            return "";
        }

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            if (context.catalogue().findPlant(kind).isEmpty()) {
                return Optional.of(Refusal.UNKNOWN_PLANT);
            }
            boolean many = design.plants().size() >= PlanLimits.PLANTS;
            return many
                    ? Optional.of(Refusal.PLANTS_MANY)
                    : PlantNumber.X.refused(OptionalDouble.of(x)).or(() -> PlantNumber.Y.refused(OptionalDouble.of(y)));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            List<PlantPiece> all = new ArrayList<>(design.plants());
            all.add(PlantPiece.young(Ids.free(design, "plant"), kind, medium, x, y));
            return design.withPlants(all);
        }
    }

    /** Give a plant another number (SI); one that may be left out is empty then. */
    record SetNumber(String plant, PlantNumber number, OptionalDouble value) implements PlantEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return design.withPlant(plant, p -> number.set(p, value));
        }
    }

    /** Give a plant a name, or none; one that nobody knows keeps the name it has. */
    record NamePlant(String plant, Optional<String> name) implements PlantEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withPlant(
                    plant, p -> p.withName(name.isEmpty() && p.kind().isEmpty() ? p.name() : name));
        }
    }

    /** Say what kind a plant is; its place stays, its measures go with the old kind. */
    record ChooseKind(String plant, String kind) implements PlantEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return context.catalogue().findPlant(kind).isEmpty()
                    ? Optional.of(Refusal.UNKNOWN_PLANT)
                    : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return design.withPlant(
                    plant,
                    p -> p.withKind(Optional.of(kind))
                            .withSize(PlantPiece.Size.UNSAID)
                            .withLeaf(PlantPiece.Leaf.UNSAID));
        }
    }

    /** Let a plant hold to something else; its foot is then found anew. */
    record Root(String plant, RootPlace medium) implements PlantEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withPlant(plant, p -> p.withMedium(medium).withZ(OptionalDouble.empty()));
        }
    }

    /** Say how much an animal has to do with the place of a plant. */
    record SetReach(String plant, Reach reach) implements PlantEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withPlant(plant, p -> p.withReach(reach));
        }
    }

    /** Set a plant elsewhere (m), kept inside the box; what stands on the ground stays on it. */
    record Move(String plant, double x, double y) implements PlantEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, plant, x, y, context, UnaryOperator.identity());
        }
    }

    /** Set a plant elsewhere (m) where it holds to something else. */
    record Replant(String plant, RootPlace medium, double x, double y) implements PlantEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(
                    design, plant, x, y, context, p -> p.withMedium(medium).withZ(OptionalDouble.empty()));
        }
    }

    /** Set a second piece of a kind, a little beside the first, under an id that is free. */
    record Copy(String plant, String id) implements PlantEdit {
        private static final double ASIDE = 0.05; // m

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return design.plants().size() >= PlanLimits.PLANTS ? Optional.of(Refusal.PLANTS_MANY) : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            List<PlantPiece> all = new ArrayList<>(design.plants());
            design.plant(plant).ifPresent(p -> all.add(p.withId(id)));
            return design.plant(plant)
                    .filter(p -> p.x().isPresent() && p.y().isPresent())
                    .map(p -> new Move(id, p.x().getAsDouble() + ASIDE, p.y().getAsDouble())
                            .apply(design.withPlants(all), context))
                    .orElse(design.withPlants(all));
        }
    }

    /** Take a plant out. */
    record Remove(String plant) implements PlantEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withPlants(
                    design.plants().stream().filter(p -> !p.id().equals(plant)).toList());
        }
    }

    private static Design change(
            Design design, String id, double x, double y, EditContext context, UnaryOperator<PlantPiece> more) {
        double[] at = {x, y};
        design.vessel().map(v -> Boxes.resolve(v, context.catalogue())).ifPresent(v -> {
            at[0] = Math.max(0, Math.min(v.length(), x));
            at[1] = Math.max(0, Math.min(v.width(), y));
        });
        return design.withPlant(
                id, p -> more.apply(p.withX(OptionalDouble.of(at[0])).withY(OptionalDouble.of(at[1]))));
    }
}
