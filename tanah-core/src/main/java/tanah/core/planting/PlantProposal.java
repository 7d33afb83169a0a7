package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.PlantPiece;
import tanah.core.plant.RootPlace;
import tanah.core.vessel.Vessel;

/** Sets a young piece of a kind where it does best; where no climate is known or none would do, in the middle of the land at the back. */
public final class PlantProposal {
    private static final double BACK = 0.7; // of the width
    private static final double[] ALONG = {0.5, 0.25, 0.75, 0.1, 0.9}; // of the length, the first that is free and fits

    private PlantProposal() {}

    /** @param planted empty where the climate is not known */
    public static Design with(Design design, PlantModel kind, Vessel vessel, Optional<Planted> planted) {
        PlantSearch.Found at = planted.flatMap(p -> new PlantSearch(design, vessel, p).best(kind, Optional.empty()))
                .orElseGet(() -> usual(kind, design, vessel));
        List<PlantPiece> all = new ArrayList<>(design.plants());
        all.add(PlantPiece.young(Ids.free(design, "plant"), kind.id(), at.on(), at.x(), at.y()));
        return design.withPlants(all);
    }

    private static PlantSearch.Found usual(PlantModel kind, Design design, Vessel vessel) {
        RootPlace on = switch (kind.needs().roots().habit()) {
            case MOUNTED, MOSS_CUTTING -> RootPlace.MOUNT;
            case FLOATING -> RootPlace.WATER_SURFACE;
            case SUBMERGED_SOIL -> RootPlace.UNDERWATER;
            default -> RootPlace.SOIL;
        };
        double along = ALONG[design.plants().size() % ALONG.length];
        return new PlantSearch.Found(on, along * vessel.length(), BACK * vessel.width(), 0);
    }
}
