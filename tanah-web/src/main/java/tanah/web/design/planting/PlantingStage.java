package tanah.web.design.planting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;
import tanah.web.design.edit.PartView;

/** Stage 8: plants, each at its place. */
@Component
class PlantingStage extends EditedStage {
    private final Choices options;
    private final PlaceOffers offers;

    PlantingStage(PlantEdits edits, PlantParts parts, Choices options, PlaceOffers offers) {
        super(Stage.PLANTING, edits::apply, parts::of);
        this.options = options;
        this.offers = offers;
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        Map<String, List<String>> names = new LinkedHashMap<>();
        Map<String, String> sorted = new TreeMap<>();
        catalogue.allPlants().forEach(p -> sorted.put(name(p), name(p)));
        names.put(
                "pit.planting.kinds",
                sorted.keySet().stream().map(Choices::offered).toList());
        return options.plain(names);
    }

    /** How a kind is offered: what people call it, and its Latin name. */
    static String name(PlantModel plant) {
        return plant.commonName() + " (" + plant.scientificName() + ")";
    }

    @Override
    public Adding adding(Design design) {
        return Adding.typed("pit.planting.add");
    }

    @Override
    public String selected(Design design, String asked) {
        List<String> ids = design.plants().stream().map(PlantPiece::id).toList();
        return ids.contains(asked) || ids.isEmpty() ? asked : ids.get(0);
    }

    @Override
    public List<PartView.Offer> offers(Evaluation e, double x, double y) {
        return offers.at(e, x, y);
    }

    @Override
    public String opensWith() {
        return "plan";
    }

    @Override
    public boolean hasClimate() {
        return true;
    }
}
