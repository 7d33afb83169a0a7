package tanah.web.design.air;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.edit.PaneEdit;
import tanah.core.finding.Stage;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;
import tanah.web.shell.Words;

/** Stage 7: lid, openings, sheets, mist and moved air. */
@Component
class AirStage extends EditedStage {
    private final Choices options;
    private final Words words;

    AirStage(AirEdits edits, AirParts parts, Choices options, Words words) {
        super(Stage.AIR, edits::apply, parts::of);
        this.options = options;
        this.words = words;
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        List.of("vents", "mist", "sheets", "panes").forEach(g -> groups.put("air." + g, new ArrayList<>()));
        for (String face : List.of("front", "back", "left", "right", "lid")) {
            groups.get("air.vents")
                    .add(Choices.option("vent:" + face, words.of("part.vent", words.of("face." + face))));
        }
        groups.get("air.mist").add(Choices.option("event", words.of("part.event")));
        catalogue.allMistGear().stream()
                .filter(MistGear::sprays)
                .forEach(g -> groups.get("air.mist").add(Choices.option("nozzle:" + g.id(), g.name())));
        for (String face : List.of("back", "left", "right", "front", "bottom", "lid")) {
            groups.get("air.sheets")
                    .add(Choices.option("sheet:" + face, words.of("part.sheet", words.of("face." + face))));
        }
        for (Envelope.Face face : PaneEdit.FACES) {
            groups.get("air.panes")
                    .add(Choices.option("pane:" + face.word(), words.of("part.pane", words.of("face." + face.word()))));
        }
        return options.grouped(groups, "");
    }

    @Override
    public String selected(Design design, String asked) {
        AirPlan.Mist mist = design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
        boolean hangs = mist.nozzles().stream().anyMatch(n -> n.id().equals(asked));
        boolean event = asked.startsWith(AirEdits.EVENT);
        boolean wall = design.vessel().stream()
                .anyMatch(v -> v.envelope().vents().stream().anyMatch(o -> o.id().equals(asked))
                        || v.envelope().insulation().stream().anyMatch(o -> o.id().equals(asked))
                        || PaneEdits.named(design, asked).isPresent());
        boolean own = asked.equals(AirEdits.MIST) || asked.equals(AirEdits.FAN);
        return hangs || event || wall || own ? asked : AirEdits.LID;
    }

    @Override
    public boolean hasClimate() {
        return true;
    }

    @Override
    public String opensWith() {
        return "section";
    }
}
