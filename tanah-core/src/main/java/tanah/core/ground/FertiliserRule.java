package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Medium;
import tanah.core.design.Layer;
import tanah.core.design.edit.GroundEdit;
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
 * Fertilised soil: a stop for potting compost and for every animal whose skin or food is the ground, else a caution. A
 * keeper may accept it for the caution only.
 */
public final class FertiliserRule {
    public static final RuleId ID = new RuleId("GW-041");
    private static final String COMPOST = "compost_fertilised";
    private static final String PLAIN = "leaf_mould";

    private FertiliserRule() {}

    public static List<Finding> judge(List<Inhabitant> animals, List<Layer> layers, GroundResult result) {
        boolean tender = animals.stream().anyMatch(a -> a.profile().wantsSoil("no-fertiliser"));
        List<Finding> findings = new ArrayList<>();
        for (Layer layer : layers) {
            Optional<Soil.Part> part = result.soil(layer.id()).flatMap(FertiliserRule::fertilised);
            if (part.isEmpty()) {
                continue;
            }
            Medium medium = part.get().medium();
            boolean stop = tender || medium.id().equals(COMPOST);
            if (stop || !layer.options().acceptFertiliser().orElse(false)) {
                findings.add(Finding.of(
                                ID,
                                stop ? Severity.STOP : Severity.CAUTION,
                                Place.part(Stage.GROUND, layer.id()),
                                List.of(new Measure("share", part.get().settledShare(), Unit.PERCENT)),
                                List.of(remedy(layer, result)))
                        .worded("", layer.id(), medium.name()));
            }
        }
        return findings;
    }

    private static Remedy remedy(Layer layer, GroundResult result) {
        boolean alone = result.soil(layer.id()).orElseThrow().parts().size() == 1;
        return alone
                        && layer.is(Layer.Kind.SUBSTRATE)
                        && !layer.options().aquatic().orElse(false)
                ? Remedy.change("use-plain-soil", new GroundEdit.SetMedia(layer.id(), PLAIN))
                : Remedy.change("leave-it-out", new Action.GoTo(Stage.GROUND));
    }

    private static Optional<Soil.Part> fertilised(Soil soil) {
        Soil.Part worst = null;
        for (Soil.Part part : soil.parts()) {
            boolean worse = worst == null || part.medium().id().equals(COMPOST);
            if (part.medium().fertiliser() && worse) {
                worst = part;
            }
        }
        return Optional.ofNullable(worst);
    }
}
