package tanah.web.enclosure;

import java.time.OffsetDateTime;
import java.util.Iterator;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.core.design.Design;
import tanah.web.catalogue.OwnEntryService;

/** Goes back and forth among the saves of an enclosure; each step is a new save, so that none is lost. */
@Service
public class EnclosureHistory {
    private final EnclosureService enclosures;
    private final EnclosureMapper mapper;
    private final Revisions revisions;
    private final OwnEntryService own;

    EnclosureHistory(EnclosureService enclosures, EnclosureMapper mapper, Revisions revisions, OwnEntryService own) {
        this.enclosures = enclosures;
        this.mapper = mapper;
        this.revisions = revisions;
        this.own = own;
    }

    /** Takes the newest save back by a new revision; returns whether there was one to take back. */
    @Transactional
    public boolean undo(long keeperId, long id, String summary) {
        return step(keeperId, id, summary, EnclosureMapper.Steps::beforeRevision, true);
    }

    /** Makes again what was taken back, by a new revision; returns whether there was something. */
    @Transactional
    public boolean redo(long keeperId, long id, String summary) {
        return step(keeperId, id, summary, EnclosureMapper.Steps::redoRevision, false);
    }

    /**
     * @param to   the revision that is made the newest, or none
     * @param back whether what is newest now can be made again afterwards
     */
    private boolean step(
            long keeperId,
            long id,
            String summary,
            Function<EnclosureMapper.Steps, @Nullable Integer> to,
            boolean back) {
        Enclosure current = enclosures.changeable(keeperId, id);
        EnclosureMapper.Steps here =
                mapper.steps(keeperId, id, current.revision()).orElseThrow();
        Integer number = to.apply(here);
        if (number == null) {
            return false;
        }
        EnclosureMapper.Steps target = mapper.steps(keeperId, id, number).orElseThrow();
        return revisions.next(
                keeperId,
                id,
                current.revision(),
                enclosures.revision(keeperId, id, target.revision()),
                summary,
                target.beforeRevision(),
                back ? Integer.valueOf(here.revision()) : target.redoRevision());
    }

    /** Makes an older save the newest, by a new revision. */
    @Transactional
    public boolean goBack(long keeperId, long id, int revision, String summary) {
        Enclosure current = enclosures.changeable(keeperId, id);
        return revisions.next(
                keeperId,
                id,
                current.revision(),
                enclosures.revision(keeperId, id, revision),
                summary,
                current.revision(),
                null);
    }

    /**
     * A save of an archive.
     *
     * @param savedAt when it was saved; null: now
     */
    public record Old(
            Design design, String summary, @Nullable OffsetDateTime savedAt) {}

    /** Makes an enclosure with all its saves, oldest first; they are asked for one by one. */
    @Transactional
    public long restoreHistory(long keeperId, Iterator<Old> saves, String phase) {
        Old first = saves.next();
        long id = enclosures.create(keeperId, first.design(), phase, first.summary());
        date(keeperId, id, 1, first);
        for (int revision = 1; saves.hasNext(); revision++) {
            Old old = saves.next();
            revisions.next(keeperId, id, revision, own.embed(keeperId, old.design()), old.summary(), revision, null);
            date(keeperId, id, revision + 1, old);
        }
        return id;
    }

    private void date(long keeperId, long id, int revision, Old old) {
        if (old.savedAt() != null) {
            mapper.dateRevision(keeperId, id, revision, old.savedAt());
        }
    }
}
