package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** The warmth of the water: what is planned against the animal, and what a heater has to do on the coldest night. */
public final class WarmthRule {
    public static final RuleId PLANNED = new RuleId("water.temperature");
    public static final RuleId SMALL = new RuleId("GW-085");
    public static final RuleId STUCK = new RuleId("GW-086");
    public static final RuleId NEEDLESS = new RuleId("GW-087");

    private WarmthRule() {}

    public static List<Finding> judge(Inhabitant animal, Design design, WaterCare care) {
        List<Finding> findings = new ArrayList<>();
        Range wanted = animal.profile().water().orElse(null);
        if (wanted == null || care.heater().isEmpty()) {
            return findings;
        }
        String name = animal.row().scientificName();
        Place place = Place.of(Stage.WATER);
        double planned = design.water().orElseThrow().celsius();
        List<Measure> numbers =
                List.of(celsius("planned", planned), celsius("least", wanted.min()), celsius("most", wanted.max()));
        boolean right = planned >= wanted.min() - 1e-9 && planned <= wanted.max() + 1e-9;
        findings.add(
                right
                        ? Finding.of(PLANNED, Severity.GOOD, place, numbers, List.of())
                                .worded("", name)
                        : Finding.of(
                                        PLANNED,
                                        Severity.CAUTION,
                                        place,
                                        numbers,
                                        List.of(Remedy.change("plan-water-warmth", new Action.GoTo(Stage.WATER))))
                                .worded("", name));
        HeaterModel balance = care.heater().get();
        double unheated = balance.settled(0);
        if (unheated >= wanted.min()) {
            findings.add(Finding.of(
                            NEEDLESS,
                            Severity.GOOD,
                            place,
                            List.of(
                                    celsius("unheated", unheated),
                                    celsius("least", wanted.min()),
                                    new Measure("margin", unheated - wanted.min(), Unit.KELVIN_DIFFERENCE)),
                            List.of())
                    .worded("", name));
            return findings;
        }
        OptionalDouble size = balance.size();
        List<Measure> need = List.of(
                celsius("unheated", unheated),
                new Measure("need", balance.need(), Unit.WATT),
                new Measure("size", size.orElse(0), Unit.WATT));
        if (size.isEmpty()) {
            findings.add(Finding.of(SMALL, Severity.STOP, place, need, List.of(Remedy.byHand("warmer-room-water")))
                    .worded("none", name));
            return findings;
        }
        findings.add(Finding.of(
                        SMALL,
                        Severity.CAUTION,
                        place,
                        need,
                        List.of(Remedy.byHand("guarded-heater", new Measure("size", size.getAsDouble(), Unit.WATT))))
                .worded("", name));
        double stuck = balance.settled(size.getAsDouble());
        if (stuck > animal.profile().limitHigh()) {
            findings.add(Finding.of(
                            STUCK,
                            Severity.CAUTION,
                            place,
                            List.of(
                                    celsius("stuck", stuck),
                                    celsius("limit", animal.profile().limitHigh())),
                            List.of(Remedy.byHand("second-thermostat")))
                    .worded("", name));
        }
        return findings;
    }

    private static Measure celsius(String name, double value) {
        return new Measure(name, value, Unit.CELSIUS);
    }
}
