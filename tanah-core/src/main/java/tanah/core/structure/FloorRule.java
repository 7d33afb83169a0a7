package tanah.core.structure;

import static tanah.core.physics.Constants.GRAVITY;

import java.util.List;
import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.core.design.VesselPlan;
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
 * The filled box against the floor of a room: EN 1991-1-1, category A, 1.5 to 2.0 kN/m² and 2 to 3 kN at a point.
 * Screening: a structural engineer decides.
 */
public final class FloorRule {
    public static final RuleId HEAVY = new RuleId("GW-062");
    public static final RuleId BEARS = new RuleId("GW-061");

    private static final double POINT = 2000; // N
    private static final double AREA = 1500; // Pa
    private static final double HINT = 4000; // N
    private static final double CAUTION = 8000; // N

    private FloorRule() {}

    public static Optional<Finding> judge(Design design, Vessel vessel, MassResult mass) {
        OtherFields said = design.vessel()
                .flatMap(VesselPlan::structure)
                .map(VesselPlan.Structure::kept)
                .orElse(OtherFields.NONE);
        double weight = mass.total() * GRAVITY;
        double pressure = weight / vessel.floorArea();
        double point = said.number("floor_point_kn").orElse(POINT / 1000) * 1000;
        double area = said.number("floor_kpa").orElse(AREA / 1000) * 1000;
        List<Measure> numbers = List.of(
                new Measure("mass", mass.total(), Unit.KILOGRAM),
                new Measure("pressure", pressure, Unit.KILOPASCAL),
                new Measure("foot", mass.total() / 2, Unit.KILOGRAM));
        Place place = Place.part(Stage.VESSEL, "floor");
        boolean slab = said.text("floor").filter("slab"::equals).isPresent();
        if (slab || weight <= point || pressure <= area) {
            return Optional.of(
                    Finding.of(BEARS, Severity.GOOD, place, numbers, List.of()).worded("floor"));
        }
        boolean checked = said.says("floor_checked");
        Severity severity =
                weight <= HINT ? Severity.HINT : weight <= CAUTION || checked ? Severity.CAUTION : Severity.STOP;
        return Optional.of(Finding.of(
                HEAVY,
                severity,
                place,
                numbers,
                List.of(Remedy.byHand("across-joists"), Remedy.byHand("ask-engineer"))));
    }
}
