package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.ground.GroundResult;
import tanah.core.vessel.Vessel;

/** All judgements of the plants of a plan: a new rule of plants has its line here. */
public final class PlantRules {
    private PlantRules() {}

    public static List<Finding> judge(
            Design design, Vessel vessel, GroundResult ground, List<Inhabitant> animals, Planted planted) {
        PlantRuleInput input = new PlantRuleInput(design, vessel, ground, animals, planted);
        List<Finding> findings = new ArrayList<>();
        for (Planted.Piece piece : planted.pieces()) {
            PlantPlaceRule.judge(input, piece).ifPresent(findings::add);
            PlantRefusalRule.judge(input, piece).forEach(findings::add);
            PlantDoesRule.judge(input, piece).ifPresent(findings::add);
            findings.addAll(PlantAnimalRule.judge(input, piece));
            findings.addAll(PlantHandlingRule.judge(input, piece));
        }
        findings.addAll(PlantSpacingRule.judge(input));
        findings.addAll(PlantShelterRule.judge(input));
        return findings;
    }
}
