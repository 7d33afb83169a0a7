package tanah.core.design.edit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;

/** Changes of the damp and dry places that a crew withdraws to. */
public sealed interface RefugeEdit extends Edit {
    /** Id of what it changes. */
    String part();

    /** Give a place another number; its water may be left out, and is what is usual then. */
    record SetNumber(String part, RefugeNumber number, OptionalDouble value) implements RefugeEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return with(
                    design,
                    design.crew().refuges().stream()
                            .map(r -> r.id().equals(part) ? number.set(r, value) : r)
                            .toList());
        }
    }

    /** Give up a place. */
    record Remove(String part) implements RefugeEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return with(
                    design,
                    design.crew().refuges().stream()
                            .filter(r -> !r.id().equals(part))
                            .toList());
        }
    }

    private static Design with(Design design, List<CrewChoice.Refuge> refuges) {
        return design.withCrew(design.crew().withRefuges(refuges));
    }
}
