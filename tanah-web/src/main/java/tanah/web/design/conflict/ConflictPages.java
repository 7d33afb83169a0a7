package tanah.web.design.conflict;

import java.util.List;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.files.compare.DesignMerge.Conflict;
import tanah.web.design.words.PathWords;
import tanah.web.enclosure.ConflictException;

/** Puts fields that two keepers changed into words. */
@Component
public class ConflictPages {
    private final PathWords paths;

    ConflictPages(PathWords paths) {
        this.paths = paths;
    }

    /**
     * A field that both changed.
     *
     * @param path   as the choice names it
     * @param place  in words
     * @param base   value that both started from
     * @param mine   value of this keeper
     * @param theirs value that stands
     */
    public record Field(String path, String place, String base, String mine, String theirs) {}

    /**
     * A save that collided.
     *
     * @param pending id of what waits
     * @param fields  that are open
     */
    public record Collision(long pending, List<Field> fields) {}

    public Collision of(ConflictException conflict, Catalogue catalogue) {
        return new Collision(
                conflict.pending(),
                fields(conflict.conflicts(), conflict.current().design(), catalogue));
    }

    List<Field> fields(List<Conflict> conflicts, Design design, Catalogue catalogue) {
        return conflicts.stream()
                .map(c -> new Field(
                        c.path(),
                        paths.place(c.path(), design, catalogue),
                        paths.value(c.path(), c.base(), catalogue),
                        paths.value(c.path(), c.mine(), catalogue),
                        paths.value(c.path(), c.theirs(), catalogue)))
                .toList();
    }
}
