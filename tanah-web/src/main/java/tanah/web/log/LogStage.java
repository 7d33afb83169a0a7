package tanah.web.log;

import org.springframework.stereotype.Component;
import tanah.core.finding.Stage;
import tanah.web.design.edit.OpenStage;

/** Stage 12: the logbook. */
@Component
class LogStage implements OpenStage {
    @Override
    public Stage stage() {
        return Stage.LOG;
    }
}
