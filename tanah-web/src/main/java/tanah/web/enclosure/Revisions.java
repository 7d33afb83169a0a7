package tanah.web.enclosure;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;

/** Writes the next revision of an enclosure. */
@Component
class Revisions {
    private static final int LONGEST_SUMMARY = 200;

    private final EnclosureMapper enclosures;
    private final Documents documents;

    Revisions(EnclosureMapper enclosures, Documents documents) {
        this.documents = documents;
        this.enclosures = enclosures;
    }

    /** Whether it was the next; somebody else may have saved meanwhile. */
    boolean next(
            long keeperId,
            long id,
            int current,
            Design design,
            String summary,
            @Nullable Integer before,
            @Nullable Integer redo) {
        if (enclosures.advance(keeperId, id, design.name(), current) == 0) {
            return false;
        }
        enclosures.insertRevision(
                keeperId, id, current + 1, documents.written(design, id, current + 1), cut(summary), before, redo);
        return true;
    }

    static String cut(String summary) {
        return summary.length() <= LONGEST_SUMMARY ? summary : summary.substring(0, LONGEST_SUMMARY);
    }
}
