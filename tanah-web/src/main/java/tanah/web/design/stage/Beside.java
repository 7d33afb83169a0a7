package tanah.web.design.stage;

import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.web.svg.BoxSvg;

/** The section of a plan as it stands beside a page that is about it. */
@Component
public class Beside {
    private final StageSheet sheets;

    Beside(StageSheet sheets) {
        this.sheets = sheets;
    }

    /** Its drawing, or nothing while there is no vessel. */
    public String of(Evaluation e) {
        return sheets.scene(e, OptionalDouble.empty())
                .map(s -> BoxSvg.draw(s, e.design().name(), sheets.plants(e), false))
                .orElse("");
    }
}
