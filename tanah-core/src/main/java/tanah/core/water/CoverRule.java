package tanah.core.water;

import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.edit.WaterEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/**
 * Floating plants or cork on the open water. At least 30 % stays open, for gas and light; an animal that does not swim well
 * finds a rest every two body lengths: floating cover, or a piece that stands up to the surface. Common practice, no
 * source.
 */
public final class CoverRule {
    public static final RuleId ID = new RuleId("water.cover");
    private static final double MOST = 0.7;
    private static final double USUAL = 0.3;
    private static final double LENGTHS = 2;
    private static final double REACH = 0.03; // m under the surface on which it can still rest

    private CoverRule() {}

    public static Optional<Finding> judge(Inhabitant animal, Design design, LandWater state) {
        double cover = design.water().map(w -> w.margins().cover().orElse(0)).orElse(0.0);
        Place place = Place.of(Stage.WATER);
        String name = animal.row().scientificName();
        Measure covered = new Measure("cover", cover, Unit.PERCENT);
        if (state.water().surface() <= 0) {
            return Optional.empty();
        }
        if (!Resolution.RATIO.atMost(cover, MOST)) {
            return Optional.of(Finding.of(
                            ID,
                            Severity.CAUTION,
                            place,
                            List.of(covered, new Measure("most", MOST, Unit.PERCENT)),
                            List.of(Remedy.change(
                                    "thin-cover", WaterEdit.cover(MOST), new Measure("to", MOST, Unit.PERCENT))))
                    .worded("much", name));
        }
        double across = Math.sqrt(state.water().surface());
        double rests = LENGTHS * animal.profile().bodyLengthAdult();
        boolean swimsWell = animal.profile().text("swims").equals("good");
        List<Measure> numbers = List.of(
                covered, new Measure("across", across, Unit.CENTIMETRE), new Measure("rests", rests, Unit.CENTIMETRE));
        if (cover > 0) {
            return Optional.of(
                    Finding.of(ID, Severity.GOOD, place, numbers, List.of()).worded("", name));
        }
        boolean rest = design.hardscape().stream()
                        .anyMatch(h -> reaches(h, state.water().level()))
                || !design.water().orElseThrow().ramps().isEmpty();
        if (swimsWell || rest || across <= rests) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        ID,
                        Severity.HINT,
                        place,
                        numbers,
                        List.of(Remedy.change(
                                "cover-water", WaterEdit.cover(USUAL), new Measure("to", USUAL, Unit.PERCENT))))
                .worded("none", name));
    }

    private static boolean reaches(HardscapeItem item, double level) {
        return item.inWater().orElse(false) && item.top() >= level - REACH && item.base() < level;
    }
}
