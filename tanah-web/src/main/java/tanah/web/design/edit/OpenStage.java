package tanah.web.design.edit;

import tanah.core.finding.Stage;

/** A stage that has a page. A stage is registered by having a component of this kind; nothing else lists them. */
@FunctionalInterface
public interface OpenStage {
    Stage stage();
}
