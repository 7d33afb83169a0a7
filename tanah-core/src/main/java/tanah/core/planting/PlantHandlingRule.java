package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.PlantModel;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.plant.RootHabit;
import tanah.core.plant.RootPlace;

/** What a keeper has to know before setting a plant: what it is, its sap, whether it spreads, how its rhizome lies. */
final class PlantHandlingRule {
    static final RuleId SAP = new RuleId("plant.sap");
    static final RuleId SPREADS = new RuleId("plant.invasive");
    static final RuleId UNKNOWN = new RuleId("plant.unidentified");
    static final RuleId RHIZOME = new RuleId("plant.rhizome");
    private static final int GLOVES = 2;
    private static final int EYES = 3;

    private PlantHandlingRule() {}

    static List<Finding> judge(PlantRuleInput in, Planted.Piece piece) {
        if (piece.kind().isEmpty()) {
            return List.of(in.finding(
                    UNKNOWN,
                    Severity.CAUTION,
                    piece,
                    "",
                    List.of(),
                    List.of(Remedy.byHand("identify-plant"), PlantRuleInput.takeOut(piece))));
        }
        List<Finding> all = new ArrayList<>();
        PlantModel kind = piece.kind().get();
        PlantModel.Hazards h = kind.hazards();
        if (h.sap() >= GLOVES) {
            boolean eyes = h.sap() >= EYES;
            all.add(in.finding(
                    SAP,
                    Severity.CAUTION,
                    piece,
                    eyes ? "eyes" : "gloves",
                    List.of(),
                    List.of(Remedy.byHand(eyes ? "gloves-and-eyes" : "gloves")),
                    h.sapNote().orElse("")));
        }
        if (h.invasive() > 0) {
            boolean regulated = h.invasive() > 1;
            all.add(in.finding(
                    SPREADS,
                    regulated ? Severity.CAUTION : Severity.HINT,
                    piece,
                    regulated ? "regulated" : "weedy",
                    List.of(),
                    List.of(Remedy.byHand("check-national-list")),
                    h.spread().orElse("")));
        }
        boolean above = kind.needs().roots().habit() == RootHabit.RHIZOME_ABOVE;
        if (above && piece.piece().medium() == RootPlace.SOIL) {
            all.add(in.finding(RHIZOME, Severity.HINT, piece, "", List.of(), List.of(Remedy.byHand("rest-rhizome"))));
        }
        return all;
    }
}
