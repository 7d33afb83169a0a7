package tanah.web.quota;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** What keepers have stored, and how much they may. */
@Mapper
interface QuotaMapper {
    Optional<Long> limit(@Param("key") String key);

    void put(@Param("key") String key, @Param("limit") long limit);

    /** Of two saves of one keeper the second waits for the first; until the transaction ends. */
    Optional<Long> hold(@Param("keeperId") long keeperId);

    long enclosures(@Param("keeperId") long keeperId, @Param("bin") boolean bin);

    /** The owner of an enclosure. */
    Optional<Long> owner(@Param("enclosureId") long enclosureId);

    Stored photos(@Param("keeperId") long keeperId);

    /** Adds readings to those of today. @return how many they are now */
    Optional<Long> addReadings(@Param("keeperId") long keeperId, @Param("count") long count);

    int forgetDays();

    /**
     * @param count of photos
     * @param bytes of all
     */
    record Stored(long count, long bytes) {}
}
