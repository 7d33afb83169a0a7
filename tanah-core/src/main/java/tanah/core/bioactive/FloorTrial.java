package tanah.core.bioactive;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.cleanup.Cleanup;
import tanah.core.cleanup.CrewRules;
import tanah.core.cleanup.FloorWarmth;
import tanah.core.design.Design;
import tanah.core.evaluate.Computed;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;

/** Runs a plan's floor through a year and says whether it carries its waste. */
final class FloorTrial {
    static final int BY_DAY = 90;
    static final double SPOT = 0.2; // of the waste, taken out in passing
    private static final double MISSED = 1000; // days that a plan counts which never carries its waste

    private final Computed before;
    private final FloorWarmth warmth;
    private final Catalogue catalogue;
    private int runs;

    /** @param before with its climate */
    FloorTrial(Computed before, Catalogue catalogue) {
        this.before = before;
        this.warmth = FloorWarmth.of(before.forecast().orElseThrow());
        this.catalogue = catalogue;
    }

    /** Plans that were run so far. */
    int runs() {
        return runs;
    }

    /**
     * A draft that was run.
     *
     * @param against what is said against it: of those that stop or caution, not the laws on a kind
     */
    record Tried(FloorDraft draft, Cleanup cleanup, List<Finding> against) {
        boolean works() {
            OptionalInt day = cleanup.balance();
            // where hardly anything falls it is not carried evenly, and never lies thick
            boolean inTime =
                    day.isPresent() ? day.getAsInt() <= BY_DAY : cleanup.year().staysThin();
            return inTime && cleanup.plan().spot() <= SPOT && against.isEmpty() && hasBoth(cleanup);
        }

        /** Day from which waste is carried; far off where it never is. */
        double day() {
            return cleanup.balance().isPresent() ? cleanup.balance().getAsInt() : MISSED;
        }
    }

    /** Somebody for crumbs and mould, and somebody for leaves: one of them alone is no crew (common practice). */
    static boolean hasBoth(Cleanup c) {
        return c.doses().stream()
                        .anyMatch(g -> g.model().filter(CrewModel::isMicro).isPresent())
                && c.doses().stream()
                        .anyMatch(g -> g.model()
                                .filter(m -> !m.isMicro() && !m.kind().water())
                                .isPresent());
    }

    /** Empty where the ground of the draft bears no crew. */
    Optional<Tried> run(FloorDraft draft, Computed on) {
        runs++;
        return cleanup(draft.design(), on).map(c -> new Tried(draft, c, against(c)));
    }

    /**
     * With the least share taken out by hand under which it works; with none where it never does.
     *
     * @param on ground that it is laid on
     */
    Optional<Tried> best(FloorDraft draft, Computed on) {
        Optional<Tried> first = run(draft.spot(0), on);
        if (first.filter(t -> !t.works()).isEmpty()) {
            return first;
        }
        return run(draft.spot(SPOT / 2), on)
                .filter(Tried::works)
                .or(() -> run(draft.spot(SPOT), on).filter(Tried::works))
                .or(() -> first);
    }

    Optional<Cleanup> cleanup(Design design, Computed on) {
        return on.ground()
                .flatMap(g -> Cleanup.of(design, g, on.land(), before.animals(), warmth, before.planted(), catalogue));
    }

    private List<Finding> against(Cleanup c) {
        return CrewRules.judge(c, before.animals(), catalogue).stream()
                .filter(f -> f.severity() == Severity.STOP || f.severity() == Severity.CAUTION)
                .filter(f -> !f.rule().equals(CrewRules.LAW))
                .toList();
    }
}
