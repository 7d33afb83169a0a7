package tanah.web.log;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Events of enclosures and their photos. Every statement carries the keeper. */
@Mapper
interface EventMapper {
    List<Event> newest(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("most") int most);

    List<Event> ofKinds(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("kinds") List<String> kinds);

    Optional<Event> find(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("id") long id);

    Optional<Long> insert(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("row") Event.New row);

    /** Returns 1, or 0 if the row has another version by now. */
    int update(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("id") long id,
            @Param("version") int version,
            @Param("row") Event.New row);

    /** Keeps an event as it is now, before {@link #changeBack}. */
    int rememberNow(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("change") long change);

    /** Makes an event what it was before a change. */
    int changeBack(
            @Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId, @Param("change") long change);

    int setDeleted(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("id") long id,
            @Param("deleted") boolean deleted);

    List<Event.Photo> photos(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    Optional<Long> insertPhoto(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("eventId") long eventId,
            @Param("width") int width,
            @Param("height") int height,
            @Param("bytes") int bytes);

    void insertContent(
            @Param("keeperId") long keeperId,
            @Param("photoId") long photoId,
            @Param("size") String size,
            @Param("jpeg") byte[] jpeg);

    Optional<Event.Picture> content(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("photoId") long photoId,
            @Param("size") String size);

    /** Keeps an event as it is before it is changed; nothing where it has another version by now. */
    int remember(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("id") long id,
            @Param("version") int version);

    int setPhotoDeleted(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("photoId") long photoId,
            @Param("deleted") boolean deleted);
}
