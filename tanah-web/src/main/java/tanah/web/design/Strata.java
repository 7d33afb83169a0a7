package tanah.web.design;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;

/** The twelve bands of a design. */
@Component
public class Strata {
    /** Stages that have a page. */
    private static final Set<Stage> OPEN = EnumSet.of(
            Stage.ANIMAL,
            Stage.VESSEL,
            Stage.GROUND,
            Stage.HARDSCAPE,
            Stage.WATER,
            Stage.HEAT,
            Stage.AIR,
            Stage.BUILD,
            Stage.LOG);

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
                    OPEN.contains(stage) ? base + "/" + stage.word() : "",
                    stage == active,
                    evaluation.worst(stage).filter(s -> s != Severity.GOOD)));
        }
        return bands;
    }
}
