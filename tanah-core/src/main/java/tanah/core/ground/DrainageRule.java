package tanah.core.ground;

import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.edit.GroundEdit;
import tanah.core.design.edit.PlanEdit;
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
 * Drainage missing where it is damp, needless where it is arid (common practice). Good keepers disagree, so a school
 * chosen on purpose softens it. Ground that is lived in and eaten is often kept without drainage.
 */
public final class DrainageRule {
    public static final RuleId MISSING = new RuleId("ground.drainage_missing");
    public static final RuleId NEEDLESS = new RuleId("ground.drainage_needless");

    /** School of drainage: layer, none, false_floor. */
    public static final String CHOICE = "drainage";

    /** Medium that the remedy lays: light, and its capillary rise is small. */
    private static final String MEDIUM = "expanded_clay_8_16";

    /** Drainage thinner than this holds too little to keep the soil out of the water (m); common practice: 3 to 6 cm. */
    static final double LEAST = 0.03;

    private static final double SHARE_OF_HEIGHT = 0.10; // common practice: 8 to 12 %
    private static final double MOST = 0.06; // m

    private DrainageRule() {}

    public static Optional<Finding> judge(Inhabitant animal, Ground ground, Optional<String> school, Vessel vessel) {
        Species profile = animal.profile();
        if (profile.isAquatic() || ground.layers().isEmpty()) {
            return Optional.empty();
        }
        if (profile.isArid()) {
            return Optional.of(arid(animal, ground));
        }
        boolean damp = GroundProposal.damp(profile);
        if (!damp) {
            return Optional.empty();
        }
        String name = animal.row().scientificName();
        if (ground.hasDrainage()) {
            return Optional.of(Finding.of(MISSING, Severity.GOOD, place(ground), List.of(), List.of())
                    .worded("", name));
        }
        boolean chosen = school.filter("none"::equals).isPresent();
        boolean eaten = profile.burrower() >= 3 && profile.wantsSoil("deep-humus");
        if (eaten) {
            return Optional.of(Finding.of(
                            MISSING,
                            chosen ? Severity.GOOD : Severity.HINT,
                            Place.of(Stage.GROUND),
                            List.of(),
                            chosen ? List.of() : List.of(choose("none"), layer(vessel)))
                    .worded("eaten", name));
        }
        return Optional.of(Finding.of(
                        MISSING,
                        chosen ? Severity.HINT : Severity.CAUTION,
                        Place.of(Stage.GROUND),
                        List.of(),
                        chosen ? List.of(Remedy.byHand("water-sparingly"), layer(vessel)) : List.of(layer(vessel)))
                .worded(chosen ? "chosen" : "", name));
    }

    /** Depth of drainage that practice lays in a damp box of this height (m). */
    public static double usualDepth(double insideHeight) {
        double share = Math.round(insideHeight * SHARE_OF_HEIGHT * 200) / 200.0;
        return Math.max(LEAST, Math.min(MOST, share));
    }

    private static Finding arid(Inhabitant animal, Ground ground) {
        String name = animal.row().scientificName();
        if (!ground.hasDrainage()) {
            return Finding.of(NEEDLESS, Severity.GOOD, Place.of(Stage.GROUND), List.of(), List.of())
                    .worded("", name);
        }
        Layer drainage = drainage(ground);
        return Finding.of(
                        NEEDLESS,
                        Severity.HINT,
                        place(ground),
                        List.of(),
                        List.of(Remedy.change("remove-layer", new GroundEdit.RemoveLayer(drainage.id()))
                                .words(drainage.id())))
                .worded("", name);
    }

    private static Remedy layer(Vessel vessel) {
        double depth = usualDepth(vessel.height());
        return Remedy.change(
                "lay-drainage",
                new GroundEdit.AddDrainage(MEDIUM, depth),
                new Measure("depth", depth, Unit.CENTIMETRE));
    }

    private static Remedy choose(String option) {
        return Remedy.change("choose-school-" + option, new PlanEdit.SetSchool(CHOICE, option));
    }

    private static Place place(Ground ground) {
        return Place.part(Stage.GROUND, drainage(ground).id());
    }

    private static Layer drainage(Ground ground) {
        return ground.layers().stream()
                .filter(l -> l.is(Layer.Kind.DRAINAGE) || l.is(Layer.Kind.FALSE_BOTTOM))
                .findFirst()
                .orElseThrow();
    }
}
