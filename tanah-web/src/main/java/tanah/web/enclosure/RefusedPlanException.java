package tanah.web.enclosure;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;
import tanah.files.schema.Problem;

/** A plan that could not be read again once it was stored; nothing is stored then. */
@ResponseStatus(HttpStatus.BAD_REQUEST)
public class RefusedPlanException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<Problem> problems;

    RefusedPlanException(List<Problem> problems) {
        super("a plan that cannot be read again: " + problems);
        this.problems = List.copyOf(problems);
    }

    /** What is wrong with it, at least one. */
    public List<Problem> problems() {
        return problems;
    }
}
