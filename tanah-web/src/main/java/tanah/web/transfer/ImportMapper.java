package tanah.web.transfer;

import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Archives that are being read in. Statements of a keeper carry the keeper's id, those of a process its own. */
@Mapper
interface ImportMapper {
    /** The id of the new one; empty while another of the keeper is being read. */
    Optional<Long> insert(
            @Param("keeperId") long keeperId, @Param("fileName") String fileName, @Param("owner") UUID owner);

    Optional<ImportJob> find(@Param("keeperId") long keeperId, @Param("id") long id);

    /** The one of a keeper that is being read. */
    Optional<Long> running(@Param("keeperId") long keeperId);

    /** 0 where it does not run any more. */
    int progress(@Param("id") long id, @Param("done") int done, @Param("total") int total);

    /** 0 where it does not run any more. */
    int end(@Param("id") long id, @Param("state") String state, @Param("answer") String answer);

    int stop(@Param("keeperId") long keeperId, @Param("id") long id);

    /** Of those that a process holds; at least one. */
    void beat(@Param("ids") Collection<Long> ids);

    /** Those whose process has not been heard of. */
    int lost(@Param("silence") int silence);

    void leave(@Param("owner") UUID owner);

    void forget(@Param("days") int days);
}
