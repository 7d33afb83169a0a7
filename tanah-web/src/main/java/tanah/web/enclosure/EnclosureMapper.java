package tanah.web.enclosure;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Enclosures and their revisions. Every statement carries the keeper. */
@Mapper
interface EnclosureMapper {
    List<EnclosureRow> findAll(@Param("keeperId") long keeperId);

    Optional<EnclosureRow> find(@Param("keeperId") long keeperId, @Param("id") long id);

    Optional<String> document(@Param("keeperId") long keeperId, @Param("id") long id, @Param("revision") int revision);

    List<RevisionRow> newest(@Param("keeperId") long keeperId, @Param("id") long id, @Param("most") int most);

    long insert(@Param("keeperId") long keeperId, @Param("name") String name, @Param("phase") String phase);

    /** Returns 1, or 0 if the enclosure has another revision by now or is another keeper's. */
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
            @Param("summary") String summary);
}
