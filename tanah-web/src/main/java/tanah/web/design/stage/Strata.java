package tanah.web.design.stage;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.web.design.edit.OpenStage;

/** The twelve bands of a design. */
@Component
public class Strata {
    private final Set<Stage> open;

    Strata(List<OpenStage> open) {
        this.open =
                open.stream().map(OpenStage::stage).collect(Collectors.toCollection(() -> EnumSet.noneOf(Stage.class)));
    }

    /**
     * @param base path of the enclosure
     */
    public List<StageView> of(Evaluation evaluation, String base, Stage active) {
        List<StageView> bands = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            bands.add(new StageView(
                    stage.number(),
                    stage.word(),
                    evaluation
                            .states()
                            .get(stage)
                            .name()
                            .toLowerCase(Locale.ROOT)
                            .replace('_', '-'),
                    open.contains(stage) ? base + "/" + stage.word() : "",
                    stage == active,
                    evaluation.worst(stage).filter(s -> s != Severity.GOOD)));
        }
        return bands;
    }
}
