package tanah.web.log;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Files of readings that wait for a yes. Every statement on one carries the keeper. */
@Mapper
interface PendingImportMapper {
    record Row(long id, String name, String content) {}

    long insert(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("name") String name,
            @Param("content") String content);

    Optional<Row> find(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);

    int delete(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);

    /** Files that nobody decided on for a day. */
    int forgetOld();
}
