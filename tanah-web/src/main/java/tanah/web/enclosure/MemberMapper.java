package tanah.web.enclosure;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Who else may see or change an enclosure. Statements of the owner carry the owner's id. */
@Mapper
interface MemberMapper {
    List<Members.Member> all(@Param("keeperId") long keeperId, @Param("id") long id);

    List<Members.Invitation> invitations(@Param("keeperId") long keeperId, @Param("id") long id);

    void invite(
            @Param("keeperId") long keeperId,
            @Param("id") long id,
            @Param("role") String role,
            @Param("hash") String hash,
            @Param("expiresAt") OffsetDateTime expiresAt);

    int revoke(@Param("keeperId") long keeperId, @Param("id") long id, @Param("invitation") long invitation);

    int remove(@Param("keeperId") long keeperId, @Param("id") long id, @Param("member") long member);

    int leave(@Param("keeperId") long keeperId, @Param("id") long id);

    /** An invitation that still holds, by the hash of its secret. */
    Optional<Members.Offer> offer(@Param("hash") String hash, @Param("now") OffsetDateTime now);

    /** Returns 1 if the invitation was still open; it is used up then. */
    int use(@Param("keeperId") long keeperId, @Param("hash") String hash, @Param("now") OffsetDateTime now);

    void join(@Param("keeperId") long keeperId, @Param("id") long id, @Param("role") String role);
}
