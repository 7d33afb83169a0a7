package tanah.files.design;

import java.util.List;
import tanah.core.design.Design;
import tanah.files.schema.Problem;

/** What came out of reading a document. */
public sealed interface Parsed {
    /** A design that can be evaluated. */
    record Accepted(Design design) implements Parsed {}

    /** Everything that is wrong with it, at least one problem. */
    record Refused(List<Problem> problems) implements Parsed {
        public Refused {
            problems = List.copyOf(problems);
        }
    }
}
