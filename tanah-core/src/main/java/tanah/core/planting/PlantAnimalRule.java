package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tanah.core.catalogue.PlantModel;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.plant.AnimalFit;
import tanah.core.units.Unit;

/** A plant and the animals of its box: toxins, spines, trampling, grazing. Toxicity is from memory, not a veterinary statement. */
final class PlantAnimalRule {
    static final RuleId HARM = new RuleId("plant.harm");
    static final RuleId WEAR = new RuleId("plant.wear");
    private static final double WORN = 0.7; // factor below which a plant suffers; common practice
    private static final double HARDLY = 0.9; // factor above which nothing need be said; common practice
    private static final int PRICKS_SKIN = 2; // class of spines that hurts bare skin; common practice

    private PlantAnimalRule() {}

    static List<Finding> judge(PlantRuleInput in, Planted.Piece piece) {
        List<Finding> all = new ArrayList<>();
        if (piece.kind().isEmpty() || piece.fit().isEmpty()) {
            return all;
        }
        PlantModel kind = piece.kind().get();
        PlantFit fit = piece.fit().get();
        String toxin = kind.hazards().toxin().orElse("");
        String part = kind.hazards().part().orElse("");
        for (AnimalFit.Refused r : fit.refused()) {
            String variant = r.name().toLowerCase(Locale.ROOT);
            all.add(in.finding(HARM, Severity.STOP, piece, variant, List.of(), in.ways(piece), toxin, part));
        }
        boolean skin = in.animals().stream().anyMatch(a -> a.profile().isAmphibian());
        if (skin && kind.needs().touch().spines() >= PRICKS_SKIN) {
            all.add(in.finding(HARM, Severity.STOP, piece, "spines_skin", List.of(), in.ways(piece), toxin, part));
        }
        Measure left = new Measure("left", fit.animals(), Unit.PERCENT);
        for (AnimalFit.Reason r : fit.reasons()) {
            boolean wears = r == AnimalFit.Reason.TRAMPLE || r == AnimalFit.Reason.CLIMB;
            boolean hardly = fit.animals() > HARDLY && (wears || r == AnimalFit.Reason.GRAZED);
            if (hardly) {
                continue;
            }
            boolean bad = wears && fit.animals() < WORN;
            Severity severity = bad ? Severity.CAUTION : Severity.HINT;
            List<Remedy> ways = bad ? in.ways(piece) : PlantRuleInput.small(piece);
            if (r == AnimalFit.Reason.TOXIC_NOTE) {
                ways = List.of(Remedy.byHand("keep-feeders-off"));
            }
            String variant = r.name().toLowerCase(Locale.ROOT);
            all.add(in.finding(WEAR, severity, piece, variant, List.of(left), ways, toxin, part));
        }
        return all;
    }
}
