package tanah.web.transfer;

import java.util.List;
import tanah.files.schema.Problem;

/** An archive that was not taken in. */
final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final int MOST_PROBLEMS = 50;

    private final transient List<Problem> problems;

    Refused(List<Problem> problems) {
        super("archive refused");
        this.problems = List.copyOf(problems.subList(0, Math.min(MOST_PROBLEMS, problems.size())));
    }

    static Refused one(String place, String what, String accepted) {
        return new Refused(List.of(new Problem(place, what, accepted)));
    }

    List<Problem> problems() {
        return problems;
    }
}
