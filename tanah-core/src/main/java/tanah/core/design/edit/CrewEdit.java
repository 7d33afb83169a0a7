package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import tanah.core.catalogue.CrewModel;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Ids;

/** Changes of stage 9: cleanup crew and litter. */
public sealed interface CrewEdit extends Edit {
    /** What all crew is in, as a part: the share that is taken out and the least litter. */
    String CARE = "care";

    /** Id of what it changes. */
    String part();

    /** Set a kind of animals, small ones at once, others three weeks after the build (common practice). */
    record AddDose(String species) implements CrewEdit {
        private static final double LATER = 3; // weeks, when the mould has passed

        @Override
        public String part() {
            return "";
        }

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            if (context.catalogue().findCrew(species).isEmpty()) {
                return Optional.of(Refusal.UNKNOWN_CREW);
            }
            boolean many = design.crew().doses().size() >= PlanLimits.DOSES;
            return many ? Optional.of(Refusal.DOSES_MANY) : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            boolean micro = context.catalogue()
                    .findCrew(species)
                    .filter(CrewModel::isMicro)
                    .isPresent();
            List<CrewChoice.Dose> all = new ArrayList<>(design.crew().doses());
            all.add(new CrewChoice.Dose(
                    Ids.free(design, "crew"),
                    species,
                    OptionalInt.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.of(micro ? 0 : LATER)));
            return design.withCrew(design.crew().withDoses(all));
        }
    }

    /** Give a dose another number; one that may be left out is empty then. */
    record SetNumber(String part, CrewNumber number, OptionalDouble value) implements CrewEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return dose(design, part, d -> number.set(d, value));
        }
    }

    /** Set another kind in place of one; as many as are usual of it. */
    record ChooseSpecies(String part, String species) implements CrewEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return context.catalogue().findCrew(species).isEmpty()
                    ? Optional.of(Refusal.UNKNOWN_CREW)
                    : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return dose(
                    design,
                    part,
                    d -> d.withSpecies(species).withCount(OptionalInt.empty()).withCultures(OptionalDouble.empty()));
        }
    }

    /** Take a dose out. */
    record Remove(String part) implements CrewEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withCrew(design.crew()
                    .withDoses(design.crew().doses().stream()
                            .filter(d -> !d.id().equals(part))
                            .toList()));
        }
    }

    /** Say which share of the waste the keeper takes out, or leave it to what serves. */
    record SetSpot(OptionalDouble share) implements CrewEdit {
        @Override
        public String part() {
            return CARE;
        }

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            boolean fits = share.isEmpty() || share.getAsDouble() >= 0 && share.getAsDouble() <= 1;
            return fits ? Optional.empty() : Optional.of(Refusal.OUT_OF_RANGE);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return design.withCrew(design.crew().withSpot(share));
        }
    }

    private static Design dose(Design design, String id, UnaryOperator<CrewChoice.Dose> change) {
        return design.withCrew(design.crew()
                .withDoses(design.crew().doses().stream()
                        .map(d -> d.id().equals(id) ? change.apply(d) : d)
                        .toList()));
    }
}
