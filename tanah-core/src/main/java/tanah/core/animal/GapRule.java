package tanah.core.animal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/**
 * Gaps. One between rigid things that is a little narrower or wider than the animal holds it; under water it drowns.
 * Pieces are taken as their boxes, so a round one leaves more room than is said. Common practice.
 */
public final class GapRule {
    public static final RuleId TRAPS = new RuleId("hardscape.gap");

    private static final double NARROW = 0.7; // of the rigid width
    private static final double WIDE = 1.15; // of the rigid width
    private static final double HALF = 0.5; // of the body, how long a gap has to be
    private static final double TOUCH = 1e-4; // m

    private GapRule() {}

    /** @param water its level over the base (m), if there is any */
    public static List<Finding> judge(Inhabitant animal, Design design, Vessel vessel, OptionalDouble water) {
        List<Finding> findings = new ArrayList<>();
        if (animal.profile().isInvertebrate()) {
            return findings; // nothing in it is rigid across
        }
        BodyMeasures grown = BodyMeasures.of(animal.profile(), 1);
        BodyMeasures now = BodyMeasures.of(animal.profile(), animal.lengthShare());
        for (int i = 0; i < design.hardscape().size(); i++) {
            HardscapeItem item = design.hardscape().get(i);
            Optional<Gap> worst = Optional.empty();
            for (Gap gap : gaps(
                    item, design.hardscape().subList(i + 1, design.hardscape().size()), vessel)) {
                boolean holds = holds(gap, grown) || holds(gap, now);
                if (holds && worst.filter(w -> w.low() <= gap.low()).isEmpty()) {
                    worst = Optional.of(gap);
                }
            }
            worst.ifPresent(g -> findings.add(trap(
                    animal, item, g, grown, isUnder(g, water) && item.inWater().orElse(false))));
        }
        return findings;
    }

    private static boolean isUnder(Gap gap, OptionalDouble level) {
        return level.isPresent() && gap.low() < level.getAsDouble();
    }

    /**
     * @param width between the two (m)
     * @param along how long it is (m)
     * @param low   where it begins over the base (m)
     */
    private record Gap(double width, double along, double low) {}

    private static boolean holds(Gap gap, BodyMeasures body) {
        return gap.width() > NARROW * body.rigid()
                && gap.width() < WIDE * body.rigid()
                && gap.along() > HALF * body.body();
    }

    private static List<Gap> gaps(HardscapeItem item, List<HardscapeItem> others, Vessel vessel) {
        PieceMove.Box a = PieceMove.box(item);
        List<Gap> all = new ArrayList<>();
        all.add(new Gap(a.left(), a.width(), item.base()));
        all.add(new Gap(vessel.length() - a.right(), a.width(), item.base()));
        all.add(new Gap(a.front(), a.length(), item.base()));
        all.add(new Gap(vessel.width() - a.front() - a.width(), a.length(), item.base()));
        for (HardscapeItem other : others) {
            double low = Math.max(item.base(), other.base());
            if (Math.min(item.top(), other.top()) - low <= TOUCH) {
                continue;
            }
            PieceMove.Box b = PieceMove.box(other);
            double beside = overlap(a.front(), a.front() + a.width(), b.front(), b.front() + b.width());
            double before = overlap(a.left(), a.right(), b.left(), b.right());
            all.add(new Gap(Math.max(b.left() - a.right(), a.left() - b.right()), beside, low));
            all.add(new Gap(
                    Math.max(b.front() - a.front() - a.width(), a.front() - b.front() - b.width()), before, low));
        }
        all.removeIf(g -> g.width() <= TOUCH || g.along() <= TOUCH);
        return all;
    }

    private static double overlap(double a0, double a1, double b0, double b1) {
        return Math.min(a1, b1) - Math.max(a0, b0);
    }

    private static Finding trap(Inhabitant animal, HardscapeItem item, Gap gap, BodyMeasures body, boolean wet) {
        return Finding.of(
                        TRAPS,
                        wet ? Severity.STOP : Severity.CAUTION,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(
                                new Measure("gap", gap.width(), Unit.CENTIMETRE),
                                new Measure("narrow", NARROW * body.rigid(), Unit.CENTIMETRE),
                                new Measure("wide", WIDE * body.rigid(), Unit.CENTIMETRE)),
                        List.of(Remedy.byHand("close-gap")))
                .worded(wet ? "wet" : "", animal.row().scientificName());
    }
}
