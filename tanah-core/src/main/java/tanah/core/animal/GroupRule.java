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
 * the stop: the catalogue's row is judged as well. All entries of a species are judged as one company.
 */
public final class GroupRule {
    public static final RuleId SOLITARY = new RuleId("animal.solitary");
    public static final RuleId GROUP = new RuleId("animal.group_size");
    public static final RuleId MALES = new RuleId("animal.males");
    public static final RuleId SEX_UNKNOWN = new RuleId("animal.sex_unknown");

    private GroupRule() {}

    public static List<Finding> judge(Company animal) {
        List<Finding> findings = new ArrayList<>();
        int count = animal.count();
        boolean solitary = animal.members().stream()
                .anyMatch(a -> a.row().social().equals("solitary")
                        || a.profile().social().equals("solitary"));
        int most =
                animal.most(s -> (int) s.groupMax().orElse(Integer.MAX_VALUE)).orElseThrow();
        if (solitary && count > 1) {
            findings.add(finding(SOLITARY, animal, List.of(number("count", count)), toOne(animal)));
        } else if (count > most) {
            findings.add(finding(
                    GROUP,
                    animal,
                    List.of(number("count", count), number("most", most)),
                    Remedy.change(
                            "fewer-animals",
                            new PlanEdit.KeepAtMost(animal.row().id(), most, OptionalInt.empty()),
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

    private static void judgeMales(Company animal, List<Finding> findings) {
        int mostMales =
                animal.most(s -> (int) s.malesMax().orElse(Integer.MAX_VALUE)).orElseThrow();
        if (mostMales == Integer.MAX_VALUE) {
            return;
        }
        if (animal.males() > mostMales) {
            int fewer = Math.max(1, animal.count() - (animal.males() - mostMales));
            findings.add(finding(
                    MALES,
                    animal,
                    List.of(number("males", animal.males()), number("most", mostMales)),
                    Remedy.change(
                            "fewer-males",
                            new PlanEdit.KeepAtMost(animal.row().id(), fewer, OptionalInt.of(mostMales)),
                            number("most", mostMales))));
        } else if (animal.count() > 1 && mostMales < animal.count() && !animal.isSexed()) {
            findings.add(Finding.of(
                            SEX_UNKNOWN,
                            Severity.CAUTION,
                            place(animal),
                            List.of(number("count", animal.count()), number("most", mostMales)),
                            List.of(Remedy.change("enter-males", new Action.GoTo(Stage.ANIMAL))))
                    .worded("", animal.row().scientificName()));
        }
    }

    private static Remedy toOne(Company animal) {
        return Remedy.change("keep-one", new PlanEdit.KeepAtMost(animal.row().id(), 1, OptionalInt.empty()));
    }

    private static Finding finding(RuleId rule, Company animal, List<Measure> numbers, Remedy remedy) {
        boolean overridden = animal.members().stream()
                .map(Inhabitant::resident)
                .anyMatch(r -> List.of("group_max", "males_max", "social").stream()
                        .anyMatch(column -> r.override(column).isPresent()));
        return Finding.of(rule, Severity.STOP, place(animal), numbers, List.of(remedy))
                .worded(overridden ? "overridden" : "", animal.row().scientificName());
    }

    private static Place place(Company animal) {
        return Place.part(Stage.ANIMAL, animal.first().id());
    }

    private static Measure number(String name, int value) {
        return new Measure(name, value, Unit.COUNT);
    }
}
