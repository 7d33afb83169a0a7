package tanah.web.log;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Readings of enclosures. Every statement carries the keeper. */
@Mapper
interface ReadingMapper {
    void ensureYear(@Param("at") OffsetDateTime at);

    /** The id of the new row, or empty if the same reading came before or the enclosure is another keeper's. */
    Optional<Long> insert(@Param("keeperId") long keeperId, @Param("row") Reading.New row);

    /** The row that a client id has made before. */
    Optional<Long> idOf(@Param("keeperId") long keeperId, @Param("row") Reading.New row);

    List<Reading> all(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("after") OffsetDateTime after,
            @Param("afterId") long afterId,
            @Param("most") int most);

    /** Kinds of which there are readings. */
    List<String> kinds(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    void insertAll(@Param("keeperId") long keeperId, @Param("rows") List<Reading.New> rows);

    Optional<Reading> find(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);

    List<Reading> series(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("place") String place,
            @Param("kind") String kind,
            @Param("since") OffsetDateTime since);

    List<Reading> newest(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("most") int most);

    /** The newest of some kinds. */
    List<Reading> ofKinds(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("kinds") List<String> kinds,
            @Param("most") int most);

    /** The last reading of each place and kind. */
    List<Reading> last(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    Optional<OffsetDateTime> standsSince(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    /** The same for every enclosure that the keeper may see, in one question. */
    List<Shelved> lastOfAll(@Param("keeperId") long keeperId);

    /** A last reading and its enclosure. */
    record Shelved(
            long enclosureId, long id, String place, String kind, double value, OffsetDateTime takenAt, int version) {
        Reading reading() {
            return new Reading(id, place, kind, value, takenAt, version);
        }
    }

    /** The lowest and the highest of each day of a place. */
    List<Day> days(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("place") String place,
            @Param("kind") String kind,
            @Param("since") OffsetDateTime since);

    /** A day's lowest and highest, and when they were read. */
    record Day(double low, OffsetDateTime lowAt, double high, OffsetDateTime highAt) {}

    /** Keeps what the reading is now, so that a change can be taken back. */
    int remember(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);

    /** Returns 1, or 0 if the row has another version by now. */
    int update(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("row") Reading row,
            @Param("deleted") boolean deleted);

    /** Puts the last change back; returns 0 if there is none. */
    int takeBack(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);

    void forgetChange(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);
}
