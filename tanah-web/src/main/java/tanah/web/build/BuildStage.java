package tanah.web.build;

import org.springframework.stereotype.Component;
import tanah.core.finding.Stage;
import tanah.web.design.edit.OpenStage;

/** Stage 10: so far what to buy. */
@Component
class BuildStage implements OpenStage {
    @Override
    public Stage stage() {
        return Stage.BUILD;
    }
}
