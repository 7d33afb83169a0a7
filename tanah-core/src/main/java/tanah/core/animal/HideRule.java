package tanah.core.animal;

import java.util.ArrayList;
import java.util.List;
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

/** Hides at each climate place against what the species wants for its group (values of the catalogue). */
public final class HideRule {
    public static final RuleId ID = new RuleId("hardscape.hides");
    private static final List<String> KINDS = List.of("warm", "cool", "humid", "high");

    private HideRule() {}

    public static List<Finding> judge(Inhabitant animal, Design design) {
        List<Finding> findings = new ArrayList<>();
        for (String kind : KINDS) {
            double wanted = animal.profile().optional("hides_" + kind).orElse(0);
            if (wanted <= 0) {
                continue;
            }
            long there = design.hardscape().stream()
                    .filter(h -> h.hide().filter(x -> x.kind().equals(kind)).isPresent())
                    .count();
            List<Measure> numbers =
                    List.of(new Measure("there", there, Unit.COUNT), new Measure("wanted", wanted, Unit.COUNT));
            String name = animal.row().scientificName();
            Place place = Place.of(Stage.HARDSCAPE);
            findings.add(
                    there >= wanted
                            ? Finding.of(ID, Severity.GOOD, place, numbers, List.of())
                                    .worded(kind, name)
                            : Finding.of(
                                            ID,
                                            Severity.CAUTION,
                                            place,
                                            numbers,
                                            List.of(Remedy.change("add-hide", new Action.GoTo(Stage.HARDSCAPE))))
                                    .worded(kind, name));
        }
        return findings;
    }
}
