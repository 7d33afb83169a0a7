package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** What the planting as a whole has to give an animal: cover, a screen for a nervous one, shade for one that shuns light. */
final class PlantShelterRule {
    static final RuleId SHELTER = new RuleId("plant.shelter");
    static final RuleId SCREEN = new RuleId("plant.screen");
    static final RuleId DIM = new RuleId("plant.dim");
    // shares of the floor near cover by what an animal needs of it, 1 to 3; common practice, no source
    private static final double[] COVERED = {0, 0.15, 0.30, 0.50};
    private static final double SCREENED = 0.60; // of a long side
    private static final double DIMMED = 0.30; // of the floor

    private PlantShelterRule() {}

    static List<Finding> judge(PlantRuleInput in) {
        List<Finding> all = new ArrayList<>();
        if (in.planted().pieces().isEmpty()) {
            return all;
        }
        Shelter shelter = new Shelter(in);
        for (Inhabitant a : in.animals()) {
            int need = (int) number(a, "cover_need");
            if (need > 0) {
                all.add(finding(a, SHELTER, shelter.covered(), COVERED[Math.min(need, COVERED.length - 1)]));
            }
            if (number(a, "nervous") > 0) {
                all.add(finding(a, SCREEN, shelter.screened(), SCREENED));
            }
            if (number(a, "light_sensitive") > 0) {
                all.add(finding(a, DIM, shelter.dim(), DIMMED));
            }
        }
        return all;
    }

    private static double number(Inhabitant a, String column) {
        return a.profile().optional(column).orElse(0);
    }

    private static Finding finding(Inhabitant a, RuleId rule, double share, double least) {
        boolean good = share >= least;
        return Finding.of(
                        rule,
                        good ? Severity.GOOD : Severity.CAUTION,
                        Place.part(Stage.PLANTING, a.id()),
                        List.of(new Measure("share", share, Unit.PERCENT), new Measure("least", least, Unit.PERCENT)),
                        good ? List.of() : List.of(Remedy.byHand(rule.value().replace('.', '-'))))
                .worded("", a.profile().scientificName());
    }
}
