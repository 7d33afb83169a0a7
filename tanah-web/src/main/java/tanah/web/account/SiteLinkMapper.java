package tanah.web.account;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Links of the owner of the site, by the hashes of their secrets. */
@Mapper
interface SiteLinkMapper {
    void insert(
            @Param("purpose") String purpose,
            @Param("hash") String hash,
            @Param("keeperId") @Nullable Long keeperId,
            @Param("expiresAt") OffsetDateTime expiresAt);

    /** One that still holds. */
    Optional<SiteLink> find(
            @Param("purpose") String purpose, @Param("hash") String hash, @Param("now") OffsetDateTime now);

    /** 1 if it still held; it is used up then. */
    int use(@Param("purpose") String purpose, @Param("hash") String hash, @Param("now") OffsetDateTime now);

    /** Links to register that still hold. */
    List<SiteLink> open(@Param("now") OffsetDateTime now);

    int withdraw(@Param("id") long id);

    /** Links of a keeper that were not used hold no longer. */
    void withdrawOf(@Param("keeperId") long keeperId);

    int forget(@Param("before") OffsetDateTime before);
}
