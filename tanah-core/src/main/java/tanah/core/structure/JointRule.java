package tanah.core.structure;

import static tanah.core.physics.Constants.GRAVITY;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** Pieces that hang at a wall and stand on nothing: what they weigh against the joint that holds them for years. */
public final class JointRule {
    public static final RuleId ID = new RuleId("hardscape.joint");

    private static final double LEAST = 0.5; // kg that hurts an animal under it

    /**
     * Pa of lasting shear in a joint of silicone or foam: the weight that structural glazing leaves to an unsupported bead, 7 kPa (from
     * memory); wet or peeling joints bear less.
     */
    private static final double SHEAR = 7_000;

    private JointRule() {}

    public static List<Finding> judge(Design design, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        for (HardscapeItem item : design.hardscape()) {
            OptionalDouble mass = Solids.mass(item, catalogue);
            boolean hangs =
                    item.fixing().support().filter(Fixing.Support.WALL::equals).isPresent();
            if (hangs && mass.isPresent() && mass.getAsDouble() >= LEAST - 1e-9) {
                findings.add(judge(item, mass.getAsDouble()));
            }
        }
        return findings;
    }

    private static Finding judge(HardscapeItem item, double mass) {
        double needed = mass * GRAVITY / SHEAR;
        double given = item.fixing().pad().orElse(0);
        boolean holds = given >= needed - 1e-9;
        return Finding.of(
                        ID,
                        holds ? Severity.GOOD : Severity.CAUTION,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(
                                new Measure("mass", mass, Unit.KILOGRAM),
                                new Measure("needed", needed, Unit.SQUARE_CENTIMETRE),
                                new Measure("given", given, Unit.SQUARE_CENTIMETRE)),
                        holds ? List.of() : List.of(Remedy.byHand("let-stand"), Remedy.byHand("larger-joint")))
                .worded("", PieceRules.name(item));
    }
}
