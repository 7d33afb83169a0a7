package tanah.web.evaluate;

import java.util.List;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;

/** What an enclosure's log says of its plan. */
public interface Signs {
    /**
     * Stops that stand because the animal is in: it is in when the plan says that it lives there, or when the log says that it
     * moved in.
     */
    List<Finding> stops(long keeper, long enclosure, String phase, Evaluation e);
}
