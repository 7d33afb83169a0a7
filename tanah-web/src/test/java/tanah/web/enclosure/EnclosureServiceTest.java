package tanah.web.enclosure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Design;
import tanah.core.design.HeatDay;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.compare.DesignMerge.Side;
import tanah.files.design.DesignReader;
import tanah.web.audit.Audit;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.quota.Quotas;
import tanah.web.shell.ForbiddenException;
import tanah.web.shell.NotFoundException;

/** Nothing that was saved is lost: not by two who save at once, not by going back, not by a collision. */
class EnclosureServiceTest {
    private static final long OWNER = 1;
    private static final long OTHER = 2;
    private static final DesignReader READER = new DesignReader(CatalogueReader.read());

    private final MemoryEnclosures stored = new MemoryEnclosures();
    private final OwnEntryService own = mock(OwnEntryService.class);
    private final Documents documents = new Documents(READER);
    private final Revisions revisions = new Revisions(stored, documents);
    private final EnclosureService service = new EnclosureService(
            stored, documents, revisions, own, mock(Quotas.class), mock(Audit.class), Clock.systemUTC());
    private final EnclosureHistory history = new EnclosureHistory(service, stored, revisions, own);

    private long id;

    @BeforeEach
    void oneEnclosure() {
        when(own.embed(anyLong(), any())).thenAnswer(call -> call.getArgument(1));
        id = service.create(OWNER, plan("Toads", 12), "planning", "begun");
        stored.share(id, OTHER, "keeper");
    }

    private static Design plan(String name, double hours) {
        return Design.named(name)
                .withHeat(new HeatDay(java.util.OptionalDouble.of(hours), java.util.OptionalDouble.of(8)));
    }

    private Design now() {
        return service.get(OWNER, id).design();
    }

    private void save(int base, Design design, String summary) {
        service.save(OWNER, id, base, design, summary);
    }

    // ---- saving

    /** A plan that could not be read again would never be seen any more: it is not stored, and the page is told why. */
    @ParameterizedTest
    @ValueSource(doubles = {-1, 24.5, 1e6})
    void whatCouldNotBeReadAgainIsNotStored(double hours) {
        assertThatThrownBy(() -> save(1, plan("Toads", hours), "wrong"))
                .isInstanceOfSatisfying(
                        RefusedPlanException.class,
                        e -> assertThat(e.problems()).isNotEmpty());
        assertThatThrownBy(() -> service.create(OWNER, plan("More", hours), "planning", "begun"))
                .isInstanceOf(RefusedPlanException.class);
        assertThat(service.revision(OWNER, id, 1).heat().hours()).isEqualTo(12);
    }

    @Test
    void aSaveIsTheNextRevisionAndTheOldOneStays() {
        EnclosureService.Saved saved = service.save(OWNER, id, 1, plan("Toads", 10), "shorter");
        assertThat(saved).isEqualTo(new EnclosureService.Saved(2, false));
        assertThat(now().heat().hours()).isEqualTo(10);
        assertThat(service.revision(OWNER, id, 1).heat().hours()).isEqualTo(12);
        assertThat(stored.summary(id, 2)).isEqualTo("shorter");
    }

    @Test
    void twoWhoChangeDifferentFieldsAreBothKept() {
        save(1, plan("Toads", 10), "shorter");
        EnclosureService.Saved second = service.save(OTHER, id, 1, plan("Frogs", 12), "renamed");
        assertThat(second).isEqualTo(new EnclosureService.Saved(3, true));
        assertThat(now().name()).isEqualTo("Frogs");
        assertThat(now().heat().hours()).isEqualTo(10);
    }

    @Test
    void oneWhoIsQuickerIsMergedAndNotOverwritten() {
        stored.before(s -> {
            s.advance(OTHER, id, "Frogs", 1);
            s.insertRevision(
                    OTHER, id, 2, tanah.files.design.DesignWriter.writeCompact(plan("Frogs", 12)), "renamed", 1, null);
        });
        EnclosureService.Saved saved = service.save(OWNER, id, 1, plan("Toads", 10), "shorter");
        assertThat(saved).isEqualTo(new EnclosureService.Saved(3, true));
        assertThat(now()).isEqualTo(plan("Frogs", 10));
    }

    @Test
    void twoWhoChangeTheSameFieldAreAskedAndNothingIsLost() {
        save(1, plan("Toads", 10), "shorter");
        ConflictException e = catchThrowableOfType(
                ConflictException.class, () -> service.save(OTHER, id, 1, plan("Frogs", 14), "longer"));
        assertThat(e.conflicts()).hasSize(1);
        assertThat(now()).as("what stands").isEqualTo(plan("Toads", 10));
        EnclosureService.Pending waits = service.pending(OTHER, id, e.pending());
        assertThat(waits.mine()).isEqualTo(plan("Frogs", 14));
        assertThat(waits.before()).isEqualTo(plan("Toads", 12));
        assertThat(service.pendingOf(OTHER, id)).containsExactly(e.pending());
    }

    @ParameterizedTest
    @CsvSource({"MINE, 14", "THEIRS, 10"})
    void aChoiceSettlesWhatCollided(Side side, double hours) {
        save(1, plan("Toads", 10), "shorter");
        ConflictException e = catchThrowableOfType(
                ConflictException.class, () -> service.save(OTHER, id, 1, plan("Frogs", 14), "longer"));
        String path = e.conflicts().get(0).path();
        EnclosureService.Saved saved = service.settle(OTHER, id, e.pending(), Map.of(path, side));
        assertThat(saved.revision()).isEqualTo(3);
        assertThat(now()).isEqualTo(plan("Frogs", hours));
        assertThat(service.pendingOf(OTHER, id)).isEmpty();
        assertThat(service.revision(OWNER, id, 2)).as("the other's save").isEqualTo(plan("Toads", 10));
    }

    @Test
    void aPendingEditCanBeGivenUp() {
        save(1, plan("Toads", 10), "shorter");
        ConflictException e = catchThrowableOfType(
                ConflictException.class, () -> service.save(OTHER, id, 1, plan("Toads", 14), "longer"));
        service.drop(OTHER, id, e.pending());
        assertThatThrownBy(() -> service.pending(OTHER, id, e.pending())).isInstanceOf(NotFoundException.class);
        assertThat(now()).isEqualTo(plan("Toads", 10));
    }

    @Test
    void aLongSummaryIsCutAndTheSaveIsKept() {
        save(1, plan("Toads", 10), "x".repeat(201));
        assertThat(stored.summary(id, 2)).hasSize(200);
        save(2, plan("Toads", 11), "x".repeat(200));
        assertThat(stored.summary(id, 3)).hasSize(200);
    }

    // ---- back and forth

    @Test
    void undoAndRedoWalkBackAndForthAndKeepEverySave() {
        save(1, plan("Toads", 10), "ten");
        save(2, plan("Toads", 9), "nine");
        assertThat(history.undo(OWNER, id, "back")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(10);
        assertThat(history.undo(OWNER, id, "back")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(12);
        assertThat(history.undo(OWNER, id, "back"))
                .as("nothing before the first")
                .isFalse();
        assertThat(history.redo(OWNER, id, "again")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(10);
        assertThat(history.redo(OWNER, id, "again")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(9);
        assertThat(history.redo(OWNER, id, "again"))
                .as("nothing was taken back")
                .isFalse();
        assertThat(service.get(OWNER, id).revision()).isEqualTo(7);
        assertThat(service.revision(OWNER, id, 3).heat().hours()).isEqualTo(9);
    }

    @Test
    void aSaveAfterUndoLeavesNothingToMakeAgain() {
        save(1, plan("Toads", 10), "ten");
        history.undo(OWNER, id, "back");
        save(3, plan("Toads", 8), "eight");
        assertThat(history.redo(OWNER, id, "again")).isFalse();
        assertThat(history.undo(OWNER, id, "back")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(12);
    }

    @Test
    void anOlderSaveIsMadeTheNewestAndCanBeTakenBack() {
        save(1, plan("Toads", 10), "ten");
        save(2, plan("Toads", 9), "nine");
        assertThat(history.goBack(OWNER, id, 1, "as begun")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(12);
        assertThat(history.undo(OWNER, id, "back")).isTrue();
        assertThat(now().heat().hours()).isEqualTo(9);
        assertThatThrownBy(() -> history.goBack(OWNER, id, 99, "nowhere")).isInstanceOf(NotFoundException.class);
    }

    // ---- out of an archive

    @Test
    void aHistoryIsMadeSaveBySaveWithItsDates() {
        OffsetDateTime old = OffsetDateTime.parse("2024-05-06T07:08:09Z");
        List<EnclosureHistory.Old> saves = new ArrayList<>(List.of(
                new EnclosureHistory.Old(plan("A", 12), "first", old),
                new EnclosureHistory.Old(plan("A", 11), "second", old.plusDays(1)),
                new EnclosureHistory.Old(plan("B", 11), "third", null)));
        long made = history.restoreHistory(OWNER, saves.iterator(), "kept");
        assertThat(service.get(OWNER, made).revision()).isEqualTo(3);
        assertThat(service.get(OWNER, made).design()).isEqualTo(plan("B", 11));
        assertThat(stored.savedAt(made, 1)).isEqualTo(old);
        assertThat(stored.savedAt(made, 2)).isEqualTo(old.plusDays(1));
        assertThat(stored.savedAt(made, 3)).isEqualTo(MemoryEnclosures.NOON);
        assertThat(history.undo(OWNER, made, "back")).isTrue();
        assertThat(service.get(OWNER, made).design()).isEqualTo(plan("A", 11));
    }

    // ---- who may

    @ParameterizedTest
    @CsvSource({"reader, false, false, false", "assistant, true, false, false", "keeper, true, true, false"})
    void aGradeMayWhatItMay(String role, boolean log, boolean change, boolean own) {
        stored.share(id, 9, role);
        assertThat(service.get(9, id).role().mayLog()).isEqualTo(log);
        demand(log, () -> service.loggable(9, id));
        demand(change, () -> service.changeable(9, id));
        demand(own, () -> service.owned(9, id));
        demand(change, () -> service.save(9, id, 1, plan("Mine", 12), "renamed"));
        assertThat(now().name()).isEqualTo(change ? "Mine" : "Toads");
    }

    private static void demand(boolean may, org.assertj.core.api.ThrowableAssert.ThrowingCallable act) {
        Optional<Throwable> thrown = Optional.ofNullable(org.assertj.core.api.Assertions.catchThrowable(act));
        assertThat(thrown.isEmpty()).isEqualTo(may);
        thrown.ifPresent(e -> assertThat(e).isInstanceOf(ForbiddenException.class));
    }

    @Test
    void aStrangerSeesNoEnclosureAndNoSave() {
        long stranger = 77;
        assertThat(service.all(stranger)).isEmpty();
        assertThatThrownBy(() -> service.get(stranger, id)).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> service.revision(stranger, id, 1)).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> service.save(stranger, id, 1, plan("x", 1), "x"))
                .isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> history.undo(stranger, id, "x")).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> history.redo(stranger, id, "x")).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> history.goBack(stranger, id, 1, "x")).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> service.duplicate(stranger, id, "x", "x")).isInstanceOf(NotFoundException.class);
        assertThat(now()).isEqualTo(plan("Toads", 12));
    }
}
