package tanah.core.structure;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Soil;
import tanah.core.units.Unit;

/** Loose stones that hold back a step of soil, by Rankine's thrust and the tipping of a gravity wall. */
public final class TerraceRule {
    public static final RuleId ID = new RuleId("GW-013");
    private static final double STONE = 2600; // kg/m³, where the plan says nothing
    private static final double GAPS = 0.25; // dry stone, common practice
    private static final double BESIDE = 1e-3; // m from the face
    private static final double LOW = 0.02; // m, a step that stands by itself

    private TerraceRule() {}

    public static List<Finding> judge(Design design, GroundResult ground) {
        List<Finding> findings = new ArrayList<>();
        for (Dam dam : design.ground().dams()) {
            if (dam.kind().equals("stones")) {
                wall(dam, ground).ifPresent(findings::add);
            }
        }
        return findings;
    }

    private static Optional<Finding> wall(Dam dam, GroundResult ground) {
        double left = DamMove.edge(dam.region().outline(), false);
        double right = DamMove.edge(dam.region().outline(), true);
        double y = dam.region().outline().centroid().y();
        double before = ground.terrain().surfaceAt(left - BESIDE, y);
        double behind = ground.terrain().surfaceAt(right + BESIDE, y);
        double step = Math.abs(behind - before);
        Optional<Soil> soil = soilAt(ground, behind > before ? right + BESIDE : left - BESIDE, y);
        if (step < LOW || soil.isEmpty()) {
            return Optional.empty();
        }
        Soil s = soil.get();
        double wet = s.dryDensity() + WATER_DENSITY * s.fieldCapacity();
        double needed = new RetainingWall(step, wet, s.repose(), dam.density().orElse(STONE), GAPS, 0).leastThickness();
        double drawn = right - left;
        boolean thick = drawn >= needed;
        List<Measure> numbers = List.of(
                new Measure("thickness", drawn, Unit.CENTIMETRE),
                new Measure("needs", needed, Unit.CENTIMETRE),
                new Measure("step", step, Unit.CENTIMETRE));
        return Optional.of(Finding.of(
                        ID,
                        thick ? Severity.GOOD : Severity.CAUTION,
                        Place.part(Stage.WATER, dam.id()),
                        numbers,
                        thick ? List.of() : List.of(Remedy.change("thicken-wall", new Action.GoTo(Stage.WATER))))
                .worded("", dam.id()));
    }

    /** The soil that the wall holds: the top layer of ground beside it. */
    private static Optional<Soil> soilAt(GroundResult ground, double x, double y) {
        for (Cell cell : ground.terrain().cells()) {
            if (!cell.dam() && !cell.slabs().isEmpty() && cell.plan().contains(x, y)) {
                for (int i = cell.slabs().size() - 1; i >= 0; i--) {
                    Optional<Soil> soil =
                            ground.soil(cell.slabs().get(i).layer()).filter(s -> s.repose() > 0);
                    if (soil.isPresent() && exists(ground, cell.slabs().get(i).layer())) {
                        return soil;
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static boolean exists(GroundResult ground, String layer) {
        return ground.layer(layer)
                .map(LayerResult::shape)
                .filter(LayerResult.Shape::exists)
                .isPresent();
    }
}
