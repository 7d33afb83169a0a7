package tanah.web.catalogue;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** A keeper's own entries of the catalogue. Every statement carries the keeper. */
@Mapper
interface OwnEntryMapper {
    List<OwnEntry> all(@Param("keeperId") long keeperId);

    Optional<OwnEntry> find(
            @Param("keeperId") long keeperId, @Param("kind") String kind, @Param("entryId") String entryId);

    void insert(
            @Param("keeperId") long keeperId,
            @Param("kind") String kind,
            @Param("entryId") String entryId,
            @Param("baseId") @Nullable String baseId,
            @Param("entry") String entry,
            @Param("reason") String reason);

    /** Returns 1, or 0 if the entry has another version by now. */
    int update(
            @Param("keeperId") long keeperId,
            @Param("kind") String kind,
            @Param("entryId") String entryId,
            @Param("entry") String entry,
            @Param("reason") String reason,
            @Param("version") int version);

    int delete(@Param("keeperId") long keeperId, @Param("kind") String kind, @Param("entryId") String entryId);
}
