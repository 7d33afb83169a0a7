package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.PlantPiece;

/** A design with a solved planting in it. */
public final class PlanFill {
    private PlanFill() {}

    /** What is kept stays as it is, what is not kept goes, what was found comes as young pieces. */
    public static Design into(Design design, PlantingTask task, PlantChoice plan) {
        Set<String> kept = new HashSet<>(task.kept().values());
        List<PlantPiece> plants = new ArrayList<>(design.plants().stream()
                .filter(p -> kept.contains(p.id()) || p.x().isEmpty() || p.y().isEmpty())
                .toList());
        Design filled = design.withPlants(plants);
        for (PlanProblem.Choice c : plan.choices()) {
            PlanStation at = task.problem().stations().get(c.station());
            Optional<String> kind = task.models().get(c.kind()).map(m -> m.id());
            if (!task.kept().containsKey(c.station()) && kind.isPresent()) {
                plants.add(PlantPiece.young(Ids.free(filled, "plant"), kind.get(), at.on(), at.x(), at.y()));
                filled = design.withPlants(plants);
            }
        }
        return filled;
    }
}
