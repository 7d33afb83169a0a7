package tanah.core.planting;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.plant.Plant;
import tanah.core.plant.Refusal;
import tanah.core.plant.Spot;
import tanah.core.units.Unit;

/** What kills a plant at its place whatever else is good there. */
final class PlantRefusalRule {
    static final RuleId ID = new RuleId("plant.refused");

    private PlantRefusalRule() {}

    static Stream<Finding> judge(PlantRuleInput in, Planted.Piece piece) {
        return piece.fit().stream()
                .flatMap(fit -> fit.suitability().refused().stream()
                        .map(r -> in.finding(
                                ID,
                                Severity.STOP,
                                piece,
                                r.name().toLowerCase(Locale.ROOT),
                                measures(
                                        r,
                                        piece.kind().orElseThrow().needs(),
                                        piece.place().orElseThrow().spot(fit.worst())),
                                in.ways(piece))));
    }

    private static List<Measure> measures(Refusal refusal, Plant p, Spot s) {
        return switch (refusal) {
            case TOO_COLD -> of(s.coldest(), p.warmth().dies(), Unit.CELSIUS);
            case TOO_HOT -> of(s.hottest(), p.warmth().diesOver(), Unit.CELSIUS);
            case SOIL_TOO_SHALLOW -> of(s.soil(), p.roots().depth(), Unit.CENTIMETRE);
            case TOO_TALL ->
                of(s.headroom(), p.prunable() ? p.height().start() : p.height().year(), Unit.CENTIMETRE);
            case FLOODED, WATER_TOO_DEEP -> of(s.floodDepth(), p.wet().floodDepth(), Unit.CENTIMETRE);
            case ROOT_PLACE, NEEDS_WATER -> List.of();
        };
    }

    private static List<Measure> of(OptionalDouble value, double wanted, Unit unit) {
        return List.of(new Measure("value", value.orElse(0), unit), new Measure("wanted", wanted, unit));
    }
}
