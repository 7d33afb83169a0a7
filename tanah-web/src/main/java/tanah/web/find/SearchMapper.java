package tanah.web.find;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Searches. What a keeper asks carries the keeper; what the worker writes names the search that it was given. */
@Mapper
interface SearchMapper {
    Optional<SearchRow> newest(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("subject") String subject);

    /** Empty where one runs already, or the keeper may not change the enclosure. */
    Optional<Long> insert(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("base") int base,
            @Param("subject") String subject,
            @Param("asked") String asked);

    /** A search that was taken from those that wait. */
    record Claim(long id, long enclosureId, long author, int base, String subject, String asked) {}

    /** Takes the next that waits, of the keeper with the fewest running; no other process can take the same. */
    Optional<Claim> claim(@Param("owner") String owner);

    /** Says that a process still works on the one that it took. */
    int beat(@Param("owner") String owner, @Param("id") long id);

    /** Returns 0 where it was stopped meanwhile. */
    int progress(
            @Param("id") long id,
            @Param("owner") String owner,
            @Param("progress") int progress,
            @Param("said") String said);

    int end(
            @Param("id") long id,
            @Param("owner") String owner,
            @Param("state") String state,
            @Param("answer") String answer);

    int waiting();

    /** Puts back what a process that ends has not finished. */
    int leave(@Param("owner") String owner);

    int stop(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("subject") String subject);

    /**
     * Lets those wait again whose process has been silent for so many seconds.
     *
     * @param tries how often one is begun; then it has failed
     */
    int lost(@Param("silence") int silence, @Param("tries") int tries);

    int forget(@Param("enclosureId") long enclosureId, @Param("subject") String subject);
}
