package tanah.web.enclosure;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.core.design.Design;
import tanah.files.compare.DesignMerge;
import tanah.files.compare.DesignMerge.Conflict;
import tanah.files.compare.DesignMerge.Merged;
import tanah.files.compare.DesignMerge.Side;
import tanah.files.design.DesignWriter;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.quota.Quotas;
import tanah.web.shell.ForbiddenException;
import tanah.web.shell.NotFoundException;

/** Keeps enclosures and every save of their designs. */
@Service
public class EnclosureService {
    /** How long a deleted enclosure can be brought back. */
    public static final Duration TRASH = Duration.ofDays(30);

    private static final int TRIES = 5;

    /** Path of a conflict about the whole plan: each half is sound, both together are not. */
    public static final String WHOLE = "";

    private final EnclosureMapper enclosures;
    private final Documents documents;
    private final Revisions revisions;
    private final OwnEntryService own;
    private final Quotas quotas;
    private final Audit audit;
    private final Clock clock;

    EnclosureService(
            EnclosureMapper enclosures,
            Documents documents,
            Revisions revisions,
            OwnEntryService own,
            Quotas quotas,
            Audit audit,
            Clock clock) {
        this.audit = audit;
        this.quotas = quotas;
        this.own = own;
        this.enclosures = enclosures;
        this.documents = documents;
        this.revisions = revisions;
        this.clock = clock;
    }

    /** What is in use. */
    public List<Enclosure> all(long keeperId) {
        return enclosures.findAll(keeperId, false).stream().map(this::enclosure).toList();
    }

    /** What is put away. */
    public List<Enclosure> archived(long keeperId) {
        return enclosures.findAll(keeperId, true).stream().map(this::enclosure).toList();
    }

    /** @throws NotFoundException if there is none, or this keeper may not see it */
    public Enclosure get(long keeperId, long id) {
        return enclosures
                .find(keeperId, id)
                .map(this::enclosure)
                .orElseThrow(() -> new NotFoundException("enclosure " + id));
    }

    /**
     * An enclosure that the keeper may change.
     *
     * @throws NotFoundException if this keeper may not see it
     * @throws ForbiddenException if this keeper may only look or take readings
     */
    public Enclosure changeable(long keeperId, long id) {
        return demand(get(keeperId, id), Role.KEEPER);
    }

    /** An enclosure whose log the keeper may write; throws as {@link #changeable}. */
    public Enclosure loggable(long keeperId, long id) {
        return demand(get(keeperId, id), Role.ASSISTANT);
    }

    /** An enclosure that the keeper owns; throws as {@link #changeable}. */
    public Enclosure owned(long keeperId, long id) {
        return demand(get(keeperId, id), Role.OWNER);
    }

    private static Enclosure demand(Enclosure enclosure, Role least) {
        if (enclosure.role().grade() < least.grade()) {
            throw new ForbiddenException(least.name().toLowerCase(Locale.ROOT));
        }
        return enclosure;
    }

    /** The design of an older save. @throws NotFoundException if there is none, or this keeper may not see it */
    public Design revision(long keeperId, long id, int revision) {
        return enclosures
                .document(keeperId, id, revision)
                .map(document -> documents.design(id, revision, document))
                .orElseThrow(() -> new NotFoundException("revision " + revision + " of " + id));
    }

    public List<RevisionRow> newest(long keeperId, long id, int most) {
        return enclosures.newest(keeperId, id, most);
    }

    /** @throws tanah.web.shell.LimitException where the keeper has as many as one may */
    @Transactional
    public long create(long keeperId, Design design, String phase, String summary) {
        quotas.enclosure(keeperId);
        long id = enclosures.insert(keeperId, design.name(), phase);
        String document = documents.written(own.embed(keeperId, design));
        enclosures.insertRevision(keeperId, id, 1, document, Revisions.cut(summary), null, null);
        return id;
    }

    /**
     * What a save came to.
     *
     * @param revision the new one
     * @param merged   whether somebody else had saved meanwhile, and both were put together
     */
    public record Saved(int revision, boolean merged) {}

    /**
     * Saves a design as the next revision. If somebody saved since, what both changed is put together field by field.
     *
     * @param base   revision that the change was made on
     * @param design the whole design as this keeper wants it
     * @throws ConflictException if both changed the same field; the design waits as a pending edit then
     */
    @Transactional(noRollbackFor = ConflictException.class)
    public Saved save(long keeperId, long id, int base, Design design, String summary) {
        return merge(keeperId, id, base, own.embed(keeperId, design), summary, Map.of());
    }

    private Saved merge(long keeperId, long id, int base, Design design, String summary, Map<String, Side> choices) {
        for (int i = 0; i < TRIES; i++) {
            Enclosure current = changeable(keeperId, id);
            if (current.revision() == base) {
                if (revisions.next(keeperId, id, base, design, summary, base, null)) {
                    return new Saved(base + 1, false);
                }
                continue;
            }
            Design before = base < 1 || base > current.revision() ? current.design() : revision(keeperId, id, base);
            Merged merged = DesignMerge.merge(before, design, current.design(), choices);
            Optional<Design> both = documents.accepted(merged.document());
            if (choices.get(WHOLE) == Side.MINE) {
                both = Optional.of(design);
            } else if (!merged.conflicts().isEmpty() || both.isEmpty()) {
                long pending = enclosures.insertPending(
                        keeperId, id, base, DesignWriter.writeCompact(design), Revisions.cut(summary));
                List<Conflict> open = merged.conflicts().isEmpty()
                        ? List.of(new Conflict(WHOLE, "", summary, ""))
                        : merged.conflicts();
                throw new ConflictException(current, open, pending);
            }
            if (revisions.next(keeperId, id, current.revision(), both.get(), summary, current.revision(), null)) {
                return new Saved(current.revision() + 1, true);
            }
        }
        throw new IllegalStateException("enclosure " + id + " changes faster than it can be saved");
    }

    /** A copy with its own history. */
    @Transactional
    public long duplicate(long keeperId, long id, String name, String summary) {
        return create(keeperId, get(keeperId, id).design().withName(name), "planning", summary);
    }

    @Transactional
    public void archive(long keeperId, long id, boolean archived) {
        changeable(keeperId, id);
        enclosures.archive(keeperId, id, archived);
    }

    /** Moves it out of sight for {@link #TRASH}. */
    @Transactional
    public void delete(long keeperId, long id) {
        Enclosure deleted = owned(keeperId, id);
        enclosures.delete(keeperId, id);
        audit.of(keeperId, AuditKind.ENCLOSURE_DELETED, deleted.design().name());
    }

    @Transactional
    public boolean restore(long keeperId, long id) {
        boolean back = enclosures.restore(keeperId, id) > 0;
        if (back) {
            audit.of(
                    keeperId,
                    AuditKind.ENCLOSURE_RESTORED,
                    owned(keeperId, id).design().name());
        }
        return back;
    }

    public List<TrashRow> trash(long keeperId) {
        return enclosures.trash(keeperId);
    }

    /** Whether the animal lives in it by now. */
    @Transactional
    public void setPhase(long keeperId, long id, String phase) {
        changeable(keeperId, id);
        enclosures.setPhase(keeperId, id, phase);
    }

    /** Deletes for good what has been in the trash for long enough. */
    @Transactional
    public int purge() {
        return enclosures.purge(OffsetDateTime.now(clock).minus(TRASH));
    }

    /**
     * A save that collided.
     *
     * @param id      of the pending edit
     * @param base    revision that it was made on
     * @param before  design of that revision
     * @param mine    what was to be saved
     * @param summary in words
     * @param madeAt  when
     */
    public record Pending(long id, int base, Design before, Design mine, String summary, OffsetDateTime madeAt) {}

    /** @throws NotFoundException if there is none, or it is another keeper's, or it was decided already */
    public Pending pending(long keeperId, long id, long pending) {
        PendingRow row = enclosures
                .pending(keeperId, id, pending)
                .orElseThrow(() -> new NotFoundException("pending edit " + pending));
        return new Pending(
                row.id(),
                row.baseRevision(),
                revision(keeperId, id, row.baseRevision()),
                documents.readStored(row.document()),
                row.summary(),
                row.madeAt());
    }

    public List<Long> pendingOf(long keeperId, long id) {
        return enclosures.allPending(keeperId, id).stream().map(PendingRow::id).toList();
    }

    /**
     * Saves a pending edit with a person's choices.
     *
     * @throws ConflictException if a field is still open, or somebody changed another one meanwhile
     */
    @Transactional(noRollbackFor = ConflictException.class)
    public Saved settle(long keeperId, long id, long pending, Map<String, Side> choices) {
        Pending edit = pending(keeperId, id, pending);
        enclosures.deletePending(keeperId, id, pending);
        return merge(keeperId, id, edit.base(), edit.mine(), edit.summary(), choices);
    }

    /** Gives up a pending edit. */
    @Transactional
    public void drop(long keeperId, long id, long pending) {
        enclosures.deletePending(keeperId, id, pending);
    }

    private Enclosure enclosure(EnclosureRow row) {
        return new Enclosure(
                row.id(),
                row.revision(),
                row.phase(),
                row.savedAt(),
                documents.design(row.id(), row.revision(), row.document()),
                Role.of(row.role()),
                row.archived(),
                row.undo(),
                row.redo());
    }
}
