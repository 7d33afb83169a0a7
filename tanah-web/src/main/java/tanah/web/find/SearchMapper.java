package tanah.web.find;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Searches. What a keeper asks carries the keeper; what the worker writes names the search that it was given. */
@Mapper
interface SearchMapper {
    Optional<SearchRow> newest(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    /** Empty where one runs already, or the keeper may not change the enclosure. */
    Optional<Long> insert(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("base") int base);

    int begin(@Param("id") long id);

    /** Returns 0 where it was stopped meanwhile. */
    int progress(@Param("id") long id, @Param("progress") int progress);

    int end(@Param("id") long id, @Param("state") String state, @Param("answer") String answer);

    int stop(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    /** Those that a restart broke off. */
    int lost();

    int forget(@Param("enclosureId") long enclosureId);
}
