package tanah.core.water;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.design.edit.WaterEdit;
import tanah.core.design.edit.WaterNumber;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** The planned warmth of the water against what an animal wants. What a heater does is judged with the climate. */
public final class WarmthRule {
    public static final RuleId PLANNED = new RuleId("water.temperature");

    private WarmthRule() {}

    public static Optional<Finding> judge(Inhabitant animal, Design design) {
        return animal.profile().water().map(wanted -> {
            double planned = design.water().orElseThrow().celsius();
            boolean right = planned >= wanted.min() - 1e-9 && planned <= wanted.max() + 1e-9;
            return Finding.of(
                            PLANNED,
                            right ? Severity.GOOD : Severity.CAUTION,
                            Place.of(Stage.WATER),
                            List.of(
                                    new Measure("planned", planned, Unit.CELSIUS),
                                    new Measure("least", wanted.min(), Unit.CELSIUS),
                                    new Measure("most", wanted.max(), Unit.CELSIUS)),
                            right ? List.of() : List.of(plan(PlannedWarmth.of(wanted, design.room()))))
                    .worded("", animal.row().scientificName());
        });
    }

    private static Remedy plan(double celsius) {
        return Remedy.change(
                "plan-water-warmth",
                new WaterEdit.SetNumber(WaterNumber.TEMPERATURE, OptionalDouble.of(celsius)),
                new Measure("celsius", celsius, Unit.CELSIUS));
    }
}
