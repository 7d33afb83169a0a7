package tanah.web.design.crew;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.edit.CrewEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;
import tanah.web.design.edit.YearView;

/** Stage 9: who cleans up, and how long the litter lasts. */
@Component
class CrewStage extends EditedStage {
    private final Choices options;
    private final CrewCharts charts;

    CrewStage(CrewEdits edits, CrewParts parts, Choices options, CrewCharts charts) {
        super(Stage.CREW, edits::apply, parts::of);
        this.options = options;
        this.charts = charts;
    }

    @Override
    public Optional<YearView> year(Evaluation e) {
        return Optional.of(e.cleanup().map(charts::of).orElseGet(() -> new YearView(List.of(), "")));
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        List<String> names = catalogue.allCrew().stream()
                .map(CrewStage::name)
                .sorted()
                .map(Choices::offered)
                .toList();
        return options.plain(Map.of("pit.crew", names));
    }

    /** How a kind is offered: what people call it, and its Latin name. */
    static String name(CrewModel crew) {
        return crew.names().common() + " (" + crew.names().scientific() + ")";
    }

    @Override
    public Adding adding(Design design) {
        return Adding.typed("pit.crew.add");
    }

    /** Damp and dry places are seen from above. */
    @Override
    public String opensWith() {
        return "plan";
    }

    @Override
    public String selected(Design design, String asked) {
        List<String> ids = Stream.concat(
                        design.crew().doses().stream().map(CrewChoice.Dose::id),
                        design.crew().refuges().stream().map(CrewChoice.Refuge::id))
                .toList();
        return ids.contains(asked) || ids.isEmpty() || asked.equals(CrewEdit.CARE) ? asked : ids.get(0);
    }
}
