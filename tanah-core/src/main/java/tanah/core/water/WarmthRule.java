package tanah.core.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.HardLimits;
import tanah.core.units.Unit;

/** The warmth of the water: what is planned against the animal, and what a heater has to do on the coldest night. */
public final class WarmthRule {
    public static final RuleId PLANNED = new RuleId("water.temperature");
    public static final RuleId SMALL = new RuleId("GW-085");
    public static final RuleId STUCK = new RuleId("GW-086");
    public static final RuleId NEEDLESS = new RuleId("GW-087");

    private static final double RESERVE = 1.3; // common practice

    private WarmthRule() {}

    public static List<Finding> judge(
            Inhabitant animal, Design design, WaterCare care, List<Circulation.Heating> heaters, Catalogue catalogue) {
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
        double power = heaters.stream().mapToDouble(Circulation.Heating::power).sum();
        if (unheated >= wanted.min()) {
            if (power > 0) {
                Place heater = Place.part(Stage.WATER, heaters.get(0).device().id());
                findings.add(Finding.of(
                                NEEDLESS,
                                Severity.HINT,
                                heater,
                                List.of(celsius("unheated", unheated), celsius("least", wanted.min())),
                                List.of(Remedy.byHand("ride-on-room")))
                        .worded("", name));
                stuck(animal, balance, power, heater, name).ifPresent(findings::add);
                return findings;
            }
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
        findings.addAll(
                power > 0
                        ? planned(animal, balance, heaters, power, name, catalogue)
                        : wanted(balance, unheated, place, name));
        if (power <= 0 && balance.size().isPresent()) {
            stuck(animal, balance, balance.size().getAsDouble(), place, name).ifPresent(findings::add);
        }
        return findings;
    }

    /** No heater is planned yet: which size to buy. */
    private static List<Finding> wanted(HeaterModel balance, double unheated, Place place, String name) {
        OptionalDouble size = balance.size();
        List<Measure> need = List.of(
                celsius("unheated", unheated),
                new Measure("need", balance.need(), Unit.WATT),
                new Measure("size", size.orElse(0), Unit.WATT));
        if (size.isEmpty()) {
            return List.of(Finding.of(SMALL, Severity.STOP, place, need, List.of(Remedy.byHand("warmer-room-water")))
                    .worded("none", name));
        }
        return List.of(Finding.of(
                        SMALL,
                        Severity.CAUTION,
                        place,
                        need,
                        List.of(Remedy.byHand("guarded-heater", new Measure("size", size.getAsDouble(), Unit.WATT))))
                .worded("", name));
    }

    /** The heaters of the plan against the coldest night. */
    private static List<Finding> planned(
            Inhabitant animal,
            HeaterModel balance,
            List<Circulation.Heating> heaters,
            double power,
            String name,
            Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        Circulation.Heating first = heaters.get(0);
        Place place = Place.part(Stage.WATER, first.device().id());
        double warmUp = balance.warmUp(power).orElse(-1);
        List<Measure> numbers = List.of(
                new Measure("power", power, Unit.WATT),
                new Measure("need", balance.need(), Unit.WATT),
                celsius("reached", balance.settled(power)),
                new Measure("hours", Math.max(0, warmUp), Unit.HOUR));
        if (warmUp >= 0 && power >= RESERVE * balance.need()) {
            findings.add(
                    Finding.of(SMALL, Severity.GOOD, place, numbers, List.of()).worded("planned", name));
        } else {
            List<Remedy> remedies = new ArrayList<>();
            if (heaters.size() == 1) {
                larger(RESERVE * balance.need(), catalogue)
                        .ifPresent(g -> remedies.add(Remedy.change(
                                "larger-heater",
                                new DeviceEdit.SetDevice(first.device().id(), g.id()),
                                new Measure("size", g.power().orElse(0), Unit.WATT))));
            }
            remedies.add(Remedy.byHand("warmer-room-water"));
            findings.add(Finding.of(SMALL, warmUp < 0 ? Severity.STOP : Severity.CAUTION, place, numbers, remedies)
                    .worded(warmUp < 0 ? "small" : "tight", name));
        }
        stuck(animal, balance, power, place, name).ifPresent(findings::add);
        return findings;
    }

    private static Optional<Gear> larger(double watts, Catalogue catalogue) {
        return catalogue.allGear().stream()
                .filter(g -> g.isWaterHeater() && g.power().orElse(0) >= watts)
                .min(Comparator.comparingDouble(g -> g.power().orElse(0)));
    }

    private static Optional<Finding> stuck(
            Inhabitant animal, HeaterModel balance, double power, Place place, String name) {
        double stuck = balance.settled(power);
        if (stuck <= HardLimits.of(animal).high()) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        STUCK,
                        Severity.CAUTION,
                        place,
                        List.of(
                                celsius("stuck", stuck),
                                celsius("limit", HardLimits.of(animal).high())),
                        List.of(Remedy.byHand("second-thermostat")))
                .worded("", name));
    }

    private static Measure celsius(String name, double value) {
        return new Measure(name, value, Unit.CELSIUS);
    }
}
