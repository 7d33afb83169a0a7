package tanah.core.planting;

import java.util.List;
import java.util.Optional;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.ground.PlantFoot;
import tanah.core.plant.RootPlace;
import tanah.core.units.Unit;

/** Whether a plant stands where something can stand at all. */
final class PlantPlaceRule {
    static final RuleId ID = new RuleId("plant.place");

    private PlantPlaceRule() {}

    static Optional<Finding> judge(PlantRuleInput in, Planted.Piece piece) {
        boolean said = piece.piece().x().isPresent() && piece.piece().y().isPresent();
        if (!said) {
            return Optional.of(in.finding(
                    ID, Severity.CAUTION, piece, "nowhere", List.of(), List.of(PlantRuleInput.takeOut(piece))));
        }
        double x = piece.piece().x().getAsDouble();
        double y = piece.piece().y().getAsDouble();
        List<Measure> at = List.of(new Measure("x", x, Unit.CENTIMETRE), new Measure("y", y, Unit.CENTIMETRE));
        RootPlace on = piece.piece().medium();
        if (piece.place().isEmpty()) {
            boolean wet = on == RootPlace.UNDERWATER || on == RootPlace.WATER_SURFACE;
            boolean inside = in.ground().terrain().cells().stream()
                    .anyMatch(c -> c.plan().contains(x, y));
            String variant = wet && inside ? "dry" : "outside";
            return Optional.of(in.finding(ID, Severity.STOP, piece, variant, at, in.ways(piece)));
        }
        boolean covered = (on == RootPlace.SOIL || on == RootPlace.UNDERWATER)
                && PlantFoot.isCovered(in.design(), x, y, piece.place().get().z());
        return covered
                ? Optional.of(in.finding(ID, Severity.STOP, piece, "covered", at, in.ways(piece)))
                : Optional.empty();
    }
}
