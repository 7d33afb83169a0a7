package tanah.web.evaluate;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;

/** An evaluated plan with what its log says against an animal that is in already: on the shelf, in notes, stages and papers alike. */
@Component
public class LivedIn {
    private final Signs signs;

    public LivedIn(Signs signs) {
        this.signs = signs;
    }

    /** @param phase planning or kept */
    public Evaluation of(Evaluation e, long keeper, long enclosure, String phase) {
        List<Finding> stops = signs.stops(keeper, enclosure, phase, e);
        if (stops.isEmpty()) {
            return e;
        }
        // first of all: an animal is in danger now, not in a plan
        List<Finding> all = new ArrayList<>(stops);
        all.addAll(e.findings());
        return e.withFindings(all);
    }
}
