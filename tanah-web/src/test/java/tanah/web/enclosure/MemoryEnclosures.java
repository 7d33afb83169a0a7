package tanah.web.enclosure;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Enclosures in memory, with the rules that the statements keep: every row is asked for by its keeper. */
final class MemoryEnclosures implements EnclosureMapper {
    static final OffsetDateTime NOON = OffsetDateTime.parse("2026-11-30T12:00:00Z");

    private record Save(String document, String summary, OffsetDateTime at, Steps steps) {}

    private static final class Box {
        private final Map<Long, String> roles = new HashMap<>();
        private final Map<Integer, Save> saves = new LinkedHashMap<>();
        private final Map<Long, PendingRow> pending = new LinkedHashMap<>();
        private int revision = 1;
    }

    private final Map<Long, Box> boxes = new HashMap<>();
    private long next = 1;

    /** Runs before the next save counts, as somebody else who was quicker. */
    private final List<Consumer<MemoryEnclosures>> quicker = new ArrayList<>();

    void share(long id, long keeper, String role) {
        box(id).roles.put(keeper, role);
    }

    void before(Consumer<MemoryEnclosures> other) {
        quicker.add(other);
    }

    OffsetDateTime savedAt(long id, int revision) {
        return box(id).saves.get(revision).at();
    }

    String summary(long id, int revision) {
        return box(id).saves.get(revision).summary();
    }

    private Box box(long id) {
        Box box = boxes.get(id);
        if (box == null) {
            throw new AssertionError("no enclosure " + id);
        }
        return box;
    }

    private Optional<Box> seen(long keeper, long id) {
        return Optional.ofNullable(boxes.get(id)).filter(b -> b.roles.containsKey(keeper));
    }

    private EnclosureRow row(long keeper, long id, Box b) {
        Save newest = b.saves.get(b.revision);
        return new EnclosureRow(
                id,
                b.revision,
                "planning",
                newest.at(),
                newest.document(),
                b.roles.get(keeper),
                false,
                newest.steps().beforeRevision() != null,
                newest.steps().redoRevision() != null);
    }

    @Override
    public List<EnclosureRow> findAll(long keeperId, boolean archived) {
        return boxes.entrySet().stream()
                .filter(e -> e.getValue().roles.containsKey(keeperId))
                .map(e -> row(keeperId, e.getKey(), e.getValue()))
                .toList();
    }

    @Override
    public Optional<EnclosureRow> find(long keeperId, long id) {
        return seen(keeperId, id).map(b -> row(keeperId, id, b));
    }

    @Override
    public Optional<String> document(long keeperId, long id, int revision) {
        return seen(keeperId, id)
                .flatMap(b -> Optional.ofNullable(b.saves.get(revision)))
                .map(Save::document);
    }

    @Override
    public List<RevisionRow> newest(long keeperId, long id, int most) {
        return List.of();
    }

    @Override
    public Optional<Steps> steps(long keeperId, long id, int revision) {
        return seen(keeperId, id)
                .flatMap(b -> Optional.ofNullable(b.saves.get(revision)))
                .map(Save::steps);
    }

    @Override
    public long insert(long keeperId, String name, String phase) {
        Box box = new Box();
        box.roles.put(keeperId, "owner");
        boxes.put(next, box);
        return next++;
    }

    @Override
    public int advance(long keeperId, long id, String name, int revision) {
        if (!quicker.isEmpty()) {
            quicker.remove(0).accept(this);
        }
        Optional<Box> box = seen(keeperId, id);
        if (box.isEmpty() || box.get().revision != revision) {
            return 0;
        }
        box.get().revision++;
        return 1;
    }

    @Override
    public void insertRevision(
            long keeperId,
            long id,
            int revision,
            String document,
            String summary,
            @Nullable Integer before,
            @Nullable Integer redo) {
        box(id).saves.put(revision, new Save(document, summary, NOON, new Steps(revision, before, redo)));
    }

    @Override
    public void dateRevision(long keeperId, long id, int revision, OffsetDateTime savedAt) {
        Save s = box(id).saves.get(revision);
        box(id).saves.put(revision, new Save(s.document(), s.summary(), savedAt, s.steps()));
    }

    @Override
    public int archive(long keeperId, long id, boolean archived) {
        return 1;
    }

    @Override
    public int delete(long keeperId, long id) {
        return boxes.remove(id) == null ? 0 : 1;
    }

    @Override
    public int restore(long keeperId, long id) {
        return 0;
    }

    @Override
    public List<TrashRow> trash(long keeperId) {
        return List.of();
    }

    @Override
    public int setPhase(long keeperId, long id, String phase) {
        return 1;
    }

    @Override
    public int purge(OffsetDateTime before) {
        return 0;
    }

    @Override
    public long insertPending(long keeperId, long id, int base, String document, String summary) {
        box(id).pending.put(next, new PendingRow(next, base, document, summary, NOON));
        return next++;
    }

    @Override
    public Optional<PendingRow> pending(long keeperId, long id, long pending) {
        return seen(keeperId, id).flatMap(b -> Optional.ofNullable(b.pending.get(pending)));
    }

    @Override
    public List<PendingRow> allPending(long keeperId, long id) {
        return seen(keeperId, id).map(b -> List.copyOf(b.pending.values())).orElse(List.of());
    }

    @Override
    public int deletePending(long keeperId, long id, long pending) {
        return box(id).pending.remove(pending) == null ? 0 : 1;
    }
}
