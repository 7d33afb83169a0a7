package tanah.web.audit;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** The record in the database. */
@Mapper
interface AuditMapper {
    void insert(
            @Param("at") OffsetDateTime at,
            @Param("kind") String kind,
            @Param("keeperId") long keeperId,
            @Param("subject") String subject,
            @Param("address") String address);

    void insertStranger(
            @Param("at") OffsetDateTime at,
            @Param("kind") String kind,
            @Param("nameKey") String nameKey,
            @Param("address") String address);

    /** Whether there is a line of a kind from an address since a time. */
    boolean isTold(@Param("kind") String kind, @Param("address") String address, @Param("since") OffsetDateTime since);

    /** The newest first. */
    List<AuditLine> page(
            @Param("kind") @Nullable String kind, @Param("before") @Nullable Long before, @Param("most") int most);

    int forget(@Param("before") OffsetDateTime before);
}
