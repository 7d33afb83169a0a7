package tanah.core.evaluate;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tanah.core.animal.AxisRule;
import tanah.core.animal.Company;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Boxes;
import tanah.core.design.Lining;
import tanah.core.ground.GroundProposal;
import tanah.core.vessel.Vessel;
import tanah.core.water.WaterProposal;

/** Which vessels of the list suit an animal. */
public final class VesselChoice {
    private static final Set<String> CLEAR = Set.of("glass", "acrylic", "polycarbonate");

    /** What a keeper can live with best comes first. */
    public static final Comparator<Candidate> EASIEST = Comparator.comparingInt((Candidate c) -> trouble(c.model()))
            .thenComparingDouble(c -> c.vessel().brim());

    /** Where none lasts for life: of the right kind first, then deep enough, then what offers most of the grown need. */
    public static final Comparator<Candidate> NEAREST = Comparator.comparing(Candidate::kind)
            .thenComparing(Candidate::deep)
            .thenComparingDouble(c -> c.space().ratio())
            .reversed();

    private static final double NOTHING = 1e-9;

    private VesselChoice() {}

    /**
     * A vessel of the list with what it means for the animal.
     *
     * @param model  row
     * @param vessel true box
     * @param space  is it enough
     * @param deep   it holds the least soil that the animal digs in
     * @param kind   of walls that damp does not harm and that hold the water which the animal needs
     * @param suits  for life, of a right shape, deep enough, and of the right kind
     */
    public record Candidate(VesselModel model, Vessel vessel, Space space, boolean deep, boolean kind, boolean suits) {}

    /**
     * The vessel of the list that lasts for life and that its keeper can live with, if there is one: first one to look into, then one with a
     * lid, then one that opens in front, then the smallest (common practice).
     */
    public static Optional<VesselModel> forLife(Inhabitant animal, Catalogue catalogue) {
        return candidates(animal, catalogue).stream()
                .filter(Candidate::suits)
                .min(EASIEST)
                .map(Candidate::model);
    }

    private static int trouble(VesselModel model) {
        boolean blind = model.opening().equals("top") && !CLEAR.contains(model.material());
        boolean bare = model.lidMaterial().equals("none");
        return (blind ? 4 : 0) + (bare ? 2 : 0) + (model.opening().equals("front") ? 0 : 1);
    }

    /** All vessels that a design can hold, in the list's order. */
    public static List<Candidate> candidates(Inhabitant animal, Catalogue catalogue) {
        return catalogue.allVessels().stream()
                .filter(VesselModel::fitsDesign)
                .map(model -> candidate(animal, model, catalogue))
                .toList();
    }

    private static Candidate candidate(Inhabitant animal, VesselModel model, Catalogue catalogue) {
        Vessel vessel = Boxes.resolve(Boxes.fromCatalogue(model, Optional.empty()), catalogue);
        Space space = Evaluator.space(animal, Company.of(List.of(animal)), vessel, Lining.NONE, Optional.empty());
        boolean deep = GroundProposal.deepEnough(animal.profile(), vessel);
        boolean kind = kindFits(animal.profile(), model);
        boolean suits =
                space.isForLife() && deep && AxisRule.judge(animal, vessel).isEmpty() && kind;
        return new Candidate(model, vessel, space, deep, kind, suits);
    }

    /** Damp boxes must not be of board or mesh; water needs a vessel that holds it (common practice). */
    private static boolean kindFits(Species species, VesselModel model) {
        boolean damp = species.humidityDay().max() > 0.7;
        boolean open = model.material().equals("aluminium_mesh");
        if (damp && (open || model.material().equals("wood"))) {
            return false;
        }
        if (species.landFraction().max() < 1) {
            boolean holds =
                    model.holdsWater().equals("full") || model.holdsWater().equals("dam");
            return holds && model.waterproofDepth().orElse(0) >= WaterProposal.leastWall(species) - NOTHING;
        }
        return true;
    }
}
