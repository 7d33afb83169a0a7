package tanah.web.security;

import java.time.OffsetDateTime;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Tries to sign in of the last while, and devices that keepers have signed in with. */
@Mapper
interface SignInMapper {
    /** Until the end of the transaction nobody else counts for the same name or address. */
    void lock(@Param("key") String key);

    /** Of a name from an address, on devices that are not known. */
    Tries ofPair(@Param("name") String name, @Param("address") String address, @Param("since") OffsetDateTime since);

    Tries ofName(@Param("name") String name, @Param("since") OffsetDateTime since);

    Tries ofAddress(@Param("address") String address, @Param("since") OffsetDateTime since);

    Tries ofDevice(@Param("name") String name, @Param("device") String device, @Param("since") OffsetDateTime since);

    void insert(
            @Param("name") String name,
            @Param("address") String address,
            @Param("device") String device,
            @Param("at") OffsetDateTime at);

    /** Forgets what somebody who got in tried from there, and everybody's tries that are older than the window. */
    void forgive(
            @Param("name") String name,
            @Param("address") String address,
            @Param("device") String device,
            @Param("before") OffsetDateTime before);

    boolean isKnown(@Param("name") String name, @Param("device") String device);

    void know(@Param("keeper") long keeper, @Param("device") String device, @Param("at") OffsetDateTime at);

    /** Leaves a keeper the devices that were seen last. */
    void keepNewest(@Param("keeper") long keeper, @Param("most") int most);
}
