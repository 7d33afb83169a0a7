package tanah.web.design.heat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.finding.Stage;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;

/** Stage 6: lamps, tubes, panels, mats and cables. */
@Component
class HeatStage extends EditedStage {
    private final Choices options;

    HeatStage(HeatEdits edits, HeatParts parts, Choices options) {
        super(Stage.HEAT, edits::apply, parts::of);
        this.options = options;
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        List.of("heat", "uv", "light", "mats").forEach(g -> groups.put("lamps." + g, new ArrayList<>()));
        catalogue
                .allLamps()
                .forEach(l -> groups.get("lamps." + (l.isUv() ? "uv" : l.isHeater() ? "heat" : "light"))
                        .add(Choices.option(l.id(), l.name())));
        catalogue.allGear().stream()
                .filter(g -> g.category().equals("heat_mat") || g.category().equals("heat_cable"))
                .forEach(g -> groups.get("lamps.mats").add(Choices.option(g.id(), g.name())));
        return options.grouped(groups, "");
    }

    @Override
    public String selected(Design design, String asked) {
        return design.device(asked).isPresent() ? asked : HeatEdits.DAY;
    }

    @Override
    public boolean hasClimate() {
        return true;
    }
}
