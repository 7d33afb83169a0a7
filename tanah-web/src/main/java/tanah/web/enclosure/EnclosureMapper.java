package tanah.web.enclosure;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Enclosures and their revisions. Every statement carries the keeper, and those that write ask for the grade. */
@Mapper
interface EnclosureMapper {
    List<EnclosureRow> findAll(@Param("keeperId") long keeperId, @Param("archived") boolean archived);

    Optional<EnclosureRow> find(@Param("keeperId") long keeperId, @Param("id") long id);

    Optional<String> document(@Param("keeperId") long keeperId, @Param("id") long id, @Param("revision") int revision);

    List<RevisionRow> newest(@Param("keeperId") long keeperId, @Param("id") long id, @Param("most") int most);

    /** Where undo and redo of the newest save lead. */
    Optional<Steps> steps(@Param("keeperId") long keeperId, @Param("id") long id, @Param("revision") int revision);

    record Steps(
            int revision,
            @Nullable Integer beforeRevision,
            @Nullable Integer redoRevision) {}

    long insert(@Param("keeperId") long keeperId, @Param("name") String name, @Param("phase") String phase);

    /** Returns 1, or 0 if the enclosure has another revision by now or this keeper may not change it. */
    int advance(
            @Param("keeperId") long keeperId,
            @Param("id") long id,
            @Param("name") String name,
            @Param("revision") int revision);

    void insertRevision(
            @Param("keeperId") long keeperId,
            @Param("id") long id,
            @Param("revision") int revision,
            @Param("document") String document,
            @Param("summary") String summary,
            @Param("before") @Nullable Integer before,
            @Param("redo") @Nullable Integer redo);

    /** Dates a save of an archive that was taken in. */
    void dateRevision(
            @Param("keeperId") long keeperId,
            @Param("id") long id,
            @Param("revision") int revision,
            @Param("savedAt") OffsetDateTime savedAt);

    int archive(@Param("keeperId") long keeperId, @Param("id") long id, @Param("archived") boolean archived);

    /** Moves it out of sight; its owner can bring it back. */
    int delete(@Param("keeperId") long keeperId, @Param("id") long id);

    int restore(@Param("keeperId") long keeperId, @Param("id") long id);

    List<TrashRow> trash(@Param("keeperId") long keeperId);

    int setPhase(@Param("keeperId") long keeperId, @Param("id") long id, @Param("phase") String phase);

    /** Deletes for good, of all keepers, what was deleted before a time. */
    int purge(@Param("before") OffsetDateTime before);

    long insertPending(
            @Param("keeperId") long keeperId,
            @Param("id") long id,
            @Param("base") int base,
            @Param("document") String document,
            @Param("summary") String summary);

    Optional<PendingRow> pending(
            @Param("keeperId") long keeperId, @Param("id") long id, @Param("pending") long pending);

    List<PendingRow> allPending(@Param("keeperId") long keeperId, @Param("id") long id);

    int deletePending(@Param("keeperId") long keeperId, @Param("id") long id, @Param("pending") long pending);
}
