package tanah.core.structure;

import java.util.List;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** Water may not come in before silicone has cured (GW-077); the maker's days prevail where they are longer. */
public final class CureRule {
    public static final RuleId TOO_SOON = new RuleId("GW-077");

    /** Least wait of a neutral sealant before water and before an animal (days), from memory: 96 and 240 hours. */
    private static final double BEFORE_WATER = 4;

    private static final double BEFORE_ANIMAL = 10;

    private CureRule() {}

    /**
     * @param cure  until the deepest point of the bead has cured (days)
     * @param after bonding the box is filled (days, not negative)
     */
    public static Finding judge(double cure, double after) {
        double water = Math.max(BEFORE_WATER, cure);
        double animal = Math.max(BEFORE_ANIMAL, cure);
        List<Measure> numbers = List.of(
                new Measure("after", Unit.DAY.toSi(after), Unit.DAY),
                new Measure("water", Unit.DAY.toSi(Math.ceil(water - 1e-9)), Unit.DAY),
                new Measure("animal", Unit.DAY.toSi(Math.ceil(animal - 1e-9)), Unit.DAY));
        Place place = Place.of(Stage.WATER);
        return after < water
                ? Finding.of(TOO_SOON, Severity.STOP, place, numbers, List.of(Remedy.byHand("wait-for-cure")))
                : Finding.of(TOO_SOON, Severity.GOOD, place, numbers, List.of());
    }
}
