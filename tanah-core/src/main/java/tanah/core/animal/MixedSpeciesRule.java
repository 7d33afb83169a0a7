package tanah.core.animal;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** Several species in one box: a stop without a reason, a caution for ever with one (common practice). */
public final class MixedSpeciesRule {
    public static final RuleId ID = new RuleId("animal.mixed_species");

    private MixedSpeciesRule() {}

    public static Optional<Finding> judge(List<Inhabitant> animals, Optional<String> reason) {
        long species = animals.stream().map(a -> a.row().id()).distinct().count();
        if (species < 2) {
            return Optional.empty();
        }
        String names =
                animals.stream().map(a -> a.row().scientificName()).distinct().collect(Collectors.joining(", "));
        return Optional.of(Finding.of(
                        ID,
                        reason.isPresent() ? Severity.CAUTION : Severity.STOP,
                        Place.of(Stage.ANIMAL),
                        List.of(new Measure("species", species, Unit.COUNT)),
                        List.of(Remedy.change("one-species", new Remedy.Action.GoTo(Stage.ANIMAL))))
                .worded(reason.isPresent() ? "reason" : "", names));
    }
}
