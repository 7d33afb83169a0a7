package tanah.core.bioactive;

import java.util.List;
import java.util.Optional;
import tanah.core.cleanup.Cleanup;
import tanah.core.design.Design;
import tanah.core.finding.Finding;

/**
 * What a search came to.
 *
 * @param state   how it ended
 * @param ways    plans in which waste is carried, the one with the fewest changes first; none where it is already, or nowhere
 * @param nearest where there is none: the plan that stands, or the one that comes nearest and what is still said against it
 * @param tried   plans that were run through a year
 */
public record BioactiveFound(State state, List<Way> ways, Optional<Nearest> nearest, int tried) {
    public BioactiveFound {
        ways = List.copyOf(ways);
    }

    public enum State {
        /** The plan is so already. */
        ALREADY,
        FOUND,
        /** No plan that was tried is. */
        NONE,
        /** There is no ground that a crew lives in. */
        NO_GROUND
    }

    /**
     * A plan in which waste is carried.
     *
     * @param soonest whether it is offered because it is carried soonest, though it takes more changes
     * @param changes what differs from the plan that stands
     * @param cleanup what the floor comes to
     * @param brings  stops that were not there before
     */
    public record Way(
            boolean soonest, Design design, List<FloorChange> changes, Cleanup cleanup, List<Finding> brings) {
        public Way {
            changes = List.copyOf(changes);
            brings = List.copyOf(brings);
        }
    }

    /**
     * @param changes what differs from the plan that stands
     * @param against what is still said against it
     */
    public record Nearest(List<FloorChange> changes, Cleanup cleanup, List<Finding> against) {
        public Nearest {
            changes = List.copyOf(changes);
            against = List.copyOf(against);
        }
    }
}
