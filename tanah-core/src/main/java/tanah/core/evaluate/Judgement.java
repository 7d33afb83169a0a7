package tanah.core.evaluate;

import java.util.List;
import java.util.Map;
import tanah.core.finding.Finding;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Stage;

/**
 * What was computed, judged.
 *
 * @param findings    sorted by severity, rule, place
 * @param notAssessed what was not judged, and why
 * @param states      of each stage
 */
public record Judgement(List<Finding> findings, List<NotAssessed> notAssessed, Map<Stage, StageState> states) {
    public Judgement {
        findings = List.copyOf(findings);
        notAssessed = List.copyOf(notAssessed);
        states = Map.copyOf(states);
    }
}
