package tanah.core.animal;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import tanah.core.design.edit.PlanEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Number and sex against the species' social rule (common practice). An override that loosens the rule does not lift
 * the stop: the catalogue's row is judged as well.
 */
public final class GroupRule {
    public static final RuleId SOLITARY = new RuleId("animal.solitary");
    public static final RuleId GROUP = new RuleId("animal.group_size");
    public static final RuleId MALES = new RuleId("animal.males");
    public static final RuleId SEX_UNKNOWN = new RuleId("animal.sex_unknown");

    private GroupRule() {}

    public static List<Finding> judge(Inhabitant animal) {
        List<Finding> findings = new ArrayList<>();
        int count = animal.resident().count();
        boolean solitary = animal.row().social().equals("solitary")
                || animal.profile().social().equals("solitary");
        int most = (int) Math.min(
                animal.row().groupMax().orElse(Double.MAX_VALUE),
                animal.profile().groupMax().orElse(Double.MAX_VALUE));
        if (solitary && count > 1) {
            findings.add(finding(SOLITARY, animal, List.of(number("count", count)), toOne(animal)));
        } else if (count > most) {
            findings.add(finding(
                    GROUP,
                    animal,
                    List.of(number("count", count), number("most", most)),
                    Remedy.change(
                            "fewer-animals",
                            new PlanEdit.SetCount(animal.id(), most, atMost(animal, most)),
                            number("most", most))));
        } else {
            findings.add(Finding.of(
                            GROUP,
                            Severity.GOOD,
                            place(animal),
                            solitary || most > 1000
                                    ? List.of(number("count", count))
                                    : List.of(number("count", count), number("most", most)),
                            List.of())
                    .worded(
                            count == 1 ? "alone" : most > 1000 ? "open" : "",
                            animal.row().scientificName()));
        }
        if (!solitary) {
            judgeMales(animal, findings);
        }
        return findings;
    }

    private static void judgeMales(Inhabitant animal, List<Finding> findings) {
        int mostMales = (int) Math.min(
                animal.row().malesMax().orElse(Double.MAX_VALUE),
                animal.profile().malesMax().orElse(Double.MAX_VALUE));
        if (mostMales == Integer.MAX_VALUE) {
            return;
        }
        int males = males(animal);
        if (males > mostMales) {
            PlanEdit fewer = new PlanEdit.SetCount(
                    animal.id(),
                    Math.max(1, animal.resident().count() - (males - mostMales)),
                    OptionalInt.of(mostMales));
            findings.add(finding(
                    MALES,
                    animal,
                    List.of(number("males", males), number("most", mostMales)),
                    Remedy.change("fewer-males", fewer, number("most", mostMales))));
        } else if (animal.resident().count() > 1
                && mostMales < animal.resident().count()
                && animal.resident().males().isEmpty()) {
            findings.add(Finding.of(
                            SEX_UNKNOWN,
                            Severity.CAUTION,
                            place(animal),
                            List.of(number("count", animal.resident().count()), number("most", mostMales)),
                            List.of(Remedy.change("enter-males", new Action.GoTo(Stage.ANIMAL))))
                    .worded("", animal.row().scientificName()));
        }
    }

    private static int males(Inhabitant animal) {
        OptionalInt males = animal.resident().males();
        return males.isPresent() ? males.getAsInt() : -1;
    }

    /** Males that are left of so many animals; empty where nobody has said how many there are. */
    private static OptionalInt atMost(Inhabitant animal, int animals) {
        OptionalInt males = animal.resident().males();
        return males.isPresent() ? OptionalInt.of(Math.min(males.getAsInt(), animals)) : males;
    }

    private static Remedy toOne(Inhabitant animal) {
        return Remedy.change("keep-one", new PlanEdit.SetCount(animal.id(), 1, atMost(animal, 1)));
    }

    private static Finding finding(RuleId rule, Inhabitant animal, List<Measure> numbers, Remedy remedy) {
        boolean overridden = animal.resident().override("group_max").isPresent()
                || animal.resident().override("males_max").isPresent()
                || animal.resident().override("social").isPresent();
        return Finding.of(rule, Severity.STOP, place(animal), numbers, List.of(remedy))
                .worded(overridden ? "overridden" : "", animal.row().scientificName());
    }

    private static Place place(Inhabitant animal) {
        return Place.part(Stage.ANIMAL, animal.id());
    }

    private static Measure number(String name, int value) {
        return new Measure(name, value, Unit.COUNT);
    }
}
